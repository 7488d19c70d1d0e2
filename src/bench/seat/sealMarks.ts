import { guardOf } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { SceneMark } from '@/ui/drawing/scene';
import type { Frame } from './seatFrame';

type Input = { spec: BoreSpec; sealIs: 'in' | 'not_in' | 'none' };

/** A shaft seal in section: steel case in its rubber, sealing lip on the shaft with its garter spring toward what it holds back. */
export function sealMarks({ spec, sealIs }: Input, { x, y, pxPerMm }: Frame): SceneMark[] {
  const { housing } = spec;
  const seal = guardOf(spec);
  if (!seal || sealIs === 'none') return [];
  const [outer, shaft] = [x(seal.outsideMm / 2), x(seal.shaftMm / 2)];
  const [front, back] = [y(housing.bossHeightMm - seal.widthMm), y(housing.bossHeightMm)];
  const width = back - front;
  // Share 0 is the closed side, 1 the side of the spring; the bearing lies above.
  const z = (share: number) =>
    seal.springToward === 'bearing' ? back - share * width : front + share * width;
  const wall = Math.min((outer - shaft) / 5, Math.max(4, 1.2 * pxPerMm));
  const path = (points: readonly (readonly [number, number])[]) =>
    `M${points.map(([px, share]) => `${px.toFixed(1)} ${z(share).toFixed(1)}`).join('L')}Z`;
  const spring = { cx: shaft + wall * 1.75, cy: z(0.7), r: Math.max(2.4, 0.12 * width) };
  const line = sealIs === 'in' ? ('outline' as const) : ('ghost' as const);
  const isIn = sealIs === 'in';
  return [
    {
      kind: 'shape',
      id: 'seal',
      tone: isIn ? 'steel' : 'plain',
      hatch: null,
      line,
      isFilled: true,
      // Rim, closed side, then the lip that leans from the closed side up to its edge on the shaft, with the bed of the spring behind it.
      d: path([
        [outer, 0],
        [outer, 0.96],
        [outer - wall * 1.4, 0.96],
        [outer - wall * 1.4, 0.34],
        [shaft + wall * 2.6, 0.34],
        [shaft + wall * 1.5, 0.52],
        [shaft + wall * 1.5, 0.86],
        [shaft + wall * 2.2, 0.98],
        [shaft + wall * 0.9, 0.98],
        [shaft - 0.25 * pxPerMm, 0.68],
        [shaft + wall * 0.8, 0.3],
        [shaft + wall * 0.8, 0],
      ]),
    },
    {
      kind: 'shape',
      id: 'seal-case',
      tone: isIn ? 'ink' : 'plain',
      hatch: null,
      line: isIn ? 'none' : 'ghost',
      isFilled: isIn,
      d: path([
        [outer - wall * 0.45, 0.08],
        [outer - wall * 0.45, 0.88],
        [outer - wall, 0.88],
        [outer - wall, 0.24],
        [shaft + wall * 1.9, 0.24],
        [shaft + wall * 1.9, 0.08],
      ]),
    },
    {
      kind: 'shape',
      id: 'seal-spring',
      tone: 'plain',
      hatch: null,
      line,
      isFilled: true,
      d: `M${(spring.cx - spring.r).toFixed(1)} ${spring.cy.toFixed(1)}a${spring.r} ${spring.r} 0 1 1 ${2 * spring.r} 0a${spring.r} ${spring.r} 0 1 1 ${-2 * spring.r} 0Z`,
    },
  ];
}
