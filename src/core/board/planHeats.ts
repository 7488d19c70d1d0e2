import {
  placeAt,
  type Conflict,
  type HeatSpot,
  type HeatTask,
  type Placed,
  type PlacedHeat,
} from './heatSchedule';

/**
 * What somebody wants of the day: everything as early as can be; the first door at an hour or as soon after it as can be, so that freezer
 * and oven are begun with before; or everything home by an hour, begun with as late as that allows.
 */
export type Wanted = { is: 'soonest' } | { is: 'start'; atMs: number } | { is: 'done'; atMs: number };

/** What a plan of heats is made from, beside the heats themselves. */
export type HeatFrame = {
  nowMs: number;
  spots: readonly HeatSpot[];
  wanted: Wanted;
  /** Doors that somebody set, by the heat's key. */
  pinned: Readonly<Record<string, number>>;
  /** With more free heats than that not every order is tried; left out: `HEATS_PROVEN_UP_TO`. */
  provenUpTo?: number;
};

export type HeatsPlan = {
  heats: (PlacedHeat & { conflicts: Conflict[] })[];
  /** The last part is home. */
  endMs: number;
  /** Every order of those that are still free was tried. */
  isProvenBest: boolean;
};

export const HEATS_PROVEN_UP_TO = 7;

/** Moments at which a door may open next: where something becomes free, with the time that this heat needs from there. */
function doorsFor(task: HeatTask, placed: readonly Placed[], { nowMs, wanted }: HeatFrame): number[] {
  const leads = [0, task.soakMs, ...task.cold.map(({ soakMs }) => soakMs)];
  if (wanted.is === 'done') {
    const starts = placed.flatMap(({ heat }) => [
      heat.hands.fromMs - task.handsMs,
      heat.heat.fromMs,
      ...heat.cold.map(({ fromMs }) => fromMs),
    ]);
    return [wanted.atMs - task.handsMs, ...starts].filter((atMs) => atMs + task.handsMs <= wanted.atMs);
  }
  const soonestMs = wanted.is === 'start' ? Math.max(nowMs, wanted.atMs) : nowMs;
  const frees = placed.flatMap(({ heat }) => [
    heat.hands.toMs,
    heat.heat.toMs,
    ...heat.cold.map(({ toMs }) => toMs),
  ]);
  return [soonestMs, ...[nowMs, ...frees].flatMap((atMs) => leads.map((leadMs) => atMs + leadMs))].filter(
    (atMs) => atMs >= soonestMs,
  );
}

/** As early as can be from now on; planned back, as late as can be. Where nothing is without conflict, the first that has the fewest. */
function placeFree(task: HeatTask, placed: readonly Placed[], frame: HeatFrame) {
  const doors = [...new Set(doorsFor(task, placed, frame))].sort((a, b) =>
    frame.wanted.is === 'done' ? b - a : a - b,
  );
  let best: ReturnType<typeof placeAt> | null = null;
  for (const outMs of doors) {
    const tried = placeAt(task, outMs, placed, frame.spots, frame.nowMs);
    if (tried.conflicts.length === 0) return tried;
    if (!best || tried.conflicts.length < best.conflicts.length) best = tried;
  }
  return best ?? placeAt(task, frame.nowMs, placed, frame.spots, frame.nowMs);
}

/** A heat that has begun goes on as it is: out already, or as soon as it is hot and its parts are cold, not before a door that was set. */
const doorOfBegun = ({ key, inMs, outMs, soakMs, cold }: HeatTask, { nowMs, pinned }: HeatFrame): number =>
  outMs ??
  Math.max(
    nowMs,
    pinned[key] ?? 0,
    inMs! + soakMs,
    ...cold.map((part) => (part.sinceMs ?? nowMs) + part.soakMs),
  );

type Tried = { placed: (Placed & { conflicts: Conflict[] })[] };

const addTo = (
  placed: Tried['placed'],
  task: HeatTask,
  found: ReturnType<typeof placeAt>,
): Tried['placed'] => [...placed, { task, heat: found.heat, conflicts: found.conflicts }];

/** Conflicts first, then how soon all is home, then how soon each is; planned back, how late the first has to be begun with. */
function costOf({ placed }: Tried, { wanted }: HeatFrame): number[] {
  const isBack = wanted.is === 'done';
  const doors = placed.map(({ heat }) => heat.hands.fromMs);
  const begun = placed.map(({ heat }) =>
    Math.min(heat.heat.fromMs, ...heat.cold.map(({ fromMs }) => fromMs)),
  );
  return [
    placed.reduce((sum, { conflicts }) => sum + conflicts.length, 0),
    isBack ? -Math.min(...begun) : Math.max(...placed.map(({ heat }) => heat.hands.toMs)),
    isBack ? -begun.reduce((sum, atMs) => sum + atMs, 0) : doors.reduce((sum, atMs) => sum + atMs, 0),
  ];
}

const isLess = (a: readonly number[], b: readonly number[]): boolean => {
  const i = a.findIndex((each, at) => each !== b[at]);
  return i >= 0 && a[i]! < b[i]!;
};

function* ordersOf<T>(items: readonly T[]): Generator<T[]> {
  if (items.length <= 1) {
    yield [...items];
    return;
  }
  for (const [i, item] of items.entries())
    for (const rest of ordersOf(items.filter((_, at) => at !== i))) yield [item, ...rest];
}

/** All heats on one time line: what has begun and what somebody set stands; the rest goes where it is done soonest, or latest. */
export function planHeats(tasks: readonly HeatTask[], frame: HeatFrame): HeatsPlan {
  const isBegun = ({ inMs, outMs }: HeatTask) => inMs !== null || outMs !== null;
  const isPinned = ({ key }: HeatTask) => key in frame.pinned;
  let fixed: Tried['placed'] = [];
  for (const task of tasks.filter(isBegun))
    fixed = addTo(fixed, task, placeAt(task, doorOfBegun(task, frame), fixed, frame.spots, frame.nowMs));
  for (const task of tasks.filter((each) => !isBegun(each) && isPinned(each)))
    fixed = addTo(fixed, task, placeAt(task, frame.pinned[task.key]!, fixed, frame.spots, frame.nowMs));
  const free = tasks.filter((task) => !isBegun(task) && !isPinned(task));
  const isProvenBest = free.length <= (frame.provenUpTo ?? HEATS_PROVEN_UP_TO);
  const longestFirst = [...free].sort((a, b) => b.soakMs - a.soakMs || (a.key < b.key ? -1 : 1));
  let best: { tried: Tried; cost: number[] } | null = null;
  for (const order of isProvenBest ? ordersOf(longestFirst) : [longestFirst]) {
    let placed = fixed;
    for (const task of order) placed = addTo(placed, task, placeFree(task, placed, frame));
    const cost = costOf({ placed }, frame);
    if (!best || isLess(cost, best.cost)) best = { tried: { placed }, cost };
  }
  const heats = best!.tried.placed.map(({ heat, conflicts }) => ({ ...heat, conflicts }));
  return { heats, endMs: Math.max(...heats.map(({ hands }) => hands.toMs), frame.nowMs), isProvenBest };
}
