import { MATERIALS } from '@/core/catalogue/materials';
import type { HotBossShape } from '@/core/heat/hotBoss';
import type { RadialProblem } from '@/core/heat/radialCells';

/** A boss for a 62 mm seat in 1.2 kg of cast aluminium, with hot air on it for three minutes. */
export const BOSS_UNDER_AIR: HotBossShape = {
  diameterMm: 62,
  bossOutsideMm: 78,
  bossWidthMm: 20,
  webThicknessMm: 5,
  massKg: 1.2,
  housing: MATERIALS.alsi9cu3,
  hWM2K: 10,
  heatedForS: 180,
};

const metal = (code: 'bearing_steel' | 'alsi9cu3', startC: number) => {
  const { conductivityWMK, densityKgM3, specificHeatJKgK, alphaPerK } = MATERIALS[code];
  return { conductivityWMK, densityKgM3, specificHeatJKgK, alphaPerK, startC };
};
/** The race of a 62 × 16 from the freezer, touching, in the boss of a casting at 120 °C. */
export const RACE_IN_BOSS: RadialProblem = {
  ringBoreRadiusMm: 26.9,
  interfaceRadiusMm: 31,
  bossOutsideRadiusMm: 39,
  webOutsideRadiusMm: 100,
  ringWidthMm: 16,
  bossWidthMm: 20,
  webThicknessMm: 5,
  hWM2K: 12,
  ambientC: 20,
  contactConductanceWM2K: 2000,
  isTouching: true,
  interferenceMm: 0.03,
  ring: metal('bearing_steel', -18),
  housing: { ...metal('alsi9cu3', 120), youngsModulusMPa: 72_000, poisson: 0.33 },
};
