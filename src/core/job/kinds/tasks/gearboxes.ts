import type { KindTask } from '../jobKind';
import { shaftPlay } from '../kindFloats';
import { SHIFTED } from './splitCases';

/** Work beyond the seats of gearboxes. Common practice, no source. */
const BLIND_NEEDLES: readonly KindTask[] = [
  {
    stage: 'look',
    say: 'Gears, forks against a new one, cam plate, shafts and threads: a note and a picture each',
    why: 'Pitting, a worn edge, a bent fork: found now, they change the order.',
  },
  {
    key: 'end_float_before',
    stage: 'look',
    say: 'End float of the second shaft, before it is taken apart',
    floats: [shaftPlay('Second shaft, before', 'second_shaft_before', { low: 0.05, high: 0.4 })],
    why: 'The same washers give it again.',
  },
  {
    stage: 'clean',
    say: 'Blasting grit out of casting and threads: wash until nothing comes',
    caution: 'cleaning',
  },
  {
    key: 'shafts_in',
    stage: 'shaft',
    say: 'Shafts in',
    why: 'Needles and lips are past reaching afterwards: each is oiled or greased now.',
    lubricates: 'oil',
    troubles: [
      {
        say: 'A needle has dropped',
        then: 'Shaft out: count the needles, all back in grease. One that runs loose takes the box with it.',
      },
    ],
  },
  {
    stage: 'shaft',
    say: 'End float again',
    floats: [
      shaftPlay(
        'Second shaft, again',
        'second_shaft_again',
        { low: 0.05, high: 0.4 },
        { like: 'second_shaft_before' },
      ),
    ],
    why: 'Anything else than before: the stack is not as it was.',
    after: ['Second shaft, case end', 'Second shaft, cover end'],
  },
  {
    stage: 'close',
    say: 'Pivot pin and its O-ring, split pins, quadrant (it fits one way)',
    locks: ['Quadrant pivot'],
    why: 'The later pin has a groove for an O-ring: fit it.',
    items: [
      'Pivot pin in, its O-ring oiled',
      'Split pins new, both ends bent',
      'Quadrant the one way it fits',
    ],
  },
  { stage: 'close', say: 'Close: thin film or gasket, bolts criss-cross', isSealed: true },
  { stage: 'prove', say: 'Shift through; turns', ...SHIFTED },
];

export const BLIND_NEEDLE_A_TASKS: readonly KindTask[] = [
  ...BLIND_NEEDLES,
  {
    stage: 'square',
    say: 'Washer over the closed needle: it sits, and is not held off',
    why: 'The washer is the gauge: a hair too high and its pin does not hold it.',
    troubles: [
      {
        say: 'It is held off',
        then: 'The needle stands too proud: light blows while it is warm, the washer tried after each.',
      },
    ],
  },
];
export const BLIND_NEEDLE_B_TASKS: readonly KindTask[] = [
  ...BLIND_NEEDLES,
  {
    stage: 'square',
    say: 'Needle flush outside is right inside: the washer sits',
  },
];

/** Bearings that stay on the shafts when the cover comes off. */
const COVER_SEATS = ['Input shaft, cover', 'Middle shaft, cover', 'Output shaft, cover'];
const COVER_ENDS = COVER_SEATS.map((name) => `${name.replace(/, .*/, '').toLowerCase()}, ${name}`);

export const SIDE_GEARBOX_TASKS: readonly KindTask[] = [
  {
    stage: 'look',
    say: 'One shaft broke? Then all bearings are renewed',
    why: 'Its neighbours’ bearings took the blow too.',
    choices: ['All renewed', 'Nothing broke: what is worn'],
  },
  {
    stage: 'out',
    say: 'Shafts out; bearings off them',
    why: 'By the inner race; some come by hand after mild heat.',
    off: COVER_ENDS,
    carries: COVER_SEATS,
    after: ['Middle-shaft washers', 'all_seals'],
    before: ['Input shaft', 'Middle shaft', 'Output shaft'],
    caution: 'eyes',
  },
  { stage: 'clean', say: 'Faces flat with a blade, no gouges', caution: 'cleaning' },
  {
    key: 'on_shafts',
    stage: 'shaft',
    say: 'Other bearings onto the shafts, by the inner race',
    why: 'On the shaft first or in the case first is a choice when both fits are light.',
    onto: COVER_ENDS,
    choices: [{ say: 'Into the cover first', intoCastingFirst: true }],
  },
  {
    stage: 'shaft',
    say: 'A gear that won’t take its bearing: gear to the freezer, mild heat on the bearing',
    choices: ['Not needed', 'Done'],
  },
  {
    stage: 'shaft',
    say: 'Shafts in',
    why: 'Past the greased lips, turning.',
    lubricates: 'oil',
    troubles: [
      {
        say: 'A lip folded',
        then: 'Back off, turn the shaft, try again; a lip that was dry is greased first.',
      },
    ],
  },
  { key: 'turned_open', stage: 'shaft', say: 'Turn them', turns: {} },
  {
    stage: 'close',
    say: 'Sealant: a thin film, also round the bolt holes',
    isSealed: true,
    why: 'Thicker where a face is scored, none by an oil way.',
  },
  {
    stage: 'close',
    say: 'Cover on, square over its bearings; bolts criss-cross, light',
    why: 'It goes on by hand and soft taps; bolts that have to draw it have a cocked bearing under them.',
    carries: COVER_SEATS,
  },
  { stage: 'prove', say: 'It spins', turns: { since: 'turned_open' } },
  { stage: 'prove', say: 'Oil in, hand over' },
];
