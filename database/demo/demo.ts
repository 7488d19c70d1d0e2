import type { JobFile } from '@/core/record/jobFile';
import { oldTwin, quadDrive, rescueSaw, trailBike } from './benchJobs';
import { scooterHub, scooterHubBefore } from './scooterHub';
import { headTube, leakingSeal, rearHub } from './openJobs';
import {
  bigTwin,
  blindGearbox,
  enduro,
  finishedGearbox,
  frontDrive,
  pulley,
  quadArm,
  scooterGearbox,
} from './moreJobs';

export { idOf, PEOPLE, ROUNDS, roundsGone, SHOP_NAME, STOCK, TOOLS, USED } from './shop';

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
