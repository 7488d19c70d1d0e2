import type { FloatView } from '@/core/job/floatView';
import { circlePath } from '@/ui/drawing/bearingShapes';
import { box, outlined, rule, text } from '@/ui/drawing/marks';
import type { SceneMark } from '@/ui/drawing/scene';
import { BIG, dial, FINE, readAt, type Say } from './sketchParts';

/** Sketches of what is read of a housing, an O-ring and a closed case, 560 px across. */

/** A housing in its casting, both sides standing out much more than they do. */
export const standsProud = (view: FloatView, say: Say): SceneMark[] => [
  box('casting-left', [60, 180], [96, 176], { hatch: 'rising' }),
  box('casting-right', [380, 500], [96, 176], { hatch: 'rising' }),
  box('housing', [180, 380], [72, 176], { hatch: 'falling' }),
  box('bore', [236, 324], [72, 176]),
  ...(['left', 'right'] as const).flatMap((side, i): SceneMark[] => {
    const x = i === 0 ? 150 : 410;
    return [
      rule(
        `${side}-proud`,
        [
          [x, 96],
          [x, 72],
        ],
        'dimension',
        'both',
      ),
      text(`${side}-read`, x, 54, readAt(view, 'feeler', side, say), { ...BIG, note: side }),
    ];
  }),
  text('name', 280, 200, 'standing out of the casting', FINE),
];

/** How much larger a section is drawn than it is; the squeeze would not be seen otherwise. */
const SECTION_R_PX = 46;

/** An O-ring in its groove: as it is, and as a new one would stand. */
export function inItsGroove(view: FloatView, say: Say): SceneMark[] {
  const { result } = view;
  const links = result.sort === 'o_ring' ? result.links : [];
  const mm = (key: string) => links.find((link) => link.key === key)?.mm.value ?? 1;
  const scale = SECTION_R_PX / mm('new_section');
  const [found, fresh, gland] = [mm('section'), mm('new_section'), mm('gland')].map(
    (size) => size * scale,
  ) as [number, number, number];
  const floor = 150;
  const one = (id: string, x: number, sizePx: number, words: string, part: string): SceneMark[] => [
    outlined(id, circlePath(x, floor - sizePx, sizePx)),
    text(`${id}-read`, x, floor - 2 * sizePx - 26, readAt(view, 'link', part, say), { ...BIG, note: words }),
  ];
  return [
    box('groove', [70, 490], [floor, floor + 16], { hatch: 'rising' }),
    ...one('old', 190, found, 'this one', 'section'),
    ...one('fresh', 330, fresh, 'a new one', 'new_section'),
    rule(
      'gland',
      [
        [80, floor - 2 * gland],
        [480, floor - 2 * gland],
      ],
      'outline',
    ),
    text('gland-read', 482, floor - 2 * gland - 8, readAt(view, 'link', 'gland', say), {
      ...BIG,
      anchor: 'end',
      note: 'groove',
    }),
  ];
}

/** A closed case with its openings plugged, a pump on it, and what the gauge showed at first and later. */
export const pumpedUp = (view: FloatView, say: Say): SceneMark[] => [
  box('case', [150, 330], [70, 176]),
  outlined('chamber', circlePath(240, 124, 44)),
  box('plug-left', [132, 150], [108, 140], { hatch: 'falling' }),
  box('plug-right', [330, 348], [108, 140], { hatch: 'falling' }),
  rule(
    'hose',
    [
      [240, 70],
      [240, 36],
      [420, 36],
      [420, 66],
    ],
    'outline',
  ),
  ...dial('dial', { x: 420, y: 92 }, view.decision === null ? 0 : 0.4),
  ...(['start', 'end', 'rig'] as const).map((part, i) =>
    text(part, 400, 146 + 28 * i, `${readAt(view, 'pressure', part, say)}  ${PRESSURE_WORDS[part]}`, {
      ...BIG,
      size: 18,
      anchor: 'start',
    }),
  ),
];

const PRESSURE_WORDS = { start: 'at first', end: 'later', rig: 'the rig alone' } as const;
