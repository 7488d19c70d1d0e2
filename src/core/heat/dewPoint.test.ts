import { describe, expect, it } from 'vitest';
import { dewOn } from './dewPoint';

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
