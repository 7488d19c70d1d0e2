import type { Conflict, PlacedHeat, Span } from '@/core/board/heatSchedule';
import type { ShopSpot } from '@/core/board/heatSpots';
import type { JobHeatTask } from '@/core/board/heatTasks';
import type { HeatsPlan } from '@/core/board/planHeats';
import { FAR_AHEAD_MS, type Stretch } from './stretches';

export type LabelPlace = 'inside' | 'behind' | 'before';

/** One bar; shares of the drawn time, from its left end. */
export type TimeBar = {
  key: string;
  taskKey: string;
  from: number;
  to: number;
  /** Of a cooling bar: until a hand may touch it. */
  tailTo: number | null;
  tone: 'heat' | 'cold' | 'plain';
  label: string;
  /** Where there is room for its label: in it, behind it, or before it. */
  labelAt: LabelPlace;
  /** Not begun yet: drawn dashed, and it can be moved. */
  isPlanned: boolean;
  isInTrouble: boolean;
};

export type TimeRow = { spot: ShopSpot; lanes: TimeBar[][] };

/** Parts that go in one after another at one casting: an arrow each, and where it is turned over. */
export type TimeDrops = {
  taskKey: string;
  arrows: { at: number; isTurnedOver: boolean }[];
  label: string;
  /** Which of the lines below the arrows its label stands on, and from where. */
  line: number;
  labelFrom: number;
};

/** Hands are needed. */
export type TimeHands = { key: string; from: number; to: number; label: string };

export type TimeLine = {
  fromMs: number;
  toMs: number;
  ticks: { at: number; atMs: number | null }[];
  /** Null: everything is planned for hours from now. */
  now: number | null;
  rows: TimeRow[];
  cooling: TimeBar[][];
  drops: TimeDrops[];
  hands: TimeHands[];
};

/** How the builder's figures are said; words belong to the page. */
export type TimeLineWords = {
  heat: (task: JobHeatTask) => string;
  cold: (task: JobHeatTask) => string;
  cooling: (task: JobHeatTask) => string;
  drops: (task: JobHeatTask) => string;
  hands: (task: JobHeatTask) => string;
};

type Input = {
  tasks: readonly JobHeatTask[];
  plan: HeatsPlan;
  /** What is drawn of it. */
  stretch: Stretch;
  spots: readonly ShopSpot[];
  nowMs: number;
  /** Of the time line as it is drawn, px: labels that do not fit stand behind their bars. */
  widthPx: number;
  words: TimeLineWords;
};

const MIN = 60_000;
/** What lies further back is cut off. */
const SHOWN_BACK_MS = 25 * MIN;
const LEAST_SPAN_MS = 50 * MIN;
const TICK_STEPS_MIN = [5, 10, 15, 30, 60, 120, 180, 360, 720, 1440];
const MOST_TICKS = 7;
/** "Wed 00:00" beside "23:50". */
const HOUR_PX = 60;
const PX_PER_SIGN = 6.5;
const LABEL_MARGIN_PX = 26;
const ARROW_PX = 22;
const HANDS_LEAST_MS = 3 * MIN;

type Pair = { task: JobHeatTask; heat: PlacedHeat & { conflicts: Conflict[] } };

/** From when to when a stretch is drawn: from now, where it is now. */
function extentOf({ fromMs, toMs }: Stretch, nowMs: number): Span {
  const isAhead = fromMs > nowMs + FAR_AHEAD_MS;
  const startMs = isAhead
    ? fromMs - 15 * MIN
    : Math.min(nowMs - 8 * MIN, Math.max(fromMs, nowMs - SHOWN_BACK_MS));
  const endMs = Math.max(toMs, (isAhead ? fromMs : nowMs) + LEAST_SPAN_MS);
  return { fromMs: startMs, toMs: endMs + 0.03 * (endMs - startMs) };
}

/** Ticks at round hours; every second one is bare where they would be many. */
function ticksOf({ fromMs, toMs }: Span, { share, widthPx }: Drawing): TimeLine['ticks'] {
  const most = Math.min(MOST_TICKS, widthPx / HOUR_PX);
  const step = TICK_STEPS_MIN.find((minutes) => (toMs - fromMs) / (minutes * MIN) <= most) ?? 1440;
  const stepMs = (step * MIN) / 2;
  // Round hours of the place, not of Greenwich.
  const zoneMs = new Date(fromMs).getTimezoneOffset() * MIN;
  const first = Math.ceil((fromMs - zoneMs) / stepMs);
  const last = Math.floor((toMs - zoneMs) / stepMs);
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const atMs = (first + i) * stepMs + zoneMs;
    return { at: share(atMs), atMs: (first + i) % 2 === 0 ? atMs : null };
  });
}

