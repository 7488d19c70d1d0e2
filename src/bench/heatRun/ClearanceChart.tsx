'use client';
import {
  Chart as ChartJs,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
  type Plugin,
} from 'chart.js';
import { useEffect, useMemo, useState } from 'react';
import { Line } from 'react-chartjs-2';
import type { HeatRunView } from '@/core/job/heatRun';
import { showFit, type Units } from '@/core/quantity/format';
import { DAYLIGHT, DIM, type Tokens } from '@/ui/theme/tokens';

ChartJs.register(LinearScale, PointElement, LineElement, Filler);
/** A canvas knows no variables: the page's typeface by its own name. */
const FAMILY = getComputedStyle(document.body).fontFamily;
ChartJs.defaults.font.family = FAMILY;

type Point = { x: number; y: number };

function useTokens(): Tokens {
  const [tokens, setTokens] = useState(DAYLIGHT);
  useEffect(() => {
    const read = () =>
      setTokens(document.documentElement.getAttribute('data-scheme') === 'dark' ? DIM : DAYLIGHT);
    read();
    const observer = new MutationObserver(read);
    observer.observe(document.documentElement, { attributes: true, attributeFilter: ['data-scheme'] });
    return () => observer.disconnect();
  }, []);
  return tokens;
}

/** Vertical strokes with words, for now and the last sure moment: drawn over the curve. */
function strokes(
  marks: readonly { x: number; words: string; width: number }[],
  colour: string,
): Plugin<'line'> {
  return {
    id: 'strokes',
    afterDatasetsDraw({ ctx, chartArea: { top, bottom, right }, scales }) {
      for (const { x, words, width } of marks) {
        const px = scales.x!.getPixelForValue(x);
        if (px < scales.x!.left || px > right) continue;
        ctx.save();
        ctx.strokeStyle = ctx.fillStyle = colour;
        ctx.lineWidth = width;
        ctx.beginPath();
        ctx.moveTo(px, top);
        ctx.lineTo(px, bottom);
        ctx.stroke();
        ctx.font = `700 20px ${FAMILY}`;
        const isLeft = px > right - 130;
        ctx.textAlign = isLeft ? 'right' : 'left';
        ctx.fillText(words, px + (isLeft ? -8 : 8), top + (width > 3 ? 20 : 48));
        ctx.restore();
      }
    },
  };
}

const FONT_OF_A_CANVAS = Object.getOwnPropertyDescriptor(CanvasRenderingContext2D.prototype, 'font')!;

/** The shop's own condensed type: a font that is set on a canvas has no width, and undoes the one that was set before. */
const CONDENSED: Plugin<'line'> = {
  id: 'condensed',
  beforeInit({ ctx }) {
    Object.defineProperty(ctx, 'font', {
      configurable: true,
      get: () => FONT_OF_A_CANVAS.get!.call(ctx) as string,
      set(font: string) {
        FONT_OF_A_CANVAS.set!.call(ctx, font);
        ctx.fontStretch = 'condensed';
      },
    });
  },
};

/** What the dashed line is, the least clearance that may be let go at: beside the stroke of now, never under it. */
const limitWords = (y: number, words: string, colour: string, nowS: number): Plugin<'line'> => ({
  id: 'limit',
  afterDatasetsDraw({ ctx, chartArea: { left }, scales }) {
    ctx.save();
    ctx.fillStyle = colour;
    ctx.font = `650 18px ${FAMILY}`;
    const nowPx = Math.max(left, scales.x!.getPixelForValue(nowS));
    const isNear = nowPx - left < ctx.measureText(words).width + 20;
    ctx.fillText(words, (isNear ? nowPx : left) + 10, scales.y!.getPixelForValue(y) + 20);
    ctx.restore();
  },
});

const SPAN_S = 240;

type Lines = {
  shown: HeatRunView['curve']['moments'];
  measured: HeatRunView['curve']['measured'];
  marginMm: number;
  endS: number;
  inUnit: (mm: number) => number;
  t: ReturnType<typeof useTokens>;
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

type Axes = { endS: number; unit: string; isOut: boolean; t: ReturnType<typeof useTokens> };

const optionsOf = ({ endS, unit, isOut, t }: Axes): ChartOptions<'line'> => ({
  animation: false,
  parsing: false,
  maintainAspectRatio: false,
  responsive: true,
  layout: { padding: { right: 12, top: 4 } },
  plugins: { legend: { display: false }, tooltip: { enabled: false } },
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
export function ClearanceChart({ run, units, isOut }: { run: HeatRunView; units: Units; isOut: boolean }) {
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
  const options = useMemo(() => optionsOf({ endS, unit, isOut, t }), [endS, t, unit, isOut]);
  const plugins = useMemo(
    () => [
      CONDENSED,
      limitWords(inUnit(marginMm), `least ${showFit(marginMm, units).figure}`, t.ink, curve.nowS),
      strokes(
        [
          { x: curve.nowS, words: 'now', width: 4 },
          ...(curve.sureUntilS !== null && curve.sureUntilS > curve.nowS
            ? [{ x: curve.sureUntilS, words: 'last sure drop', width: 2 }]
            : []),
        ],
        t.ink,
      ),
    ],
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `inUnit` follows from `units`
    [curve.nowS, curve.sureUntilS, marginMm, units, t.ink],
  );
  // Plugins are read once by Chart.js; a key makes it take the new strokes.
  return (
    <Line
      key={`${Math.round(curve.nowS)} ${t.ink}`}
      data={data}
      options={options}
      plugins={plugins}
      role="img"
      aria-label={`Clearance over time; the least is ${showFit(marginMm, units).figure} ${unit}`}
    />
  );
}
