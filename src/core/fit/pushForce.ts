import type { Material } from '@/core/catalogue/materials';
import { bandOf, type Measured } from '@/core/quantity/measured';
import { solvePressFit } from './pressFit';

/** Friction of an oiled steel race in a bore. From memory; low for holding, high for pressing. */
export const FRICTION_OILED = { low: 0.05, high: 0.12 } as const;

export type PushForce = {
  /** Pressure between race and bore, MPa: plain boss at the loose edge … endless wall at the tight edge. */
  pressureMPa: { low: number; high: number };
  forceN: { low: number; high: number };
  /** Tresca stress at the bore of the plain boss, tight edge. */
  housingTrescaMPa: number;
};

export type PushedSeat = {
  /** The figure for holding, with smoothing taken off. */
  interferenceMm: Measured;
  diameterMm: number;
  trackMm: number;
  widthMm: number;
  chamferMm: number;
  bossOutsideMm: number;
  race: Material;
  housing: Material;
};

/**
 * Force to push a race straight in (or out), cold: F = µ·p·π·d·(width − both chamfers).
 *
 * The boss is bracketed: a plain ring of its own outside is the softest that it can be, an endless wall the stiffest
 * (finite elements of a 62 × 16 seat with webs lie between, × 1.15 to × 1.48 of the plain ring).
 * Source: Lamé (see `solvePressFit`); friction from memory.
 */
export function pushForceBracket(seat: PushedSeat): PushForce | null {
  const { diameterMm, trackMm, widthMm, chamferMm, bossOutsideMm, race, housing } = seat;
  const edge = bandOf(seat.interferenceMm);
  const solve = (interference: number, housingOutsideMm: number) =>
    solvePressFit({
      interferenceMm: interference,
      diameterMm,
      ringBoreMm: trackMm,
      housingOutsideMm,
      ring: race,
      housing,
    });
  const soft = solve(edge.low, bossOutsideMm);
  const tightPlain = solve(edge.high, bossOutsideMm);
  const stiff = solve(edge.high, Infinity);
  if (!soft.ok || !stiff.ok || !tightPlain.ok) return null;
  const contactMm2 = Math.PI * diameterMm * (widthMm - 2 * chamferMm);
  return {
    pressureMPa: { low: soft.value.pressureMPa, high: stiff.value.pressureMPa },
    forceN: {
      low: FRICTION_OILED.low * soft.value.pressureMPa * contactMm2,
      high: FRICTION_OILED.high * stiff.value.pressureMPa * contactMm2,
    },
    housingTrescaMPa: tightPlain.value.housingTrescaMPa,
  };
}
