import type { Float } from '@/core/record/floats';
import { slotOf, type Slot } from '@/core/record/slots';

/** Places round a shaft that a dial is read at. */
const ROUND_DEG = [0, 90, 180, 270] as const;
/** Pulls at the lever, each after another turn through. */
const PULLS = ['1', '2', '3'] as const;

/** Where a dial stands at either end of a play. */
export const ENDS_OF_PLAY = {
  push_pull: ['pushed', 'pulled'],
  backlash: ['one_way', 'other_way'],
} as const;

/** Everything that can be read of a float, in the order in which it is. */
export function slotsOfFloat({ key: float, sort, links }: Pick<Float, 'key' | 'sort' | 'links'>): Slot[] {
  switch (sort) {
    case 'room':
    case 'o_ring':
      return links.map(({ key }) => slotOf('link', { float, part: key }));
    case 'push_pull':
    case 'backlash':
      return ENDS_OF_PLAY[sort].map((part) => slotOf('dial', { float, part }));
    case 'run_out':
      return ['left', 'right'].flatMap((part) =>
        ROUND_DEG.map((angleDeg) => slotOf('dial', { float, part, angleDeg })),
      );
    case 'side_load':
    case 'even_faces':
      return ['left', 'right'].map((part) => slotOf('feeler', { float, part }));
    case 'preload':
      return ['drag', ...PULLS].map((part) => slotOf('pull', { float, part }));
    case 'case_pressure':
      return ['rig', 'start', 'end'].map((part) => slotOf('pressure', { float, part }));
  }
}
