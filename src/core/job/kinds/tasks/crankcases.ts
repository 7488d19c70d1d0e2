import type { KindTask } from '../jobKind';

/** Work beyond the seats of crankcases. Common practice, no source. */
const HALVES_APART: readonly KindTask[] = [
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

const CRANK_TRUE: readonly KindTask[] = [
  {
    key: 'crank_run_out',
    stage: 'parts',
    say: 'Crank: run-out between centres, big end without up-and-down play',
    why: 'A crank that is out of true is pressed straight by somebody with the jig.',
  },
];

const CLOSING: readonly KindTask[] = [
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
  {
    stage: 'close',
    say: 'Close it dry, without bolts: everything turns',
    why: 'What binds now is easy to put right now.',
    choices: ['Tried dry', 'Not in this school'],
  },
  {
    stage: 'close',
    say: 'Dowels greased, standing just above the gasket; gasket dry',
    why: 'Deep dowels drag; they go home after the bolts.',
  },
  {
    stage: 'close',
    say: 'Other half on, square all along, until the gasket is nipped',
    why: 'The puller draws only until resistance; never pull a crank across.',
    caution: 'press',
  },
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

export const TWO_STROKE_TASKS: readonly KindTask[] = [
  ...HALVES_APART,
  {
    stage: 'out',
    say: 'Gear bundle, forks, drum and pins out as they lie, marked',
    why: 'Each fork goes back into its own groove by its mark.',
  },
  {
    stage: 'out',
    say: 'Crank out with the tool',
    why: 'A pressed-up crank is never hammered, and the case never hangs on it.',
    caution: 'press',
  },
  {
    stage: 'out',
    say: 'Retainer plates off',
    after: ['all_seals'],
    before: ['Clutch shaft', 'Output shaft'],
    why: 'Their screws sit in locker: warm them, and strike the driver first.',
  },
  {
    stage: 'clean',
    say: 'Gasket off with a flat blade; bores, oilways and threads clean',
    why: 'A wire wheel risks the face. Old gaskets wet.',
    caution: 'cleaning',
  },
  {
    stage: 'parts',
    say: 'Shafts dry in their new bearings',
    why: 'A bearing bored too big for its shaft is found now, or after closing.',
  },
  ...CRANK_TRUE,
  {
    stage: 'in',
    say: 'Set the half up on wood or under the press, square',
    why: 'The flatter half lies down; supports close to the bore; nothing hangs on a face.',
  },
  {
    stage: 'square',
    say: 'Retainer screws in, with medium locker',
    why: 'Groove and marks toward the plate.',
  },
  {
    key: 'crank_in',
    stage: 'shaft',
    say: 'Crank drawn into the flatter half, rod held clear',
    why: 'Light drag, then a stop. Never hammered; the case does not carry it.',
    caution: 'press',
  },
  { stage: 'shaft', say: 'Gear bundle in, loose washers held with oil' },
  {
    stage: 'shaft',
    say: 'Forks by mark and groove, drum, pins: neutral frees both shafts, first locks them',
  },
  ...CLOSING,
  {
    stage: 'prove',
    say: 'Turn it, shift through the gears, relieve the side load',
    why: 'Neutral spins both shafts alone; light soft taps on the shaft’s end, never on its thread.',
  },
  {
    stage: 'prove',
    say: 'Gasket ends cut flush; pressure check',
    why: 'No more than 0.5 bar: seals are not made for more.',
    caution: 'pressure_check',
  },
  { stage: 'prove', say: 'Oil in, tools counted, hand over' },
];

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
    why: 'Clearance must be there before anything is closed.',
  },
  ...CRANK_TRUE,
  {
    stage: 'parts',
    say: 'O-ring section against a new one; collar polished criss-cross',
    why: 'A ring that has lost half of its squeeze has taken a set.',
  },
  {
    stage: 'in',
    say: 'Set the half up on wood, square',
    why: 'The flatter half lies down.',
  },
  {
    key: 'crank_in_slip_half',
    stage: 'shaft',
    say: 'Crank into the slip half; balance shaft the one way it fits',
    why: 'It slides: if it has to be pulled, stop.',
    after: ['Slip-side main'],
  },
  { stage: 'shaft', say: 'Gears in; forks in the drum’s grooves, not on the decoy flats' },
  {
    key: 'tight_side_over',
    stage: 'shaft',
    say: 'Tight side warmed and lowered over the crank; nut last',
    why: 'Never pulled across by the nut. The nut is left-hand where it is.',
    caution: 'hot_metal',
  },
  ...CLOSING,
  {
    stage: 'prove',
    say: 'Crank moves to and fro by hand; feelers even both sides; side load relieved',
    why: 'The difference of the feelers, halved, is how far to move it.',
  },
  {
    key: 'collar_in',
    stage: 'prove',
    say: 'Collar turned in, bigger bevel to the lip; lip watched',
    why: 'How freely it turns before and after the seals: an even drag is theirs, and no fault.',
  },
  { stage: 'prove', say: 'Oil in, tools counted, hand over' },
];

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
    choices: ['Smooth', 'Scored'],
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
    why: 'Dowel pins slightly out, so that they do not drag.',
    caution: 'press',
  },
  {
    key: 'screws_dry',
    stage: 'close',
    say: 'Screws in dry, by hand feel',
    why: 'Soft magnesium.',
    after: ['crank_through'],
  },
  {
    key: 'screws_glued',
    stage: 'close',
    say: 'One by one out, adhesive, in again',
    after: ['screws_dry'],
  },
  { key: 'pins_home', stage: 'close', say: 'Pins home', after: ['screws_glued'] },
  {
    key: 'spins',
    after: ['pins_home'],
    stage: 'close',
    say: 'It spins; feelers even both sides; one light tap with a soft face',
    why: 'Never on the thread.',
  },
  {
    key: 'sleeve_thread',
    stage: 'close',
    say: 'Crank thread sleeved, lips greased',
    after: ['spins'],
    before: ['Clutch-side seal', 'Flywheel-side seal'],
  },
  { stage: 'prove', say: 'Seals flush, no lip rolled; spins, no preload' },
  { stage: 'prove', say: 'Tools counted, hand over' },
];
