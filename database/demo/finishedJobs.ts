import { BLIND_NEEDLE_GEARBOX_A, BLIND_NEEDLE_GEARBOX_B } from '@/core/job/kinds/blindNeedleGearbox';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { FLAT_TWIN_HOUSING } from '@/core/job/kinds/flatTwinHousing';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { OFFROAD_CRANKCASE } from '@/core/job/kinds/offroadCrankcase';
import { PRESS_TOOL_MAIN } from '@/core/job/kinds/pressToolMain';
import { PULLEY_HALF } from '@/core/job/kinds/pulleyHalf';
import { SAW_CRANKCASE } from '@/core/job/kinds/sawCrankcase';
import { SEAL_ONLY } from '@/core/job/kinds/sealOnly';
import { SIDE_GEARBOX } from '@/core/job/kinds/sideGearbox';
import { STEERING_HEAD } from '@/core/job/kinds/steeringHead';
import { SWING_ARM } from '@/core/job/kinds/swingArm';
import { TWO_STROKE_CRANKCASE } from '@/core/job/kinds/twoStrokeCrankcase';
import type { ProjectedJob } from '@/core/project/project';
import type { Reading } from '@/core/record/entries';
import type { AnySeatId } from '@/core/record/ids';
import type { Seat } from '@/core/record/job';
import type { JobFile } from '@/core/record/jobFile';
import { parseSlot, slotOf, slotText, type Slot } from '@/core/record/slots';
import { topDepthMm } from '@/core/strip/coaxial';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { Move } from '@/core/walk/move';
import type { Draft, Offer } from '@/core/walk/offer';
import { playJob } from '@/core/walk/play';
import { trueValue } from '@/gauges/workpiece';
import { demoFile } from './demoFile';
import { readingsInTheMiddle } from './demoFloats';
import { demoHead } from './demoHead';
import { Diary } from './diary';
import { idOf, instrumentsAt, PEOPLE, USED } from './shop';

/**
 * A finished job of each kind, worked through by the walk itself: what it asked was answered, what it had read was read on the simulated
 * workpiece, and at the end it was signed and handed over. So every figure of them is the core’s own.
 */
type Finished = {
  kind: JobKind;
  number: number;
  machine: string;
  daysAgo: number;
  who: 'iq' | 'tm' | 'jb';
  walk: WalkStyle;
};

const FINISHED: readonly Finished[] = [
  {
    kind: TWO_STROKE_CRANKCASE,
    number: 352,
    machine: 'Ostrel 250, last autumn',
    daysAgo: 402,
    who: 'iq',
    walk: 'quick',
  },
  {
    kind: OFFROAD_CRANKCASE,
    number: 358,
    machine: 'Tarn 220, in spring',
    daysAgo: 231,
    who: 'iq',
    walk: 'quick',
  },
  {
    kind: SAW_CRANKCASE,
    number: 361,
    machine: 'Fenwold 5, spare saw',
    daysAgo: 188,
    who: 'tm',
    walk: 'full',
  },
  {
    kind: BLIND_NEEDLE_GEARBOX_A,
    number: 364,
    machine: 'Quarry 500, before the rally',
    daysAgo: 160,
    who: 'tm',
    walk: 'full',
  },
  {
    kind: BLIND_NEEDLE_GEARBOX_B,
    number: 365,
    machine: 'Moorland 350, the vet’s',
    daysAgo: 155,
    who: 'iq',
    walk: 'full',
  },
  {
    kind: SIDE_GEARBOX,
    number: 366,
    machine: 'Pelling 90, the post’s',
    daysAgo: 149,
    who: 'iq',
    walk: 'full',
  },
  {
    kind: PULLEY_HALF,
    number: 368,
    machine: 'Sallow 125, the ferry’s',
    daysAgo: 140,
    who: 'tm',
    walk: 'full',
  },
  {
    kind: SWING_ARM,
    number: 369,
    machine: 'Bolver 570, harbour quad',
    daysAgo: 133,
    who: 'tm',
    walk: 'full',
  },
  {
    kind: STEERING_HEAD,
    number: 370,
    machine: 'Ostrel 250, the warden’s',
    daysAgo: 120,
    who: 'tm',
    walk: 'full',
  },
  {
    kind: FINAL_DRIVE,
    number: 374,
    machine: 'Bolver 570, quarry quad',
    daysAgo: 96,
    who: 'iq',
    walk: 'quick',
  },
  {
    kind: FLAT_TWIN_HOUSING,
    number: 379,
    machine: 'Merrow twin, the museum’s',
    daysAgo: 74,
    who: 'tm',
    walk: 'full',
  },
  {
    kind: PRESS_TOOL_MAIN,
    number: 383,
    machine: 'Harrow 1200, the brewer’s',
    daysAgo: 51,
    who: 'tm',
    walk: 'full',
  },
  { kind: SEAL_ONLY, number: 388, machine: 'Tarn 220, shift seal', daysAgo: 33, who: 'iq', walk: 'full' },
];

