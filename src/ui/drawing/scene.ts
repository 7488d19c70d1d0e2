/**
 * Drawings are data first: a list of plain marks with positions in pixels of the drawing's own box. A component only places them,
 * and a test can read them.
 */
export type Tone = 'plain' | 'heat' | 'cold' | 'ink' | 'steel';
export type Hatch = 'rising' | 'falling' | null;

export type SceneMark =
  | {
      kind: 'shape';
      id: string;
      d: string;
      tone: Tone;
      hatch: Hatch;
      /** `trace`: a solid line in the colour of its tone, for curves. */ line:
        'outline' | 'ghost' | 'none' | 'trace';
      isFilled: boolean;
    }
  | {
      kind: 'line';
      id: string;
      points: readonly [number, number][];
      style: 'dimension' | 'centre' | 'thin' | 'hidden' | 'outline';
      arrows?: 'start' | 'end' | 'both';
    }
  | {
      kind: 'text';
      id: string;
      x: number;
      y: number;
      text: string;
      note?: string;
      size: number;
      anchor: 'start' | 'middle' | 'end';
      tone: Tone;
      isBold: boolean;
      hasGround?: boolean;
      turned?: boolean;
    };

export type Scene = { width: number; height: number; marks: SceneMark[]; description: string };

const f = (n: number) => (Math.round(n * 100) / 100).toString();

/** A closed path through points, each corner cut back by its radius and rounded. */
export function roundedPath(corners: readonly { at: readonly [number, number]; radius: number }[]): string {
  const n = corners.length;
  const toward = (
    from: readonly [number, number],
    to: readonly [number, number],
    by: number,
  ): [number, number] => {
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const share = Math.min(by, length / 2) / length;
    return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
  };
  const parts = corners.map(({ at, radius }, i) => {
    const before = toward(at, corners[(i + n - 1) % n]!.at, radius);
    const after = toward(at, corners[(i + 1) % n]!.at, radius);
    return `${i === 0 ? 'M' : 'L'}${f(before[0])} ${f(before[1])}Q${f(at[0])} ${f(at[1])} ${f(after[0])} ${f(after[1])}`;
  });
  return `${parts.join('')}Z`;
}

/** A closed path through sharp points. */
export const polygonPath = (points: readonly (readonly [number, number])[]) =>
  `M${points.map(([x, y]) => `${f(x)} ${f(y)}`).join('L')}Z`;
