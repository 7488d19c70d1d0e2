import type { PartCheck } from '@/core/parts/comparePart';
import type { Casting, JobHead, Seat } from '@/core/record/job';
import type { Instrument } from '@/core/record/instrument';
import type { Workpiece } from '@/core/record/vocabulary';
import { kitOf } from '@/core/parts/kit';
import type { JobPlan } from '@/core/record/plan';
import { type Journal, journalOf } from '@/core/record/journals';
import type { Shaft } from '@/core/record/shafts';
import { isAtHand } from '@/core/tools/atHand';
import type { Tool } from '@/core/tools/tool';
import type { LeftIn } from '@/core/heat/ceilings';
import type { Learned } from '@/core/heat/learned';
import type { Thresholds } from '@/core/heat/mildest';
import {
  FRESH_CASTING,
  FRESH_SEAT,
  type CastingState,
  type SeatHistory,
  type SeatState as SeatDone,
  type Work,
} from '@/core/project/jobState';
import type { StuffNoted } from '@/core/project/heat';
import type { ProjectedJob } from '@/core/project/project';
import { readDoubtK, type ReadC } from '@/core/heat/thermometer';
import {
  countSetAside,
  readingsOf,
  type CurrentReading,
  type ProbeReadings,
  type SeatReadings,
} from '@/core/project/readings';
import { BORE_SLOTS, OUTSIDE_SLOTS, slotText, type Slot } from '@/core/record/slots';
import { coolsAtMs, heatAt, type CastingHeat } from './castingHeat';
import { counting } from './counting';
import { findSeatFit, type SeatFit } from './seatFit';
import { readingsBySize } from './readingsBySize';
import { sealsLeftIn } from './sealsLeftIn';
import { viewJournals, type JournalView } from './journalView';
import { workpieceOf } from './workpiece';
import { checkSeatPart } from './seatSizes';

/** State of the seat (its hole) and of the part that goes into it: each their own, neither hides the other. */
export type SeatState = 'as_found' | 'measured' | 'planned' | 'hot' | 'home' | 'proven' | 'trouble';
export type PartState = 'waiting' | 'cold' | 'in_hand' | 'fitted';

/** Everything derived about one seat at one moment. */
export type SeatView = {
  seat: Seat;
  casting: Casting;
  /** The newest of each slot and the one before. */
  readings: CurrentReading[];
  /** Readings that stand beside those that count: superseded, or struck out. */
  setAside: number;
  /** What the probe said of its casting, oldest first. */
  probe: readonly ReadC[];
  history: SeatHistory;
  heat: CastingHeat;
  fit: SeatFit | null;
  leftIn: LeftIn[];
  /** What else is on its casting that heat spoils. */
  stuff: StuffNoted;
  /** What the shop's own heats have taught; null: the usual guesses hold. */
  learned: Learned | null;
  /** What its readings were taken with, among others. See `depthOf`, `passesOf`. */
  instruments: readonly Instrument[];
  isMeasured: boolean;
  seatState: SeatState;
  partState: PartState;
  /** The shaft that goes into the part; null where none is known. */
  journal: Journal | null;
  /** Readings of another part or size than the seat has now: they count for nothing, and wait to be struck out. */
  unsuited: readonly CurrentReading[];
  /** The new part against its mates. */
  partCheck: PartCheck;
  /** Instruments past their calibration day when they measured this seat. */
  overdue: Instrument[];
};

/** A job as it stands: its seats, and what has been done beyond them. */
export type JobView = {
  seats: SeatView[];
  /** Seats on shafts that a bearing or cone sits on. */
  journals: JournalView[];
  /** What was read between parts, of no seat; see `viewFloats`. */
  readings: SeatReadings;
  work: Work;
  plan: JobPlan;
  /** What hangs on the wall now. */
  tools: readonly Tool[];
  instruments: readonly Instrument[];
  /** The whole wall, with what is lent. */
  wall: readonly Tool[];
  rules: Thresholds;
  skipped: Work['skipped'];
  kind: JobHead['kind'];
  workpiece: Workpiece;
  roomC: number;
};