const SECOND_MS = 1000;
const MINUTE_MS = 60 * SECOND_MS;
/** Hot metal does not wait, a casting in the oven does; all else takes its minutes. */
const LASTS_MS: Partial<Record<Move['code'], number>> = {
  casting_into_heat: 55 * MINUTE_MS,
  part_into_freezer: 45 * MINUTE_MS,
  take_out_and_drop: 6 * SECOND_MS,
  drop_now: 4 * SECOND_MS,
};
const USUAL_MS = 3 * MINUTE_MS;

const instrumentOf = (slot: Slot) => USED[slot.family]![0]!;
const THOUSANDTHS = 1000;

const seatIn = ({ castings }: ProjectedJob, id: AnySeatId): Seat =>
  castings.flatMap(({ seats }) => seats).find((seat) => seat.id === id)!;

type Figure = { slot: Slot; seatId: AnySeatId | null; value: number };

/** What the walk asks to be read at a move, as the simulated workpiece has it; a part that came home lies flat. */
function figuresOf(move: Move, project: ProjectedJob, atMs: number): Figure[] {
  const { seatId } = move;
  if (move.code === 'measure' && seatId && move.slot) {
    const { castingId, slot } = move;
    const value = trueValue(project, { seatId, castingId, slot }, atMs);
    return value === null ? [] : [{ slot: move.slot, seatId, value }];
  }
  if (move.code === 'read_depths' && seatId && move.angleDeg !== undefined) {
    const seat = seatIn(project, seatId);
    const value = Math.abs(topDepthMm(seat)) + (move.angleDeg === 90 ? 0.01 : 0);
    return [{ slot: slotOf('depth', { pass: 1, angleDeg: move.angleDeg }), seatId, value }];
  }
  const wanted = project.plan.tasks.find(({ key }) => key === move.items[0]?.key)?.floats ?? [];
  return project.plan.floats
    .filter(({ key }) => wanted.includes(key))
    .flatMap((float) => Object.entries(readingsInTheMiddle(float).figures))
    .flatMap(([text, value]) => {
      const slot = parseSlot(text)!;
      return text in project.state.slots ? [] : [{ slot, seatId: null, value }];
    });
}

/** The usual answer; squareness is read round and kept by its figures. */
function answer(offers: readonly Offer[], { code, seatId }: Move, project: () => ProjectedJob): Offer {
  const own = (draft: Draft): Offer => ({ code: 'square', isEmpty: false, drafts: () => [draft] });
  if (code === 'start_square_pass' && seatId) {
    const seat = seatIn(project(), seatId);
    const sense = topDepthMm(seat) < 0 ? 'standing_out' : 'sunk';
    const circleMm = Math.round(seat.spec.part.outsideMm - 5);
    return own({ kind: 'square_pass_started', body: { pass: 1, sense, circleMm }, seatId });
  }
  if (code === 'accept_square' && seatId)
    return own({ kind: 'square_accepted', body: { pass: 1, overruled: false }, seatId });
  return offers[0]!;
}

function finish({ kind, number, machine, daysAgo, who, walk }: Finished, nowMs: number): JobFile {
  const job = `finished ${kind.kind}`;
  const minutesAgo = daysAgo * 24 * 60;
  const head = demoHead(job, kind, { number, machine, minutesAgo, nowMs });
  const personId = idOf(`person ${who}`);
  const startMs = nowMs - minutesAgo * MINUTE_MS;
  let count = 0;
  const makeId = () => idOf(`${job} entry ${(count += 1)}`);
  let seen: ProjectedJob | null = null;
  const { entries, endMs } = playJob({
    head,
    walk,
    startMs,
    makeId,
    personId,
    instruments: instrumentsAt(nowMs),
    choose: (offers, move) => answer(offers, move, () => seen!),
    lasts: ({ code }) => LASTS_MS[code] ?? USUAL_MS,
    read: (move, project, atMs) => {
      seen = project;
      return figuresOf(move, project, atMs).map(({ slot, seatId, value }): Reading => {
        const rounded = Math.round(value * THOUSANDTHS) / THOUSANDTHS;
        return {
          id: makeId(),
          seatId,
          castingId: null,
          personId,
          slot: slotText(slot),
          typed: String(rounded),
          value: rounded,
          instrumentId: instrumentOf(slot),
          metalC: 20,
          takenAt: new Date(atMs).toISOString(),
        };
      });
    },
  });
  const by = PEOPLE.find(({ id }) => id === personId)!.name;
  const end = (nowMs - endMs) / MINUTE_MS;
  const { events } = new Diary(job, nowMs)
    .handedOver(end - 5, who, by, Math.round((endMs - startMs) / MINUTE_MS))
    .note(end - 6, who, 'job_put_away', {});
  const diary = { readings: entries.readings, events: [...entries.events, ...events], photographs: [] };
  return demoFile(head, diary, nowMs);
}

/** A finished job of every kind that the demo’s diaries do not tell of themselves. */
export const buildFinished = (nowMs: number): JobFile[] => FINISHED.map((each) => finish(each, nowMs));
