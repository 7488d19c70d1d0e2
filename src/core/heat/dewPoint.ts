import { timeConstantS } from './soak';

/**
 * When does a cold bearing collect water from the air? Frost and dew are wiped off just before it goes in.
 *
 * Dew point by Magnus: γ = ln(RH/100) + a·T/(b + T); T_d = b·γ/(a − γ).
 * Source: Alduchov & Eskridge 1996 (a = 17.625, b = 243.04 °C) and WMO-No. 8 (17.62, 243.12 °C), from memory.
 * Valid: −40 … 50 °C. Checked against: tests/reference/soak.json.
 */
export const MAGNUS = { alduchov: { a: 17.625, bC: 243.04 }, wmo: { a: 17.62, bC: 243.12 } } as const;

export function dewPointC(
  { airC, humidityPercent }: { airC: number; humidityPercent: number },
  { a, bC }: { a: number; bC: number } = MAGNUS.alduchov,
): number {
  const gamma = Math.log(humidityPercent / 100) + (a * airC) / (bC + airC);
  return (bC * gamma) / (a - gamma);
}

export type Dew = {
  dewPointC: number;
  dewPointWmoC: number;
  collectsMoisture: boolean;
  /** It freezes on: the surface is below 0 °C as well. */
  frost: boolean;
  /** From the freezer's door until its surface passes the dew point and dries, s; null when it never gets wet. */
  wetUntilS: number | null;
};

/** A cold part brought into the shop's air; one lump that warms by convection alone. */
export function dewOn({
  airC,
  humidityPercent,
  surfaceStartC,
  body,
}: {
  airC: number;
  humidityPercent: number;
  surfaceStartC: number;
  body: { massKg: number; specificHeatJKgK: number; areaM2: number; hWM2K: number };
}): Dew {
  const point = dewPointC({ airC, humidityPercent });
  const collectsMoisture = surfaceStartC < point;
  const share = (point - airC) / (surfaceStartC - airC);
  return {
    dewPointC: point,
    dewPointWmoC: dewPointC({ airC, humidityPercent }, MAGNUS.wmo),
    collectsMoisture,
    frost: collectsMoisture && surfaceStartC < 0,
    wetUntilS: collectsMoisture && share > 0 ? -timeConstantS(body) * Math.log(share) : null,
  };
}