/** Bars one below the other where they, with their labels, would lie over each other. */
function inLanes(bars: readonly TimeBar[], widthPx: number): TimeBar[][] {
  const lanes: { bars: TimeBar[]; freeFrom: number }[] = [];
  const startOf = (bar: TimeBar) =>
    bar.from - (bar.labelAt === 'before' ? labelShare(bar.label, widthPx) : 0);
  for (const bar of [...bars].sort((a, b) => startOf(a) - startOf(b))) {
    const labelEnd = bar.labelAt === 'behind' ? labelShare(bar.label, widthPx) : 0;
    const freeFrom = (bar.tailTo ?? bar.to) + labelEnd + 0.004;
    const lane = lanes.find((each) => each.freeFrom <= startOf(bar));
    if (lane) {
      lane.bars.push(bar);
      lane.freeFrom = freeFrom;
    } else lanes.push({ bars: [bar], freeFrom });
  }
  return lanes.map((lane) => lane.bars);
}

/** Behind it, else before it, and where neither has room, where more is: nothing runs off the page. */
const placeBeside = (from: number, to: number, label: number) =>
  to + label <= 1 || from < Math.min(label, 1 - to) ? ('behind' as const) : ('before' as const);

/** In its bar where it fits. */
const labelPlace = (from: number, to: number, label: number): LabelPlace =>
  label <= to - from ? 'inside' : placeBeside(from, to, label);

const labelShare = (label: string, widthPx: number) =>
  (label.length * PX_PER_SIGN + LABEL_MARGIN_PX) / widthPx;

type Drawing = Pick<Input, 'spots' | 'nowMs' | 'widthPx' | 'words'> & { share: (atMs: number) => number };

function barOf(
  { task, heat }: Pair,
  span: Span,
  made: Pick<TimeBar, 'key' | 'tone' | 'label' | 'isPlanned'>,
  { share, widthPx }: Drawing,
): TimeBar {
  const [from, to] = [share(span.fromMs), share(span.toMs)];
  return {
    ...made,
    taskKey: task.key,
    from,
    to,
    tailTo: null,
    labelAt: labelPlace(from, to, labelShare(made.label, widthPx)),
    isInTrouble: heat.conflicts.length > 0 || task.troubles.length > 0,
  };
}

const kindOf = ({ source }: JobHeatTask): ShopSpot['kind'] => (source === 'gun' ? 'hot_air' : 'oven');

/** What has no place is drawn where the first of its kind is: in trouble, but seen. */
const isDrawnAt = (
  spot: ShopSpot,
  placeKey: string | null,
  kind: ShopSpot['kind'],
  spots: readonly ShopSpot[],
) => placeKey === spot.key || (placeKey === null && spots.find((each) => each.kind === kind) === spot);

const heatBars = (spot: ShopSpot, pairs: readonly Pair[], drawing: Drawing) =>
  pairs
    .filter(
      ({ task, heat }) => task.source !== null && isDrawnAt(spot, heat.placeKey, kindOf(task), drawing.spots),
    )
    .map((pair) => {
      const { task, heat } = pair;
      const label = drawing.words.heat(task);
      const made = { key: `heat ${task.key}`, tone: 'heat' as const, label, isPlanned: task.inMs === null };
      return barOf(pair, heat.heat, made, drawing);
    });

const coldBars = (spot: ShopSpot, pairs: readonly Pair[], drawing: Drawing) =>
  pairs.flatMap((pair) => {
    const { task, heat } = pair;
    const here = heat.cold.filter(({ placeKey }) => isDrawnAt(spot, placeKey, 'freezer', drawing.spots));
    if (here.length === 0) return [];
    const span = { fromMs: Math.min(...here.map(({ fromMs }) => fromMs)), toMs: here[0]!.toMs };
    const made = {
      key: `cold ${task.key} ${spot.key}`,
      tone: 'cold' as const,
      label: drawing.words.cold(task),
      isPlanned: task.cold.every(({ sinceMs }) => sinceMs === null),
    };
    return [barOf(pair, span, made, drawing)];
  });

