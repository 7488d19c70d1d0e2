import type { FloatView } from '@/core/job/floatView';
import { ENDS_OF_PLAY } from '@/core/job/floatSlots';
import type { Turned } from '@/core/stack/turned';
import { circlePath } from '@/ui/drawing/bearingShapes';
import { box, outlined, rule, text } from '@/ui/drawing/marks';
import type { SceneMark } from '@/ui/drawing/scene';
import { inItsGroove, pumpedUp, standsProud } from './closedSketches';
import { BIG, dial, FINE, readAt, type At, type Say } from './sketchParts';

/**
 * How each of them is measured, and what was read, as sketches of 560 px across and `PICTURE_PX` high; what is wrong is drawn much larger
 * than it is.
 */
export const PICTURE_PX = 214;

const CLOCK = [
  { deg: 0, dx: 0, dy: -1, anchor: 'middle' },
  { deg: 90, dx: 1, dy: 0, anchor: 'start' },
  { deg: 180, dx: 0, dy: 1, anchor: 'middle' },
  { deg: 270, dx: -1, dy: 0, anchor: 'end' },
] as const;
/** How far a swing is drawn off its centre, px. */
const SWING_PX = 11;

/** A journal from its end, its readings round it; once it is known, where it swings to. */
function turnedEnd(
  view: FloatView,
  part: 'left' | 'right',
  turned: Turned | null,
  { x, y }: At,
  say: Say,
): SceneMark[] {
  const r = 56;
  const rad = ((turned?.highDeg ?? 0) * Math.PI) / 180;
  const off = { x: x + SWING_PX * Math.sin(rad), y: y - SWING_PX * Math.cos(rad) };
  return [
    outlined(`${part}-round`, circlePath(x, y, r), { line: turned ? 'ghost' : 'outline' }),
    ...(turned
      ? [
          outlined(`${part}-swung`, circlePath(off.x, off.y, r), { isFilled: false }),
          rule(
            `${part}-high`,
            [
              [x, y],
              [x + (r + SWING_PX) * Math.sin(rad), y - (r + SWING_PX) * Math.cos(rad)],
            ],
            'dimension',
            'end',
          ),
        ]
      : []),
    ...CLOCK.map(({ deg, dx, dy, anchor }) =>
      text(`${part}-${deg}`, x + dx * (r + 18), y + dy * (r + 20) + 7, readAt(view, 'dial', part, say, deg), {
        ...BIG,
        anchor,
      }),
    ),
    text(`${part}-name`, x, y + 6, part, { ...FINE, hasGround: true }),
  ];
}

/** The crank between its bearings, the gaps at its webs much too wide. */
function sideLoad(view: FloatView, say: Say): SceneMark[] {
  const { result } = view;
  const move = result.sort === 'side_load' ? result.move : null;
  const shift = move && view.decision !== 'pass' ? (move.toward === 'left' ? 14 : -14) : 0;
  const mid = 280 + shift;
  const web = (id: string, from: number): SceneMark => box(id, [from, from + 46], [40, 160]);
  const bearing = (id: string, from: number): SceneMark =>
    box(id, [from, from + 44], [66, 134], { hatch: 'falling' });
  const gap = (id: 'left' | 'right', from: number, to: number): SceneMark[] => [
    rule(
      `${id}-gap`,
      [
        [from, 26],
        [to, 26],
      ],
      'dimension',
      'both',
    ),
    text(`${id}-read`, (from + to) / 2, 18, readAt(view, 'feeler', id, say), BIG),
  ];
  return [
    box('shaft', [40, 520], [88, 112]),
    bearing('bearing-left', 118),
    bearing('bearing-right', 398),
    web('web-left', mid - 76),
    web('web-right', mid + 30),
    box('pin', [mid - 30, mid + 30], [50, 78]),
    ...gap('left', 162, mid - 76),
    ...gap('right', mid + 76, 398),
    ...(shift === 0
      ? []
      : [
          rule(
            'move',
            [
              [280 + (shift > 0 ? 60 : -60), 186],
              [280 + (shift > 0 ? -60 : 60), 186],
            ],
            'dimension',
            'end',
          ),
          text('move-word', 280, 206, `move it ${move?.toward}`, { ...BIG }),
        ]),
  ];
}

