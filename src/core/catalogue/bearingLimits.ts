import type { LimitsUm } from './limits';
import type { ClearanceGroup } from './bearings/designation';

/**
 * How far a bearing's own sizes may lie from nominal (ISO 492, Normal class) and its radial clearance as delivered (ISO 5753-1).
 * Tables from memory. Checked against: tests/reference/iso492_5753.json.
 */
type Step = readonly [upToMm: number, lowerUm: number];

/** Mean bore Δdmp, 0 / −x µm: radial bearings but tapered rollers. ISO 492:2014 table 1. */
const BORE: readonly Step[] = [
  [10, -8],
  [18, -8],
  [30, -10],
  [50, -12],
  [80, -15],
  [120, -20],
  [180, -25],
  [250, -30],
];
/** Mean outside ΔDmp. ISO 492:2014 table 2. */
const OUTSIDE: readonly Step[] = [
  [18, -8],
  [30, -9],
  [50, -11],
  [80, -13],
  [120, -15],
  [150, -18],
  [180, -25],
  [250, -30],
];
/** Tapered rollers have their own. ISO 492:2014 tables for tapered roller bearings. */
const TAPERED_BORE: readonly Step[] = [
  [18, -12],
  [30, -12],
  [50, -12],
  [80, -15],
  [120, -20],
];
const TAPERED_OUTSIDE: readonly Step[] = [
  [30, -12],
  [50, -14],
  [80, -16],
  [120, -18],
  [150, -20],
  [180, -25],
  [250, -30],
];

const LEAST_MM = 2.5;

const findStep = (steps: readonly Step[], nominalMm: number): LimitsUm | null => {
  const step = nominalMm > LEAST_MM ? steps.find(([upToMm]) => nominalMm <= upToMm) : undefined;
  return step ? { upperUm: 0, lowerUm: step[1] } : null;
};

/** @returns null outside 2.5–250 mm (tapered: up to 250 mm) */
export const findBearingOutsideLimits = (nominalMm: number, isTapered = false) =>
  findStep(isTapered ? TAPERED_OUTSIDE : OUTSIDE, nominalMm);
/** @returns null outside 2.5–250 mm (tapered: up to 120 mm) */
export const findBearingBoreLimits = (nominalMm: number, isTapered = false) =>
  findStep(isTapered ? TAPERED_BORE : BORE, nominalMm);

export type ClearanceUm = { minUm: number; maxUm: number };
type ClearanceStep = readonly [
  upToBoreMm: number,
  c2: readonly [number, number],
  cn: readonly [number, number],
  c3: readonly [number, number],
  c4: readonly [number, number],
  c5: readonly [number, number],
];

const BALL: readonly ClearanceStep[] = [
  [10, [0, 7], [2, 13], [8, 23], [14, 29], [20, 37]],
  [18, [0, 9], [3, 18], [11, 25], [18, 33], [25, 45]],
  [24, [0, 10], [5, 20], [13, 28], [20, 36], [28, 48]],
  [30, [1, 11], [5, 20], [13, 28], [23, 41], [30, 53]],
  [40, [1, 11], [6, 20], [15, 33], [28, 46], [40, 64]],
  [50, [1, 11], [6, 23], [18, 36], [30, 51], [45, 73]],
  [65, [1, 15], [8, 28], [23, 43], [38, 61], [55, 90]],
  [80, [1, 15], [10, 30], [25, 51], [46, 71], [65, 105]],
  [100, [1, 18], [12, 36], [30, 58], [53, 84], [75, 120]],
];

const ROLLER: readonly ClearanceStep[] = [
  [24, [0, 25], [20, 45], [35, 60], [50, 75], [65, 90]],
  [30, [0, 25], [20, 45], [35, 60], [50, 75], [70, 95]],
  [40, [5, 30], [25, 50], [45, 70], [60, 85], [80, 105]],
  [50, [5, 35], [30, 60], [50, 80], [70, 100], [95, 125]],
  [65, [10, 40], [40, 70], [60, 90], [80, 110], [110, 140]],
  [80, [10, 45], [40, 75], [65, 100], [90, 125], [130, 165]],
  [100, [15, 50], [50, 85], [75, 110], [105, 140], [155, 190]],
];

const GROUPS: readonly ClearanceGroup[] = ['C2', 'CN', 'C3', 'C4', 'C5'];

/**
 * Radial clearance as delivered, all groups, µm.
 * @returns null outside the table: ball bearings over 6 to 100 mm bore, cylindrical rollers 10–100 mm
 */
export function findRadialClearances(
  boreMm: number,
  type: 'deep_groove' | 'cylindrical_roller' = 'deep_groove',
): Record<ClearanceGroup, ClearanceUm> | null {
  const least = type === 'deep_groove' ? boreMm > 6 : boreMm >= 10;
  const row = least
    ? (type === 'deep_groove' ? BALL : ROLLER).find(([upToMm]) => boreMm <= upToMm)
    : undefined;
  if (!row) return null;
  return Object.fromEntries(
    GROUPS.map((group, i) => {
      const [minUm, maxUm] = row[i + 1] as readonly [number, number];
      return [group, { minUm, maxUm }];
    }),
  ) as Record<ClearanceGroup, ClearanceUm>;
}
