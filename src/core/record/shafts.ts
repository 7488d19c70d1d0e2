import { z } from 'zod';
import { journalIdSchema, shaftIdSchema, type JournalId, type SeatId, type ShaftId } from './ids';
import { shaftSpecSchema, type BoreSpec, type ShaftSpec } from './seatSpec';

const name = z.string().trim().min(1).max(80);

const shaftSeatSchema = z.strictObject({
  id: journalIdSchema,
  name,
  spec: shaftSpecSchema,
  version: z.int().min(1),
});
export type ShaftSeat = z.infer<typeof shaftSeatSchema>;

const endSchema = z.strictObject({
  name,
  /** As written on it (`M12×1.25`); null: none, or not known. */
  thread: z.string().trim().min(1).max(20).nullable(),
  isLeftHand: z.boolean(),
});

export const SHAFT_METALS = ['mild_steel', 'bearing_steel', 'grey_iron'] as const;

/** A shaft (crank, axle, sleeve, stem) with its seats; places along it count from its first end, mm. */
export const shaftSchema = z.strictObject({
  id: shaftIdSchema,
  name,
  material: z.enum(SHAFT_METALS),
  /** Null: not measured. */
  lengthMm: z.number().min(1).max(3000).nullable(),
  ends: z.tuple([endSchema, endSchema]),
  seats: z.array(shaftSeatSchema).max(20),
});
export type Shaft = z.infer<typeof shaftSchema>;

/** The seat on a shaft that goes into the part of a casting's seat: its other mate. */
export type Journal = { shaft: Shaft; seat: ShaftSeat };

export function journalOf(shafts: readonly Shaft[], seatId: SeatId): Journal | null {
  for (const shaft of shafts) {
    const seat = shaft.seats.find(({ spec }) => spec.sharedWith === seatId);
    if (seat) return { shaft, seat };
  }
  return null;
}

/** Nominal size of it, mm; null where there is none. */
export const journalMm = (journal: Journal | null): number | null =>
  journal?.seat.spec.journal.nominalMm ?? null;

/** As it is spoken of beside the seat of that name: `crank, left journal`, or the shaft alone where no more is said. */
export const journalWords = ({ shaft, seat }: Journal, besideSeat: string): string =>
  seat.name === besideSeat ? shaft.name : `${shaft.name}, ${seat.name}`;

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
    const shaft = shafts.get(shaftName) ?? {
      id: ids.shaft(shaftName, each.seat.id),
      name: shaftName,
      material: 'mild_steel',
      lengthMm: null,
      ends: PLAIN_ENDS,
      seats: [],
    };
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
