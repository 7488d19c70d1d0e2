import type { JournalId, SeatId, ShaftId } from './ids';
import type { BoreSpec, ShaftSpec } from './seatSpec';
import type { Shaft } from './shafts';

/** A casting's seat and the shaft that goes into its part, in words: `crank, left journal`. */
export type NamedJournal = {
  words: string;
  nominalMm: number;
  seat: { id: SeatId; name: string; spec: BoreSpec };
};

const PLAIN_ENDS: Shaft['ends'] = [
  { name: 'one end', thread: null, isLeftHand: false },
  { name: 'other end', thread: null, isLeftHand: false },
];

/** A shaft of which nothing is known but its name. */
export const plainShaft = (id: ShaftId, name: string): Shaft => ({
  id,
  name,
  material: 'mild_steel',
  lengthMm: null,
  ends: PLAIN_ENDS,
  seats: [],
});

function shaftSpecFor({ nominalMm, seat: { id, spec } }: NamedJournal): ShaftSpec {
  const journal = { nominalMm, lengthMm: null, fromFirstEndMm: null, shoulderToward: null };
  if (spec.kind === 'seal_in_bore') return { kind: 'seal_on_shaft', journal, sharedWith: id };
  return {
    kind: 'bearing_on_shaft',
    journal,
    sharedWith: id,
    part: null,
    // What stands for the outer race turns for the inner one.
    load: spec.load === 'standing' ? 'rotating' : 'standing',
    running: { shaftC: spec.running.ringC, ringC: spec.running.ringC },
    usualClass: null,
  };
}

/**
 * Shafts from the words by which seats speak of them: what stands before the first comma names the shaft, the rest its journal
 * (without a rest, it is called like the seat). Shafts of one name are one shaft.
 */
export function gatherShafts(
  named: readonly NamedJournal[],
  ids: {
    shaft: (shaftName: string, firstSeatId: SeatId) => ShaftId;
    journal: (seatName: string, seatId: SeatId) => JournalId;
  },
): Shaft[] {
  const shafts = new Map<string, Shaft>();
  for (const each of named) {
    const [shaftName = '', ...rest] = each.words.split(', ');
    const shaft = shafts.get(shaftName) ?? plainShaft(ids.shaft(shaftName, each.seat.id), shaftName);
    shafts.set(shaftName, {
      ...shaft,
      seats: [
        ...shaft.seats,
        {
          id: ids.journal(each.seat.name, each.seat.id),
          name: rest.join(', ') || each.seat.name,
          spec: shaftSpecFor(each),
          version: 1,
        },
      ],
    });
  }
  return [...shafts.values()];
}
