'use client';
import type { ChartData, ChartOptions } from 'chart.js';
import { Line } from 'react-chartjs-2';
import type { HeatRunView } from '@/core/job/heatRun';
import { showFit, type Units } from '@/core/quantity/format';
import {
  CONDENSED,
  LEVEL,
  STROKES,
  useTokens,
  type LevelMark,
  type StrokeMarks,
} from '@/ui/charts/chartFrame';
import type { Tokens } from '@/ui/theme/tokens';

type Point = { x: number; y: number };

const SPAN_S = 240;
const PLUGINS = [CONDENSED, LEVEL, STROKES];

type Lines = {
  shown: HeatRunView['curve']['moments'];
  measured: HeatRunView['curve']['measured'];
  marginMm: number;
  endS: number;
  inUnit: (mm: number) => number;
  t: Tokens;
};

/** Likely line with its band, the least that may be let go, and what the probe said. */
function linesOf({ shown, measured, marginMm, endS, inUnit, t }: Lines): ChartData<'line', Point[]> {
  const line = (edge: number): Point[] =>
    shown.map(({ timeS, clearanceMm }) => ({
      x: timeS,
      y: inUnit(clearanceMm.value + edge * 2 * clearanceMm.u),
    }));
  const plain = { pointRadius: 0, borderWidth: 0, tension: 0 };
  return {
    datasets: [
      { ...plain, label: 'upper edge', data: line(1), fill: '+1', backgroundColor: `${t.mid}44` },
      { ...plain, label: 'lower edge', data: line(-1), borderWidth: 1.5, borderColor: t.steel },
      { ...plain, label: 'likely', data: line(0), borderColor: t.ink, borderWidth: 3.5 },
      {
        ...plain,
        label: 'least',
        data: [
          { x: Math.min(0, shown[0]?.timeS ?? 0), y: inUnit(marginMm) },
          { x: endS, y: inUnit(marginMm) },
        ],
        borderColor: t.ink,
        borderWidth: 1.8,
        borderDash: [9, 6],
      },
      {
        label: 'measured',
        data: measured.map(({ timeS, clearanceMm }) => ({ x: timeS, y: inUnit(clearanceMm) })),
        showLine: false,
        pointStyle: 'rect',
        pointRadius: 5,
        backgroundColor: t.ink,
        borderWidth: 0,
      },
    ],
  };
}

type Axes = {
  endS: number;
  unit: string;
  isOut: boolean;
  t: Tokens;
  strokes: StrokeMarks;
  level: LevelMark;
};

const optionsOf = ({ endS, unit, isOut, t, strokes, level }: Axes): ChartOptions<'line'> => ({
  animation: false,
  parsing: false,
  maintainAspectRatio: false,
  responsive: true,
  layout: { padding: { right: 12, top: 4 } },
  plugins: { legend: { display: false }, tooltip: { enabled: false }, strokes, level },
  scales: {
    x: {
      type: 'linear',
      min: 0,
      max: endS,
      ticks: { color: t.ink, font: { size: 18 }, stepSize: 30 },
      grid: { color: 'transparent', tickColor: t.ink },
      border: { color: t.ink, width: 3 },
      title: {
        display: true,
        text: isOut ? 'seconds out of the heat' : 'seconds out of the heat, if it came out now',
        color: t.steel,
        font: { size: 16 },
      },
    },
    y: {
      suggestedMin: 0,
      ticks: { color: t.ink, font: { size: 18 }, maxTicksLimit: 5 },
      grid: { color: `${t.mid}55` },
      border: { color: t.ink },
      title: {
        display: true,
        text: `clearance, ${unit} on diameter`,
        color: t.steel,
        font: { size: 16 },
      },
    },
  },
});

/**
 * The clearance in the bore over time: likely line with its band, what the probe said, the least that may be let go, now, and the last
 * sure moment.
 */
export function ClearanceChart({
  run,
  units,
  isOut,
  lastWords = 'last sure drop',
}: {
  run: Pick<HeatRunView, 'curve' | 'marginMm'>;
  units: Units;
  isOut: boolean;
  lastWords?: string;
}) {
  const t = useTokens();
  const { curve, marginMm } = run;
  const inUnit = (mm: number) =>
    units === 'imperial' ? (mm / 25.4) * 1000 : units === 'metric_um' ? mm * 1000 : mm;
  const unit = showFit(0, units).unit;
  const endS = Math.max(
    SPAN_S,
    Math.ceil(((curve.sureUntilS ?? 0) + 60) / 60) * 60,
    Math.ceil((curve.nowS + 60) / 60) * 60,
  );
  const shown = curve.moments.filter(({ timeS }) => timeS <= endS + 2);
  const data = linesOf({ shown, measured: curve.measured, marginMm, endS, inUnit, t });
  const options = optionsOf({
    endS,
    unit,
    isOut,
    t,
    strokes: {
      colour: t.ink,
      ground: t.paper,
      marks: [
        { x: curve.nowS, words: 'now', width: 4, row: 0 },
        ...(curve.sureUntilS !== null && curve.sureUntilS > curve.nowS
          ? [{ x: curve.sureUntilS, words: lastWords, width: 2, row: 1 }]
          : []),
      ],
    },
    level: {
      y: inUnit(marginMm),
      words: `least ${showFit(marginMm, units).figure}`,
      colour: t.ink,
      besideX: curve.nowS,
    },
  });
  return (
    <Line
      data={data}
      options={options}
      plugins={PLUGINS}
      role="img"
      aria-label={`Clearance over time; the least is ${showFit(marginMm, units).figure} ${unit}`}
    />
  );
}
