import type { KindTask } from '../jobKind';
import { casePressure, crankSideLoad } from '../kindFloats';
import { CLOSING, CRANK_TRUE, DRAWN_IN, FORKS, HALVES_APART, SHIFTED } from './splitCases';

/** Work beyond the seats of a two-stroke’s crankcase. Common practice, no source. */
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
    troubles: [
      {
        say: 'One does not fit its shaft',
        then: 'A kit of another year: stop, measure both mates, send it back. Nothing is pressed until all fit.',
      },
    ],
  },
  ...CRANK_TRUE,
  {
    stage: 'in',
    say: 'Set the half up on wood or under the press, square',
    why: 'The flatter half lies down; supports close to the bore; nothing hangs on a face.',
    choices: ['On wood, the flatter half down', 'Under the press, supported at the bore'],
    troubles: [
      {
        say: 'It rocks, or stands on a face',
        then: 'Wood under the ribs or a plate with a hole: what presses a bearing must not stand on a sealing face.',
      },
    ],
  },
  {
    stage: 'square',
    say: 'Retainer screws in, with medium locker',
    locks: ['Retainer plate screws'],
    why: 'Groove and marks toward the plate.',
    holds: ['Clutch shaft', 'Output shaft'],
    troubles: [
      {
        say: 'The plate does not enter the groove',
        then: 'The bearing is not home, or lies the wrong way round: back to it. The screws never pull it home.',
      },
    ],
  },
  {
    key: 'seals_when',
    stage: 'square',
    say: 'Seals before the halves are joined, or after?',
    why: 'Before, they are easy to reach and seen from both sides; after, no shaft folds a lip on its way in.',
    choices: ['Before', { say: 'After, the thread sleeved', sealsAfterJoining: true }],
  },
  {
    key: 'crank_in',
    stage: 'shaft',
    say: 'Crank drawn into the flatter half, rod held clear',
    onto: ['crank, left journal'],
    why: 'Light drag, then a stop. Never hammered; the case does not carry it.',
    troubles: DRAWN_IN,
    caution: 'press',
  },
  {
    stage: 'shaft',
    say: 'Gear bundle in, loose washers held with oil',
    before: ['Clutch shaft, left end', 'Output shaft, left end'],
    troubles: [
      { say: 'A washer is left over', then: 'Bundle out again: by the picture and the card of its stack.' },
    ],
  },
  {
    stage: 'shaft',
    say: 'Forks by mark and groove, drum, pins: neutral frees both shafts, first locks them',
    ...FORKS,
  },
  ...CLOSING,
  {
    stage: 'prove',
    say: 'Turn it, shift through the gears, relieve the side load',
    floats: [crankSideLoad],
    why: 'Neutral spins both shafts alone; light soft taps on the shaft’s end, never on its thread.',
    troubles: SHIFTED.troubles,
  },
  {
    stage: 'prove',
    say: 'Gasket ends cut flush; pressure check',
    floats: [casePressure],
    why: 'No more than 0.5 bar: seals are not made for more.',
    caution: 'pressure_check',
  },
  {
    stage: 'prove',
    say: 'Clutch, primary and flywheel back on, nuts to their torque',
    why: 'The primary’s is left-hand: anticlockwise tightens.',
    isFullOnly: true,
    closesAccess: true,
    locks: ['Primary nut'],
  },
  { stage: 'prove', say: 'Oil in, tools counted, hand over', countsTools: true },
];
