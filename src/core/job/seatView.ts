import { MATERIALS } from '@/core/catalogue/materials';
import { interferenceAt } from '@/core/fit/runningFit';
import type { Measured } from '@/core/quantity/measured';
import type { PartCheck } from '@/core/parts/comparePart';
import type { Casting, Instrument, JobRecord, Seat } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import type { Tool } from '@/core/tools/tool';
import type { LeftIn, Neighbour } from '@/core/heat/ceilings';
import { findCastingHeat, type CastingHeat } from './castingHeat';
import { countingReadings, currentReadings, type CurrentReading } from './currentReadings';
import { findSeatFit, raceMetal, type SeatFit } from './seatFit';
import { replaySeat, type SeatHistory } from './seatHistory';
import { checkSeatPart } from './seatSizes';
import { judgePasses, type JudgedPass } from './squarePasses';
import { replayWork, seatWorkOf, type SeatWork, type Work } from './work';

/** State of the seat (its hole) and of the part that goes into it: each their own, neither hides the other. */
export type SeatState = 'as_found' | 'measured' | 'planned' | 'hot' | 'home' | 'proven' | 'trouble';
export type PartState = 'waiting' | 'cold' | 'in_hand' | 'fitted';

/** Everything derived about one seat at one moment. */
export type SeatView = {
  seat: Seat;
  casting: Casting;
  readings: CurrentReading[];
  history: SeatHistory;
  heat: CastingHeat;
  fit: SeatFit | null;
  leftIn: LeftIn[];
  passes: JudgedPass[];
  isMeasured: boolean;
  seatState: SeatState;
  partState: PartState;
  work: SeatWork;
  /** The new part against its mates. */
  partCheck: PartCheck;
  /** Instruments past their calibration day when they measured this seat. */
  overdue: Instrument[];
};

/** A job as it stands: its seats, and what has been done beyond them. */
export type JobView = {
  seats: SeatView[];
  work: Work;
  plan: JobPlan;
  tools: readonly Tool[];
  skipped: Work['skipped'];
};

/** Bore readings that a seat needs before it counts as measured: two across at two depths. */
export const BORE_SLOTS = ['bore.1.0', 'bore.1.90', 'bore.2.0', 'bore.2.90'] as const;
export const OUTSIDE_SLOTS = ['outside.0', 'outside.90'] as const;

const hasAll = (readings: readonly CurrentReading[], slots: readonly string[]) => {
  const counting = new Set(countingReadings(readings, '').map(({ slot }) => slot));
  return slots.every((slot) => counting.has(slot));
};

function stateOf({
  history,
  heat,
  fit,
  isMeasured,
  work,
  partCheck,
}: Pick<SeatView, 'history' | 'heat' | 'fit' | 'isMeasured' | 'work' | 'partCheck'>): SeatState {
  const isMended = work.remedy?.isGood === true;
  if (
    history.stuck ||
    (partCheck.verdict === 'wrong' && !work.overruled) ||
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

/** Seals that still sit in a casting and would be heated with it. */
export function sealsLeftIn(record: JobRecord, casting: Casting): LeftIn[] {
  return casting.seats.flatMap((seat) => {
    const { seal } = seat.spec;
    const isOut = replaySeat(record.entries, seat.id, casting.id).sealTakenOut;
    return seal?.leftIn && !isOut ? [{ seatName: seat.name, sealMaterial: seal.material }] : [];
  });
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

export function viewSeat(
  record: JobRecord,
  seatId: string,
  nowMs: number,
  work: Work = replayWork(record.entries),
): SeatView | null {
  const casting = record.castings.find(({ seats }) => seats.some(({ id }) => id === seatId));
  const seat = casting?.seats.find(({ id }) => id === seatId);
  if (!casting || !seat) return null;
  const readings = currentReadings(record.entries, { seatId });
  const history = replaySeat(record.entries, seatId, casting.id);
  const heat = findCastingHeat(record.entries, casting.id, nowMs);
  const fit = findSeatFit({ seat, casting, readings, instruments: record.instruments });
  const leftIn = sealsLeftIn(record, casting);
  const isSeal = seat.spec.part.type === 'seal';
  const isMeasured =
    hasAll(readings, isSeal ? BORE_SLOTS.slice(0, 2) : BORE_SLOTS) && hasAll(readings, OUTSIDE_SLOTS);
  const seatWork = seatWorkOf(work, seatId);
  const view = {
    seat,
    casting,
    readings,
    history,
    heat,
    fit,
    leftIn,
    isMeasured,
    work: seatWork,
    partCheck: checkSeatPart(seat, readings, seatWork),
    overdue: overdueInstruments(readings, record.instruments),
  };
  return {
    ...view,
    passes: judgePasses({ seat, history, readings, instruments: record.instruments }),
    seatState: stateOf(view),
    partState: partStateOf(view),
  };
}

/** Seals of the same casting that would be in the heat while this seat is stripped; its own comes out first anyway. */
export const sealsBeside = ({ seat, leftIn }: SeatView): LeftIn[] =>
  leftIn.filter(({ seatName }) => seatName !== seat.name);

/** Bearings that sit in the casting of a seat: they feel its heat too. While stripping, the old ones that are not out yet. */
export const neighboursOf = (
  views: readonly SeatView[],
  { seat, casting }: SeatView,
  { isStripping = false } = {},
): Neighbour[] =>
  views.flatMap((other) =>
    other.casting.id === casting.id &&
    other.seat.id !== seat.id &&
    other.fit &&
    (isStripping ? !other.work.takenOut && other.history.wayIn === null : other.history.homeMs !== null)
      ? [
          {
            seatName: other.seat.name,
            diameterMm: other.seat.spec.part.outsideMm,
            interferenceMm: other.fit.benchMm,
          },
        ]
      : [],
  );

/** Doubt of the planned temperatures at the drop, standard uncertainty, K. Common practice, no source. */
const U_AT_DROP_K = 3;

/** Interference at the planned drop (negative is clear); null where none is planned, or where it is driven cold. */
export function interferenceAtDrop({ seat, casting, fit, history: { wayIn } }: SeatView): Measured | null {
  if (!fit || !wayIn || wayIn.way === 'drive') return null;
  return interferenceAt({
    diameterMm: seat.spec.part.outsideMm,
    interferenceMm: fit.interference.forDropMm,
    ring: raceMetal(seat),
    housing: MATERIALS[casting.material],
    ringC: { value: wayIn.ringC, u: U_AT_DROP_K },
    housingC: { value: wayIn.boreC ?? wayIn.housingC, u: U_AT_DROP_K },
  });
}

/** Every seat of a job that is still on its map, in the order of its castings. */
export const viewSeats = (
  record: JobRecord,
  nowMs: number,
  work: Work = replayWork(record.entries),
): SeatView[] =>
  record.castings.flatMap(({ seats }) =>
    seats.flatMap(({ id }) => (work.removedSeats.has(id) ? [] : (viewSeat(record, id, nowMs, work) ?? []))),
  );

export function viewJob(record: JobRecord, nowMs: number): JobView {
  const work = replayWork(record.entries);
  return {
    seats: viewSeats(record, nowMs, work),
    work,
    plan: record.plan,
    tools: record.tools,
    skipped: work.skipped,
  };
}
