import { describe, expect, it } from 'vitest';
import { neighboursThatLetGo } from './ceilings';

const metals = { ringAlphaPerK: 12e-6, housingAlphaPerK: 21.8e-6 };

describe('neighbours that let go', () => {
  it('the lower edge of the band, value − 2u, decides: free at 20 + (δ − 2u)/(D·(α_h − α_r))', () => {
    const light = { seatName: 'light', diameterMm: 40, interferenceMm: { value: 0.03, u: 0.005 } };
    // (0.030 − 0.010) / (40 · 9.8e-6) = 51.0 K, to first order; the bore's own size takes a trifle off.
    const freeC = 20 + 0.02 / (40 * 9.8e-6);
    expect(neighboursThatLetGo([light], freeC + 0.5, metals)).toEqual(['light']);
    expect(neighboursThatLetGo([light], freeC - 0.5, metals)).toEqual([]);
  });
});
