import type { KindTask } from '../jobKind';
import { crankRunOut } from '../kindFloats';

/** What the work on any split crankcase shares. Common practice, no source. */
export const HALVES_APART: readonly KindTask[] = [
  {
    stage: 'out',
    say: 'Bolts out, into a card by their place',
    why: 'Each goes back into its own hole; break tight ones loose by hand first.',
  },
  {
    stage: 'out',
    say: 'Halves apart on their tabs, loose washers caught',
    why: 'Never a screwdriver between sealing faces.',
    choices: ['Tabs and soft blows', 'Case splitter'],
  },
];

export const CRANK_TRUE: readonly KindTask[] = [
  {
    key: 'crank_run_out',
    stage: 'parts',
    say: 'Crank: run-out between centres, big end without up-and-down play',
    floats: [crankRunOut],
    why: 'A crank that is out of true is pressed straight by somebody with the jig.',
  },
];

export const LUBRICATION: readonly KindTask[] = [
  {
    key: 'lubrication',
    stage: 'close',
    say: 'Lubrication list, place by place',
    why: 'One dry lip is found too late.',
    items: [
      'Mains and big end: assembly oil',
      'Seal lips: grease',
      'Gears, forks and drum: oil',
      'Washers: oil, so that they hold',
      'Dowels: grease',
      'Bolt threads: dry, or with their locker',
    ],
  },
];

export const DOWELS: readonly KindTask[] = [
  {
    stage: 'close',
    say: 'Dowels greased, standing just above the gasket; gasket dry',
    why: 'Deep dowels drag; they go home after the bolts.',
  },
];

export const BOLTED: readonly KindTask[] = [
  { stage: 'close', say: 'Turn everything', why: 'Extra drag now is a fault now.' },
  {
    stage: 'close',
    say: 'Bolts dropped in: all stand out alike',
    why: 'One that stands out more is in the wrong hole, or bottoms.',
  },
  { stage: 'close', say: 'Snug by hand, criss-cross from the middle' },
  { stage: 'close', say: 'Turn everything again' },
  {
    stage: 'close',
    say: 'Final torque, criss-cross',
    why: 'Small bolts in soft metal need little.',
    choices: ['Torque wrench', 'By hand, short ratchet'],
  },
];

export const CLOSING: readonly KindTask[] = [
  ...LUBRICATION,
  {
    stage: 'close',
    say: 'Close it dry, without bolts: everything turns',
    why: 'What binds now is easy to put right now.',
    choices: ['Tried dry', 'Not in this school'],
  },
  ...DOWELS,
  {
    stage: 'close',
    say: 'Other half on, square all along, until the gasket is nipped',
    why: 'The puller draws only until resistance; never pull a crank across.',
    caution: 'press',
  },
  ...BOLTED,
];
