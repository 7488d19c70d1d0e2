import { depthOf } from '@/core/job/depthTarget';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { guardOf, hasStop } from '@/core/record/seatFacts';
import { sortOfPart } from '@/core/job/seatJudgement';
import { isWholeSeal } from '@/core/seal/proof';
import { asksForReadings, asksForSealProof, isSeal, wayOf } from './facts';
import { seatItemId, type Item, type ItemAct } from './item';
import { asSeal, inAHurry, makeItem, type Make } from './makeItem';
import { RANK } from './rank';

/** A part on its way in: frozen, warmed, fitted, squared, held by its ring, and its seal before it. */

const at = ({ view }: Make, act: ItemAct) => seatItemId(act, view.seat.id);

/** What heat and cold ask for before it is fitted. */
function heatItems(make: Make): Item[] {
  const { view, job, castingIndex } = make;
  const { history, casting, heat } = view;
  const way = wayOf(view, job);
  const isUnderWay = history.homeMs !== null || history.stuck !== null || history.letGoMs !== null;
  const freeze = makeItem(make, 'freeze', 'measure', {
    rank: RANK.freeze,
    group: 'freeze',
    isDone: isUnderWay || history.freezer !== null,
  });
  const warm = makeItem(make, 'heat', 'in', {
    rank: RANK.heat + castingIndex * RANK.perCasting,
    group: `heat:${casting.id}`,
    isDone: isUnderWay || heat.phase !== 'cold',
    after: [at(make, 'way_in'), at(make, 'freeze')],
  });
  return [...(isChilled(way) ? [freeze] : []), ...(isHeated(way) ? [warm] : [])];
}

/** How deep it goes is said before it is driven, where nothing stops it and nobody has said or found it. In a hurry, as it is drawn. */
function depthItem(make: Make): Item[] {
  const { view, walk, castingIndex } = make;
  const { seat, casting, history } = view;
  if (walk === 'quick' || hasStop(seat.spec)) return [];
  const { from, missing } = depthOf(view).target;
  const isSaid = from !== 'drawn' && missing === null;
  return [
    makeItem(make, 'depth', 'in', {
      rank: RANK.depth + castingIndex,
      group: `depth:${casting.id}`,
      isDone: isSaid || history.homeMs !== null,
    }),
  ];
}

/** A light cold fit is fitted without being asked for its way first, in a hurry. */
export function fitItems(make: Make, hasWayMove: boolean): Item[] {
  const { view, job, castingIndex } = make;
  const { history, casting, seat } = view;
  const isHome = history.homeMs !== null;
  const way = wayOf(view, job);
  const choose = makeItem(make, 'way_in', 'in', {
    rank: RANK.wayIn + castingIndex,
    group: `way_in:${casting.id}`,
    isDone: isHome || history.wayIn !== null,
  });
  const fit = makeItem(make, 'fit', 'in', {
    rank: RANK.fit + castingIndex * RANK.perCasting + (isHeated(way) ? 0 : RANK.coldAfterHot),
    group: inAHurry(make, `fit:${casting.id}:${way}:${sortOfPart(seat.spec)}`),
    isDone: isHome,
    after: (['way_in', 'depth', 'freeze', 'heat', 'compare', 'measure'] as const).map((act) => at(make, act)),
  });
  return [...heatItems(make), ...(hasWayMove ? [choose] : []), ...depthItem(make), fit];
}

/** Home: squared, held by its ring when it is cool, and the seal in front of it last. */
export function homeItems(make: Make): Item[] {
  const { view, job, walk, castingIndex } = make;
  const { history, seat, casting } = view;
  const isSquared = history.accepted !== null;
  const after = [at(make, 'fit')];
  const square = makeItem(make, 'square', 'square', {
    rank: RANK.square + castingIndex,
    group: inAHurry(make, 'square'),
    isDone: isSquared,
    after,
  });
  const ring = makeItem(make, 'ring_in', 'in', {
    rank: RANK.ringIn + castingIndex,
    group: `rings_in:${casting.id}`,
    isDone: history.ring?.isIn === true,
    after,
  });
  const seal = makeItem(make, 'seal_in', 'in', {
    rank: RANK.sealsIn,
    group: inAHurry(make, 'seals_in'),
    isDone: history.sealFitted !== null,
    after: [...after, at(make, 'ring_in')],
  });
  const isAsked = asksForReadings(view, job, walk) || (history.homeMs !== null && !isSquared);
  return [
    ...(isAsked ? [square] : []),
    ...(seat.spec.retainingRing ? [ring] : []),
    ...(guardOf(seat.spec) ? [asSeal(seal), ...sealProofItem(make)] : []),
  ];
}

/** In, it is felt round its rim and turned through its lip. */
function sealProofItem(make: Make): Item[] {
  const { view } = make;
  if (!asksForSealProof(make)) return [];
  const proof = makeItem(make, 'seal_proof', 'in', {
    rank: RANK.sealProof,
    group: 'seal_proof',
    isDone: isWholeSeal(view.history),
    after: [at(make, isSeal(view) ? 'fit' : 'seal_in')],
  });
  return [isSeal(view) ? proof : asSeal(proof)];
}

/** A seal that is a seat of its own goes in with the other seals, cold, when all metal is. */
export const sealFit = (make: Make): Item[] => [
  makeItem(make, 'fit', 'in', {
    rank: RANK.sealsIn,
    group: inAHurry(make, 'seals_in'),
    isDone: make.view.history.homeMs !== null,
    after: [at(make, 'compare')],
  }),
  ...sealProofItem(make),
];
