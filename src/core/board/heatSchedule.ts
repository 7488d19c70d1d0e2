import type { HeatSource } from '@/core/record/vocabulary';

/**
 * When each casting goes into the heat and each part into the cold, over all jobs: so that ovens and freezers hold what is in them, one
 * pair of hands is at one drop at a time, and every part is cold when its casting is hot.
 *
 * Serial: the heats are placed one after the other, each as early (or as late) as what is placed before it leaves room for; the earliest
 * moment is always one at which some place or the hands become free. Up to seven heats every order is tried, and the best is proven for
 * this way of placing; above that the longest go first.
 * Source: serial schedule generation for resource-constrained projects (from memory). Times in ms since the epoch.
 */
export type HeatTask = {
  key: string;
  /** Null: nothing is heated, its part alone is cold. */
  source: HeatSource | null;
  /** What the oven is set to; castings that stand in it together share it, °C. */
  dialC: number;
  /** In the heat until it is hot enough, ms. */
  soakMs: number;
  cold: readonly { key: string; soakMs: number; sinceMs: number | null; placeKey: string | null }[];
  /** From the door until its last part is home, ms. */
  handsMs: number;
  /** From the last part home until rubber, and until a hand, may touch it, ms. */
  coolMs: { rubber: number; touch: number };
  /** What has happened: in its heat since then; out of it. Null: not yet. */
  inMs: number | null;
  outMs: number | null;
  /** The place that it is in, or is to be in; null: any that serves. */
  placeKey: string | null;
};

/** `reachesC`: the hottest that an oven becomes, °C; null: whatever is asked of it. */
export type HeatSpot = {
  key: string;
  kind: 'oven' | 'hot_air' | 'freezer';
  holds: number;
  reachesC: number | null;
};

export type Span = { fromMs: number; toMs: number };
export type PlacedCold = Span & { key: string; placeKey: string | null };
export type PlacedHeat = {
  key: string;
  placeKey: string | null;
  /** In the heat. */
  heat: Span;
  hands: Span;
  cold: PlacedCold[];
  rubberMs: number;
  touchMs: number;
};

export type Conflict =
  | 'no_place_for_heat'
  | 'oven_full'
  | 'dials_differ'
  | 'no_place_for_cold'
  | 'freezer_full'
  | 'begun_before_now'
  | 'hands_busy';

const overlaps = (a: Span, b: Span) => a.fromMs < b.toMs && b.fromMs < a.toMs;

/** Most of these spans that are open at one moment within `span`, which counts as one of them. */
export function crowdOf(span: Span, others: readonly Span[]): number {
  const during = others.filter((other) => overlaps(span, other));
  const starts = [span.fromMs, ...during.map(({ fromMs }) => Math.max(fromMs, span.fromMs))];
  return Math.max(
    ...starts.map((atMs) => 1 + during.filter(({ fromMs, toMs }) => fromMs <= atMs && atMs < toMs).length),
  );
}

export type Placed = { task: HeatTask; heat: PlacedHeat };

/** Why this heat cannot stand in `spot` beside the others; null: it can. */
function heatConflict(
  task: HeatTask,
  span: Span,
  spot: HeatSpot,
  others: readonly Placed[],
): Conflict | null {
  const inIt = others.filter(({ heat }) => heat.placeKey === spot.key && overlaps(span, heat.heat));
  if (inIt.some((other) => other.task.dialC !== task.dialC)) return 'dials_differ';
  return crowdOf(
    span,
    inIt.map(({ heat }) => heat.heat),
  ) > spot.holds
    ? 'oven_full'
    : null;
}

/** Of the spots that serve, the first that has room; else the first, and why it has none. */
export function findSpot(
  fit: readonly HeatSpot[],
  none: Conflict,
  conflictAt: (spot: HeatSpot) => Conflict | null,
): { placeKey: string | null; conflict: Conflict | null } {
  const [first] = fit;
  if (!first) return { placeKey: null, conflict: none };
  const free = fit.find((spot) => conflictAt(spot) === null);
  return { placeKey: (free ?? first).key, conflict: free ? null : conflictAt(first) };
}

/** Where it is heated: in the place that it is in or is to be in, else in one that becomes hot enough. */
function placeHeat(task: HeatTask, span: Span, placed: readonly Placed[], spots: readonly HeatSpot[]) {
  const { source, placeKey, dialC } = task;
  if (source === null) return { placeKey: null, conflict: null };
  const kind = source === 'gun' ? 'hot_air' : 'oven';
  const fit = spots.filter(
    (spot) =>
      spot.kind === kind &&
      (placeKey === null ? spot.reachesC === null || spot.reachesC >= dialC : spot.key === placeKey),
  );
  return findSpot(fit, 'no_place_for_heat', (spot) => heatConflict(task, span, spot, placed));
}

/** The parts of a heat in the freezer until its door opens, each beside those that are in already. */
function placeCold(
  task: HeatTask,
  outMs: number,
  placed: readonly Placed[],
  spots: readonly HeatSpot[],
): { cold: PlacedCold[]; conflicts: (Conflict | null)[] } {
  const taken = placed.flatMap(({ heat }) => heat.cold);
  const freezers = spots.filter(({ kind }) => kind === 'freezer');
  const cold: PlacedCold[] = [];
  const conflicts = task.cold.map(({ key, soakMs, sinceMs, placeKey: isIn }) => {
    const span = { fromMs: sinceMs ?? outMs - soakMs, toMs: outMs };
    const beside = [...taken, ...cold];
    const { placeKey, conflict } = findSpot(
      isIn === null ? freezers : freezers.filter((spot) => spot.key === isIn),
      'no_place_for_cold',
      (spot) => {
        const inIt = beside.filter((each) => each.placeKey === spot.key);
        return crowdOf(span, inIt) > spot.holds ? 'freezer_full' : null;
      },
    );
    cold.push({ ...span, key, placeKey });
    return conflict;
  });
  return { cold, conflicts };
}

/** One heat whose door opens at `outMs`, with all that then follows, and what speaks against it. */
export function placeAt(
  task: HeatTask,
  outMs: number,
  placed: readonly Placed[],
  spots: readonly HeatSpot[],
  nowMs: number,
): { heat: PlacedHeat; conflicts: Conflict[] } {
  const span: Span = { fromMs: task.inMs ?? outMs - task.soakMs, toMs: outMs };
  const hands: Span = { fromMs: outMs, toMs: outMs + task.handsMs };
  const spot = placeHeat(task, span, placed, spots);
  const { cold, conflicts } = placeCold(task, outMs, placed, spots);
  const begun = [
    ...(task.inMs === null ? [span] : []),
    ...cold.filter((_, i) => task.cold[i]!.sinceMs === null),
  ];
  const all: (Conflict | null)[] = [
    spot.conflict,
    ...conflicts,
    begun.some(({ fromMs }) => fromMs < nowMs) ? 'begun_before_now' : null,
    placed.some(({ heat }) => overlaps(hands, heat.hands)) ? 'hands_busy' : null,
  ];
  return {
    heat: {
      key: task.key,
      placeKey: spot.placeKey,
      heat: span,
      hands,
      cold,
      rubberMs: hands.toMs + task.coolMs.rubber,
      touchMs: hands.toMs + task.coolMs.touch,
    },
    conflicts: [...new Set(all.filter((each) => each !== null))],
  };
}
