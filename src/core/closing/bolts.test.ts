import { describe, expect, it } from 'vitest';
import { checkTorque } from './bolts';

describe('torque of a case bolt', () => {
  // T = F·( P/2π + µ·(d₂/(2·cos 30°) + 0.65·d) ): M6 × 1, d₂ 5.350: arm 0.1592 + µ·(3.089 + 3.9) mm.
  it('10 N·m clamps an M6 with 7.8 kN dry (µ 0.16) to 11.7 kN oiled (µ 0.10), by hand (VDI 2230 form)', () => {
    const found = checkTorque({
      thread: { diameterMm: 6, pitchMm: 1 },
      strength: '8.8',
      torqueNm: 10,
      engagementMm: 12,
      female: 'light_alloy',
    });
    if (!found.ok) throw new Error('refused');
    expect(found.value.clampN.low / 1000).toBeCloseTo(7.828, 2);
    expect(found.value.clampN.high / 1000).toBeCloseTo(11.654, 2);
  });
});
