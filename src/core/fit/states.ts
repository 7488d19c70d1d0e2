/** The states of a machine that a fit and a clearance are judged in, in the order of a day. */
export type ClearanceState = 'bench' | 'cold_start' | 'warm_up' | 'running' | 'hottest';
export const CLEARANCE_STATES: readonly ClearanceState[] = [
  'bench',
  'cold_start',
  'warm_up',
  'running',
  'hottest',
];

/** Casting, both races and shaft, °C, in one of them. */
export type StateTemperatures = { housingC: number; outerC: number; innerC: number; shaftC: number };
