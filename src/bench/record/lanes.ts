import { isEdit, isEntry, isPhotograph, isShopEdit, type Kept } from './kept';

/** Each lane is sent in its order; a slow photograph holds up no entry. */
export const LANES = ['shop', 'edits', 'entries', 'photographs'] as const;
export type Lane = (typeof LANES)[number];

const laneOf = (kept: Kept): Lane =>
  isEntry(kept) ? 'entries' : isEdit(kept) ? 'edits' : isShopEdit(kept) ? 'shop' : 'photographs';

/** Who made an entry or took a photograph. */
const personOf = (kept: Kept): string | null =>
  isEntry(kept) ? kept.entry.personId : isPhotograph(kept) ? kept.personId : null;

/** What a reading was made with. */
const instrumentOf = (kept: Kept): string | null =>
  isEntry(kept) && kept.type === 'reading' ? kept.entry.instrumentId : null;

/** What is new to the shop, and waits here to be stored. */
function newcomerOf(kept: Kept): string | null {
  if (!isShopEdit(kept)) return null;
  if (kept.edit.what === 'person') return kept.edit.person.id;
  return kept.edit.what === 'instrument' ? kept.edit.instrument.id : null;
}

/** What can be sent in a lane, in its order: an entry of a seat, person or instrument that is not stored yet would point nowhere. */
export function readyIn(lane: Lane, all: readonly Kept[]): Kept[] {
  const withNewSeat = new Set(
    all.filter((each) => isEdit(each) && each.edit.what === 'new_seat').map(({ jobId }) => jobId),
  );
  const newcomers = new Set(all.map(newcomerOf).filter((id) => id !== null));
  const isNew = (id: string | null) => id !== null && newcomers.has(id);
  return all.filter(
    (each) =>
      laneOf(each) === lane &&
      each.refused === null &&
      !(lane === 'entries' && withNewSeat.has(each.jobId)) &&
      !isNew(personOf(each)) &&
      !isNew(instrumentOf(each)),
  );
}
