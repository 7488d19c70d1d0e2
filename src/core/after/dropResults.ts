import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { timeConstantS, type Soak } from '@/core/heat/soak';
import { readDoubtK, U_PROBE_K } from '@/core/heat/thermometer';
import { isDrop, isHeated } from '@/core/heat/waySorts';
import { viewHeatRun } from '@/core/job/heatRun';
import { bodies, castingSoak, partSoak, partTemperature, type RunInput } from '@/core/job/heatRunStart';
import { viewJob, type SeatView } from '@/core/job/seatView';
import { rebuild } from '@/core/project/advance';
import { eventsInOrder, type TimedEvent } from '@/core/project/ledger';
import type { ProjectedJob } from '@/core/project/project';
import type { Measured } from '@/core/quantity/measured';
import type { Entries, Reading } from '@/core/record/entries';
import type { Casting } from '@/core/record/job';
import { familyOf, readSlot } from '@/core/record/slots';
import type { DropResult } from './drops';
import { fitLossFactor } from './fitLoss';

/** A probe reading this near to the drop is of the drop. */
const READ_WITHIN_MS = 15_000;
/** The casting is followed for so long after its door. */
const FOLLOWED_MS = 900_000;
/** What tells of an oven was read so shortly before its door. */
const BEFORE_DOOR_MS = 120_000;
/** What has taken up less of its oven's heat, or of its freezer's cold, than this tells little of it. */
const LEAST_TAKEN = 0.6;
/** How well their heat-transfer coefficients are known, standard uncertainty as a share. Common practice, no source. */
const U_OVEN_H = 0.15;
const U_FREEZER_H = 0.3;
/** Race and bore that touch, W/(m²·K): a lightly loaded joint of steel and aluminium in air. From memory. */
const TOUCHING_WM2K = 2000;

type Read = { atMs: number; celsius: number; uK: number };

const isOfCasting = ({ slot, castingId, seatId }: Reading, id: string) =>
  seatId === null && castingId === id && familyOf(readSlot(slot)).quantity === 'temperature';

/** The job as it stood right after an event, by all that has been put right since. */
function jobAt(
  head: ProjectedJob,
  { readings }: Entries,
  events: readonly TimedEvent[],
  atMs: number,
): ProjectedJob {
  const before = {
    readings: readings.filter(({ takenAt }) => Date.parse(takenAt) <= atMs),
    events: events.filter(({ at, kind }) => Date.parse(at) <= atMs && kind !== 'event_retimed'),
  };
  return { ...head, state: rebuild(head.castings, before) };
}

/** How it ended: the first that was said of it before it was let go of again. */
function outcomeAfter(events: readonly TimedEvent[], letGo: TimedEvent): DropResult['outcome'] | null {
  const later = events.slice(events.indexOf(letGo) + 1).filter(({ seatId }) => seatId === letGo.seatId);
  const said = later.find(({ kind }) => kind === 'home' || kind === 'stuck' || kind === 'let_go');
  if (said?.kind === 'home') return said.body.how ?? 'home';
  return said?.kind === 'stuck' ? 'stuck' : null;
}

/** How much hotter an oven or freezer was than it was set to, from what was read of what lay in it since `sinceMs`. */
function offsetBy(soak: Soak, sinceMs: number, read: Read, uShareOfH: number): Measured | null {
  const afterS = (read.atMs - sinceMs) / 1000;
  const tau = timeConstantS(soak);
  const left = Math.exp(-afterS / tau);
  if (1 - left < LEAST_TAKEN) return null;
  const modelledC = soak.surroundingsC + (soak.startC - soak.surroundingsC) * left;
  const byH = (soak.surroundingsC - soak.startC) * (afterS / tau) * left * uShareOfH;
  return { value: (read.celsius - modelledC) / (1 - left), u: Math.hypot(read.uK, byH) / (1 - left) };
}

/** By the last reading before the oven's door. */
function ovenOffset(input: RunInput, doorMs: number, reads: readonly Read[]): Measured | null {
  const soak = castingSoak({ ...input, view: uncorrected(input.view) });
  const { heat } = input.view;
  const last = reads.filter(({ atMs }) => atMs <= doorMs && atMs >= doorMs - BEFORE_DOOR_MS).at(-1);
  return soak && last && heat.phase !== 'cold' ? offsetBy(soak, heat.sinceMs, last, U_OVEN_H) : null;
}

/** By the last reading of the part while it lay in the cold. */
function freezerOf({ view, roomC }: RunInput, doorMs: number): DropResult['freezer'] {
  const { freezer } = view.history;
  const soak = partSoak({ view: uncorrected(view) }, roomC);
  const last = freezer?.read.filter(({ atMs }) => atMs <= doorMs).at(-1);
  if (!freezer?.place || !soak || !last) return null;
  const offsetK = offsetBy(soak, freezer.sinceMs, { ...last, uK: U_PROBE_K }, U_FREEZER_H);
  return offsetK && { place: freezer.place, offsetK };
}

/** What is fitted is fitted against the model without the shop's correction: else it would correct itself away. */
const uncorrected = (view: SeatView): SeatView => ({ ...view, learned: null });

