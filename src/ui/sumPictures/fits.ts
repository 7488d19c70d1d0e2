import { bearingMarks } from '@/ui/drawing/bearing';
import type { SceneMark, Tone } from '@/ui/drawing/scene';
import { box, dimension, polygon, rule, text, ticks } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

/** A bearing in its bore: temperatures in the metal, the gap (or nip) drawn large and labelled. */
export function fitPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const d = numberIn(inputs, 'interface_diameter_mm', 'reading_mm') ?? 62;
  const isShaft = 'shaft_temperature_C' in inputs;
  const castingC =
    numberIn(isShaft ? answers : {}, 'ring_temperature_C') ??
    numberIn(answers, 'housing_temperature_C') ??
    numberIn(inputs, 'housing_temperature_C', 'part_C') ??
    20;
  const partC =
    numberIn(isShaft ? inputs : answers, 'ring_temperature_C', 'shaft_temperature_C') ??
    numberIn(inputs, 'ring_temperature_C', 'gauge_C') ??
    20;
  const gapMm = numberIn(answers, 'clearance_mm') ?? numberIn(inputs, 'wanted_clearance_mm') ?? 0;
  const axis = 64;
  const pxPerMm = (width - 300) / (d * 0.5 * 1.28);
  const x = (r: number) => axis + r * pxPerMm;
  const gapPx = Math.max(-14, Math.min(26, gapMm * 260));
  const [top, bottom] = [88, Math.min(height - 44, 88 + d * 0.55 * pxPerMm)];
  const partEdge = x(d / 2);
  const bore = partEdge + gapPx;
  const boss = x(d * 0.5 * 1.28) + 20;
  const toneOf = (celsius: number): Tone => (celsius > 35 ? 'heat' : celsius < 8 ? 'cold' : 'plain');
  const shoulder = bottom - 18;
  // On a phone the metal is too small to write into.
  const isNarrow = width < 500;
  const outerAt = isNarrow ? ([boss + 18, bottom + 16] as const) : ([(bore + boss) / 2, top + 40] as const);
  const inner: SceneMark[] = isShaft
    ? [box('shaft', [axis, partEdge], [top - 20, height - 24], { tone: toneOf(partC), hatch: 'falling' })]
    : bearingMarks({
        part: {
          type: 'deep_groove',
          boreMm: d * 0.46,
          outsideMm: d,
          widthMm: 1,
          chamferMm: 1,
          closure: 'open',
        },
        x,
        pxPerMm,
        topPx: top + 20,
        bottomPx: shoulder,
        tone: toneOf(partC),
        line: 'outline',
      });
  return [
    polygon(
      'casting',
      [
        [bore, top],
        [boss, top],
        [boss, bottom + 22],
        [bore - 26, bottom + 22],
        [bore - 26, shoulder],
        [bore, shoulder],
      ],
      { tone: toneOf(castingC), hatch: 'rising' },
    ),
    ...inner,
    rule(
      'axis',
      [
        [axis, 24],
        [axis, height - 8],
      ],
      'centre',
    ),
    ...dimension('seat', [axis, partEdge], 46, top + 20, `⌀ ${say(d, 'size_mm', units)}`),
    text('outer-temperature', ...outerAt, say(castingC, 'celsius', units), {
      anchor: isNarrow ? 'start' : 'middle',
      size: 30,
      isBold: true,
      tone: toneOf(castingC) === 'plain' ? 'ink' : toneOf(castingC),
      hasGround: true,
    }),
    text(
      'inner-temperature',
      (axis + partEdge) / 2 + 8,
      isNarrow ? height - 14 : shoulder + 46,
      `${isShaft ? 'shaft' : 'bearing'} ${say(partC, 'celsius', units)}`,
      { size: 24, isBold: true, tone: toneOf(partC) === 'plain' ? 'ink' : toneOf(partC), hasGround: true },
    ),
    rule(
      'gap-leader',
      [
        [(partEdge + bore) / 2, (top + shoulder) / 2],
        [boss + 14, (top + shoulder) / 2],
      ],
      'dimension',
      'start',
    ),
    text('gap', boss + 18, (top + shoulder) / 2 - 4, say(Math.abs(gapMm), 'fit_mm', units), {
      size: 26,
      isBold: true,
      anchor: 'start',
    }),
    text(
      'gap-word',
      boss + 18,
      (top + shoulder) / 2 + 20,
      gapMm > 0 ? 'clear' : gapMm < 0 ? 'tight' : 'just fits',
      { anchor: 'start', tone: 'steel' },
    ),
  ];
}

type Zone = { name: string; low: number; high: number; isHole: boolean };

function zonesOf({ inputs, answers }: PictureInput): Zone[] {
  const pair = (value: unknown): [number, number] | null => {
    const v = value as Record<string, unknown> | null;
    if (typeof v !== 'object' || v === null) return null;
    const low = numberIn(v, 'lower_um', 'lowerUm', 'min_um');
    const high = numberIn(v, 'upper_um', 'upperUm', 'max_um');
    return low === null || high === null ? null : [low, high];
  };
  const named = Object.entries(answers).flatMap(([name, value]): Zone[] => {
    const zone = pair(value);
    return zone
      ? [
          {
            name: name === 'hole_um' ? String(inputs.hole) : name === 'part_um' ? String(inputs.part) : name,
            low: zone[0],
            high: zone[1],
            isHole: name === 'hole_um' || /^[A-Z]/.test(name),
          },
        ]
      : [];
  });
  const own = pair(answers);
  return named.length > 0
    ? named
    : own
      ? [
          {
            name: inputs.what === 'inner_ring_delta_dmp' ? 'bore' : 'outside',
            low: own[0],
            high: own[1],
            isHole: inputs.what === 'inner_ring_delta_dmp',
          },
        ]
      : [];
}

