import {
  Chart as ChartJs,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  type ChartType,
  type Plugin,
} from 'chart.js';
import { useEffect, useState } from 'react';
import { DAYLIGHT, DIM, type Tokens } from '@/ui/theme/tokens';

/** What all charts have in common: their parts, the page's typeface and colours, and strokes with words. */
ChartJs.register(LinearScale, PointElement, LineElement, Filler);
/** A canvas knows no variables: the page's typeface by its own name. */
export const FAMILY = getComputedStyle(document.body).fontFamily;
ChartJs.defaults.font.family = FAMILY;

/** The colours as the page has them now: a canvas does not follow by itself. */
export function useTokens(): Tokens {
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

/** A moment that is marked; its words stand in a row of their own, counted from the top. */
export type Stroke = { x: number; words: string; width: number; row: number };
/** `ground`: what the words stand on, so that no line runs through them. */
export type StrokeMarks = { marks: readonly Stroke[]; colour: string; ground: string };
/** Words at the end of a line, by its place among the lines. */
export type LineEnds = { ends: readonly { line: number; words: string }[]; colour: string; ground: string };
/** A level that is named: beside the stroke at `besideX` where that is near, never under it. */
export type LevelMark = { y: number; words: string; colour: string; besideX: number };

declare module 'chart.js' {
  // The parameter is the package's own.
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface PluginOptionsByType<TType extends ChartType> {
    strokes?: StrokeMarks;
    level?: LevelMark;
    lineEnds?: LineEnds;
  }
}

const ROW_PX = 26;

/** Words on a plate of the paper's colour. */
function writeOnPlate(
  ctx: CanvasRenderingContext2D,
  words: string,
  { x, y, isLeft, colour, ground }: { x: number; y: number; isLeft: boolean; colour: string; ground: string },
) {
  const width = ctx.measureText(words).width;
  ctx.fillStyle = `${ground}D0`;
  ctx.fillRect(isLeft ? x - width - 3 : x - 3, y - 17, width + 6, 22);
  ctx.fillStyle = colour;
  ctx.textAlign = isLeft ? 'right' : 'left';
  ctx.fillText(words, x, y);
}

/** Vertical strokes with words, drawn over the curve, as the options say at each drawing. */
export const STROKES: Plugin<'line', StrokeMarks> = {
  id: 'strokes',
  afterDatasetsDraw({ ctx, chartArea: { top, bottom, right }, scales }, _args, { marks, colour, ground }) {
    for (const { x, words, width, row } of marks) {
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
      writeOnPlate(ctx, words, {
        x: px + (isLeft ? -8 : 8),
        y: top + 20 + row * ROW_PX,
        isLeft,
        colour,
        ground,
      });
      ctx.restore();
    }
  },
};

/** The names of lines that are compared, each at its own end. */
export const LINE_ENDS: Plugin<'line', LineEnds> = {
  id: 'lineEnds',
  afterDatasetsDraw(chart, _args, { ends, colour, ground }) {
    const { ctx, chartArea } = chart;
    for (const { line, words } of ends) {
      const last = chart
        .getDatasetMeta(line)
        .data.filter(({ x }) => x <= chartArea.right)
        .at(-1);
      if (!last) continue;
      ctx.save();
      ctx.font = `650 16px ${FAMILY}`;
      writeOnPlate(ctx, words, { x: last.x - 6, y: last.y - 6, isLeft: true, colour, ground });
      ctx.restore();
    }
  },
};

/** What a dashed line is: the least clearance that may be let go at. */
export const LEVEL: Plugin<'line', LevelMark> = {
  id: 'level',
  afterDatasetsDraw({ ctx, chartArea: { left }, scales }, _args, { y, words, colour, besideX }) {
    if (!words) return;
    ctx.save();
    ctx.fillStyle = colour;
    ctx.font = `650 18px ${FAMILY}`;
    const besidePx = Math.max(left, scales.x!.getPixelForValue(besideX));
    const isNear = besidePx - left < ctx.measureText(words).width + 20;
    ctx.fillText(words, (isNear ? besidePx : left) + 10, scales.y!.getPixelForValue(y) + 20);
    ctx.restore();
  },
};

const FONT_OF_A_CANVAS = Object.getOwnPropertyDescriptor(CanvasRenderingContext2D.prototype, 'font')!;

/** The shop's own condensed type: a font that is set on a canvas has no width, and undoes the one that was set before. */
export const CONDENSED: Plugin<'line'> = {
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
