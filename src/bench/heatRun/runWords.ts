import type { HeatRunView } from '@/core/job/heatRun';
import type { SeatView } from '@/core/job/seatView';
import { asText, showClock, showTemperature, type Units } from '@/core/quantity/format';
import type { Way } from '@/core/record/vocabulary';

const PUSH_SIGN: Partial<Record<Way, string>> = {
  by_hand: 'BY HAND',
  drive: 'DRIVE',
  press: 'PRESS',
  draw_in: 'DRAW IN',
  clamp: 'CLAMP',
  chill_press: 'PRESS',
  warm_tap: 'TAP',
  warm_draw: 'DRAW IN',
};

/** A cold way has its own word on the sign; cold, a part that hangs is cocked; warm blows are too late when it is cool. */
export function signWords({ history }: SeatView, { call, reason }: HeatRunView): { words?: string[] } {
  const word = history.wayIn && PUSH_SIGN[history.wayIn.way];
  if (call === 'push' && word) return { words: word.split(' ') };
  if (reason === 'never_hot_enough') return { words: ['TOO', 'COOL'] };
  if (reason === 'cooled_blows_too_hard' || reason === 'cooled_draw_too_hard')
    return { words: ['TOO', 'COOL'] };
  if (reason === 'free_again') return { words: ['FREE'] };
  if (reason === 'look_at_the_bore') return { words: ['LOOK'] };
  return reason === 'cocked_back_out' ? { words: ['COCKED'] } : {};
}

/** The casting's temperature; hot air that no probe has followed, or a fit that is not known: nobody can say. */
export const sayCasting = ({ heat }: SeatView, run: HeatRunView, roomC: number, units: Units): string =>
  run.now || heat.phase === 'cold' ? asText(showTemperature(run.now?.housingC ?? roomC, units)) : '?';

/** How long it has been in the heat or out of it. */
export function sayDoor({ heat }: SeatView, nowMs: number): string {
  if (heat.phase === 'out')
    return `${heat.source === 'gun' ? 'air off' : 'out'} for ${showClock((nowMs - heat.outMs) / 1000)}`;
  if (heat.phase === 'in_heat')
    return `${heat.source === 'gun' ? 'hot air on' : 'in the oven'} for ${showClock((nowMs - heat.sinceMs) / 1000)}`;
  return 'not in the heat';
}
