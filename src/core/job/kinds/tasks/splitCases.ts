import type { KindTask, KindTrouble } from '../jobKind';
import { bigEndPlay, crankRunOut } from '../kindFloats';

/** What the work on any split crankcase shares. Common practice, no source. */
const LEVER_MARKS: KindTrouble = {
  say: 'A lever slipped: a mark on the face',
  then: 'Stone it flush, flat along the face, no hollow; a film of sealant there. From now on the tabs, or the tool.',
};

const ROD_TRAPPED: KindTrouble = {
  say: 'The rod is trapped against the case',
  then: 'Stop. Back it off, turn the rod into its gap and hold it there; it bends before the crank moves.',
};

const HALF_CATCHES: KindTrouble = {
  say: 'It goes hard, or leans',
  then: 'Stop: back it off square. A dowel stands too deep, a washer has dropped, or the crank is not in its stop. Bolts never pull it.',
};

export const FORKS: Pick<KindTask, 'items' | 'troubles'> = {
  items: [
    'Each fork by its mark, in its own groove',
    'Fork pins in, the drum turns',
    'Neutral: both shafts turn alone',
    'First: they turn together',
  ],
  troubles: [
    {
      say: 'Neutral does not free them',
      then: 'A fork is in another’s groove, or on a flat of the drum: out again, by the marks.',
    },
    {
      say: 'First does not lock them',
      then: 'Its fork does not move its dog: look at pin and groove before anything is closed.',
    },
  ],
};

/** Drum into each gear in turn, the shafts turned. */
export const SHIFTED: Pick<KindTask, 'items' | 'troubles'> = {
  items: ['Neutral: both shafts turn alone', 'First and up through every gear', 'Down again to neutral'],
  troubles: [
    {
      say: 'A gear does not engage',
      then: 'Turn the output by hand while shifting; if it still does not, it is opened again: a fork or a pin.',
    },
  ],
};

export const DRAWN_IN: readonly KindTrouble[] = [ROD_TRAPPED];
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
    troubles: [LEVER_MARKS],
  },
];

export const CRANK_TRUE: readonly KindTask[] = [
  {
    key: 'crank_run_out',
    stage: 'parts',
    say: 'Crank: run-out between centres, big end without up-and-down play',
    floats: [crankRunOut, bigEndPlay],
    why: 'A crank that is out of true is pressed straight by somebody with the jig.',
  },
];

export const LUBRICATION: readonly KindTask[] = [
  {
    key: 'lubrication',
    stage: 'close',
    say: 'Lubrication list, place by place',
    why: 'One dry lip is found too late.',
    lubricates: 'oil',
    items: [
      'Big end: assembly oil',
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
  { stage: 'close', say: 'Turn everything', why: 'Extra drag now is a fault now.', turns: {} },
  {
    stage: 'close',
    say: 'Bolts dropped in: all stand out alike',
    why: 'One that stands out more is in the wrong hole, or bottoms.',
    troubles: [
      {
        say: 'One stands out more',
        then: 'It is in another’s hole, or bottoms before it clamps: by the card, and its length against its hole.',
      },
      {
        say: 'One sits low',
        then: 'Too few threads hold it: the longer one is somewhere else. It would strip the casting.',
      },
    ],
  },
  { stage: 'close', say: 'Snug by hand, criss-cross from the middle' },
  {
    stage: 'close',
    say: 'Turn everything again',
    turns: { since: 'Turn everything' },
    why: 'Stiffer than before the bolts: they made it bind.',
  },
  {
    stage: 'close',
    say: 'Final torque, criss-cross',
    why: 'Small bolts in soft metal need little.',
    choices: ['Torque wrench', 'By hand, short ratchet'],
    troubles: [
      {
        say: 'A thread strips',
        then: 'Stop at this bolt: an insert, or the next size; its neighbours are not made to do its work.',
      },
    ],
  },
  {
    stage: 'close',
    say: 'Dowels driven home',
    why: 'They stood just above the gasket, so that they did not drag.',
    isFullOnly: true,
  },
];

export const CLOSING: readonly KindTask[] = [
  ...LUBRICATION,
  {
    stage: 'close',
    say: 'Close it dry, without bolts: everything turns',
    why: 'What binds now is easy to put right now.',
    choices: ['Tried dry', 'Not in this school'],
    troubles: [
      {
        say: 'Something binds',
        then: 'Apart again and found now: afterwards sealant and gasket go with it.',
      },
    ],
  },
  ...DOWELS,
  {
    stage: 'close',
    say: 'Other half on, square all along, until the gasket is nipped',
    why: 'The puller draws only until resistance; never pull a crank across.',
    troubles: [HALF_CATCHES],
    caution: 'press',
  },
  ...BOLTED,
];
