import type { JobFile } from '@/core/record/jobFile';
import { oldTwin, quadDrive, rescueSaw, scooterHub, scooterHubBefore, trailBike } from './benchJobs';
import {
  bigTwin,
  blindGearbox,
  enduro,
  finishedGearbox,
  frontDrive,
  headTube,
  leakingSeal,
  pulley,
  quadArm,
  rearHub,
  scooterGearbox,
} from './moreJobs';

export { idOf, PEOPLE, SHOP_NAME, TOOLS } from './shop';

/** The demo's jobs as they stand at `nowMs`, at least one of every kind: one has its case in the oven. */
export const buildDemo = (nowMs: number): JobFile[] =>
  [
    trailBike,
    rescueSaw,
    quadDrive,
    scooterHub,
    oldTwin,
    frontDrive,
    enduro,
    blindGearbox,
    finishedGearbox,
    scooterGearbox,
    pulley,
    quadArm,
    headTube,
    bigTwin,
    leakingSeal,
    rearHub,
    scooterHubBefore,
  ].map((build) => build(nowMs));
