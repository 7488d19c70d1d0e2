import type { KindTask } from '../jobKind';
import { armInTheMiddle, armSidePlay, headPreload, hubSpacer } from '../kindFloats';

/** Work beyond the seats of wheel hubs, swing arms, steering heads and pulleys. Common practice, no source. */
export const HUB_TASKS: readonly KindTask[] = [
  {
    stage: 'look',
    say: 'Weigh the price of the parts against an hour of labour',
    isFullOnly: true,
    why: 'A wheel’s parts may cost as much as an hour; the work itself takes a quarter of one.',
  },
  {
    stage: 'parts',
    say: 'Spacer tube: its length, and both ends flat',
    floats: [hubSpacer],
    isFullOnly: true,
    why: 'A spacer that has been nipped for years is shorter than it was.',
  },
  {
    key: 'spacer_in',
    stage: 'in',
    say: 'Spacer into its recess, the right way round',
    why: 'Left out, or the wrong way, both bearings come out again.',
    troubles: [
      {
        say: 'The second bearing is in without it',
        then: 'Out again by the far inner edge; a bearing that was drifted out through its balls is not used again.',
      },
    ],
    after: ['Disc side'],
    before: ['Sprocket side'],
  },
  {
    stage: 'prove',
    say: 'Axle through, torque, spin: no play, no drag',
    locks: ['Axle nut'],
    why: 'The spacer still slides sideways by finger; both bearings turn.',
    troubles: [
      {
        say: 'It drags when the axle is tight',
        then: 'The spacer is too short, or a bearing was driven past the nip: its chain under Float says which.',
      },
      {
        say: 'There is play',
        then: 'A bearing is not on its shoulder, or the spacer is not nipped: loosen, drive the second one on.',
      },
    ],
    caution: 'safety_parts',
  },
];

export const SWING_ARM_TASKS: readonly KindTask[] = [
  {
    key: 'collars_out',
    stage: 'out',
    say: 'Collars that would bottom on the driver out first',
    why: 'The driver meets them before it meets the cup.',
    after: ['Left outer seal', 'Right outer seal'],
    before: ['Left outer needle', 'Right outer needle'],
  },
  {
    stage: 'in',
    say: 'Needles packed with grease, wax stick on the dry cups',
    why: 'Needles drop when their shipping insert is drawn.',
    troubles: [
      {
        say: 'A needle dropped out',
        then: 'Count them against the old cup; all back in stiff grease, or another cup. One short never runs true.',
      },
    ],
    before: ['Left outer needle', 'Right outer needle'],
  },
  {
    key: 'collars_in',
    stage: 'shaft',
    say: 'Collars in, twisted past the lips',
    why: 'A lip that folds inward leaks at once: back off, turn, try again.',
    troubles: [
      {
        say: 'A lip folded inward',
        then: 'Collar back, turned, in again; a lip that was cut is a new seal.',
      },
    ],
  },
  {
    stage: 'shaft',
    say: 'Side play out with washers and shims, the arm in the middle',
    floats: [armSidePlay('left_end_of_the_pivot'), armInTheMiddle('left_end_of_the_pivot')],
    why: 'Spacers are unequal left and right.',
    after: ['Left end of the pivot', 'Right end of the pivot'],
  },
  {
    stage: 'close',
    say: 'Grease in, pivot bolt through, torque',
    locks: ['Pivot nut'],
    lubricates: 'grease',
    items: ['Pivot bolt: a film of grease, its thread as the manual says'],
    caution: 'safety_parts',
  },
  {
    stage: 'prove',
    say: 'It swings by its own weight, with no side play',
    troubles: [
      {
        say: 'It hangs',
        then: 'Loosen the bolt: free now, the sides are too tight; else a collar stands on its cup.',
      },
      {
        say: 'It knocks sideways',
        then: 'A shim is missing, or went to the other side: its chain under Float says how thick.',
      },
    ],
  },
];

export const STEERING_HEAD_TASKS: readonly KindTask[] = [
  {
    key: 'cone_off',
    stage: 'out',
    say: 'Lower cone off the stem, with its dust seal',
    why: 'Close to the stem, turning round; its cage carries nothing.',
    off: ['stem, lower cone'],
    caution: 'eyes',
    after: ['Upper race', 'Lower race'],
  },
  {
    stage: 'parts',
    say: 'New dust seal tried on cone and frame',
    why: 'Where its lip touches the cage, a shim goes under it: it must spin.',
    choices: ['It runs free', 'A shim under it'],
    troubles: [
      { say: 'Its lip rubs the cage', then: 'A shim under it, tried again: it must spin. Then say so.' },
    ],
  },
  {
    key: 'cone_on',
    stage: 'shaft',
    say: 'Rollers packed; dust seal and cone onto the stem by the inner race',
    onto: ['stem, lower cone'],
    why: 'On a flat support that is not clamped: the note changes when it is home. Grease can’t reach there later.',
    caution: 'press',
  },
  {
    stage: 'shaft',
    say: 'Grease outside against rust; stem in',
    why: 'Oil in the seats, grease outside.',
    lubricates: 'grease',
    items: ['Outside of both races: grease against rust', 'Stem: a film of grease'],
  },
  {
    stage: 'prove',
    say: 'Preload: turn it through, let it settle, measure again by pull at a lever',
    floats: [headPreload],
    why: 'Cable drag taken off; races settle with the first turns.',
    caution: 'safety_parts',
  },
];

export const PULLEY_TASKS: readonly KindTask[] = [
  {
    stage: 'access',
    say: 'Pulley on wood, face down; see which end of the needle is open',
    why: 'A mark on the drive face is scrap.',
  },
  {
    key: 'pulley_warm',
    stage: 'out',
    say: 'Warm the pulley, never the bearing',
    why: 'Warmth makes the slide hammer’s work light.',
    caution: 'hot_metal',
    after: ['all_found'],
    before: ['Pulley needle'],
  },
  { stage: 'close', say: 'Grease in the needle, new O-rings oiled', lubricates: 'grease' },
  {
    stage: 'prove',
    say: 'It turns and slides on its sleeve without a catch',
    troubles: [
      {
        say: 'It catches once a turn',
        then: 'A needle lies across, or the cup’s edge was struck: out with it, it never runs true.',
      },
    ],
  },
];

export const SEAL_ONLY_TASKS: readonly KindTask[] = [
  {
    stage: 'clean',
    say: 'Feel bed and track with a nail',
    why: 'A scored bed wants a skim of sealant, a grooved track a seal that runs beside it, or a sleeve.',
  },
  {
    key: 'sleeve_thread',
    stage: 'in',
    say: 'Thread or splines sleeved, lip greased',
    why: 'A lip that is cut on the way in leaks at once.',
    lubricates: 'oil',
    items: ['Thread or splines: a greased sleeve over them'],
    before: ['Output-shaft seal', 'Shift-shaft seal', 'Crank seal'],
  },
  {
    stage: 'prove',
    say: 'Refill, run, look again',
    troubles: [
      {
        say: 'It weeps again',
        then: 'Which side of the rim? Cocked, or a track that is worn: out again, the new one beside the track.',
      },
    ],
  },
];
