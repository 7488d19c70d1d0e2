import { ClipPath, Defs, G, Path, Svg, Text } from '@react-pdf/renderer';
import type { Scene, SceneMark } from '@/ui/drawing/scene';
import { CARD_FONT, onPaper } from './paper';

/** A drawing of a screen on paper: its marks are plain data. Ink alone; what is hot or cold is said in words. */

const HATCH_STEP = 9;

/** All numbers of a path that only moves and draws lines or arcs: enough for the box that its hatching has to fill. */
function boxOf(d: string): { left: number; top: number; right: number; bottom: number } {
  const numbers = (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);
  const span = (list: readonly number[]) => [Math.min(...list), Math.max(...list)] as const;
  const [low, high] = span(numbers);
  return { left: low, top: low, right: high, bottom: high };
}

/** Lines at 45°, rising for the casting, falling for what goes into it (ISO 128). */
function hatchOf(d: string, hatch: 'rising' | 'falling'): string {
  const { left, top, right, bottom } = boxOf(d);
  const high = bottom - top;
  const lines = Array.from({ length: Math.ceil((right - left + high) / HATCH_STEP) }, (_, i) => {
    const x = left - high + i * HATCH_STEP;
    return hatch === 'rising' ? `M${x} ${bottom}L${x + high} ${top}` : `M${x} ${top}L${x + high} ${bottom}`;
  });
  return lines.join('');
}

type ShapeMark = Extract<SceneMark, { kind: 'shape' }>;

function Shape({ mark, clipId }: { mark: ShapeMark; clipId: string }) {
  const solid = mark.tone === 'ink' || mark.tone === 'steel';
  return (
    <G>
      {mark.isFilled && <Path d={mark.d} fill={solid ? '#111' : '#fff'} />}
      {mark.hatch && (
        <G clipPath={`url(#${clipId})`}>
          <Path d={hatchOf(mark.d, mark.hatch)} stroke="#111" strokeWidth={0.7} fill="none" />
        </G>
      )}
      {mark.line !== 'none' && (
        <Path
          d={mark.d}
          fill="none"
          stroke="#111"
          strokeWidth={mark.line === 'ghost' ? 1.2 : 2}
          {...(mark.line === 'ghost' && { strokeDasharray: '7 4' })}
        />
      )}
    </G>
  );
}

/** A small head at the end of a dimension, pointing away from `from`. */
function head([x, y]: readonly [number, number], [fromX, fromY]: readonly [number, number]): string {
  const length = Math.hypot(x - fromX, y - fromY) || 1;
  const [ux, uy] = [(x - fromX) / length, (y - fromY) / length];
  const [backX, backY] = [x - 9 * ux, y - 9 * uy];
  return `M${x} ${y}L${backX - 3 * uy} ${backY + 3 * ux}L${backX + 3 * uy} ${backY - 3 * ux}Z`;
}

function Line({ mark }: { mark: Extract<SceneMark, { kind: 'line' }> }) {
  const { points, style, arrows } = mark;
  const dash = style === 'hidden' ? '6 4' : style === 'centre' ? '16 4 3 4' : null;
  const ends = [
    ...(arrows === 'start' || arrows === 'both' ? [head(points[0]!, points[1]!)] : []),
    ...(arrows === 'end' || arrows === 'both' ? [head(points.at(-1)!, points.at(-2)!)] : []),
  ];
  return (
    <G>
      <Path
        d={`M${points.map(([x, y]) => `${x} ${y}`).join('L')}`}
        fill="none"
        stroke="#111"
        strokeWidth={style === 'outline' ? 2 : 1}
        {...(dash && { strokeDasharray: dash })}
      />
      {ends.map((d) => (
        <Path key={d} d={d} fill="#111" />
      ))}
    </G>
  );
}

/** Of the face that the card carries: how wide a figure is on average, as a share of its size. */
const FIGURE_WIDTH = 0.56;
const SHIFT = { start: 0, middle: 0.5, end: 1 } as const;

/** Words; those along a dimension stand on it, so that the line is left out behind them. */
function Words({ mark }: { mark: Extract<SceneMark, { kind: 'text' }> }) {
  const { x, y, anchor, isBold, turned } = mark;
  const said = onPaper(`${mark.text}${mark.note ? ` ${mark.note}` : ''}`);
  const size = mark.size * 0.82;
  const wide = said.length * size * FIGURE_WIDTH;
  const left = x - wide * SHIFT[anchor];
  const words = (
    <Text
      x={x}
      y={y}
      fill="#111"
      textAnchor={anchor}
      style={{ fontFamily: CARD_FONT, fontSize: size, fontWeight: isBold ? 700 : 400 }}
    >
      {said}
    </Text>
  );
  return turned ? (
    <G transform={`rotate(-90 ${x} ${y})`}>
      <Path d={`M${left} ${y - 0.9 * size}h${wide}v${1.2 * size}h${-wide}Z`} fill="#fff" />
      {words}
    </G>
  ) : (
    words
  );
}

export const SceneInPdf = ({ scene, id, widthPt }: { scene: Scene; id: string; widthPt: number }) => (
  <Svg
    viewBox={`0 0 ${scene.width} ${scene.height}`}
    style={{ width: widthPt, height: (widthPt * scene.height) / scene.width }}
  >
    <Defs>
      {scene.marks.map((mark) =>
        mark.kind === 'shape' && mark.hatch ? (
          <ClipPath key={mark.id} id={`${id}-${mark.id}`}>
            <Path d={mark.d} />
          </ClipPath>
        ) : null,
      )}
    </Defs>
    {scene.marks.map((mark) => {
      const key = `${id}-${mark.id}`;
      if (mark.kind === 'shape') return <Shape key={key} mark={mark} clipId={key} />;
      return mark.kind === 'line' ? <Line key={key} mark={mark} /> : <Words key={key} mark={mark} />;
    })}
  </Svg>
);
