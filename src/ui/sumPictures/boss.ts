import type { SceneMark } from '@/ui/drawing/scene';
import { box, dimension, rule, text } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

/** A race in its boss with the web: pressure arrows, and what the boss sees. */
export function bossPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const d = numberIn(inputs, 'interface_diameter_mm') ?? 62;
  const outside = numberIn(inputs, 'boss_outer_diameter_mm', 'housing_outer_diameter_mm') ?? d * 1.3;
  const web = numberIn(inputs, 'web_outer_diameter_mm');
  const track = numberIn(inputs, 'ring_bore_diameter_mm') ?? d * 0.87;
  const boss = numberIn(inputs, 'boss_width_mm') ?? numberIn(inputs, 'length_mm') ?? 20;
  const webThick = numberIn(inputs, 'web_thickness_mm') ?? 0;
  const ringWidth = numberIn(inputs, 'ring_width_mm') ?? numberIn(inputs, 'length_mm') ?? boss * 0.8;
  const reach = Math.min(web ?? outside, outside * 2) / 2;
  const axis = 60;
  const scale = Math.min((width - 200) / reach, (height - 150) / boss);
  const x = (r: number) => axis + Math.min(r, reach) * scale;
  const middle = height / 2 + 20;
  const bossC = numberIn(inputs, 'boss_C');
  const rimC = numberIn(inputs, 'rim_C');
  const half = (mm: number): [number, number] => [middle - (mm * scale) / 2, middle + (mm * scale) / 2];
  const pressure = numberIn(answers, 'pressure_MPa');
  const [ringTop, ringBottom] = half(ringWidth);
  const arrows =
    pressure === null
      ? []
      : [0.15, 0.38, 0.62, 0.85].map((share, i): SceneMark =>
          rule(
            `p${i}`,
            [
              [x(d / 2) - 30, ringTop + (ringBottom - ringTop) * share],
              [x(d / 2) - 2, ringTop + (ringBottom - ringTop) * share],
            ],
            'dimension',
            'end',
          ),
        );
  return [
    ...(web && webThick > 0
      ? [
          box('web', [x(outside / 2), x(reach)], half(webThick), {
            hatch: 'rising',
            tone: rimC !== null && rimC > 60 ? 'heat' : 'plain',
          }),
        ]
      : []),
    box('boss', [x(d / 2), x(outside / 2)], half(boss), {
      hatch: 'rising',
      tone: bossC !== null && bossC > 35 ? 'heat' : 'plain',
    }),
    ...(bossC === null ? [box('race', [x(track / 2), x(d / 2)], half(ringWidth), { hatch: 'falling' })] : []),
    ...arrows,
    rule(
      'axis',
      [
        [axis, 20],
        [axis, height - 10],
      ],
      'centre',
    ),
    ...dimension('bore', [axis, x(d / 2)], 44, half(boss)[0], `⌀ ${say(d, 'size_mm', units)}`),
    ...dimension('outside', [axis, x(outside / 2)], 82, half(boss)[0], `⌀ ${say(outside, 'size_mm', units)}`),
    ...(bossC !== null
      ? [
          text('boss-c', (x(d / 2) + x(outside / 2)) / 2, middle + 8, say(bossC, 'celsius', units), {
            isBold: true,
            size: 24,
            tone: 'heat',
            hasGround: true,
          }),
        ]
      : []),
    ...(rimC !== null
      ? [
          text('rim-c', x(reach) - 30, half(webThick)[1] + 28, say(rimC, 'celsius', units), {
            isBold: true,
            size: 22,
          }),
        ]
      : []),
    ...(pressure !== null
      ? [
          text('pressure', x(d / 2) - 36, half(boss)[1] + 30, say(pressure, 'megapascal', units), {
            isBold: true,
            size: 24,
            anchor: 'middle',
            hasGround: true,
          }),
        ]
      : []),
    ...(numberIn(answers, 'axial_push_force_kN') !== null
      ? [
          rule(
            'push',
            [
              [(x(track / 2) + x(d / 2)) / 2, half(boss)[0] - 62],
              [(x(track / 2) + x(d / 2)) / 2, half(boss)[0] - 4],
            ],
            'outline',
            'end',
          ),
          text(
            'push-text',
            (x(track / 2) + x(d / 2)) / 2 + 12,
            half(boss)[0] - 30,
            say(numberIn(answers, 'axial_push_force_kN')!, 'kilonewton', units),
            { isBold: true, size: 22, anchor: 'start', hasGround: true },
          ),
        ]
      : []),
  ];
}
