import {
  coreDiameterMm,
  pitchDiameterMm,
  proofStressMPa,
  stressAreaMm2,
  type StrengthClass,
  type ThreadSize,
} from '@/core/catalogue/threads';
import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * What a threaded rod pulls for a torque at the nut, and whether the rod stands it.
 *
 * T = F·( P/2π + µ_t·d₂/(2·cos 30°) + µ_n·D_km/2 )
 * A rod that pulls while its nut turns is twisted too: the thread's part of the torque, together with the pull, by von Mises.
 * Source: VDI 2230 form of the torque equation; ISO 898-1 proof stress (both from memory).
 * Valid: steel on steel, nut square to its seat. Friction is the largest doubt: oiled 0.10–0.14, a thrust bearing under the nut 0.005–0.02.
 * Checked against: tests/reference/press_rod.json.
 */
export type RodInput = {
  thread: ThreadSize;
  strength: StrengthClass;
  frictionThread: number;
  frictionNutFace: number;
  nutFaceMeanDiameterMm: number;
};

export type RodState = {
  forceN: number;
  torqueNm: number;
  pitchDiameterMm: number;
  stressAreaMm2: number;
  proofLoadN: number;
  /** Pull alone against proof. */
  utilisation: number;
  isOverProof: boolean;
  /** Pull and twist together against proof stress. */
  combinedUtilisation: number;
  torqueAtProofNm: number;
  /** The nut holds when let go. */
  isSelfLocking: boolean;
  /**
   * Where to stop: three times the torque that the job should need (something is wrong then), but never beyond 0.8 of proof, pull and
   * twist together. Common practice, no source.
   */
  stopAtTorqueNm: number;
};

const COS_30 = Math.cos(Math.PI / 6);

const threadArmMm = ({ thread, frictionThread }: RodInput) =>
  thread.pitchMm / (2 * Math.PI) + (frictionThread * pitchDiameterMm(thread)) / (2 * COS_30);

/** Newton-millimetres of torque per newton of pull. */
export const torqueArmMm = (input: RodInput) =>
  threadArmMm(input) + (input.frictionNutFace * input.nutFaceMeanDiameterMm) / 2;

function checkRod({ thread, frictionThread, frictionNutFace, nutFaceMeanDiameterMm }: RodInput) {
  return checkNumbers({
    threadDiameterMm: { value: thread.diameterMm, min: 1, max: 100 },
    pitchMm: { value: thread.pitchMm, min: 0.1, max: thread.diameterMm / 2 },
    frictionThread: { value: frictionThread, min: 0, max: 1 },
    frictionNutFace: { value: frictionNutFace, min: 0, max: 1 },
    nutFaceMeanDiameterMm: { value: nutFaceMeanDiameterMm, min: 0, max: 300 },
  });
}

const STOP_AT_TIMES = 3;
const STOP_AT_SHARE = 0.8;

/** Pull and twist of a rod per newton of pull, as von Mises stress, MPa. */
function stressPerNewton({ thread, ...input }: RodInput): number {
  const coreMm = (pitchDiameterMm(thread) + coreDiameterMm(thread)) / 2;
  const twist = (threadArmMm({ thread, ...input }) * 16) / (Math.PI * coreMm ** 3);
  return Math.sqrt((1 / stressAreaMm2(thread)) ** 2 + 3 * twist ** 2);
}

/** Torque at which pull and twist together are this share of proof stress, N·m. */
const torqueAtCombinedNm = (input: RodInput, share: number): number =>
  ((share * proofStressMPa(input.strength, input.thread.diameterMm)) / stressPerNewton(input)) *
  (torqueArmMm(input) / 1000);

function stateAt(input: RodInput, forceN: number): RodState {
  const { thread, strength, frictionThread } = input;
  const areaMm2 = stressAreaMm2(thread);
  const proofMPa = proofStressMPa(strength, thread.diameterMm);
  const arm = torqueArmMm(input);
  const pullMPa = forceN / areaMm2;
  const torqueNm = (forceN * arm) / 1000;
  return {
    forceN,
    torqueNm,
    pitchDiameterMm: pitchDiameterMm(thread),
    stressAreaMm2: areaMm2,
    proofLoadN: proofMPa * areaMm2,
    utilisation: pullMPa / proofMPa,
    isOverProof: pullMPa > proofMPa,
    combinedUtilisation: (forceN * stressPerNewton(input)) / proofMPa,
    torqueAtProofNm: (proofMPa * areaMm2 * arm) / 1000,
    isSelfLocking: thread.pitchMm / (Math.PI * pitchDiameterMm(thread)) < frictionThread / COS_30,
    stopAtTorqueNm: Math.min(STOP_AT_TIMES * torqueNm, torqueAtCombinedNm(input, STOP_AT_SHARE)),
  };
}

export type RodVerdict = 'sound' | 'may_be_over' | 'over_proof';

/** Share by which friction leaves the pull of a torque open. Common practice, no source. */
export const ROD_DOUBT = 0.3;

/** Pull and twist together against proof, with their doubt: over it the rod stretches. */
export const judgeRod = ({ combinedUtilisation }: Pick<RodState, 'combinedUtilisation'>): RodVerdict =>
  combinedUtilisation > 1
    ? 'over_proof'
    : combinedUtilisation * (1 + ROD_DOUBT) > 1
      ? 'may_be_over'
      : 'sound';

/** Invalid: `out_of_range`, `not_a_number`. */
export function rodFromTorque(input: RodInput, torqueNm: number): Result<RodState> {
  const issues = [...checkRod(input), ...checkNumbers({ torqueNm: { value: torqueNm, min: 0, max: 5000 } })];
  return issues.length > 0
    ? fail(...issues)
    : succeed(stateAt(input, (torqueNm * 1000) / torqueArmMm(input)));
}

/** The torque to expect for a push of `forceN`. Invalid: as above. */
export function rodFromForce(input: RodInput, forceN: number): Result<RodState> {
  const issues = [...checkRod(input), ...checkNumbers({ forceN: { value: forceN, min: 0, max: 1e6 } })];
  return issues.length > 0 ? fail(...issues) : succeed(stateAt(input, forceN));
}

/** Millimetres still to go, in turns, degrees and flats of a hexagon nut. */
export const turnsForTravel = ({ travelMm, pitchMm }: { travelMm: number; pitchMm: number }) => {
  const turns = travelMm / pitchMm;
  return { turns, degrees: turns * 360, flats: turns * 6 };
};

/** Press with a gauge: F = p·π/4·D². 1 bar = 0.1 MPa. */
export const ramForceN = ({ gaugeBar, ramDiameterMm }: { gaugeBar: number; ramDiameterMm: number }) =>
  gaugeBar * 0.1 * (Math.PI / 4) * ramDiameterMm ** 2;

/** What common tools give by hand, N. From memory; wide. */
export const HAND_TOOL_FORCE_N = {
  c_clamp: { low: 2_000, high: 8_000 },
  bench_vice: { low: 5_000, high: 15_000 },
  arbor_press: { low: 5_000, high: 20_000 },
  hydraulic_press: { low: 20_000, high: 100_000 },
} as const;
