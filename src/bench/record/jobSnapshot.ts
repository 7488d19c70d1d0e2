'use client';
import type { JobView, JobViewer } from '@/core/job/seatView';
import { advance, rebuild, type Entry } from '@/core/project/advance';
import type { JobState } from '@/core/project/jobState';
import type { LoadedJob, ProjectedJob } from '@/core/project/project';
import { applyEdit } from '@/core/record/edits';
import type { Entries } from '@/core/record/entries';
import { isEdit, isEntry, type KeptInJob } from './kept';
import { marksOf, type SeatMarkState } from './seatMarkStates';
import { withChanges, type ShopChange } from './shopChanges';
import { added, NO_ENTRIES, type WholeRecord } from './wholeRecord';

/** A job as this screen shows it: what is stored, and what is still kept here. The same object until something changes. */
export type JobSnapshot = {
  record: ProjectedJob;
  job: JobView;
  /** The very same list until one of them is another. */
  marks: readonly SeatMarkState[];
  keptIds: ReadonlySet<string>;
  /** Changes of its map or plan that wait to be stored. */
  waitingEdits: number;
  refused: KeptInJob[];
  /** Every entry, stored or kept; null while they are not here. */
  entries: Entries | null;
};

export type ShownJob = Omit<JobSnapshot, 'entries'>;

/**
 * The state of `job` after more entries; made anew from the whole record where they bear on what came before. `behind`: entries that lie
 * between the whole record and these. Null where the whole record is wanted, and not here.
 */
export function advancedOrRebuilt(
  { state: from, castings }: Pick<LoadedJob, 'state' | 'castings'>,
  whole: WholeRecord | null,
  entries: readonly Entry[],
  behind: Entries,
): JobState | null {
  let state: JobState | null = from;
  for (const entry of entries) state = state && advance(state, castings, entry);
  if (state || !whole) return state;
  const { readings, events } = whole.entries;
  return rebuild(castings, {
    readings: [...readings, ...behind.readings],
    events: [...events, ...behind.events],
  });
}

type Sources = {
  stored: LoadedJob;
  /** Entries that were kept here and have come to be stored since `stored` was read. */
  isStored: (entryId: string) => boolean;
  whole: WholeRecord | null;
  kept: readonly KeptInJob[];
  shopChanges: readonly ShopChange[];
  /** When `stored` was read, by the server's clock. */
  readMs: number;
  viewer: JobViewer;
  /** As they were in the snapshot before this one. */
  marks: readonly SeatMarkState[] | undefined;
  nowMs: number;
};

/** The job as it stands with everything that waits here to be stored. */
export function snapshotOf(sources: Sources): JobSnapshot {
  const { stored, isStored, whole, kept, viewer, nowMs } = sources;
  const waiting = kept.filter(isEntry).filter(({ refused, id }) => refused === null && !isStored(id));
  const edits = kept.filter(isEdit).filter(({ refused }) => refused === null);
  let behind = NO_ENTRIES;
  let { state } = stored;
  for (const entry of waiting) {
    behind = added(behind, [entry]);
    // Without the whole record an undo shows when it has come.
    state = advancedOrRebuilt({ ...stored, state }, whole, [entry], behind) ?? state;
  }
  const { version: _version, ...head } = edits.reduce((job, { edit }) => applyEdit(job, edit), stored);
  const { tools, instruments, people, rules } = head;
  const shop = withChanges({ tools, instruments, people, rules }, sources.shopChanges, sources.readMs);
  const record = { ...head, ...shop, state };
  const job = viewer.view(record, nowMs);
  return {
    record,
    job,
    marks: marksOf(job, sources.marks),
    waitingEdits: edits.length,
    keptIds: new Set(kept.map(({ id }) => id)),
    refused: kept.filter(({ refused }) => refused !== null),
    entries: whole && added(whole.entries, waiting),
  };
}
