import {
  limitOf,
  type WarmCall,
  type WarmLimit,
  type WarmOutView,
  type WarmReason,
} from '@/core/job/warmOutView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { CEILING_WORDS } from './verdicts';

/** Removal by heat, in words. */

export const WARM_SIGNS: Record<WarmCall, string[]> = {
  wait: ['WAIT'],
  pull: ['PULL'],
  falls: ['FALLS'],
  stop: ['STOP'],
  too_late: ['HOLDS'],
  all_out: ['OUT'],
};

const REASONS: Record<WarmReason, string> = {
  not_warmed: 'The casting is cold: everything holds.',
  limit_in_the_way: 'Something suffers before it lets go: that comes out first.',
  still_holds: 'It still holds.',
  hot_enough_out: 'Hot enough. Out with it, face down over wood.',
  too_cool_dial: 'Set like this, the oven never frees it for long enough. Turn it up.',
  probe_it: 'Hot air has no dial: hold the probe on the boss.',
  turn_it_over: 'It is free: face down over wood, a knock on the wood, not on the bearing.',
  tap_it: 'It is free: tap the casting with a soft face and catch it.',
  pull_it: 'Nearly free: light strokes, and lighter ones at the end.',
  holds_again: 'It has cooled and holds again. Back to the heat, no force.',
  limit_near: 'Air off or out: in less than a minute something suffers.',
  limit_reached: 'Take the heat away now.',
  nothing_by_heat: 'Heat takes nothing out of this casting: the other ways are on its strip sheet.',
  all_out: 'Nothing old is left in it.',
};

export const sayLimit = (limit: WarmLimit): string =>
  'ceiling' in limit
    ? `${CEILING_WORDS[limit.ceiling.what]}${limit.ceiling.seatName ? `, ${limit.ceiling.seatName}` : ''}`
    : `${limit.letsGo} lets go`;

/** The one reason, with the name of what it is about. */
export function sayWarm({ reason, next, nearest, limits, parts }: WarmOutView, units: Units): string {
  const about = nearest?.limit ?? limits[0];
  if ((reason === 'limit_near' || reason === 'limit_reached' || reason === 'limit_in_the_way') && about)
    return `${REASONS[reason]} ${sayLimit(about)}: ${asText(showTemperature(limitOf(about), units))}.`;
  if (next && parts.length > 1 && reason !== 'not_warmed') return `${next.name}: ${REASONS[reason]}`;
  return REASONS[reason];
}
