import type { BoreSpec } from '@/core/record/seatSpec';
import type { Tool } from '@/core/tools/tool';
import { driverMarkMm } from '@/core/seating/depthChain';
import { rodFromForce, turnsForTravel } from './threadedRod';

/** What a cold push has before it: how far, how hard, and where it is looked at on the way. */
export type PushPlan = {
  /** From the first touch of the bore until it is home, or at its depth, mm. */
  strokeMm: number;
  /** Depths of the part's front at which one stops and looks whether it is square, mm. */
  stopsMm: number[];
  /** Line on the driver, from the face that pushes, mm; null: it stops at a shoulder, or stands out. */
  driverMarkMm: number | null;
  /** For a threaded rod: what the shop has, or a usual one. */
  rod: { name: string; turns: number; torqueNm: { low: number; high: number } } | null;
};

/** Looked at so often on the way in. Common practice, no source. */
const STOP_SHARES = [0.25, 0.5, 0.75] as const;

/** A usual rod, where the shop has none on its wall: unmarked, greased, with a thrust bearing under the nut. From memory. */
const USUAL_ROD = { threadMm: 12, pitchMm: 1.75, hasThrustBearing: true };
const GREASED_THREAD = 0.12;
const NUT_FACE = { thrustBearing: 0.02, washer: 0.14 } as const;

/** The rod that a nut draws with: the shop's, or a usual one. */
export function rodOf(tools: readonly Tool[]) {
  const own = tools.find((tool) => tool.sort === 'rod');
  return own?.sort === 'rod' ? own : { ...USUAL_ROD, name: `M${USUAL_ROD.threadMm}` };
}

/** Turns and torque of the shop's rod, or of a usual one. */
function rodFor(
  strokeMm: number,
  forceN: { low: number; high: number } | null,
  tools: readonly Tool[],
): PushPlan['rod'] {
  const { name, threadMm, pitchMm, hasThrustBearing } = rodOf(tools);
  const input = {
    thread: { diameterMm: threadMm, pitchMm },
    strength: '4.6' as const,
    frictionThread: GREASED_THREAD,
    frictionNutFace: hasThrustBearing ? NUT_FACE.thrustBearing : NUT_FACE.washer,
    nutFaceMeanDiameterMm: threadMm * 1.3,
  };
  const low = forceN && rodFromForce(input, forceN.low);
  const high = forceN && rodFromForce(input, forceN.high);
  if (!low?.ok || !high?.ok) return null;
  return {
    name,
    turns: turnsForTravel({ travelMm: strokeMm, pitchMm }).turns,
    torqueNm: { low: low.value.torqueNm, high: high.value.torqueNm },
  };
}

export function planPush(
  { part, housing }: BoreSpec,
  {
    forceN,
    targetDepthMm,
    tools,
  }: {
    forceN: { low: number; high: number } | null;
    /** Of the part below the face, where it is set to a depth; null: to its shoulder. */
    targetDepthMm: number | null;
    tools: readonly Tool[];
  },
): PushPlan {
  const strokeMm =
    targetDepthMm === null ? housing.depthToShoulderMm : Math.max(0, targetDepthMm + part.widthMm);
  return {
    strokeMm,
    stopsMm: STOP_SHARES.map((share) => Math.round(strokeMm * share)),
    driverMarkMm: targetDepthMm === null ? null : driverMarkMm(targetDepthMm),
    rod: rodFor(strokeMm, forceN, tools),
  };
}
