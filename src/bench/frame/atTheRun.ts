import type { MoveCode } from '@/core/walk/move';

/** What is done at the run, with its clock and its dial. */
export const AT_THE_RUN: readonly MoveCode[] = [
  'casting_into_heat',
  'take_out_and_drop',
  'drop_now',
  'say_home_or_stuck',
  'reheat',
  'free_it',
];
