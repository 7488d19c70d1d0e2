import { PLANNED_GUN_S } from '@/core/heat/readyMinutes';
import { soakInOven, timeUntil } from '@/core/heat/soak';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { brokenAtDial } from '@/core/job/dialCeilings';
import { freezerMinutes } from '@/core/job/freezerMinutes';
import { seatsBefore } from '@/core/job/precedence';
import type { JobView, SeatView } from '@/core/job/seatView';
import { usualHeatOf } from '@/core/job/workpiece';
import type { CastingId, JobId, PersonId, SeatId } from '@/core/record/ids';
import type { Casting } from '@/core/record/job';
import type { HeatSource } from '@/core/record/vocabulary';
import { ovenDialC } from '@/core/tools/heatPlaces';
import { toolsForWay, type WayTool } from '@/core/tools/wayTools';
import type { Ceiling } from '@/core/heat/ceilings';
import { castingBody, castingInAir } from '@/core/job/castingBody';
import { orderDrops, type Drop } from './castingDrops';
import type { HeatTask } from './heatSchedule';

/** What speaks against a heat, whenever it is. */
export type HeatTrouble =
  | { is: 'suffers'; ceiling: Ceiling }
  | { is: 'tool'; need: WayTool['need']; name: string | null; lentTo: string | null }
  | { is: 'before_it'; name: string };

/** One casting that is hot or is to be heated, with the order in which its parts go in; or a part that is cold for a bore that is not. */
export type JobHeatTask = HeatTask & {
  jobId: JobId;
  castingId: CastingId;
  /** Where one goes from here. */
  seatId: SeatId;
  machine: string;
  name: string;
  /** The casting is to be brought to, °C; null: it is not heated. */
  wantedC: number | null;
  /** Of the freezer, °C; null: nothing goes into one. */
  freezerC: number | null;
  drops: Drop[];
  heats: number;
  leastSlackS: number | null;
  isProvenBest: boolean;
  /** Who has it in hand; null: nobody yet. */
  personId: PersonId | null;
  troubles: HeatTrouble[];
};

/** Rubber and retaining rings go in below this, hands touch it below that, °C. Common practice, no source. */
export const RUBBER_C = 60;
export const TOUCH_C = 45;

const S = 1000;

const isWaiting = ({ history: { wayIn, homeMs } }: SeatView) => wayIn !== null && homeMs === null;
const isForHeat = (view: SeatView) => isWaiting(view) && isHeated(view.history.wayIn!.way);
const isForColdAlone = (view: SeatView) =>
  isWaiting(view) && isChilled(view.history.wayIn!.way) && !isHeated(view.history.wayIn!.way);

/** Seconds in an oven at its dial, or under hot air, until it is hot enough. */
function soakS(view: SeatView, source: HeatSource, dialC: number, wantedC: number, roomC: number): number {
  if (source === 'gun') return PLANNED_GUN_S;
  const startC = view.heat.phase === 'in_heat' ? view.heat.startC : roomC;
  return timeUntil(soakInOven(castingBody(view.casting), { startC, surroundingsC: dialC }), wantedC) ?? 0;
}

/** Parts in the freezer, in together: longer makes none of them colder, and it is one way there. */
function coldOf(views: readonly SeatView[], roomC: number): HeatTask['cold'] {
  const chilled = views.filter(({ history }) => isChilled(history.wayIn!.way));
  const longestMs = Math.max(0, ...chilled.map((view) => freezerMinutes(view, roomC) * 60 * S));
  return chilled.map((view) => {
    const { freezer } = view.history;
    return {
      key: view.seat.id,
      soakMs: freezer ? freezerMinutes(view, roomC) * 60 * S : longestMs,
      sinceMs: freezer?.sinceMs ?? null,
      placeKey: freezer?.place?.toolId ?? null,
    };
  });
}

/** What has happened to the casting. */
const factsOf = ({ heat }: SeatView): Pick<JobHeatTask, 'inMs' | 'outMs' | 'placeKey'> =>
  heat.phase === 'cold'
    ? { inMs: null, outMs: null, placeKey: null }
    : {
        inMs: heat.sinceMs,
        outMs: heat.phase === 'out' ? heat.outMs : null,
        placeKey: heat.place?.toolId ?? null,
      };

/** Where the oven stands, or is to be set; hot air has no dial: what the boss is to reach. */
const dialOf = ({ heat }: SeatView, source: HeatSource, wantedC: number): number =>
  heat.phase !== 'cold' ? heat.sourceC : source === 'gun' ? wantedC : ovenDialC(wantedC);

/** What stands in the way of these seats' parts, each thing once. */
function troublesOf(views: readonly SeatView[], job: JobView, dialC: number): HeatTrouble[] {
  const found = views.flatMap((view): HeatTrouble[] => {
    const { way, ringC, housingC, heatedBy = usualHeatOf(job) } = view.history.wayIn!;
    const inTheWay = seatsBefore(view, job).filter((each) => !views.includes(each.view));
    const suffers = isHeated(way) ? brokenAtDial(view, dialC, ringC) : [];
    return [
      ...inTheWay.map(({ view: { seat } }) => ({ is: 'before_it' as const, name: seat.name })),
      ...suffers.map((ceiling) => ({ is: 'suffers' as const, ceiling })),
      ...toolsForWay(view.seat.spec, { way, ringC, housingC, heatedBy, forceN: null }, job.wall)
        .filter(({ state }) => state !== 'owned')
        .map(({ need, name, lentTo }) => ({ is: 'tool' as const, need, name, lentTo: lentTo ?? null })),
    ];
  });
  return [...new Map(found.map((each) => [JSON.stringify(each), each])).values()];
}

