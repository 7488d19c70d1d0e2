import type { KindTask } from '../jobKind';
import { crankSideLoad } from '../kindFloats';
import { CRANK_TRUE, DRAWN_IN } from './splitCases';

/** Work beyond the seats of a saw’s crankcase. Common practice, no source. */
export const SAW_TASKS: readonly KindTask[] = [
  ...CRANK_TRUE.map((task) => ({ ...task, stage: 'look' as const })),
  { stage: 'out', say: 'Halves apart, pins noted', why: 'Never a screwdriver between sealing faces.' },
  {
    stage: 'out',
    say: 'Clip noted: how it lies, and its oil passage',
    why: 'Back over the passage, the bearing starves.',
    before: ['Clutch-side main'],
  },
  {
    stage: 'clean',
    say: 'Beds of the seals looked at: scored?',
    why: 'A scored bed wants its film of sealant thicker there.',
    choices: [
      'Smooth',
      { say: 'Scored', finding: 'scored_bed', seats: ['Clutch-side seal', 'Flywheel-side seal'] },
    ],
  },
  {
    stage: 'parts',
    say: 'New bearings opened and washed, where the engine oils them',
    why: 'Shields and grease keep the mixture out.',
    choices: ['Opened and washed', 'They came open'],
    caution: 'cleaning',
  },
  {
    key: 'crank_through',
    stage: 'shaft',
    say: 'Crank slipped through; halves drawn with the tool only until resistance',
    onto: ['crank, clutch side', 'crank, flywheel side'],
    why: 'Dowel pins slightly out, so that they do not drag.',
    troubles: DRAWN_IN,
    caution: 'press',
  },
  {
    key: 'screws_dry',
    stage: 'close',
    say: 'Screws in dry, by hand feel',
    why: 'Soft magnesium.',
    troubles: [
      {
        say: 'One turns on without an end',
        then: 'Its thread is gone: an insert now, while the halves can come apart.',
      },
    ],
    after: ['crank_through'],
  },
  {
    key: 'screws_glued',
    locks: ['Case screws'],
    stage: 'close',
    say: 'One by one out, adhesive, in again',
    why: 'Never all at once: the halves stay where they are.',
    after: ['screws_dry'],
  },
  { key: 'pins_home', stage: 'close', say: 'Pins home', after: ['screws_glued'] },
  {
    key: 'spins',
    after: ['pins_home'],
    stage: 'close',
    say: 'It spins; feelers even both sides; one light tap with a soft face',
    floats: [crankSideLoad],
    why: 'Never on the thread.',
  },
  {
    key: 'sleeve_thread',
    stage: 'close',
    say: 'Crank thread sleeved, lips greased',
    lubricates: 'oil',
    items: ['Crank thread: its sleeve greased outside'],
    after: ['spins'],
    before: ['Clutch-side seal', 'Flywheel-side seal'],
  },
  { stage: 'prove', say: 'Seals flush, no lip rolled; spins, no preload', turns: {} },
  { stage: 'prove', say: 'Tools counted, hand over', countsTools: true },
];
