import { isEdit, isEntry, isPhotograph, isShopEdit, type Kept } from './kept';

/** Each lane is sent in its order; a slow photograph holds up no entry. */
export const LANES = ['shop', 'edits', 'entries', 'photographs'] as const;
export type Lane = (typeof LANES)[number];

const laneOf = (kept: Kept): Lane =>
  isEntry(kept) ? 'entries' : isEdit(kept) ? 'edits' : isShopEdit(kept) ? 'shop' : 'photographs';

/** Who made an entry or took a photograph. */
const personOf = (kept: Kept): string | null =>
  isEntry(kept) ? kept.entry.personId : isPhotograph(kept) ? kept.personId : null;

/** What can be sent in a lane, in its order: an entry of a seat, or by a person, that is not stored yet would point nowhere. */
export function readyIn(lane: Lane, all: readonly Kept[]): Kept[] {
  const withNewSeat = new Set(
    all.filter((each) => isEdit(each) && each.edit.what === 'new_seat').map(({ jobId }) => jobId),
  );
  const newcomers = new Set<string | null>(
    all.flatMap((each) => (isShopEdit(each) && each.edit.what === 'person' ? [each.edit.person.id] : [])),
  );
  return all.filter(
    (each) =>
      laneOf(each) === lane &&
      each.refused === null &&
      !(lane === 'entries' && withNewSeat.has(each.jobId)) &&
      !newcomers.has(personOf(each)),
  );
}
