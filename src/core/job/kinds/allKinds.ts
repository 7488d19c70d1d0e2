import { BLIND_NEEDLE_GEARBOX_A, BLIND_NEEDLE_GEARBOX_B } from './blindNeedleGearbox';
import { FINAL_DRIVE } from './finalDrive';
import { FLAT_TWIN_HOUSING } from './flatTwinHousing';
import type { JobKind } from './jobKind';
import { OFFROAD_CRANKCASE } from './offroadCrankcase';
import { PRESS_TOOL_MAIN } from './pressToolMain';
import { PULLEY_HALF } from './pulleyHalf';
import { SAW_CRANKCASE } from './sawCrankcase';
import { SEAL_ONLY } from './sealOnly';
import { SIDE_GEARBOX } from './sideGearbox';
import { STEERING_HEAD } from './steeringHead';
import { SWING_ARM } from './swingArm';
import { TWO_STROKE_CRANKCASE } from './twoStrokeCrankcase';
import { WHEEL_HUB } from './wheelHub';

/** The kinds that a job can be started from; the gearbox with blind needles has two variants. */
export const JOB_KINDS: readonly JobKind[] = [
  TWO_STROKE_CRANKCASE,
  OFFROAD_CRANKCASE,
  SAW_CRANKCASE,
  BLIND_NEEDLE_GEARBOX_A,
  BLIND_NEEDLE_GEARBOX_B,
  SIDE_GEARBOX,
  PULLEY_HALF,
  WHEEL_HUB,
  SWING_ARM,
  STEERING_HEAD,
  FINAL_DRIVE,
  FLAT_TWIN_HOUSING,
  PRESS_TOOL_MAIN,
  SEAL_ONLY,
];
