import type { MaterialCode } from '@/core/catalogue/materials';
import type { Thresholds } from '@/core/heat/mildest';
import type { LeftIn, Neighbour } from '@/core/heat/ceilings';
import type { Measured } from '@/core/quantity/measured';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { REMOVAL_WAYS, Workpiece } from '@/core/record/vocabulary';

/**
 * How the old part comes out, found from the seat as it is drawn: which shoulder, clip or seal stops it, which side is left, which face
 * may carry a puller, which race takes the force, and what else falls out at the heat. Change a size and the plan changes.
 * The geometry is the drawing's own; which tools are kind to which part is common practice, no source.
 */
export type RemovalWay = (typeof REMOVAL_WAYS)[number];

/** Its casting is warmed for it. */
export type OutByHeat = Extract<RemovalWay, 'fall_out_hot' | 'warm_and_pull'>;
export const isOutByHeat = (way: RemovalWay): way is OutByHeat =>
  way === 'fall_out_hot' || way === 'warm_and_pull';

/** Why a way is forbidden here. */
export type RemovalObjection =
  | 'blind_behind'
  | 'no_room_behind_for_flare'
  | 'face_may_not_carry'
  | 'like_metals'
  | 'hotter_than_allowed'
  | 'not_into_heat'
  | 'other_part_behind'
  | 'seal_in_the_heat'
  | 'fit_not_known'
  | 'nothing_to_grip'
  | 'shaft_in_the_way';

/** What has to be out of the way first, in this order. */
export type RemovalFirst = 'seal_out' | 'retaining_ring_out' | 'hidden_part_noted';

export type PlannedRemoval = {
  way: RemovalWay;
  /** Race or rim that takes the force; null where none does. */
  race: 'outer' | 'inner' | 'shell_rim' | 'steel_rim' | null;
  /** Force goes through the balls or bends the shell: the part is not used again. */
  isSpoilt: boolean;
  against: RemovalObjection[];
  /** Casting and part together, °C; for the way by heat. */
  heatC: number | null;
  /** Other seats that let go at that heat. */
  alsoLetGo: string[];
  /** Force that is left at that heat, N; null where it is not computed. */
  forceLeftN: number | null;
  /** Size of what pushes or grips, mm: driver outside, or collet. */
  toolMm: { min: number; max: number } | null;
};

export type RemovalPlan = {
  /** Toward the face it went in from, out behind, or either. */
  exit: 'face' | 'behind' | 'either';
  first: RemovalFirst[];
  /** Allowed ways, kindest first. */
  ways: PlannedRemoval[];
  forbidden: PlannedRemoval[];
};

export type RemovalInput = {
  spec: BoreSpec;
  material: MaterialCode;
  /** Interference at 20 °C; null while nothing is known. */
  interferenceMm: Measured | null;
  neighbours: readonly Neighbour[];
  leftIn: readonly LeftIn[];
  hasHidden: boolean;
  isShaftInPlace: boolean;
  workpiece: Workpiece;
  /** From where on a fit is no light one. */
  rules: Thresholds;
  /** Probable force that it holds against, cold, N; null while nothing is known. */
  forceN: number | null;
  /** Pressed is how this kind of job is done, with its own tools: out as well as in. */
  isPressJob: boolean;
  /** Another bearing sits in line behind it, with a spacer between: nothing reaches it straight. */
  isBehindTaken: boolean;
};