/** Bore slots that this seat needs: a seal’s bore is read at one depth. */
export const boreSlotsOf = ({ spec }: Seat): readonly Slot[] =>
  spec.kind === 'seal_in_bore' ? BORE_SLOTS.slice(0, 2) : BORE_SLOTS;

/** A drawn cup takes the shape of its bore: its free outside is out of round and tells little. ISO 3245 practice, from memory. */
export const isSizedByBore = ({ spec }: Seat): boolean => spec.part.type === 'drawn_cup';

const hasAll = (readings: readonly CurrentReading[], slots: readonly Slot[]) => {
  const taken = new Set(counting(readings).map(({ slot }) => slot));
  return slots.every((slot) => taken.has(slotText(slot)));
};

function stateOf({
  history,
  heat,
  fit,
  isMeasured,
  partCheck,
}: Pick<SeatView, 'history' | 'heat' | 'fit' | 'isMeasured' | 'partCheck'>): SeatState {
  const isMended = history.remedy?.isGood === true;
  if (
    history.stuck ||
    ((partCheck.verdict === 'wrong' || partCheck.verdict === 'doubtful') && !history.overruled) ||
    (!isMended &&
      isMeasured &&
      (fit?.judgement.verdict === 'slack' || fit?.judgement.verdict === 'too_tight'))
  )
    return 'trouble';
  if (history.accepted) return 'proven';
  if (history.homeMs !== null) return 'home';
  if (heat.phase !== 'cold' && history.wayIn) return 'hot';
  if (history.wayIn) return 'planned';
  return isMeasured ? 'measured' : 'as_found';
}

function partStateOf({ history }: Pick<SeatView, 'history'>): PartState {
  if (history.homeMs !== null) return 'fitted';
  if (history.letGoMs !== null || history.stuck) return 'in_hand';
  return history.freezer ? 'cold' : 'waiting';
}

/** Instruments that measured after their calibration had run out: what they say is marked. */
const overdueInstruments = (readings: readonly CurrentReading[], instruments: readonly Instrument[]) =>
  instruments.filter(
    ({ id, calibrationDue }) =>
      calibrationDue != null &&
      readings.some(
        (reading) =>
          reading.instrumentId === id &&
          reading.status === 'counts' &&
          reading.takenAt.slice(0, 10) > calibrationDue,
      ),
  );

/** All that the view of one seat is made of. The same again gives the same view. */
type Made = {
  seat: Seat;
  shaft: Shaft | null;
  casting: Casting;
  done: SeatDone;
  castingDone: CastingState;
  instruments: readonly Instrument[];
  isCool: boolean;
  leftIn: string;
  learned: string;
};

const isMeasured = (seat: Seat, readings: readonly CurrentReading[], fit: SeatFit | null): boolean =>
  !fit?.doubted &&
  hasAll(readings, boreSlotsOf(seat)) &&
  (isSizedByBore(seat) || hasAll(readings, OUTSIDE_SLOTS));

/** What was read on a casting, as far as each instrument is believed. */
const castingReads = ({ kept }: ProbeReadings, instruments: readonly Instrument[]): ReadC[] =>
  kept.map(({ atMs, celsius, instrumentId }) => ({
    atMs,
    celsius,
    uK: readDoubtK(instruments.find(({ id }) => id === instrumentId)?.u),
  }));

function makeView(
  { seat, shaft, casting, done, castingDone, instruments }: Made,
  { leftIn, learned }: Pick<SeatView, 'leftIn' | 'learned'>,
  nowMs: number,
) {
  const { history } = done;
  const journal = journalOf(shaft ? [shaft] : [], seat.id);
  const { readings, unsuited } = readingsBySize(seat, journal, readingsOf(done.slots));
  const fit = findSeatFit({ seat, casting, readings, instruments });
  const view = {
    seat,
    casting,
    readings,
    unsuited,
    setAside: countSetAside(done.slots),
    probe: castingReads(castingDone.probe, instruments),
    history,
    heat: heatAt(castingDone.heat, nowMs),
    fit,
    leftIn,
    stuff: castingDone.stuff,
    learned,
    isMeasured: isMeasured(seat, readings, fit),
    journal,
    partCheck: checkSeatPart(
      { hasJournal: journal !== null, isSeal: seat.spec.kind === 'seal_in_bore' },
      readings,
      history,
    ),
    overdue: overdueInstruments(readings, instruments),
    instruments,
  };
  return {
    ...view,
    seatState: stateOf(view),
    partState: partStateOf(view),
  } satisfies SeatView;
}

