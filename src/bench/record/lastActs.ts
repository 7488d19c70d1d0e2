import type { JobEvent } from '@/core/record/entries';

/** Acts at the heat run that follow each other faster than this are one slip of a hand or foot. Common practice, no source. */
const SLIP_MS = 2000;
const RUN_ACTS: readonly JobEvent['kind'][] = [
  'caution_acknowledged',
  'usual_fit_accepted',
  'way_in_chosen',
  'part_into_freezer',
  'casting_into_heat',
  'casting_out',
  'let_go',
  'home',
  'squared_by_eye',
  'stuck',
];

/** What undo takes back after this act: the act alone, or with those of the run that came right before it. */
export function withAct(before: readonly JobEvent[], act: JobEvent): readonly JobEvent[] {
  const last = before.at(-1);
  const isSlip =
    last !== undefined &&
    RUN_ACTS.includes(last.kind) &&
    RUN_ACTS.includes(act.kind) &&
    Date.parse(act.at) - Date.parse(last.at) < SLIP_MS;
  return isSlip ? [...before, act] : [act];
}
