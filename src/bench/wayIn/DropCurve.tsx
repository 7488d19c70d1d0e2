'use client';
import type { ChartData, ChartOptions } from 'chart.js';
import Box from '@mui/material/Box';
import { Line } from 'react-chartjs-2';
import type { DropCourse } from '@/core/heat/dropCourse';
import { showFit, showTemperature, type Units } from '@/core/quantity/format';
import { CONDENSED, LEVEL, LINE_ENDS, STROKES, useTokens, type Stroke } from '@/ui/charts/chartFrame';
import type { Tokens } from '@/ui/theme/tokens';

export type Models = 'lumped' | 'radial' | 'both';

/** A course that was kept to compare with. */
export type Ghost = { key: string; words: string; course: DropCourse };

type Props = {
  course: DropCourse;
  ghosts: readonly Ghost[];
  models: Models;
  carryS: number;
  wantedMm: number;
  units: Units;
  /** It falls by itself: windows and grab count. */
  isDrop: boolean;
};

type Point = { x: number; y: number };
const PLUGINS = [CONDENSED, LEVEL, STROKES, LINE_ENDS];
const PLAIN = { pointRadius: 0, borderWidth: 0, tension: 0 };

type Read = { length: (mm: number) => number; degrees: (celsius: number) => number };

const readers = (units: Units): Read => ({
  length: (mm) => (units === 'imperial' ? (mm / 25.4) * 1000 : mm * 1000),
  degrees: (celsius) => (units === 'imperial' ? (celsius * 9) / 5 + 32 : celsius),
});

/** Clearance: the lump with its band, the radius dashed, what was kept thin and grey. */
function clearanceLines(
  { course, ghosts, models }: Props,
  { length }: Read,
  t: Tokens,
): ChartData<'line', Point[]> {
  const edge = (side: number): Point[] =>
    course.moments.map(({ timeS, clearanceMm: { value, u } }) => ({
      x: timeS,
      y: length(value + side * 2 * u),
    }));
  const isLumped = models !== 'radial';
  const isRadial = models !== 'lumped' && course.radial !== null;
  return {
    datasets: [
      ...ghosts.map(({ words, course: kept }) => ({
        ...PLAIN,
        label: words,
        data: kept.moments.map(({ timeS, clearanceMm }) => ({ x: timeS, y: length(clearanceMm.value) })),
        borderColor: t.mid,
        borderWidth: 2,
      })),
      ...(isLumped
        ? [
            { ...PLAIN, label: 'upper edge', data: edge(1), fill: '+1', backgroundColor: `${t.mid}44` },
            { ...PLAIN, label: 'lower edge', data: edge(-1), borderWidth: 1.5, borderColor: t.steel },
            { ...PLAIN, label: 'likely', data: edge(0), borderColor: t.ink, borderWidth: 3.5 },
          ]
        : []),
      ...(isRadial
        ? [
            {
              ...PLAIN,
              label: 'along the radius',
              data: course.radial!.moments.map(({ timeS, clearanceMm }) => ({
                x: timeS,
                y: length(clearanceMm),
              })),
              borderColor: t.ink,
              borderWidth: 2.5,
              borderDash: [3, 5],
            },
          ]
        : []),
    ],
  };
}

/** Casting above, bearing below, in the colours of heat and cold. */
function temperatureLines(
  { course, models }: Props,
  { degrees }: Read,
  t: Tokens,
): ChartData<'line', Point[]> {
  const lumps = (read: (moment: DropCourse['moments'][number]) => number, colour: string, label: string) => ({
    ...PLAIN,
    label,
    data: course.moments.map((moment) => ({ x: moment.timeS, y: degrees(read(moment)) })),
    borderColor: colour,
    borderWidth: 3.5,
  });
  const radial = (
    read: (moment: { ringC: number; bossC: number }) => number,
    colour: string,
    label: string,
  ) => ({
    ...PLAIN,
    label,
    data: (course.radial?.moments ?? []).map((moment) => ({ x: moment.timeS, y: degrees(read(moment)) })),
    borderColor: colour,
    borderWidth: 2.5,
    borderDash: [3, 5],
  });
  return {
    datasets: [
      ...(models === 'radial'
        ? []
        : [
            lumps(({ housingC }) => housingC, t.heat, 'casting'),
            lumps(({ ringC }) => ringC, t.cold, 'bearing'),
          ]),
      ...(models === 'lumped'
        ? []
        : [
            radial(({ bossC }) => bossC, t.heat, 'boss, along the radius'),
            radial(({ ringC }) => ringC, t.cold, 'bearing, along the radius'),
          ]),
    ],
  };
}

/** Moments that count: when it is let go, the last sure and the last likely second, and when the bore holds it. */
function marksOf({ course, carryS, isDrop }: Props): Stroke[] {
  const at = (x: number | null, words: string, width: number, row: number): Stroke[] =>
    x === null ? [] : [{ x, words, width, row }];
  if (!isDrop) return at(carryS, 'begun', 4, 0);
  return [
    ...at(carryS, 'let go', 4, 0),
    ...at(course.sureUntilS, `sure until ${Math.round(course.sureUntilS ?? 0)} s`, 2, 1),
    ...at(course.likelyUntilS, `likely until ${Math.round(course.likelyUntilS ?? 0)} s`, 2, 2),
    ...at(
      course.grabS === null ? null : carryS + course.grabS,
      `held ${(course.grabS ?? 0).toFixed((course.grabS ?? 0) < 10 ? 1 : 0)} s after`,
      2,
      3,
    ),
  ];
}

