import type { SeatId } from '@/core/record/ids';
import type { Casting, Seat } from '@/core/record/job';
import type { PlanPart } from '@/core/record/plan';
import { guardOf } from '@/core/record/seatFacts';

type SeatPart = Pick<PlanPart, 'name' | 'what'> & { of: 'part' | 'seal' | 'ring' };

/** What a seat takes: its bearing, race, bush or seal; the seal in front of it; its retaining ring. */
export function partsOfSeat({ name, spec }: Pick<Seat, 'name' | 'spec'>): SeatPart[] {
  const { type, designation } = spec.part;
  const seal = guardOf(spec);
  return [
    {
      of: 'part',
      name: `${name}: ${designation}`,
      what: type === 'bush' || type === 'seal' ? type : 'bearing',
    },
    ...(seal
      ? [
          {
            of: 'seal' as const,
            name: `${name}: seal ${seal.shaftMm}×${seal.outsideMm}×${seal.widthMm}`,
            what: 'seal' as const,
          },
        ]
      : []),
    ...(spec.retainingRing
      ? [{ of: 'ring' as const, name: `${name}: retaining ring`, what: 'retaining_ring' as const }]
      : []),
  ];
}

const keyOf = (seatId: SeatId, of: SeatPart['of']) => `seat_${seatId.replaceAll('-', '_')}_${of}`;

/** The planned parts of one seat that are the seat's own, by what they are: the first of its sort. */
function ownParts(planned: readonly PlanPart[], seat: Seat) {
  const mine = planned.filter(({ seatId }) => seatId === seat.id);
  const taken = new Set<string>();
  return partsOfSeat(seat).map((wanted) => {
    // The part itself is planned first, whatever sort it was then.
    const found = mine.find(
      ({ key, what }) =>
        !taken.has(key) &&
        (wanted.of === 'part'
          ? what === 'bearing' || what === 'bush' || what === 'seal'
          : what === wanted.what),
    );
    if (found) taken.add(found.key);
    return { wanted, found };
  });
}

/**
 * The kit as the seats stand now: a part follows its seat's label, a seat that was added brings its own, one that was taken off takes
 * them along. What was planned beside the seats stays.
 * @param removed seats that were taken off the map
 */
export function kitOf(
  planned: readonly PlanPart[],
  castings: readonly Casting[],
  removed: readonly string[],
): PlanPart[] {
  const seats = castings.flatMap((casting) => casting.seats).filter(({ id }) => !removed.includes(id));
  const renamed = new Map<string, Pick<PlanPart, 'name' | 'what'>>();
  const added: PlanPart[] = [];
  for (const seat of seats)
    for (const { wanted, found } of ownParts(planned, seat)) {
      const { of, name, what } = wanted;
      if (found) renamed.set(found.key, { name: name.slice(0, 80), what });
      else
        added.push({
          key: keyOf(seat.id, of),
          name: name.slice(0, 80),
          what,
          seatId: seat.id,
          count: 1,
          isSpent: false,
          reach: planned.find(({ seatId }) => seatId !== null)?.reach ?? 'some_hours',
        });
    }
  const staying = planned.filter(({ seatId }) => seatId === null || seats.some(({ id }) => id === seatId));
  return [...staying.map((part) => ({ ...part, ...renamed.get(part.key) })), ...added];
}