/** Tolerance zones about the zero line; holes hatched as castings are, shafts the other way. */
export function zonesPicture(input: PictureInput): SceneMark[] {
  const zones = zonesOf(input);
  const { width, height, units } = input;
  const low = Math.min(0, ...zones.map((zone) => zone.low));
  const high = Math.max(0, ...zones.map((zone) => zone.high));
  const [top, bottom, left] = [46, height - 52, 84];
  const y = (um: number) => top + ((high - um) / (high - low || 1)) * (bottom - top);
  const each = (width - left - 30) / Math.max(1, zones.length);
  const barWidth = Math.min(110, each * 0.62);
  return [
    ...ticks(low, high, 6).flatMap((um): SceneMark[] => [
      rule(
        `t${um}`,
        [
          [left - 8, y(um)],
          [left, y(um)],
        ],
        'dimension',
      ),
      text(`tt${um}`, left - 12, y(um) + 6, say(um, 'fit_um', units).replace(/\u00a0.*/, ''), {
        anchor: 'end',
        size: 16,
        tone: 'steel',
      }),
    ]),
    ...zones.flatMap(({ name, low: from, high: to, isHole }, i): SceneMark[] => {
      const at = left + each * (i + 0.5);
      const thin = Math.abs(y(from) - y(to)) < 24;
      return [
        box(`zone-${i}`, [at - barWidth / 2, at + barWidth / 2], [y(to), y(from)], {
          hatch: isHole ? 'rising' : 'falling',
        }),
        text(`name-${i}`, at, height - 12, name, { isBold: true, size: 22 }),
        text(`high-${i}`, at, y(to) - 6, say(to, 'fit_um', units).replace(/\u00a0.*/, ''), { size: 17 }),
        ...(thin
          ? []
          : [
              text(`low-${i}`, at, y(from) + 18, say(from, 'fit_um', units).replace(/\u00a0.*/, ''), {
                size: 17,
              }),
            ]),
      ];
    }),
    rule(
      'zero',
      [
        [left - 8, y(0)],
        [width - 8, y(0)],
      ],
      'outline',
    ),
    text('zero-word', width - 10, y(0) - 8, 'nominal size', { anchor: 'end', size: 16, tone: 'steel' }),
    text('unit', left - 8, 22, units === 'imperial' ? 'thou' : 'µm', {
      anchor: 'end',
      size: 16,
      tone: 'steel',
    }),
  ];
}

const STATE_WORDS: Record<string, string> = {
  bench: 'on the bench',
  cold_start: 'cold start',
  warm_up: 'warming up',
  running: 'running',
  hottest: 'hottest',
};

/** Clearance in each state with its doubt; below the line the balls are squeezed. */
export function statesPicture({ answers, units, width, height }: PictureInput): SceneMark[] {
  const states = answers.states as { state: string; um: number; u_um: number }[];
  const low = Math.min(0, ...states.map(({ um, u_um: u }) => um - 2 * u));
  const high = Math.max(0, ...states.map(({ um, u_um: u }) => um + 2 * u));
  const [top, bottom] = [40, height - 70];
  const y = (um: number) => top + ((high - um) / (high - low || 1)) * (bottom - top);
  const each = (width - 60) / states.length;
  return [
    ...states.flatMap(({ state, um, u_um: u }, i): SceneMark[] => {
      const at = 40 + each * (i + 0.5);
      return [
        box(`bar-${state}`, [at - 34, at + 34], um >= 0 ? [y(um), y(0)] : [y(0), y(um)], {
          hatch: um >= 0 ? null : 'falling',
          tone: um >= 0 ? 'plain' : 'ink',
        }),
        rule(
          `u-${state}`,
          [
            [at + 48, y(um - 2 * u)],
            [at + 48, y(um + 2 * u)],
          ],
          'outline',
        ),
        rule(
          `ua-${state}`,
          [
            [at + 42, y(um + 2 * u)],
            [at + 54, y(um + 2 * u)],
          ],
          'outline',
        ),
        rule(
          `ub-${state}`,
          [
            [at + 42, y(um - 2 * u)],
            [at + 54, y(um - 2 * u)],
          ],
          'outline',
        ),
        text(`um-${state}`, at, um >= 0 ? y(um) - 8 : y(um) + 24, say(um, 'fit_um', units), {
          isBold: true,
          size: 22,
        }),
        text(`name-${state}`, at, height - 16, STATE_WORDS[state] ?? state, { size: 19 }),
      ];
    }),
    rule(
      'zero',
      [
        [20, y(0)],
        [width - 10, y(0)],
      ],
      'outline',
    ),
    text('free', 22, 16, 'above the line free, below it squeezed', {
      anchor: 'start',
      size: 16,
      tone: 'steel',
    }),
  ];
}
