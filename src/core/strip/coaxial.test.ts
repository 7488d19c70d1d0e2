import { describe, expect, it } from 'vitest';
import { bearingSeat, sealSeat } from '@/core/job/kinds/seats';
import { covers, isFromSameFace, isInLine, topDepthMm } from './coaxial';

const around = { bossOutsideMm: 66, bossHeightMm: 34, depthToShoulderMm: 23, shoulderBoreMm: 36 };
const bearing = bearingSeat('Bearing', [40, 50], '6204', around);
const seal = (at: [number, number], more: Parameters<typeof sealSeat>[3] = {}) =>
  sealSeat('Seal', at, { shaftMm: 28, outsideMm: 47, widthMm: 7 }, more);

describe('what stands in front of what, from the drawing', () => {
  it('a seal flush with the face covers the bearing on its axis', () => {
    expect(covers(seal([40, 50]), bearing)).toBe(true);
    expect(covers(bearing, seal([40, 50]))).toBe(false);
  });
  it('from the other face, or on another axis, it covers nothing', () => {
    expect(covers(seal([40, 50], { face: 'back' }), bearing)).toBe(false);
    expect(covers(seal([44, 50]), bearing)).toBe(false);
  });
  it('a seal that lies deeper is behind the bearing', () => {
    const behind = seal([40, 50], { belowFaceMm: 24 });
    expect(covers(bearing, behind)).toBe(true);
    expect(topDepthMm(behind)).toBeGreaterThan(topDepthMm(bearing));
  });
  it('half a millimetre on the map is one axis; a face that is not said is the front', () => {
    expect(isInLine(bearing, { xMm: 40.5, yMm: 50 })).toBe(true);
    expect(isFromSameFace({}, { face: 'front' })).toBe(true);
  });
});
