import { decideWithGuard, type Decision } from './endFloat';
import { addDepths } from '@/core/seating/depthChain';
import { REFERENCE_C, rootSumSquare, type Measured } from '@/core/quantity/measured';

/**
 * Room along an axis in every state of the machine: what makes it less what fills it, each grown to its own temperature, shims with the
 * shaft. The least decides. room(T) = Σ sign·size·(1 + α·(T − 20)) − Σ shims; uncertainty by root-sum-square (JCGM 100), decision with a
 * guard band of 1.65 u (ISO 14253-1, 5 % risk one-sided). Checked against: tests/reference/stack.json.
 */
export type RoomLink = {
  key: string;
  sign: 1 | -1;
  /** At 20 °C, mm. */
  mm: Measured;
  /** 1/K; 0: it does not grow to speak of. */
  alphaPerK: number;
  isShaft: boolean;
};

export const ROOM_STATES = ['cold_start', 'bench', 'warm_up', 'running'] as const;
export type RoomStateName = (typeof ROOM_STATES)[number];
export type RoomState = {
  state: RoomStateName;
  caseC: number;
  shaftC: number;
  roomMm: Measured;
  decision: Decision;
};

/** A cold morning, °C. Common practice, no source. */
const COLD_START_C = -10;
/** Doubt of a running temperature, K, standard. Common practice, no source. */
const U_RUNNING_K = 8;
/** Guard band of a decision, in u: 5 % risk on one side. ISO 14253-1, from memory. */
export const GUARD = 1.65;
/** Metal of shims, 1/K: spring steel. From memory. */
const SHIM_ALPHA_PER_K = 12e-6;

export type Room = {
  /** Without any shims, at 20 °C. */
  bareMm: Measured;
  states: RoomState[];
  /** The state that leaves the least against what is wanted. */
  tightest: RoomState;
  /** The link that spreads it most, and its share of the variance. */
  largestDoubt: { key: string; shareOfVariance: number } | null;
};

type Wanted = {
  shimsMm: readonly number[];
  low: number;
  high: number;
  running: { caseC: number; shaftC: number };
};

/** By how much the room grows for one kelvin of the casting, and of the shaft with its shims, mm. */
function growthPerK(links: readonly RoomLink[], shimsMm: number): [caseMmPerK: number, shaftMmPerK: number] {
  const grow = (ofShaft: boolean) =>
    links
      .filter(({ isShaft }) => isShaft === ofShaft)
      .reduce((sum, { sign, mm, alphaPerK }) => sum + sign * mm.value * alphaPerK, 0);
  return [grow(false), grow(true) - shimsMm * SHIM_ALPHA_PER_K];
}

export function roomInStates(links: readonly RoomLink[], { shimsMm, low, high, running }: Wanted): Room {
  const chain = addDepths(
    links.map(({ key, sign, mm }) => ({
      name: key,
      sign,
      spread: { value: mm.value, u: mm.u, dist: 'normal' as const },
    })),
  );
  const shims = shimsMm.reduce((sum, mm) => sum + mm, 0);
  const [caseMmPerK, shaftMmPerK] = growthPerK(links, shims);
  const at = (state: RoomStateName, caseC: number, shaftC: number): RoomState => {
    const uK = (celsius: number) => (celsius === REFERENCE_C ? 0 : U_RUNNING_K);
    const roomMm = {
      value:
        chain.depthMm.value -
        shims +
        caseMmPerK * (caseC - REFERENCE_C) +
        shaftMmPerK * (shaftC - REFERENCE_C),
      u: rootSumSquare(chain.depthMm.u, caseMmPerK * uK(caseC), shaftMmPerK * uK(shaftC)),
    };
    return { state, caseC, shaftC, roomMm, decision: decideWithGuard(roomMm, { low, high }, GUARD) };
  };
  const states = [
    at('cold_start', COLD_START_C, COLD_START_C),
    at('bench', REFERENCE_C, REFERENCE_C),
    at('warm_up', REFERENCE_C, running.shaftC),
    at('running', running.caseC, running.shaftC),
  ];
  const tightest = states.reduce((least, each) => (each.roomMm.value < least.roomMm.value ? each : least));
  return {
    bareMm: chain.depthMm,
    states,
    tightest,
    largestDoubt: chain.largestDoubt && {
      key: chain.largestDoubt.name,
      shareOfVariance: chain.largestDoubt.shareOfVariance,
    },
  };
}
