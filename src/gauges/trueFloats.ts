import { USUAL_STANDING } from '@/core/job/floatResult';
import type { Float } from '@/core/record/floats';
import type { ProjectedJob } from '@/core/project/project';
import type { Slot } from '@/core/record/slots';
import { chanceOf } from './chance';

/**
 * What simulated gauges read between parts: true sizes follow from the job and the float alone, so that they stay the same from one
 * reading to the next. Common practice for the sizes of what is wrong, no source.
 */

const DEG = Math.PI / 180;
/** Of a link that was made to its drawing. */
const MADE_WITHIN_SHARE = 0.4;
/** A dial is set down anywhere in its first tenths. */
const DIAL_ZERO_MM = 0.4;
/** A crank’s side: how far it swings, TIR, from least to most. */
const SWING_MM = { from: 0.012, to: 0.05 } as const;
const WEB_GAP_MM = 0.35;
const CABLE_DRAG_N = 0.8;
const PUMPED_BAR = 0.33;
const RIG_LOSS_BAR = 0.01;
/** What a fair joint loses of what is allowed. */
const LEAK_SHARE = 0.6;

/** True value in a slot of a float, mm or N; null where the job has no such float. */
export function trueFloatValue(job: Pick<ProjectedJob, 'id' | 'plan'>, slot: Slot): number | null {
  const float = job.plan.floats.find(({ key }) => key === slot.float);
  if (!float) return null;
  const chance = (of: string) => chanceOf(`${job.id} ${float.like ?? float.key} ${of}`);
  const between = (low: number, high: number, of: string) => low + (high - low) * chance(of);
  switch (slot.family) {
    case 'link':
      return trueLinkMm(float, slot.part, chance);
    case 'dial':
      return float.sort === 'run_out'
        ? swungMm(slot, between(SWING_MM.from, SWING_MM.to, slot.part), 360 * chance(`${slot.part} high`))
        : DIAL_ZERO_MM +
            (slot.part === 'pulled' || slot.part === 'other_way'
              ? between(float.low, float.high, 'play')
              : 0);
    case 'feeler':
      if (float.sort === 'even_faces') return between(float.low, float.high, slot.part);
      return WEB_GAP_MM + (slot.part === 'left' ? 1 : -1) * between(0.01, 0.06, 'side');
    case 'pull':
      return slot.part === 'drag'
        ? CABLE_DRAG_N
        : CABLE_DRAG_N + (between(float.low, float.high, 'torque') * 1000) / (float.leverMm ?? 350);
    case 'pressure':
      return pressureBar(float, slot.part, chance('leak'));
    default:
      return null;
  }
}

function trueLinkMm({ links }: Float, part: string, chance: (of: string) => number): number | null {
  const link = links.find(({ key }) => key === part);
  return link ? link.nominalMm + MADE_WITHIN_SHARE * link.withinMm * (2 * chance(part) - 1) : null;
}

/** What a dial shows at a clock position of a shaft that swings by `tirMm`, highest at `highDeg`. */
const swungMm = ({ angleDeg }: Slot, tirMm: number, highDeg: number): number =>
  DIAL_ZERO_MM + (tirMm / 2) * Math.cos((angleDeg - highDeg) * DEG);

/** Pumped up, and after it stood: rig and joint both lose a little. */
function pressureBar({ standing = USUAL_STANDING, high }: Float, part: string, leak: number): number {
  if (part === 'rig') return RIG_LOSS_BAR;
  return part === 'start'
    ? PUMPED_BAR
    : PUMPED_BAR - RIG_LOSS_BAR - LEAK_SHARE * leak * high * standing.minutes;
}
