import type { ShaftCall, ShaftReason } from '@/core/job/shaftRun';
import type { RaceHeat, ShaftOffWay, ShaftOnWay } from '@/core/record/vocabulary';
import type { ShaftVerdict } from '@/core/shaft/shaftFit';
import type { ShaftObjection } from '@/core/shaft/waysOff';

/** Words of seats on shafts: how bearings and cones come off and go on, and what their fit comes to. */
export const SHAFT_OFF_WORDS: Record<ShaftOffWay, { name: string; short: string; how: string }> = {
  by_hand: { name: 'By hand', short: 'By hand', how: 'Slid off, or after mild heat.' },
  press_out: {
    name: 'Shaft pushed out of it',
    short: 'Pushed out',
    how: 'Bearing held close by its inner race, square under the ram or the tool; the shaft is caught.',
  },
  split_puller: {
    name: 'Split puller behind it',
    short: 'Split puller',
    how: 'Its halves close under the inner race, then the screw on the shaft’s centre.',
  },
  puller: {
    name: 'Puller on the outer race',
    short: 'Puller',
    how: 'It pulls through the balls: the bearing is not used again.',
  },
  warm_off: {
    name: 'Warm the inner race, quickly',
    short: 'Warmed off',
    how: 'Hot air on the race, not on the shaft: both are steel, so it has to let go before the shaft is warm too.',
  },
  cut: {
    name: 'Cut it',
    short: 'Cut',
    how: 'Thin, along the shaft, never into it; split the rest. Eyes covered.',
  },
  another: {
    name: 'Another way',
    short: 'Another way',
    how: 'In your words: what worked is worth writing down.',
  },
};

export const SHAFT_ON_WORDS: Record<ShaftOnWay, { name: string; short: string; how: string }> = {
  by_hand: {
    name: 'By hand',
    short: 'By hand',
    how: 'A little oil; it slides on straight, turned a little.',
  },
  drive: {
    name: 'Tube on the inner race, light blows',
    short: 'Driven on',
    how: 'On a flat support that is not clamped; the note changes when it is home.',
  },
  press: {
    name: 'Press, by the inner race',
    short: 'Pressed on',
    how: 'Over a socket or tube that bears on the inner race alone, until it bottoms.',
  },
  draw_in: {
    name: 'Drawn in with the tool',
    short: 'Drawn in',
    how: 'On the thread, the rod held clear: light even drag, then a stop.',
  },
  warm: {
    name: 'Bearing warmed, slid over',
    short: 'Warm',
    how: 'Oven or plate, never a torch on seals; held against its shoulder until it grips.',
  },
  chill: {
    name: 'Shaft frozen, slid in',
    short: 'Frozen',
    how: 'Wrapped in the freezer until it is as cold; frost wiped off, oil; in at once, held until it grips.',
  },
  warm_and_chill: {
    name: 'Shaft frozen, bearing mildly warm',
    short: 'Frozen and warm',
    how: 'Frost wiped off, oil; over it at once, held until it grips.',
  },
  another: {
    name: 'Another way',
    short: 'Another way',
    how: 'In your words: what worked is worth writing down.',
  },
};

export const SHAFT_VERDICT_WORDS: Record<ShaftVerdict, { word: string; meaning: string }> = {
  not_known: {
    word: 'Usual fit, not measured',
    meaning: 'Shaft and bore read with a micrometer would tell.',
  },
  slips: { word: 'Slips on by hand', meaning: 'Held along the shaft by its nut or shoulder.' },
  turns_on_it: {
    word: 'Loose: it turns on its shaft',
    meaning:
      'A race that turns on its shaft overheats and welds itself on. Another shaft, or its seat built up by somebody who does that.',
  },
  right: { word: 'Right: tight', meaning: 'It holds by itself.' },
  too_tight: {
    word: 'Too tight',
    meaning:
      'The inner race would crack, or its clearance go. Wrong part or wrong shaft: measure both again.',
  },
  cannot_tell: {
    word: 'Cannot tell',
    meaning: 'Tight or loose: the doubt crosses zero. A micrometer would tell.',
  },
};

export const SHAFT_OBJECTION_WORDS: Record<ShaftObjection, string> = {
  sits_in_its_casting: 'it still sits in its casting: nothing gets behind it',
  cage_in_the_way: 'its cage and rollers carry nothing',
  through_the_balls: 'blows would go through the balls; a pressed-up crank is never driven',
  not_that_hot: 'it would have to be hotter than it stands',
  not_that_cold: 'a freezer does not make it small enough',
  no_thread_to_draw: 'no thread to draw it by',
  fit_not_known: 'the fit is not known',
  pulled_across: 'its other end is in already: it would be pulled across, and side-loaded',
  too_tight_for_that: 'too tight to be driven',
};

export const RACE_HEAT_WORDS: Record<RaceHeat, string> = {
  plate: 'hot plate',
  bath: 'oil bath',
  oven: 'oven',
  gun: 'hot air',
};

export const SHAFT_SIGNS: Record<ShaftCall, string[]> = {
  wait: ['WAIT'],
  go: ['GO'],
  too_late: ['TOO', 'COOL'],
  stop: ['STOP'],
  grabbed: ['HOLDS'],
  done: ['DONE'],
};

/** The one reason of the sign at a shaft. */
export const SHAFT_REASONS: Record<ShaftReason, string> = {
  fit_not_known: 'Its fit is not known: read shaft and bore, or say its class.',
  not_warmed: 'The bearing is cold.',
  shaft_not_cold_yet: 'The shaft is not cold enough yet.',
  cannot_be_that_hot: 'It would have to be hotter than it stands: the shaft into the freezer first.',
  read_the_race: 'Hot air has no dial: read the inner race.',
  still_tight: 'Its inner race is still too tight.',
  hot_enough: 'Hot enough: out with it and over the shaft at once.',
  never_hot_enough: 'Set like this it never slides on: hotter, or the shaft into the freezer.',
  sure: 'It slides: straight over, against its shoulder, held until it grips.',
  cooled: 'It has cooled: back to the heat, no blows.',
  now_quickly: 'Now, quickly, before the shaft is warm too.',
  limit_near: 'In less than a minute it is hotter than it stands: out with it.',
  limit_reached: 'As hot as it stands: away from the heat.',
  it_grabbed: 'It holds half way: by its inner race at once, or off again. Never through the balls.',
  it_is_on: 'On, and against its shoulder. Turn it when it is cold.',
  it_is_off: 'Off its shaft.',
};
