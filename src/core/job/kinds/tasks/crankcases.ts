import type { KindTask } from '../jobKind';
import { crankRoom, crankSideLoad, shaftPlay } from '../kindFloats';
import { BOLTED, CLOSING, CRANK_TRUE, DOWELS, HALVES_APART, LUBRICATION } from './splitCases';

/** Work beyond the seats of crankcases. Common practice, no source. */
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
    off: ['crank, left journal', 'crank, right journal'],
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
    onto: ['crank, left journal'],
    why: 'Light drag, then a stop. Never hammered; the case does not carry it.',
    caution: 'press',
  },
  {
    stage: 'shaft',
    say: 'Gear bundle in, loose washers held with oil',
    before: ['Clutch shaft, left end', 'Output shaft, left end'],
  },
  {
    stage: 'shaft',
    say: 'Forks by mark and groove, drum, pins: neutral frees both shafts, first locks them',
  },
  ...CLOSING,
  {
    stage: 'prove',
    say: 'Turn it, shift through the gears, relieve the side load',
    floats: [crankSideLoad],
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
    onto: ['crank, slip journal'],
    why: 'It slides: if it has to be pulled, stop.',
    after: ['Slip-side main'],
    before: ['Crank, slip side'],
  },
  {
    stage: 'shaft',
    say: 'Gears in; forks in the drum’s grooves, not on the decoy flats',
    before: ['Gear shaft, slip end'],
  },
  ...LUBRICATION,
  ...DOWELS,
  {
    key: 'tight_side_over',
    stage: 'close',
    say: 'Tight side warmed and lowered over the crank; nut last',
    onto: ['crank, tight journal'],
    why: 'Never pulled across by the nut. The nut is left-hand where it is.',
    caution: 'hot_metal',
  },
  ...BOLTED,
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
    floats: [crankSideLoad],
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
