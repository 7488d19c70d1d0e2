import type { CastingMap } from '@/core/record/job';
import { roundedPath } from './scene';

/** A casting's outline in mm, y turned downward for the screen, standing on y = 0. */
export const castingOutlinePath = ({ outline }: CastingMap) =>
  roundedPath(outline.map(({ at, radiusMm }) => ({ at: [at[0], -at[1]] as const, radius: radiusMm })));

/** Width and height of the casting, mm. */
export function castingExtentMm({ outline }: CastingMap) {
  const xs = outline.map(({ at }) => at[0]);
  const ys = outline.map(({ at }) => at[1]);
  return { minXMm: Math.min(...xs), widthMm: Math.max(...xs) - Math.min(...xs), heightMm: Math.max(...ys) };
}
