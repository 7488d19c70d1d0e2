import { guardOf } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { SceneMark } from '@/ui/drawing/scene';
import { sealShapes } from '@/ui/drawing/seal';
import type { Frame } from './seatFrame';

type Input = { spec: BoreSpec; sealIs: 'in' | 'not_in' | 'none' };

/** The seal in front of a bearing, flush in the other face of the boss; the bearing lies above it. */
export function sealMarks({ spec, sealIs }: Input, { x, y, pxPerMm }: Frame): SceneMark[] {
  const { bossHeightMm } = spec.housing;
  const seal = guardOf(spec);
  if (!seal || sealIs === 'none') return [];
  const [front, back] = [y(bossHeightMm - seal.widthMm), y(bossHeightMm)];
  const isInward = seal.springToward === 'bearing';
  return sealShapes({
    outerPx: x(seal.outsideMm / 2),
    shaftPx: x(seal.shaftMm / 2),
    closedPx: isInward ? back : front,
    springPx: isInward ? front : back,
    pxPerMm,
    lips: seal.lips ?? 'one',
    isIn: sealIs === 'in',
  });
}
