import type { KindTask } from '../jobKind';
import { housingProud, oRingSqueeze, pinionBacklash, shaftPlay } from '../kindFloats';

/** Work beyond the seats of final drives, of a housing in a crankcase, and under the press tool. Common practice, no source. */
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
    why: 'The shims behind it come with it: none drops unseen.',
    before: ['Ring-gear shims', 'pinion_out'],
  },
  {
    key: 'pinion_out',
    stage: 'out',
    say: 'Pinion out of the case, its bearing with it',
    why: 'Driven inward by a soft drift, caught; a warm case lets the bearing go.',
    carries: ['Pinion bearing'],
    after: ['Pinion shims'],
    before: ['Axle seal, case side', 'Cover bearing'],
  },
  {
    key: 'pinion_off',
    stage: 'out',
    say: 'Pinion pressed out of its bearing, held close, caught',
    why: 'The bearing is held by its inner race, or it is not used again.',
    off: ['pinion, Pinion bearing'],
    caution: 'press',
    after: ['pinion_out'],
  },
  {
    stage: 'clean',
    say: 'Faces clean, without a wire wheel',
    caution: 'cleaning',
  },
  {
    stage: 'parts',
    say: 'Cover O-ring’s section against a new one',
    floats: [oRingSqueeze('Cover O-ring', 'cover_o_ring', { newMm: 3.2, glandMm: 2.5 })],
    isFullOnly: true,
    why: 'Perfect and costly, it may stay; with half of its squeeze gone it may not.',
  },
  {
    key: 'pinion_on',
    stage: 'in',
    say: 'O-ring and shim on the pinion, then its bearing, straight, to the bottom',
    why: 'Both lie under it: forgotten, it comes off again.',
    troubles: [
      {
        say: 'O-ring or shim was left out',
        then: 'Off again before it is used: held close by its inner race, and the parts under it this time.',
      },
    ],
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
  {
    key: 'pinion_in',
    locks: ['Pinion ring nut'],
    stage: 'shaft',
    say: 'Pinion in with its bearing, square; ring nut with adhesive, to its torque',
    why: 'The outer race takes the force until it is at the bottom; the nut is left-hand.',
    carries: ['Pinion bearing'],
    troubles: [
      {
        say: 'It cocked in the bore',
        then: 'Stop. Out again, the bore looked at; then draw it in with rod and washers, square.',
      },
    ],
    caution: 'press',
  },
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
    locks: ['Bearing stop'],
    why: 'The edge of the hole cuts the ring, going in and coming out.',
    items: [
      'Pin’s hole plugged fully and flush',
      'O-ring greased, turned past the hole',
      'Plug out, a tooth on the pin’s place',
      'Pin in, its washer under it',
    ],
    troubles: [
      {
        say: 'The hole cut the O-ring',
        then: 'Stop out with the hole plugged again, a new ring. Filled partly, the edge still cuts: fully, and flush.',
      },
      {
        say: 'No tooth meets its pin',
        then: 'On to the next tooth, never back off to one: the bearing must stay held.',
      },
    ],
  },
  { stage: 'close', say: 'Nut peened', locks: ['Stop’s thin nut'], caution: 'eyes' },
  { stage: 'close', say: 'Cover, O-ring, renewed bolts; torque when all are there' },
  { stage: 'prove', say: 'No play; it turns', turns: {} },
  { stage: 'prove', say: 'Refill' },
  { stage: 'prove', say: 'Tools counted, hand over', countsTools: true },
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
    why: 'Once it touches, it grips.',
    troubles: [
      {
        say: 'The oil hole is off',
        then: 'Out again while the case is warm: a hole that is half shut starves the bush, then the big end.',
      },
    ],
    before: ['Timing-side housing'],
  },
  {
    stage: 'square',
    say: 'Housing a touch proud, equal both sides',
    floats: [housingProud],
    why: 'Its faces carry the crank’s thrust: leaning, they wear on one side.',
  },
  {
    key: 'ream',
    stage: 'square',
    say: 'Bush reamed to size',
    why: 'Its bore closes when it is pressed.',
    troubles: [
      {
        say: 'It was reamed before it was pressed',
        then: 'Measure it as it is now: pressed, it is tight again, and is reamed once more in line.',
      },
    ],
  },
  {
    stage: 'shaft',
    say: 'Bush, thrust faces and lips oiled, place by place',
    lubricates: 'oil',
    items: ['Thrust faces and washers: oil'],
    isFullOnly: true,
  },
  {
    stage: 'shaft',
    say: 'Crank in with its thrust washers; end float',
    floats: [shaftPlay('Crank between its thrust washers', 'crank_thrust', { low: 0.08, high: 0.2 })],
  },
  {
    stage: 'shaft',
    say: 'Keyway in line, then the gear pressed, chamfer inward',
    locks: ['Timing gear nut'],
    troubles: [
      {
        say: 'The key stands off its way',
        then: 'Pull the gear back before it bites; line it up with a scribed mark, and press again.',
      },
    ],
    caution: 'press',
  },
  { stage: 'prove', say: 'It turns; the oil way is open', turns: {} },
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
    troubles: [
      {
        say: 'The tool lies the wrong way up',
        then: 'Cup side down: the other way it carries the casting’s face, and not its boss.',
      },
    ],
  },
  { stage: 'prove', say: 'Both bearings turn; rings fully in their grooves', turns: {} },
];