/** To the last moment that counts, and a little on. */
const endOf = ({ course, ghosts }: Props): number => {
  const last = Math.max(
    60,
    ...[course, ...ghosts.map(({ course: kept }) => kept)].map(
      ({ likelyUntilS, gripS, sureUntilS }) => likelyUntilS ?? gripS ?? sureUntilS ?? 300,
    ),
  );
  return Math.min(600, Math.ceil((last * 1.3) / 30) * 30);
};

type Axes = {
  endS: number;
  title: string;
  t: Tokens;
  marks: Stroke[];
  level: { y: number; words: string; besideX: number } | null;
  ends: { line: number; words: string }[];
  /** From and to, where it is not left to the chart. */
  range: { min: number; max: number } | null;
  isFoot: boolean;
};

const optionsOf = ({ endS, title, t, marks, level, ends, range, isFoot }: Axes): ChartOptions<'line'> => ({
  animation: false,
  parsing: false,
  maintainAspectRatio: false,
  responsive: true,
  layout: { padding: { right: 12, top: 4 } },
  plugins: {
    legend: { display: false },
    tooltip: { enabled: false },
    strokes: { marks, colour: t.ink, ground: t.paper },
    lineEnds: { ends, colour: t.steel, ground: t.paper },
    level: { y: 0, words: '', besideX: 0, ...level, colour: t.ink },
  },
  scales: {
    x: {
      type: 'linear',
      min: 0,
      max: endS,
      ticks: { color: t.ink, font: { size: 16 }, maxTicksLimit: 9, display: isFoot },
      grid: { color: 'transparent', tickColor: t.ink },
      border: { color: t.ink, width: 2.5 },
      title: { display: isFoot, text: 'seconds after the door', color: t.steel, font: { size: 15 } },
    },
    y: {
      ...range,
      ticks: {
        color: t.ink,
        font: { size: 16 },
        maxTicksLimit: 5,
        callback: (value) => String(value).replace('-', '−'),
      },
      // The two axes stand on one line, whatever their figures.
      afterFit: (axis) => {
        axis.width = 74;
      },
      grid: { color: (context) => (context.tick.value === 0 ? t.ink : `${t.mid}55`) },
      border: { color: t.ink },
      title: { display: true, text: title, color: t.steel, font: { size: 15 } },
    },
  },
});

const RANGE_STEP = 20;
/** Just round the lines, on round figures. */
function rangeOf({ datasets }: ChartData<'line', Point[]>): { min: number; max: number } {
  const all = datasets.flatMap(({ data }) => data.map(({ y }) => y));
  return {
    min: Math.floor(Math.min(...all) / RANGE_STEP) * RANGE_STEP,
    max: Math.ceil(Math.max(...all) / RANGE_STEP) * RANGE_STEP,
  };
}

/** The course of one way after the door: its clearance with its band above, the temperatures below. */
export function DropCurve(props: Props) {
  const t = useTokens();
  const { units, wantedMm } = props;
  const read = readers(units);
  const endS = endOf(props);
  const marks = marksOf(props);
  const temperatures = temperatureLines(props, read, t);
  const fine = units === 'metric' ? 'metric_um' : units;
  const wanted = showFit(wantedMm, fine);
  const clearance = clearanceLines(props, read, t);
  clearance.datasets.push({
    ...PLAIN,
    label: 'wanted',
    data: [
      { x: 0, y: read.length(wantedMm) },
      { x: endS, y: read.length(wantedMm) },
    ],
    borderColor: t.ink,
    borderWidth: 1.8,
    borderDash: [9, 6],
  });
  return (
    <Box sx={{ display: 'grid', gridTemplateRows: '1.7fr 1fr', height: '100%', minHeight: 0 }}>
      <Box sx={{ position: 'relative', minHeight: 0, minWidth: 0 }}>
        <Line
          data={clearance}
          options={optionsOf({
            endS,
            title: `clearance, ${wanted.unit}`,
            t,
            marks,
            level: { y: read.length(wantedMm), words: `wanted ${wanted.figure}`, besideX: props.carryS },
            ends: props.ghosts.map(({ words }, line) => ({ line, words })),
            range: null,
            isFoot: false,
          })}
          plugins={PLUGINS}
          role="img"
          aria-label={`Clearance after the door: ${marks.map(({ words }) => words).join(', ')}`}
        />
      </Box>
      <Box sx={{ position: 'relative', minHeight: 0, minWidth: 0 }}>
        <Line
          data={temperatures}
          options={optionsOf({
            endS,
            title: showTemperature(0, units).unit,
            t,
            marks: [],
            level: null,
            ends: [],
            range: rangeOf(temperatures),
            isFoot: true,
          })}
          plugins={PLUGINS}
          role="img"
          aria-label="Temperature of casting and bearing after the door"
        />
      </Box>
    </Box>
  );
}
