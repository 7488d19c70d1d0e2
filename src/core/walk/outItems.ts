import { guardOf, hasStop } from '@/core/record/seatFacts';
import { isPastStripping, isSeal } from './facts';
import { keyItemId, seatItemId, type Item, type ItemAct } from './item';
import { asSeal, inAHurry, makeItem, type Make } from './makeItem';
import { RANK } from './rank';

/** Everything that comes out of one seat, and what holds or covers it. */

const isOut = ({ view }: Make) => view.history.takenOut !== null || isPastStripping(view);

/** In a hurry only what nothing else tells is written down: the depth of a part that no shoulder stops. */
function asFound(make: Make): Item[] {
  const { view, job, walk } = make;
  // Where the seal is the whole job, how it stood is half of it.
  const isTold = isSeal(view) ? job.kind !== 'seal_only' : hasStop(view.seat.spec);
  if (walk === 'quick' && isTold) return [];
  const isDone = view.history.asFound !== null || isOut(make);
  return [
    makeItem(make, 'as_found', 'out', { rank: RANK.asFound, group: inAHurry(make, 'as_found'), isDone }),
  ];
}

/** The seal in front of it, and the ring that holds it. */
function holders(make: Make): Item[] {
  const { view, castingIndex } = make;
  const { seat, history, casting } = view;
  const after = [seatItemId('as_found', seat.id)];
  const seal = makeItem(make, 'seal_out', 'out', {
    rank: RANK.sealsOut,
    group: 'seals_out',
    isDone: history.sealTakenOut || history.homeMs !== null,
    after,
  });
  const ring = makeItem(make, 'ring_out', 'out', {
    rank: RANK.partsOut + castingIndex - 0.1,
    group: `rings_out:${casting.id}`,
    isDone: history.ringOut || isOut(make),
    after: [seatItemId('seal_out', seat.id), ...after],
  });
  return [...(guardOf(seat.spec)?.leftIn ? [asSeal(seal)] : []), ...(seat.spec.retainingRing ? [ring] : [])];
}

/** What lies hidden under it is found when it is out. */
function hiddenItems(make: Make): Item[] {
  const { view, job, castingIndex } = make;
  const { id } = view.seat;
  return job.plan.hidden
    .filter(({ under }) => under === id)
    .map(({ key, name }) => ({
      ...makeItem(make, 'hidden', 'out', {
        rank: (isSeal(view) ? RANK.sealsOut : RANK.partsOut + castingIndex) + 0.2,
        group: `hidden:${id}`,
        isDone: key in job.work.hidden || isPastStripping(view),
        after: [seatItemId('part_out', id)],
      }),
      id: keyItemId('hidden', key),
      key,
      name,
    }));
}

export function outItems(make: Make): Item[] {
  const { view, castingIndex } = make;
  const { id } = view.seat;
  const at = (act: ItemAct) => seatItemId(act, id);
  const part = makeItem(make, 'part_out', 'out', {
    rank: isSeal(view) ? RANK.sealsOut : RANK.partsOut + castingIndex,
    group: inAHurry(make, isSeal(view) ? 'seals_out' : `parts_out:${view.casting.id}`),
    isDone: isOut(make),
    after: [at('as_found'), at('seal_out'), at('ring_out')],
  });
  return [...asFound(make), ...holders(make), part, ...hiddenItems(make)];
}