const heatOf = ({ history }: SeatView, job: JobView): HeatSource =>
  history.wayIn?.heatedBy ?? usualHeatOf(job);

/** Parts that go into one casting, heat by heat: an oven heats it whole, hot air one boss at a time. */
function heatsOf(views: readonly SeatView[], job: JobView): SeatView[][] {
  const waiting = views.filter(isForHeat);
  const whole = waiting.filter((view) => heatOf(view, job) === 'oven');
  const bosses = waiting.filter((view) => heatOf(view, job) === 'gun').map((view) => [view]);
  return whole.length > 0 ? [whole, ...bosses] : bosses;
}

/** The heat that the casting is in, if one of these: the oven's for all of them, hot air for the first boss that waits for it. */
const currentOf = (heats: readonly SeatView[][], job: JobView): SeatView[] | undefined =>
  heats.find(([first]) => first!.heat.phase !== 'cold' && heatOf(first!, job) === first!.heat.source);

/** Of a heat that comes after the one that the casting is in: not begun yet. */
const coolFor = (views: readonly SeatView[]): SeatView[] =>
  views.map((view) => ({ ...view, heat: { phase: 'cold' } }));

type Head = { jobId: JobId; machine: string };

/**
 * One heat of a casting: parts that go in while it is hot; or none, where it is only hot still.
 * @param views its seats, those of `waiting` among them
 */
function castingTask(
  casting: Casting,
  views: readonly SeatView[],
  waiting: readonly SeatView[],
  job: JobView,
  head: Head,
): JobHeatTask {
  const { roomC } = job;
  const [first] = waiting.length > 0 ? waiting : views;
  const { seat, heat } = first!;
  const chosen = first!.history.wayIn?.heatedBy ?? usualHeatOf(job);
  const source = heat.phase === 'cold' ? chosen : heat.source;
  const wantedC = Math.max(...waiting.map(({ history }) => history.wayIn!.housingC));
  // A casting that is hot and waits for nothing stands in its oven, and cools, all the same.
  const reachedC = waiting.length > 0 ? wantedC : dialOf(first!, source, 0);
  const dialC = dialOf(first!, source, reachedC);
  const heatS = soakS(first!, source, dialC, reachedC, roomC);
  const { homeS, homeC, ...drops } = orderDrops(casting, waiting, job, { startC: reachedC, reheatS: heatS });
  const coolMs = (celsius: number) => (timeUntil(castingInAir(casting, homeC, roomC), celsius) ?? 0) * S;
  const cold = coldOf(waiting, roomC);
  return {
    ...head,
    ...drops,
    key: source === 'gun' && waiting.length > 0 ? seat.id : casting.id,
    castingId: casting.id,
    seatId: drops.drops[0]?.seatId ?? seat.id,
    name: casting.name,
    source,
    dialC,
    wantedC: reachedC,
    freezerC: cold.length > 0 ? Math.min(...waiting.map(({ history }) => history.wayIn!.ringC)) : null,
    soakMs: heatS * S,
    cold,
    handsMs: homeS * S,
    coolMs: { rubber: coolMs(RUBBER_C), touch: coolMs(TOUCH_C) },
    personId: heat.phase === 'cold' ? null : heat.personId,
    troubles: troublesOf(waiting, job, dialC),
    ...factsOf(first!),
  };
}

/** A part that goes cold into a bore that nobody heats. */
function coldTask(view: SeatView, job: JobView, head: Head): JobHeatTask {
  const { seat, casting, history } = view;
  const {
    homeS,
    homeC: _same,
    ...drops
  } = orderDrops(casting, [view], job, {
    startC: job.roomC,
    reheatS: 0,
  });
  return {
    ...head,
    ...drops,
    key: seat.id,
    castingId: casting.id,
    seatId: seat.id,
    name: seat.name,
    source: null,
    dialC: job.roomC,
    wantedC: null,
    freezerC: history.wayIn!.ringC,
    soakMs: 0,
    cold: coldOf([view], job.roomC),
    handsMs: homeS * S,
    coolMs: { rubber: 0, touch: 0 },
    personId: history.freezer?.personId ?? null,
    troubles: troublesOf([view], job, job.roomC),
    inMs: null,
    outMs: null,
    placeKey: null,
  };
}

/** Everything of a job that waits for heat or cold, is in it, or is still hot from it. */
export function heatTasksOf(job: JobView, head: Head): JobHeatTask[] {
  const castings = [...new Map(job.seats.map(({ casting }) => [casting.id, casting])).values()];
  const tasks = castings.flatMap((casting) => {
    const views = job.seats.filter((view) => view.casting.id === casting.id);
    const heats = heatsOf(views, job);
    const current = currentOf(heats, job);
    const isHot = views.some(({ heat }) => heat.phase !== 'cold');
    const isWholeWaiting = heats.some(([first]) => heatOf(first!, job) === 'oven');
    return [
      // Hot, and nothing goes in at this heat: it stands in its oven, and cools.
      ...(isHot && !current && !isWholeWaiting ? [castingTask(casting, views, [], job, head)] : []),
      ...heats.map((parts) =>
        castingTask(casting, views, parts === current ? parts : coolFor(parts), job, head),
      ),
    ];
  });
  return [...tasks, ...job.seats.filter(isForColdAlone).map((view) => coldTask(view, job, head))];
}