function lossOf(
  input: RunInput,
  { doorMs, letGoMs, untilMs }: { doorMs: number; letGoMs: number; untilMs: number },
  reads: readonly Read[],
  isHome: boolean,
): Measured | null {
  const { view } = input;
  const { heat, seat } = view;
  if (heat.phase === 'cold' || heat.source === 'gun') return null;
  const after = reads.filter(({ atMs }) => atMs >= doorMs && atMs <= Math.min(untilMs, doorMs + FOLLOWED_MS));
  const [first] = after;
  if (!first) return null;
  const { part } = seat.spec;
  const fromS = (first.atMs - doorMs) / 1000;
  const apart = bodies({ ...input, view: uncorrected(view) }, partTemperature(input, doorMs), first.celsius);
  return fitLossFactor(
    {
      ...apart,
      touch: isHome
        ? {
            touchAtS: Math.max(0, (letGoMs - doorMs) / 1000 - fromS),
            conductanceWM2K: TOUCHING_WM2K,
            areaM2: Math.PI * part.outsideMm * part.widthMm * 1e-6,
          }
        : null,
      benchWK: REST_CONDUCTANCE[heat.rest].likelyWK,
    },
    after.map(({ atMs, celsius }) => ({ timeS: (atMs - first.atMs) / 1000, celsius })),
  );
}

type Record = { head: ProjectedJob; entries: Entries; events: readonly TimedEvent[] };

/** What a probe said of this casting since its heat began, oldest first. */
const readsOf = ({ entries: { readings }, head }: Record, castingId: string, sinceMs: number): Read[] =>
  readings
    .filter((reading) => isOfCasting(reading, castingId))
    .map(({ takenAt, value, instrumentId }) => ({
      atMs: Date.parse(takenAt),
      celsius: value,
      uK: readDoubtK(head.instruments.find(({ id }) => id === instrumentId)?.u),
    }))
    .filter(({ atMs }) => atMs >= sinceMs)
    .sort((a, b) => a.atMs - b.atMs);

/** Until when nothing else happens to a casting after a drop: the next part, or the next heat. */
function undisturbedUntilMs(events: readonly TimedEvent[], casting: Casting, letGoMs: number): number {
  const others = events.filter(
    ({ kind, seatId, castingId, at }) =>
      Date.parse(at) > letGoMs &&
      ((kind === 'let_go' && casting.seats.some(({ id }) => id === seatId)) ||
        (kind === 'casting_into_heat' && castingId === casting.id)),
  );
  return Math.min(Infinity, ...others.map(({ at }) => Date.parse(at)));
}

/** Was nothing else let go of into this casting since its door? */
const isFirstOf = (events: readonly TimedEvent[], casting: Casting, doorMs: number, letGoMs: number) =>
  !events.some(
    ({ kind, seatId, at }) =>
      kind === 'let_go' &&
      casting.seats.some(({ id }) => id === seatId) &&
      Date.parse(at) > doorMs &&
      Date.parse(at) < letGoMs,
  );

/** What the heat of a first drop tells of the shop. */
function toldBy(
  input: RunInput,
  { events }: Record,
  { doorMs, letGoMs, isHome }: { doorMs: number; letGoMs: number; isHome: boolean },
  reads: readonly Read[],
): Pick<DropResult, 'lossFactor' | 'oven'> {
  const { heat, casting } = input.view;
  const offsetK = ovenOffset(input, doorMs, reads);
  const place = heat.phase === 'cold' ? null : heat.place;
  const untilMs = undisturbedUntilMs(events, casting, letGoMs);
  return {
    lossFactor: lossOf(input, { doorMs, letGoMs, untilMs }, reads, isHome),
    oven: offsetK && place ? { place, offsetK } : null,
  };
}

/** One drop; null where it was none by heat, nobody said how it ended, or its fit is not known. */
function resultOf(record: Record, letGo: TimedEvent): DropResult | null {
  const { head, entries, events } = record;
  const outcome = outcomeAfter(events, letGo);
  const letGoMs = Date.parse(letGo.at);
  const job = jobAt(head, entries, events, letGoMs);
  const view = viewJob(job, letGoMs).seats.find(({ seat }) => seat.id === letGo.seatId);
  const way = view?.history.wayIn?.way;
  if (!view || !outcome || !way || !isDrop(way) || !isHeated(way) || view.heat.phase !== 'out') return null;
  const { heat, casting, seat } = view;
  const doorMs = heat.outMs;
  const reads = readsOf(record, casting.id, heat.sinceMs);
  const input = { view, roomC: job.roomC, nowMs: doorMs, probe: reads.filter(({ atMs }) => atMs <= doorMs) };
  const carryS = (letGoMs - doorMs) / 1000;
  const then = viewHeatRun(input).curve.moments.find(({ timeS }) => timeS >= carryS);
  if (!then) return null;
  const near = reads.filter(({ atMs }) => letGoMs - atMs <= READ_WITHIN_MS && atMs <= letGoMs).at(-1);
  const now = near && viewHeatRun({ ...input, nowMs: letGoMs, probe: [near] }).now;
  const isFirst = isFirstOf(events, casting, doorMs, letGoMs);
  const isHome = outcome !== 'stuck';
  return {
    id: letGo.id,
    seatId: seat.id,
    name: seat.name,
    castingName: casting.name,
    atMs: letGoMs,
    outcome,
    carryS,
    promised: { castingC: then.housingC, clearanceMm: then.clearanceMm },
    read: near && now ? { castingC: near.celsius, clearanceMm: now.clearanceMm.value } : null,
    ...(isFirst
      ? toldBy(input, record, { doorMs, letGoMs, isHome }, reads)
      : { lossFactor: null, oven: null }),
    freezer: freezerOf(input, doorMs),
    isFirst,
  };
}

/** Every drop by heat of a job whose end was said, oldest first: promised by what was known at its door, against what was read and said. */
export function dropResults(head: ProjectedJob, entries: Entries): DropResult[] {
  const events = eventsInOrder(entries.events).filter(({ kind }) => kind !== 'event_retimed');
  return events
    .filter(({ kind, seatId }) => kind === 'let_go' && seatId !== null)
    .flatMap((letGo) => resultOf({ head, entries, events }, letGo) ?? []);
}
