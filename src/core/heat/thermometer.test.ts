import { describe, expect, it } from 'vitest';
import { metalFromShown, shownOnMetal } from './thermometer';

describe('an infra-red thermometer on bright metal', () => {
  it('36 °C shown on ε 0.10 ± 0.05 (set to 1) is 95–175 °C, and no one figure is given', () => {
    const found = metalFromShown({
      shownC: 36,
      setEmissivity: 1,
      emissivity: 0.1,
      uEmissivity: 0.05,
      backgroundC: 20,
    });
    expect(Math.abs(found.lowC! - 95)).toBeLessThan(10);
    expect(Math.abs(found.highC! - 175)).toBeLessThan(10);
    expect(found).toMatchObject({ metalC: null, advice: 'matt_tape_or_contact_probe' });
  });
  it('what it would show on a metal is what that metal is found from again', () => {
    for (const [metalC, emissivity] of [
      [95, 0.6],
      [140, 0.95],
      [-10, 0.8],
    ] as const) {
      const held = { setEmissivity: 0.95, emissivity, backgroundC: 20 };
      const shownC = shownOnMetal({ ...held, metalC });
      expect(metalFromShown({ ...held, shownC, uEmissivity: 0 }).metalC).toBeCloseTo(metalC, 9);
    }
    // Bright and hot, it shows little more than the room.
    expect(shownOnMetal({ metalC: 120, setEmissivity: 0.95, emissivity: 0.1, backgroundC: 20 })).toBeLessThan(
      40,
    );
  });
  it('on matt tape it is what it shows', () =>
    expect(
      metalFromShown({
        shownC: 110,
        setEmissivity: 0.95,
        emissivity: 0.95,
        uEmissivity: 0.02,
        backgroundC: 20,
      }).metalC,
    ).toBeCloseTo(110, 6));
});
