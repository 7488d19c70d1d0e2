import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dewOn, dewPointC, MAGNUS } from './dewPoint';

const body = { massKg: 0.2, specificHeatJKgK: 475, areaM2: 0.012, hWM2K: 8 };
const on = (surfaceStartC: number) => dewOn({ airC: 20, humidityPercent: 60, surfaceStartC, body });

describe('water on a cold part', () => {
  it('freezes on below 0 °C, and only there (melting point of ice)', () => {
    expect(on(-0.1)).toMatchObject({ collectsMoisture: true, frost: true });
    expect(on(0.1)).toMatchObject({ collectsMoisture: true, frost: false });
  });
  it('above the dew point there is neither', () =>
    expect(on(13)).toMatchObject({ collectsMoisture: false, frost: false, wetUntilS: null }));
});

describe('dew point', () => {
  it('20 °C and 50 % give 9.3 °C with either constants', () => {
    expect(dewPointC({ airC: 20, humidityPercent: 50 })).toBeCloseTo(9.26, 2);
    expect(dewPointC({ airC: 20, humidityPercent: 50 }, MAGNUS.wmo)).toBeCloseTo(9.26, 1);
  });
  it('at 100 % the dew point is the air itself', () =>
    fc.assert(
      fc.property(fc.double({ min: -30, max: 45, noNaN: true }), (airC) => {
        expect(dewPointC({ airC, humidityPercent: 100 })).toBeCloseTo(airC, 9);
      }),
      { seed: 1 },
    ));
});