const isSame = (a: Made, b: Made) => (Object.keys(a) as (keyof Made)[]).every((key) => a[key] === b[key]);

/** Makes the view of a job again and again: what no entry touched keeps its view, the very same object. */
export class JobViewer {
  private made = new Map<string, { from: Made; view: SeatView }>();
  private hung: { wall: readonly Tool[]; tools: readonly Tool[] } | null = null;
  private kit: { from: readonly unknown[]; plan: JobPlan } | null = null;

  /** The plan with its kit as the seats stand: the very same until one of them changes. */
  private planOf({ plan, castings, state }: ProjectedJob): JobPlan {
    const { removedSeats } = state.work;
    const from = [plan, castings, removedSeats];
    if (!this.kit || this.kit.from.some((each, i) => each !== from[i]))
      this.kit = { from, plan: { ...plan, parts: kitOf(plan.parts, castings, removedSeats) } };
    return this.kit.plan;
  }

  /** What is not lent: the very same list until the wall changes. */
  private atHand(wall: readonly Tool[]): readonly Tool[] {
    if (this.hung?.wall !== wall) this.hung = { wall, tools: wall.filter(isAtHand) };
    return this.hung.tools;
  }

  private viewSeat(job: ProjectedJob, casting: Casting, seat: Seat, nowMs: number): SeatView {
    const castingDone = job.state.castings[casting.id] ?? FRESH_CASTING;
    const leftIn = sealsLeftIn(job, casting);
    const learned = job.learned ?? null;
    const from: Made = {
      seat,
      shaft: journalOf(job.shafts, seat.id)?.shaft ?? null,
      casting,
      castingDone,
      done: job.state.seats[seat.id] ?? FRESH_SEAT,
      instruments: job.instruments,
      isCool: nowMs > coolsAtMs(castingDone.heat),
      leftIn: JSON.stringify(leftIn),
      learned: JSON.stringify(learned),
    };
    const before = this.made.get(seat.id);
    if (before && isSame(before.from, from)) return before.view;
    const view = makeView(from, { leftIn, learned }, nowMs);
    this.made.set(seat.id, { from, view });
    return view;
  }

  /** Every seat that is still on its map, in the order of the castings, and what has been done beyond them. */
  view(job: ProjectedJob, nowMs: number): JobView {
    const { work } = job.state;
    const seats = job.castings.flatMap((casting) =>
      casting.seats.flatMap((seat) =>
        work.removedSeats.includes(seat.id) ? [] : [this.viewSeat(job, casting, seat, nowMs)],
      ),
    );
    return {
      seats,
      journals: viewJournals(job, seats),
      readings: job.state.slots,
      instruments: job.instruments,
      work,
      plan: this.planOf(job),
      tools: this.atHand(job.tools),
      wall: job.tools,
      rules: job.rules,
      skipped: work.skipped,
      kind: job.kind,
      workpiece: workpieceOf(job),
      roomC: job.roomC,
    };
  }
}

export const viewJob = (job: ProjectedJob, nowMs: number): JobView => new JobViewer().view(job, nowMs);

/** Until when a view holds if nothing is entered: then a casting counts as cool. */
export const viewHoldsUntilMs = ({ state }: Pick<ProjectedJob, 'state'>, nowMs: number): number =>
  Math.min(
    ...Object.values(state.castings)
      .map(({ heat }) => coolsAtMs(heat))
      .filter((atMs) => atMs >= nowMs),
  );
