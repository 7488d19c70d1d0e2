import { STAGES, type Stage } from '@/core/record/vocabulary';

const PER_STAGE = 1000;
export const stageRank = (stage: Stage) => STAGES.indexOf(stage) * PER_STAGE;

const [out, clean, parts, measure, fit, square] = (
  ['out', 'clean', 'parts', 'measure', 'in', 'square'] as const
).map(stageRank) as [number, number, number, number, number, number];

/**
 * What comes first among things that wait for nothing else. Work of a stage stands before its seats' (`task`); seals come out before
 * bearings and go in after them, when all is cool. Common practice, no source.
 */
export const RANK = {
  /** Work of the job that names no seat that it waits for. */
  task: 10,
  /** Work that waits for seats, while they come out or go in. */
  taskAfterSeats: 650,
  perTask: 5,
  lastOfStage: 900,
  stacksOff: out + 300,
  asFound: out + 500,
  sealsOut: out + 600,
  partsOut: out + 700,
  clean: clean + 500,
  count: parts + 5,
  inspect: parts + 6,
  compare: parts + 7,
  feel: parts + 600,
  measure: measure + 500,
  freeze: measure + 900,
  wayIn: fit + 5,
  depth: fit + 8,
  heat: fit + 400,
  fit: fit + 410,
  perCasting: 50,
  coldAfterHot: 20,
  square: square + 5,
  ringIn: square + 800,
  sealsIn: square + 900,
  sealProof: square + 950,
  stackBack: stageRank('shaft') + 12,
} as const;
