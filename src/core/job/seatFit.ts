import { bearingInside } from '@/core/catalogue/bearings/inside';
import { findBearingOutsideLimits } from '@/core/catalogue/bearingLimits';
import { findLimits } from '@/core/catalogue/limits';
import { MATERIALS, type Material } from '@/core/catalogue/materials';
import { describeBore, type BoreShape, type Diameter } from '@/core/fit/boreReadings';
import type { ClearanceState } from '@/core/fit/states';
import { findInterference, type Interference } from '@/core/fit/interference';
import { judgeFit, type FitJudgement } from '@/core/fit/judgeFit';
import { pushForceBracket, type PushForce } from '@/core/fit/pushForce';
import { REFERENCE_C, sizeAtReference, type Measured } from '@/core/quantity/measured';
import type { Casting, Seat } from '@/core/record/job';
import type { Instrument } from '@/core/record/instrument';
import { partMetal } from '@/core/record/seatFacts';
import type { FittedSpec } from '@/core/record/seatSpec';
import type { SlotFamily } from '@/core/record/slots';
import type { CurrentReading } from '@/core/project/readings';
import { counting } from './counting';
import { doubtedReading, type DoubtedReading } from './doubtedReading';
import { fitInStates, type StateFit } from './runningStates';

/** Version of the formulas in this folder's results; stored beside every result that is kept. */
export const FORMULA_VERSION = '2026.15';

/** Doubt of a metal temperature that a person typed or a probe showed, K. Common practice, no source. */
const U_METAL_K = 1;
/** A casting this far from 20 °C is still warm from washing: its readings are provisional. Common practice, no source. */
export const PROVISIONAL_K = 8;

export type WarmReading = {
  family: SlotFamily;
  metalC: number;
  /** By how much it read bigger than it is at 20 °C, mm; on cold metal less than 0. */
  biggerMm: number;
};

export type SeatFit = {
  bore: BoreShape | null;
  partOutside: BoreShape | null;
  /** What was read on warm or cold metal: all that is judged by it is provisional. */
  warm: WarmReading | null;
  interference: Interference;
  benchMm: Measured;
  runningMm: Measured;
  /** The same seat in its five states, cold to hottest. */
  states: StateFit[];
  push: PushForce | null;
  /** A reading to doubt before anything else is judged by it. */
  doubted: DoubtedReading | null;
  judgement: FitJudgement;
};

const worstInstrumentU = (readings: readonly CurrentReading[], instruments: readonly Instrument[]) =>
  Math.max(
    ...readings.map((reading) => instruments.find(({ id }) => id === reading.instrumentId)?.u ?? 0.01),
  );

/** What readings of one size say of it, at 20 °C; null without any. */
export function shapeOf(
  readings: readonly CurrentReading[],
  alphaPerK: number,
  nominalMm: number,
  instruments: readonly Instrument[],
): BoreShape | null {
  if (readings.length === 0) return null;
  const diameters = readings.map(({ place, value, metalC, gaugeC }): Diameter => ({
    planeIndex: place.plane || 1,
    angleDeg: place.angleDeg,
    mm: sizeAtReference({
      readingMm: value,
      partC: metalC,
      partAlphaPerK: alphaPerK,
      ...(gaugeC !== undefined && { gaugeC }),
    }),
  }));
  return describeBore(diameters, worstInstrumentU(readings, instruments), nominalMm * alphaPerK * U_METAL_K);
}

type MeasuredSeat = {
  seat: Seat;
  casting: Casting;
  readings: readonly CurrentReading[];
  instruments: readonly Instrument[];
};

/** The reading farthest from 20 °C of those beyond `PROVISIONAL_K`, and what that does to it; null where all are near. */
function findWarm(readings: readonly CurrentReading[], alphaPerK: number): WarmReading | null {
  const farthest = [...readings].sort((a, b) => awayK(b) - awayK(a))[0];
  if (!farthest || awayK(farthest) <= PROVISIONAL_K) return null;
  const { place, metalC, value } = farthest;
  return {
    family: place.family,
    metalC,
    biggerMm: (value * alphaPerK * (metalC - REFERENCE_C)) / (1 + alphaPerK * (metalC - REFERENCE_C)),
  };
}

const awayK = ({ metalC }: CurrentReading) => Math.abs(metalC - REFERENCE_C);

/** A cup's free outside is out of round: its class is taken in its place. */
const outsideOf = ({ type }: FittedSpec['part'], readings: readonly CurrentReading[]) =>
  type === 'drawn_cup' ? [] : counting(readings, 'outside');

/**
 * The fit of one seat from what is known of it: readings where there are some, else the usual class with its wide band.
 * @returns null where the size lies outside the tables and nothing is measured
 */
export function findSeatFit({ seat, casting, readings, instruments }: MeasuredSeat): SeatFit | null {
  const { spec } = seat;
  // How hard a seal sits is its rubber's affair: no interference is computed.
  if (spec.kind === 'seal_in_bore') return null;
  const { part, usualClass } = spec;
  const [metal, partAlphaPerK] = [MATERIALS[casting.material], partMetal(part).alphaPerK];
  const boreReadings = counting(readings, 'bore');
  const outsideReadings = outsideOf(part, readings);
  const bore = shapeOf(boreReadings, metal.alphaPerK, part.outsideMm, instruments);
  const partOutside = shapeOf(outsideReadings, partAlphaPerK, part.outsideMm, instruments);
  const interference = findInterference({ nominalMm: part.outsideMm, usualClass, bore, partOutside });
  if (!interference) return null;
  const benchMm = interference.forHoldMm;
  const states = fitInStates({ spec, casting, benchMm });
  const runningMm = fitIn(states, 'running');
  const push = pushOf(spec, metal, benchMm);
  const doubted = doubtedReading(readings, 'bore') ?? doubtedReading(readings, 'outside');
  return {
    bore,
    partOutside,
    interference,
    benchMm,
    runningMm,
    states,
    push,
    doubted,
    warm: findWarm(boreReadings, metal.alphaPerK) ?? findWarm(outsideReadings, partAlphaPerK),
    judgement: judgeFit({
      isDoubted: doubted !== null,
      benchMm,
      runningMm,
      // A casting shrinks onto its race: the boss bears most on a cold morning.
      housingTrescaMPa: pushOf(spec, metal, fitIn(states, 'cold_start'))?.housingTrescaMPa ?? 0,
      yieldMPa: metal.yieldMPa,
      load: spec.load,
      usualHighMm: usualHighMm(spec),
      isMeasured: bore !== null,
    }),
  };
}

const fitIn = (states: readonly StateFit[], wanted: ClearanceState) =>
  states.find(({ state }) => state === wanted)!.fitMm;

function pushOf({ part, housing }: FittedSpec, metal: Material, benchMm: Measured): PushForce | null {
  return pushForceBracket({
    interferenceMm: benchMm,
    diameterMm: part.outsideMm,
    trackMm: bearingInside(part).outerTrackMm,
    widthMm: part.widthMm,
    chamferMm: part.chamferMm,
    bossOutsideMm: housing.bossOutsideMm,
    race: partMetal(part),
    housing: metal,
  });
}

/** Tightest that the seat's usual class can make it, mm. */
function usualHighMm({ part, usualClass }: FittedSpec): number {
  const housing = findLimits(part.outsideMm, usualClass);
  const outside = findBearingOutsideLimits(part.outsideMm);
  return housing && outside ? (outside.upperUm - housing.lowerUm) / 1000 : Infinity;
}