/** A shaft on its way between two stops, under a dial. */
const underDial = (view: FloatView, say: Say): SceneMark[] => [
  box('stop-left', [60, 96], [50, 170], { hatch: 'rising' }),
  box('stop-right', [368, 404], [50, 170], { hatch: 'rising' }),
  box('shaft', [40, 430], [98, 122]),
  box('shoulder-left', [108, 138], [76, 144]),
  box('shoulder-right', [326, 356], [76, 144]),
  box('stem', [430, 470], [107, 113], { tone: 'ink', line: 'none' }),
  ...dial('dial', { x: 494, y: 110 }, view.decision === null ? 0 : 0.3),
  rule(
    'pushed-line',
    [
      [330, 60],
      [190, 60],
    ],
    'dimension',
    'end',
  ),
  text('pushed', 260, 52, readAt(view, 'dial', 'pushed', say), { ...BIG, note: 'pushed' }),
  rule(
    'pulled-line',
    [
      [190, 176],
      [330, 176],
    ],
    'dimension',
    'end',
  ),
  text('pulled', 260, 200, readAt(view, 'dial', 'pulled', say), { ...BIG, note: 'pulled' }),
];

/** The pinion’s flange from its end, rocked to and fro under a dial; the gear behind it held. */
const rocked = (view: FloatView, say: Say): SceneMark[] => [
  outlined('gear', circlePath(200, 112, 92), { line: 'ghost', isFilled: false }),
  outlined('flange', circlePath(200, 112, 56)),
  outlined('pinion', circlePath(200, 112, 18), { hatch: 'falling' }),
  box('stem', [244, 324], [70, 76], { tone: 'ink', line: 'none' }),
  ...dial('dial', { x: 348, y: 73 }, view.decision === null ? 0 : 0.2),
  ...ENDS_OF_PLAY.backlash.flatMap((part, i): SceneMark[] => {
    const y = 142 + 34 * i;
    return [
      rule(
        `${part}-line`,
        [
          [i === 0 ? 360 : 310, y],
          [i === 0 ? 310 : 360, y],
        ],
        'dimension',
        'end',
      ),
      text(part, 374, y + 7, readAt(view, 'dial', part, say), {
        ...BIG,
        anchor: 'start',
        note: part.replace('_', ' '),
      }),
    ];
  }),
];

/** From above: the stem, a lever on it, the pull square to its end. */
const atLever = (view: FloatView, say: Say, leverSays: string): SceneMark[] => [
  outlined('head', circlePath(110, 140, 58), { hatch: 'rising' }),
  outlined('stem', circlePath(110, 140, 30)),
  box('lever', [110, 452], [132, 148]),
  rule(
    'lever-size',
    [
      [110, 186],
      [440, 186],
    ],
    'dimension',
    'both',
  ),
  text('lever-says', 300, 206, leverSays, BIG),
  rule(
    'pull',
    [
      [440, 130],
      [440, 44],
    ],
    'outline',
    'end',
  ),
  ...['1', '2', '3'].map((part, i) =>
    text(`pull-${part}`, 424, 62 + 24 * i, readAt(view, 'pull', part, say), {
      ...BIG,
      anchor: 'end',
      note: `pull ${part}`,
    }),
  ),
  text('drag', 200, 110, readAt(view, 'pull', 'drag', say), { ...BIG, anchor: 'start', note: 'drag' }),
];

/** The sketch of what is not a chain. */
export function pictureOf(view: FloatView, say: { read: Say; lever: string }): SceneMark[] {
  const { result } = view;
  switch (result.sort) {
    case 'room':
      return [];
    case 'run_out':
      return [
        ...turnedEnd(view, 'left', result.left, { x: 150, y: 106 }, say.read),
        ...turnedEnd(view, 'right', result.right, { x: 410, y: 106 }, say.read),
      ];
    case 'side_load':
      return sideLoad(view, say.read);
    case 'backlash':
      return rocked(view, say.read);
    case 'push_pull':
      return underDial(view, say.read);
    case 'preload':
      return atLever(view, say.read, say.lever);
    case 'even_faces':
      return standsProud(view, say.read);
    case 'o_ring':
      return inItsGroove(view, say.read);
    case 'case_pressure':
      return pumpedUp(view, say.read);
  }
}
