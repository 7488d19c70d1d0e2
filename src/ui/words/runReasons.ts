import type { HeatReason, HeatRunView } from '@/core/job/heatRun';

/** The one reason of the big sign, in words that match it. */
export const REASON_WORDS: Record<HeatReason, string> = {
  nothing_planned: 'No way in is chosen yet.',
  not_heating: 'The casting is cold.',
  probe_the_boss: 'Hot air has no dial: hold the probe on the boss.',
  bore_still_small: 'The bore is still too small to be sure.',
  still_tight_for_blows: 'Still too tight for light blows.',
  still_tight_to_draw: 'Still too tight to be drawn in with ease.',
  not_for_long_enough: 'It would go in now, but not for long enough to work in. Leave it in the heat.',
  dial_too_low: 'Set like this, the oven never gets it hot enough to be sure. Out, and in again hotter.',
  cooled_blows_too_hard: 'It has cooled: light blows no longer do it. Back to the heat.',
  cooled_draw_too_hard: 'It has cooled: the rod would have to force it. Back to the heat.',
  hot_enough_take_it_out: 'Hot enough. Take the casting out.',
  another_not_ready: 'Another part of this heat is not ready yet.',
  hot_enough_air_off: 'Hot enough. Air off, and in with it at once.',
  hot_enough_lay_it_out: 'Hot enough, but not all is within reach: lay it out first.',
  lay_it_out: 'Not all is within reach. Lay it out, then let go.',
  not_cold_yet: 'The bearing is not in the freezer yet.',
  sure: 'Light on both sides: let it fall.',
  band_at_margin: 'No longer sure. Back to the heat; do not try your luck.',
  never_hot_enough: 'It came out before it was hot enough. Back to the heat.',
  was_it_home: 'Did the note change? Hold it down until it grips.',
  square_before_force: 'Square before force. Heavy force means cocked, wrong part or wrong race: stop.',
  light_blows: 'Light blows while it is warm: creep up to the depth, measure, stop.',
  draw_while_warm: 'Draw it in while it is warm: even drag, then a definite stop.',
  cocked_back_out: 'Back it out, look at the bore, start again square; draw it in rather than hammer.',
  it_grabbed: 'It grabbed. Back to the heat with both, no hammer.',
  both_warming: 'Both warm up together: not free yet. No hammer.',
  free_again: 'Both are free: straighten it by hand. It comes out, or it goes home.',
  heat_frees_not: 'No heat that it may have frees it: pull it back out, slowly and straight.',
  look_at_the_bore: 'Look at the bore and at the part: a ridge stops the next try too.',
  it_is_home: 'Home. Check it again when cold.',
  it_is_home_cold: 'Home: an even gap all round.',
};

/** The one reason, by the name of the part that is waited for where it is another one. */
export const sayReason = ({ reason, waitsFor }: Pick<HeatRunView, 'reason' | 'waitsFor'>): string =>
  waitsFor ? `${waitsFor.name}: ${REASON_WORDS[waitsFor.reason]}` : REASON_WORDS[reason];