const coolingBars = (pairs: readonly Pair[], drawing: Drawing) =>
  pairs
    .filter(({ task, heat }) => task.source !== null && heat.touchMs > drawing.nowMs)
    .map((pair) => {
      const { task, heat } = pair;
      const made = {
        key: `cooling ${task.key}`,
        tone: 'plain' as const,
        label: drawing.words.cooling(task),
        isPlanned: task.outMs === null,
      };
      const bar = barOf(pair, { fromMs: heat.hands.toMs, toMs: heat.rubberMs }, made, drawing);
      const tailTo = drawing.share(heat.touchMs);
      return {
        ...bar,
        tailTo,
        labelAt: placeBeside(bar.from, tailTo, labelShare(bar.label, drawing.widthPx)),
      };
    });

/** Parts that go in: seconds apart, and drawn so far from each other that each is seen. */
function dropsOf(pairs: readonly Pair[], { share, widthPx, words }: Drawing): TimeDrops[] {
  const free: number[] = [];
  const byDoor = pairs
    .filter(({ task }) => task.drops.length > 0)
    .sort((a, b) => a.heat.hands.fromMs - b.heat.hands.fromMs);
  return byDoor.map(({ task, heat }) => {
    const door = share(heat.hands.fromMs);
    const label = words.drops(task);
    const length = labelShare(label, widthPx);
    const labelFrom = Math.max(0, Math.min(door, 1 - length));
    const found = free.findIndex((from) => from <= labelFrom);
    const line = found < 0 ? free.length : found;
    free[line] = labelFrom + length;
    return {
      taskKey: task.key,
      label,
      line,
      labelFrom,
      arrows: task.drops.map(({ atS, isTurnedOver }, i) => ({
        at: Math.max(share(heat.hands.fromMs + atS * 1000), door + (i * ARROW_PX) / widthPx),
        isTurnedOver,
      })),
    };
  });
}

/** All heats as marks on one time line. */
export function buildTimeLine({ tasks, plan, stretch, ...input }: Input): TimeLine {
  const { spots, nowMs, widthPx } = input;
  const pairs = plan.heats
    .filter(({ key }) => stretch.keys.includes(key))
    .map((heat): Pair => ({ task: tasks.find(({ key }) => key === heat.key)!, heat }));
  const extent = extentOf(stretch, nowMs);
  const share = (atMs: number) =>
    Math.min(1, Math.max(0, (atMs - extent.fromMs) / (extent.toMs - extent.fromMs)));
  const drawing: Drawing = { ...input, share };
  const placeRow = (spot: ShopSpot): TimeRow => {
    const bars = spot.kind === 'freezer' ? coldBars : heatBars;
    return { spot, lanes: inLanes(bars(spot, pairs, drawing), widthPx) };
  };
  return {
    ...extent,
    ticks: ticksOf(extent, drawing),
    now: nowMs < extent.fromMs ? null : share(nowMs),
    rows: spots.map(placeRow),
    cooling: inLanes(coolingBars(pairs, drawing), widthPx),
    drops: dropsOf(pairs, drawing),
    hands: handsOf(pairs, drawing),
  };
}

/** Moments at which somebody has to be there. */
function handsOf(pairs: readonly Pair[], { nowMs, share, words }: Drawing): TimeHands[] {
  return (
    pairs
      .flatMap(({ task, heat }) => {
        const moments: [string, Span][] = [
          ...heat.cold.slice(0, 1).map(({ fromMs }): [string, Span] => ['cold', { fromMs, toMs: fromMs }]),
          ...(task.source === null
            ? []
            : [['in', { ...heat.heat, toMs: heat.heat.fromMs }] as [string, Span]]),
          ...(task.drops.length === 0 ? [] : [['out', heat.hands] as [string, Span]]),
        ];
        return moments.map(([what, { fromMs, toMs }]) => ({
          key: `${what} ${task.key}`,
          fromMs,
          toMs: Math.max(toMs, fromMs + HANDS_LEAST_MS),
          label: words.hands(task),
        }));
      })
      .filter(({ toMs }) => toMs > nowMs - SHOWN_BACK_MS)
      .map(({ fromMs, toMs, ...rest }) => ({ ...rest, from: share(fromMs), to: share(toMs) }))
      // Those with a name lie on top.
      .sort((a, b) => a.label.length - b.label.length)
  );
}
