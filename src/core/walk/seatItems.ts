import { isHeard, isMeasuredFor, isPastStripping, isSeal, isWorthMeasuring, troubleOf } from './facts';
import { carrierOf, type Direction } from './carried';
import { fitItems, homeItems, sealFit } from './inItems';
import type { Item } from './item';
import { inAHurry, makeItem, type Make } from './makeItem';
import { outItems } from './outItems';
import { RANK } from './rank';

/** Cleaned, compared, heard, and measured where that decides something. */
function readyItems(make: Make): Item[] {
  const { view, job, walk, castingIndex, partsGroup } = make;
  const { history, partCheck, casting, seat } = view;
  const isReady = history.wayIn !== null || history.homeMs !== null;
  const clean = makeItem(make, 'clean', 'clean', {
    rank: RANK.clean + castingIndex,
    group: inAHurry(make, 'clean') ?? `clean:${casting.id}`,
    isDone: history.cleaned.includes('bore') || isPastStripping(view),
  });
  const compare = makeItem(make, 'compare', 'parts', {
    rank: RANK.compare,
    group: partsGroup ?? inAHurry(make, 'compare') ?? `compare:${seat.spec.part.designation}`,
    isDone: isReady || partCheck.verdict === 'right' || history.overruled !== null,
  });
  const feel = makeItem(make, 'feel', 'parts', {
    rank: RANK.feel,
    group: partsGroup ?? 'feel',
    isDone: isReady || history.felt !== null,
  });
  const measure = makeItem(make, 'measure', 'measure', {
    rank: RANK.measure,
    group: inAHurry(make, 'measure'),
    isDone: isReady || isMeasuredFor(view, walk) || history.usualFitAccepted,
  });
  const wantsGauge = !isSeal(view) && (walk !== 'quick' || isWorthMeasuring(view, job));
  return [clean, compare, ...(isHeard(view) ? [feel] : []), ...(wantsGauge ? [measure] : [])];
}

/** What a shaft brings home has nothing to be chosen, warmed, driven or read round; what holds or covers it goes in by itself. */
const BROUGHT: readonly Item['act'][] = ['ring_in', 'seal_in', 'seal_proof'];

/** All items of one seat, from as found to square, marked where they can't be gone on with. */
export function seatItems(make: Make, hasWayMove: boolean): Item[] {
  const trouble = troubleOf(make.view, make.job);
  const isCarried = (direction: Direction) => carrierOf(make.view.seat.id, direction, make.job) !== null;
  const metal = () =>
    isCarried('in')
      ? homeItems(make).filter(({ act }) => BROUGHT.includes(act))
      : [...fitItems(make, hasWayMove), ...homeItems(make)];
  const inItems = isSeal(make.view) ? sealFit(make) : metal();
  const ahead = [...readyItems(make), ...inItems];
  if (trouble) for (const item of ahead) item.isWaiting = item.act !== 'clean';
  // A seat that was only asked about stands empty: nothing of it is stripped in a hurry.
  const isAskedAbout = make.job.kind === 'one_seat' && make.walk === 'quick';
  if (isAskedAbout) return ahead.filter(({ act }) => act !== 'clean');
  const behind = outItems(make).filter(({ act }) => act !== 'part_out' || !isCarried('out'));
  return [...behind, ...ahead];
}
