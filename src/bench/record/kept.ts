import type { Issue } from '@/core/quantity/result';
import type { Edit, Standing } from '@/core/record/edits';
import type { JobEvent, Reading } from '@/core/record/entries';

/**
 * What the database has not yet acknowledged: entries, photographs, and edits of a job. It lives in this browser (IndexedDB) and is sent
 * again until acknowledged. What is refused stays here with the reasons, until a person corrects it or leaves it out: nothing unread is
 * ever let go.
 */
type InJob = { id: string; jobId: string; refused: readonly Issue[] | null };

export type KeptEntry = InJob & ({ type: 'reading'; entry: Reading } | { type: 'event'; entry: JobEvent });

/** It may be the only one there is: a camera in a browser keeps no copy. */
export type KeptPhotograph = InJob & {
  type: 'photograph';
  seatId: string | null;
  personId: string;
  takenAt: string;
  name: string;
  file: Blob;
};

/** `standing`: what somebody else left there, when it was refused for that. */
export type KeptEdit = InJob & { type: 'edit'; edit: Edit; standing?: Standing };

export type Kept = KeptEntry | KeptPhotograph | KeptEdit;

export const isEntry = (kept: Kept): kept is KeptEntry => kept.type === 'reading' || kept.type === 'event';
export const isEdit = (kept: Kept): kept is KeptEdit => kept.type === 'edit';
export const isPhotograph = (kept: Kept): kept is KeptPhotograph => kept.type === 'photograph';
