import { describe, expect, it } from 'vitest';
import { bearingBody, bearingInside } from './inside';

describe('inside of a bearing', () => {
  it('a 30 × 62 ball bearing runs on 54 and 38 mm: (d + 3D)/4 and (3d + D)/4 (from memory)', () =>
    expect(bearingInside({ boreMm: 30, outsideMm: 62 })).toMatchObject({
      outerTrackMm: 54,
      innerTrackMm: 38,
      pitchMm: 46,
    }));
  it('a drawn cup runs on the inside of its shell, a bush on its own bore', () => {
    expect(bearingInside({ boreMm: 20, outsideMm: 26, type: 'drawn_cup' }).outerTrackMm).toBeCloseTo(24.2, 9);
    expect(bearingInside({ boreMm: 20, outsideMm: 26, type: 'bush' }).outerTrackMm).toBe(20);
  });
  it('weighs 0.20 kg as 30 × 62 × 16 (from memory), and its outer race is the annulus outside of the track, less its groove', () => {
    const body = bearingBody({ boreMm: 30, outsideMm: 62, widthMm: 16 });
    expect(body.massKg).toBeCloseTo(0.2, 2);
    const annulusKg = (Math.PI / 4) * (62 ** 2 - 54 ** 2) * 16 * 7.82e-6;
    expect(body.outerRaceMassKg).toBeLessThan(annulusKg);
    expect(body.outerRaceMassKg).toBeGreaterThan(0.85 * annulusKg);
  });
});
