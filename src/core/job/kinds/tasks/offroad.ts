import type { KindTask } from '../jobKind';
import { crankRoom, crankSideLoad, oRingSqueeze, shaftPlay } from '../kindFloats';
import {
  BOLTED,
  CRANK_TRUE,
  DOWELS,
  DRAWN_IN,
  FORKS,
  HALVES_APART,
  LUBRICATION,
  SHIFTED,
} from './splitCases';

/** Work beyond the seats of a crankcase with mixed crank fits. Common practice, no source. */
export const OFFROAD_TASKS: readonly KindTask[] = [
  {
    stage: 'look',
    say: 'Which main is the slip fit, which the tight one?',
    why: 'The crank goes into the slip half; the tight side is lowered over it.',
    choices: ['As drawn', 'A roller with separable race on the tight side'],
  },
  ...HALVES_APART,
  {
    stage: 'out',
    say: 'Crank, balance shaft, gears and drum out, ends noted',
    off: ['crank, tight journal'],
    after: ['Crank, slip side', 'Gear shaft, slip end'],
    before: ['Slip-side crank seal'],
    why: 'The balance shaft’s ends differ: it fits one way.',
    caution: 'press',
  },
  {
    stage: 'clean',
    say: 'Faces by blade and solvent; oilways and threads clean',
    caution: 'cleaning',
  },
  {
    key: 'crank_width',
    stage: 'parts',
    say: 'Crank width against the space between the bearing faces',
    floats: [
      crankRoom({
        eachHalfMm: [29.35, 30.1],
        gasketMm: 0.35,
        widthMm: 59.4,
        metal: 'alsi9cu3',
        low: 0.15,
        high: 0.65,
      }),
    ],
    why: 'Clearance must be there before anything is closed.',
  },
  ...CRANK_TRUE,
  {
    stage: 'parts',
    say: 'O-ring section against a new one; collar polished criss-cross',
    floats: [oRingSqueeze('O-ring under the collar', 'collar_o_ring', { newMm: 2.1, glandMm: 1.6 })],
    why: 'A ring that has lost half of its squeeze has taken a set.',
  },
  {
    stage: 'in',
    say: 'Set the half up on wood, square',
    why: 'The flatter half lies down.',
    choices: ['On wood, the flatter half down', 'Under the press, supported at the bore'],
  },
  {
    key: 'crank_in_slip_half',
    stage: 'shaft',
    say: 'Crank into the slip half; balance shaft the one way it fits',
    onto: ['crank, slip journal'],
    why: 'It slides: if it has to be pulled, stop.',
    troubles: [
      {
        say: 'It has to be pulled',
        then: 'Stop: this is the slip fit. A burr, or the wrong half. Pulled, the balls carry the force.',
      },
      ...DRAWN_IN,
    ],
    after: ['Slip-side main'],
    before: ['Crank, slip side'],
  },
  {
    stage: 'shaft',
    say: 'Gears in; forks in the drum’s grooves, not on the decoy flats',
    ...FORKS,
    before: ['Gear shaft, slip end'],
  },
  ...LUBRICATION,
  ...DOWELS,
  {
    key: 'tight_side_over',
    locks: ['Slip-side nut'],
    stage: 'close',
    say: 'Tight side warmed and lowered over the crank; nut last',
    onto: ['crank, tight journal'],
    why: 'Never pulled across by the nut. The nut is left-hand where it is.',
    troubles: [
      {
        say: 'It stopped on the way down',
        then: 'Up again while it is warm, warmed anew: pulled across by its nut, it loads both mains from the side.',
      },
    ],
    caution: 'hot_metal',
  },
  ...BOLTED,
  {
    key: 'turns_before_seals',
    stage: 'prove',
    say: 'Turn it, before a lip drags on it',
    turns: {},
    why: 'What the seals add is told by how it turned without them.',
  },
  {
    stage: 'prove',
    say: 'Crank moves to and fro by hand; feelers even both sides; side load relieved',
    floats: [crankSideLoad, shaftPlay('Crank to and fro', 'crank_to_and_fro', { low: 0.1, high: 0.7 })],
    why: 'The difference of the feelers, halved, is how far to move it.',
  },
  {
    key: 'collar_in',
    stage: 'prove',
    say: 'Collar turned in, bigger bevel to the lip; lip watched',
    why: 'Bigger bevel first: the lip rides up on it. A lip folded inward leaks at once: back off, turn, try again.',
    troubles: [
      {
        say: 'The lip folded inward',
        then: 'Back off with the collar, turn it, try again; a lip that was cut is a new seal.',
      },
    ],
  },
  {
    key: 'turns_after_seals',
    stage: 'prove',
    say: 'Turn it again, with its seals',
    turns: { since: 'turns_before_seals' },
    why: 'An even drag is the seals’, and no fault.',
  },
  {
    stage: 'prove',
    say: 'Shift through the gears',
    isFullOnly: true,
    ...SHIFTED,
  },
  { stage: 'prove', say: 'Oil in, tools counted, hand over', countsTools: true },
];
