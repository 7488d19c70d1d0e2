import type { KindTask } from '../jobKind';
import { pinionBacklash, shaftPlay } from '../kindFloats';

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
  { key: 'shafts_in', stage: 'shaft', say: 'Shafts in' },
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
    why: 'The later pin has a groove for an O-ring: fit it.',
  },
  { stage: 'close', say: 'Close: thin film or gasket, bolts criss-cross' },
  { stage: 'prove', say: 'Shift through; turns' },
];

export const BLIND_NEEDLE_A_TASKS: readonly KindTask[] = [
  ...BLIND_NEEDLES,
  {
    stage: 'square',
    say: 'Washer over the closed needle: it sits, and is not held off',
    why: 'The washer is the gauge: a hair too high and its pin does not hold it.',
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
const COVER_ENDS = [
  'input shaft, Input shaft, cover',
  'middle shaft, Middle shaft, cover',
  'output shaft, Output shaft, cover',
];

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
    after: ['Input shaft, cover', 'Middle shaft, cover', 'Output shaft, cover'],
    caution: 'eyes',
  },
  { stage: 'clean', say: 'Faces flat with a blade, no gouges', caution: 'cleaning' },
  {
    key: 'on_shafts',
    stage: 'shaft',
    say: 'Other bearings onto the shafts, by the inner race',
    why: 'On the shaft first or in the case first is a choice when both fits are light.',
    onto: COVER_ENDS,
  },
  {
    stage: 'shaft',
    say: 'A gear that won’t take its bearing: gear to the freezer, mild heat on the bearing',
    choices: ['Not needed', 'Done'],
  },
  { stage: 'shaft', say: 'Shafts in', why: 'Past the greased lips, turning.' },
  { stage: 'shaft', say: 'Turn them' },
  { stage: 'close', say: 'Sealant: a thin film, also round the bolt holes' },
  { stage: 'close', say: 'Cover on; bolts criss-cross, light' },
  { stage: 'prove', say: 'It spins' },
  { stage: 'prove', say: 'Oil in, hand over' },
];

export const FINAL_DRIVE_TASKS: readonly KindTask[] = [
  {
    stage: 'out',
    say: 'Cover off',
    why: 'Its O-ring stays if it is perfect and costly.',
    choices: ['O-ring renewed', 'O-ring kept'],
  },
  {
    key: 'stop_out',
    stage: 'out',
    say: 'Stop’s lock pin and peen; bearing stop out',
    why: 'Its O-ring passes the pin’s hole: plug that flush first.',
    caution: 'eyes',
  },
  {
    key: 'ring_nut_off',
    before: ['Pinion shims', 'Ring-gear shims'],
    stage: 'out',
    say: 'Ring nut off with its wrench: left-hand, in adhesive',
    why: 'Clockwise loosens. Break it loose by hand.',
  },
  {
    key: 'gears_out',
    stage: 'out',
    say: 'Ring gear out; input seal and wear ring out',
    after: ['Ring-gear shims'],
  },
  { key: 'pinion_out', stage: 'out', say: 'Pinion out of the case', after: ['Pinion shims'] },
  {
    key: 'pinion_off',
    stage: 'out',
    say: 'Pinion pressed out of its bearing, held close, caught',
    why: 'The bearing is held by its inner race, or it is not used again.',
    off: ['pinion, Pinion bearing'],
    caution: 'press',
    after: ['Pinion bearing'],
  },
  {
    stage: 'clean',
    say: 'Faces clean, without a wire wheel',
    caution: 'cleaning',
  },
  {
    key: 'pinion_on',
    stage: 'in',
    say: 'O-ring and shim on the pinion, then its bearing, straight, to the bottom',
    why: 'Both lie under it: forgotten, it comes off again.',
    onto: ['pinion, Pinion bearing'],
    caution: 'press',
    before: ['Pinion bearing'],
  },
  {
    stage: 'in',
    say: 'Pilot needle on the pinion as its mandrel, oiled',
    why: 'No needle drops.',
    before: ['Pinion pilot needle'],
  },
  { key: 'pinion_in', stage: 'shaft', say: 'Pinion in; ring nut with adhesive, to its torque' },
  {
    stage: 'shaft',
    say: 'Gears in: same shims, same places',
    why: 'New gears: preload and backlash anew.',
    choices: ['Same gears, same shims', 'New gears: set anew'],
    after: ['Pinion shims', 'Ring-gear shims'],
  },
  { stage: 'shaft', say: 'Backlash and contact pattern', floats: [pinionBacklash] },
  { stage: 'shaft', say: 'Input seal into the stop, with a thin sleeve' },
  {
    stage: 'close',
    say: 'Hole plugged flush, O-ring greased, stop in, tooth to its pin, washer under it',
    why: 'The edge of the hole cuts the ring, going in and coming out.',
  },
  { stage: 'close', say: 'Nut peened', caution: 'eyes' },
  { stage: 'close', say: 'Cover, O-ring, renewed bolts; torque when all are there' },
  { stage: 'prove', say: 'No play; it turns' },
  { stage: 'prove', say: 'Refill' },
  { stage: 'prove', say: 'Tools counted, hand over' },
];

export const FLAT_TWIN_TASKS: readonly KindTask[] = [
  {
    stage: 'look',
    say: 'Bush worn, oil pressure gone, big end next: look along the chain',
    why: 'A worn main bush starves the big end.',
  },
  {
    key: 'oil_hole_mark',
    stage: 'out',
    say: 'Mark across housing and casting: the oil hole',
    why: 'It has to come back in line.',
    before: ['Timing-side housing'],
  },
  {
    stage: 'clean',
    say: 'Thrust washers and faces measured; oilways open',
    caution: 'cleaning',
  },
  {
    stage: 'measure',
    say: 'A loose seat: remedy chosen and proved',
    why: 'Tinning turned to size, a sleeve, compound within its gap. Punch marks never hold and push it off.',
    choices: ['It is tight', 'Tinned and turned', 'Sleeved', 'Retaining compound'],
    before: ['Timing-side housing'],
  },
  {
    key: 'oil_hole_in_line',
    stage: 'in',
    say: 'Housing ready, oil hole in line before it touches',
    before: ['Timing-side housing'],
  },
  {
    stage: 'square',
    say: 'Housing a touch proud, equal both sides',
  },
  { key: 'ream', stage: 'square', say: 'Bush reamed to size', why: 'Its bore closes when it is pressed.' },
  {
    stage: 'shaft',
    say: 'Crank in with its thrust washers; end float',
    floats: [shaftPlay('Crank between its thrust washers', 'crank_thrust', { low: 0.08, high: 0.2 })],
  },
  {
    stage: 'shaft',
    say: 'Keyway in line, then the gear pressed, chamfer inward',
    caution: 'press',
  },
  { stage: 'prove', say: 'It turns; the oil way is open' },
];

export const PRESS_TOOL_TASKS: readonly KindTask[] = [
  {
    key: 'case_under_ram',
    stage: 'out',
    say: 'Case centred under the ram on its support tool',
    why: 'Inboard as the tool wants; square before force.',
    caution: 'press',
    after: ['all_seals', 'all_rings'],
    before: ['Left main', 'Right main'],
  },
  {
    stage: 'in',
    say: 'Support tool cup side down, inboard face up; bore and race oiled',
    why: 'Lettering away from the case.',
  },
  { stage: 'prove', say: 'Both bearings turn; rings fully in their grooves' },
];
