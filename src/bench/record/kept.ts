import type { JobId, PersonId, SeatId } from '@/core/record/ids';
import type { Issue } from '@/core/quantity/result';
import { mergeEdits, thingOf, type Edit, type Standing } from '@/core/record/edits';
import { mergeShopEdits, shopThingOf, type ShopEdit } from '@/core/record/shopEdits';
import type { JobEvent, Reading } from '@/core/record/entries';

/**
 * What the database has not yet acknowledged: entries, photographs, and edits of a job or of the shop. It lives in this browser
 * (IndexedDB) and is sent again until acknowledged. What is refused stays here with the reasons, until a person corrects it or leaves it
 * out: nothing unread is ever let go.
 */
type InShop = { id: string; refused: readonly Issue[] | null };
type InJob = InShop & { jobId: JobId };

export type KeptEntry = InJob & ({ type: 'reading'; entry: Reading } | { type: 'event'; entry: JobEvent });

/** It may be the only one there is: a camera in a browser keeps no copy. */
export type KeptPhotograph = InJob & {
  type: 'photograph';
  seatId: SeatId | null;
  /** The thing that it is of; left out by what was kept before there were any. */
  about?: string | null;
  personId: PersonId;
  takenAt: string;
  name: string;
  file: Blob;
};

/** `standing`: what somebody else left there, when it was refused for that. */
export type KeptEdit = InJob & { type: 'edit'; edit: Edit; standing?: Standing };

/** Of the shop itself: its tools, stock, instruments and people. */
export type KeptShopEdit = InShop & { type: 'shop_edit'; jobId: null; edit: ShopEdit };

export type KeptInJob = KeptEntry | KeptPhotograph | KeptEdit;
export type Kept = KeptInJob | KeptShopEdit;

export const isEntry = (kept: Kept): kept is KeptEntry => kept.type === 'reading' || kept.type === 'event';
export const isEdit = (kept: Kept): kept is KeptEdit => kept.type === 'edit';
export const isShopEdit = (kept: Kept): kept is KeptShopEdit => kept.type === 'shop_edit';
export const isPhotograph = (kept: Kept): kept is KeptPhotograph => kept.type === 'photograph';

export type KeptChange = KeptEdit | KeptShopEdit;
export const isChange = (kept: Kept): kept is KeptChange => isEdit(kept) || isShopEdit(kept);

/** What a change changes: changes of one thing follow each other. */
export const thingOfChange = (kept: KeptChange): string =>
  isEdit(kept) ? `${kept.jobId} ${thingOf(kept.edit)}` : shopThingOf(kept.edit);

/** Two changes of one thing as one, which goes by the first one's id and shares its fate. */
export function mergeChanges(first: KeptChange, second: KeptChange): KeptChange {
  if (isEdit(first) && isEdit(second)) return { ...first, edit: mergeEdits(first.edit, second.edit) };
  if (isShopEdit(first) && isShopEdit(second))
    return { ...first, edit: mergeShopEdits(first.edit, second.edit) };
  return second;
}
