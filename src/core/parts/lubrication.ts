import type { Seat } from '@/core/record/job';
import type { PlanPart } from '@/core/record/plan';
import { guardOf } from '@/core/record/seatFacts';

/** What rolls is run in by it: oil where the machine oils it, grease where nothing else ever comes. */
export type Lubricant = 'oil' | 'grease';

type LubricatedSeat = Pick<Seat, 'name' | 'spec'>;

/** What a lip gets, and the groove between two. */
const lipWords = (lips: string | undefined): string =>
  lips === 'two' || lips === 'with_dust_lip' ? 'lips greased, the groove between them filled' : 'lip greased';

function placesOf({ name, spec }: LubricatedSeat, lubricant: Lubricant): string[] {
  const { part } = spec;
  if (part.type === 'seal') return [`${name}: ${lipWords(part.lips)}`];
  const isClosed = 'closure' in part && part.closure !== 'open';
  const rolling =
    part.type === 'tapered_roller'
      ? 'oil in the seat, rollers packed with grease'
      : part.type === 'drawn_cup' || part.type === 'needle_rings'
        ? `${lubricant} between the needles`
        : part.type === 'bush'
          ? `${lubricant} in its bore`
          : `${lubricant} in its races`;
  const guard = guardOf(spec);
  return [
    ...(isClosed ? [] : [`${name}: ${rolling}`]),
    ...(guard ? [`${name}, its seal: ${lipWords(undefined)}`] : []),
  ];
}

/** More would not be read at a bench. */
const MOST_PLACES = 30;

/**
 * What is oiled or greased before it is closed, place by place: one dry lip is found too late. Bearings that came greased and closed are
 * left as they are. Common practice, no source.
 * @param beside places that no seat or part speaks of
 */
export function lubricationOf(
  castings: readonly { seats: readonly LubricatedSeat[] }[],
  parts: readonly Pick<PlanPart, 'name' | 'what'>[],
  lubricant: Lubricant,
  beside: readonly string[],
): string[] {
  const seats = castings.flatMap((casting) => casting.seats);
  return [
    ...new Set([
      ...seats.flatMap((seat) => placesOf(seat, lubricant)),
      ...parts.filter(({ what }) => what === 'o_ring').map(({ name }) => `${name}: oiled`),
      ...beside,
    ]),
  ].slice(0, MOST_PLACES);
}
