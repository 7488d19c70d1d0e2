import type { EventBody } from '@/core/record/entries';
import type { Workpiece } from '@/core/record/vocabulary';

/** Words of the set-up: what is worked on, what is waited for, why a step is left out. */
export const WORKPIECE_WORDS: Record<Workpiece, string> = {
  bare_casting: 'a bare casting',
  engine_in_frame: 'the engine, in the frame',
  frame_or_arm: 'a frame or an arm',
  wheel: 'a wheel with its tyre',
};

export const SKIP_WORDS: Record<EventBody<'step_skipped'>['reason'], string> = {
  not_on_this_machine: 'Not on this machine',
  done_before: 'Done before',
  not_worth_it: 'Not worth it here',
  manual_says_otherwise: 'The manual says otherwise',
};
export const WAIT_WORDS: Record<EventBody<'waiting_noted'>['reason'], string> = {
  parts: 'parts',
  customer: 'the customer',
  tool: 'a tool',
  machinist: 'the machinist',
  cooling: 'cooling',
  other: 'something else',
};
