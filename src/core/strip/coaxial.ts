import type { Seat } from '@/core/record/job';

/** Seats whose middles are nearer than this on the map lie on one axis, mm. */
const SAME_AXIS_MM = 1;

export const isInLine = (a: Pick<Seat, 'xMm' | 'yMm'>, b: Pick<Seat, 'xMm' | 'yMm'>): boolean =>
  Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm) < SAME_AXIS_MM;

const faceOf = ({ face = 'front' }: Pick<Seat, 'face'>) => face;

export const isFromSameFace = (a: Pick<Seat, 'face'>, b: Pick<Seat, 'face'>): boolean =>
  faceOf(a) === faceOf(b);

/** From the face down to the part: how far outboard it sits. */
export const topDepthMm = ({ spec }: Pick<Seat, 'spec'>): number =>
  spec.housing.depthToShoulderMm - spec.part.widthMm;

type Placed = Pick<Seat, 'xMm' | 'yMm' | 'face' | 'spec'>;

/**
 * `outer` stands in front of `inner`: on one axis, from one face, nearer to it. It comes out before, and goes in after. From the drawn
 * geometry.
 */
export const covers = (outer: Placed, inner: Placed): boolean =>
  isInLine(outer, inner) && isFromSameFace(outer, inner) && topDepthMm(outer) < topDepthMm(inner);
