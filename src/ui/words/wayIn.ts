import type { MildReason } from '@/core/heat/mildest';
import type { HeatSource, STOPS } from '@/core/record/vocabulary';

/** Where heat comes from, where a way needs any. */
export const HEAT_FROM_WORDS: Record<HeatSource, string> = {
  oven: 'oven, all of it',
  gun: 'hot air, the boss',
};

/** What a part that nothing in the bore stops is brought up to. */
export const STOP_WORDS: Record<(typeof STOPS)[number], string> = {
  plate: 'A plate behind',
  washer: 'A washer as gauge',
  stepped_pusher: 'A stepped pusher',
};

/** Why the proposed way is proposed. */
export const MILD_WORDS: Record<MildReason, string> = {
  goes_in_by_hand: 'As measured it goes in by hand.',
  light_fit: 'A light fit: cold does it no harm, and is ready at once.',
  steel_seat: 'A steel seat: heat gives little, cold force does not score it.',
  nothing_stops_it: 'Set to a depth: warm, it creeps there under light blows.',
  does_not_go_into_an_oven: 'What holds it is not heated: cold, square, with a tool that gives the force.',
  real_nip_in_alloy:
    'A real nip in light alloy: pressed cold it scores the bore and is looser each time; warm, it drops.',
  seal_is_rubber: 'Rubber goes in cold.',
  tools_of_this_job: 'Its own press tool holds it square.',
};
