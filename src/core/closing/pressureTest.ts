import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * Crankcase check of a two-stroke: pressure or vacuum in the closed case, and what it loses.
 *
 * Leak as flow at the shop's pressure: Q = V·(Δp/Δt − cooling)/p_shop, with the part of the loss that cooling alone explains taken off:
 * p_abs·ΔT/T (1 K in a minute at 0.5 bar gauge is 0.005 bar).
 * Source: ideal gas law. A common bound: not more than about 0.07 bar a minute (from memory). Cap 0.5 bar: seals are not made for more.
 * Checked against: 0.07 bar/min over 0.25–1 litre is 17–69 cm³/min.
 */
export const PRESSURE_CAP_BAR = 0.5;
export const COMMON_BOUND_BAR_MIN = 0.07;
export const SHOP_PRESSURE_BAR = 1.013;

export type LeakInput = {
  volumeCm3: number;
  startBar: number;
  endBar: number;
  minutes: number;
  /** Loss of the test rig alone over the same time, bar. */ rigLossBar: number;
  /** Fall of the case's temperature over the test, K. */ coolingK: number;
  caseC: number;
};
export type Leak = {
  lossBarMin: number;
  coolingBar: number;
  leakCm3Min: number;
  verdict: 'tight' | 'leaks' | 'cannot_tell';
};

/** What a common gauge can tell, bar. Common practice, no source. */
const GAUGE_BAR = 0.01;

/** Pressures are above the shop's; negative for a vacuum. Invalid: `out_of_range`, `over_the_cap`. */
export function crankcaseLeak({
  volumeCm3,
  startBar,
  endBar,
  minutes,
  rigLossBar,
  coolingK,
  caseC,
}: LeakInput): Result<Leak> {
  const issues = checkNumbers({
    volumeCm3: { value: volumeCm3, min: 10, max: 20_000 },
    startBar: { value: startBar, min: -0.9 },
    endBar: { value: endBar, min: -0.95, max: 3 },
    minutes: { value: minutes, min: 0.1, max: 240 },
    rigLossBar: { value: rigLossBar, min: 0, max: 0.5 },
    coolingK: { value: coolingK, min: -50, max: 50 },
    caseC: { value: caseC, min: -20, max: 120 },
  });
  if (startBar > PRESSURE_CAP_BAR)
    issues.push({ code: 'over_the_cap', field: 'startBar', given: startBar, max: PRESSURE_CAP_BAR });
  if (issues.length > 0) return fail(...issues);
  const coolingBar = ((SHOP_PRESSURE_BAR + startBar) * coolingK) / (caseC + 273.15);
  const isVacuum = startBar < 0;
  const lostBar = isVacuum
    ? endBar - startBar + coolingBar - rigLossBar
    : startBar - endBar - coolingBar - rigLossBar;
  const lossBarMin = lostBar / minutes;
  const doubt = (Math.SQRT2 * GAUGE_BAR) / minutes;
  return succeed({
    lossBarMin,
    coolingBar,
    leakCm3Min: (volumeCm3 * lossBarMin) / SHOP_PRESSURE_BAR,
    verdict:
      lossBarMin + doubt <= COMMON_BOUND_BAR_MIN
        ? 'tight'
        : lossBarMin - doubt > COMMON_BOUND_BAR_MIN
          ? 'leaks'
          : 'cannot_tell',
  });
}
