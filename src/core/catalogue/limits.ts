/**
 * Limits of size: holes and shafts by class (ISO 286), from the grades IT5–IT8 and the fundamental deviations, 3–250 mm.
 *
 * Holes H, G, JS, J, K, M, N, P, R; shafts g, h, js, j, k, m, n, p, r. The tables are the standard's rounded values (ISO 286-1
 * tables 1–3), from memory; a test compares them with the formulas behind them and names where the table differs.
 * Checked against: tests/reference/iso286.json.
 */
export type LimitsUm = { lowerUm: number; upperUm: number };

/** Nominal sizes "over … up to and including", mm; a nominal on a step belongs to the lower step. */
export const SIZE_STEPS_MM = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250] as const;

/** Width of the zone by grade and step, µm. IT4 only serves the rule for tight holes of grade 5. */
const IT_UM: Record<number, readonly number[]> = {
  5: [5, 6, 8, 9, 11, 13, 15, 18, 20],
  6: [8, 9, 11, 13, 16, 19, 22, 25, 29],
  7: [12, 15, 18, 21, 25, 30, 35, 40, 46],
  8: [18, 22, 27, 33, 39, 46, 54, 63, 72],
};

/** Shafts: the end of the zone nearest to the nominal, µm: upper end for g (below zero line), lower end for k … r. */
const SHAFT_NEAR_UM: Record<string, readonly number[]> = {
  g: [-4, -5, -6, -7, -9, -10, -12, -14, -15],
  h: [0, 0, 0, 0, 0, 0, 0, 0, 0],
  k: [1, 1, 1, 2, 2, 2, 3, 3, 4],
  m: [4, 6, 7, 8, 9, 11, 13, 15, 17],
  n: [8, 10, 12, 15, 17, 20, 23, 27, 31],
  p: [12, 15, 18, 22, 26, 32, 37, 43, 50],
};

/** r has finer steps above 50 mm: upper end of the step in mm, deviation in µm. */
const R_NEAR_UM: readonly (readonly [upToMm: number, um: number])[] = [
  [6, 15],
  [10, 19],
  [18, 23],
  [30, 28],
  [50, 34],
  [65, 41],
  [80, 43],
  [100, 51],
  [120, 54],
  [140, 63],
  [160, 65],
  [180, 68],
  [200, 77],
  [225, 80],
  [250, 84],
];

/** j and J have no formula: [upper, lower] by step, µm. */
const TABLED_UM: Record<string, readonly (readonly [upper: number, lower: number])[]> = {
  j5: [
    [3, -2],
    [4, -2],
    [5, -3],
    [5, -4],
    [6, -5],
    [6, -7],
    [6, -9],
    [7, -11],
    [7, -13],
  ],
  j6: [
    [6, -2],
    [7, -2],
    [8, -3],
    [9, -4],
    [11, -5],
    [12, -7],
    [13, -9],
    [14, -11],
    [16, -13],
  ],
  J6: [
    [5, -3],
    [5, -4],
    [6, -5],
    [8, -5],
    [10, -6],
    [13, -6],
    [16, -6],
    [18, -7],
    [22, -7],
  ],
  J7: [
    [6, -6],
    [8, -7],
    [10, -8],
    [12, -9],
    [14, -11],
    [18, -12],
    [22, -13],
    [26, -14],
    [30, -16],
  ],
};

export const HOLE_CLASSES = [
  'G6',
  'G7',
  'H6',
  'H7',
  'H8',
  'J6',
  'J7',
  'JS6',
  'JS7',
  'K6',
  'K7',
  'M6',
  'M7',
  'N6',
  'N7',
  'P6',
  'P7',
  'R6',
  'R7',
] as const;
export const SHAFT_CLASSES = [
  'g5',
  'g6',
  'h5',
  'h6',
  'h7',
  'js5',
  'js6',
  'j5',
  'j6',
  'k5',
  'k6',
  'm5',
  'm6',
  'n5',
  'n6',
  'p5',
  'p6',
  'r5',
  'r6',
] as const;
export type HoleClass = (typeof HOLE_CLASSES)[number];
export type ShaftClass = (typeof SHAFT_CLASSES)[number];
export type ToleranceClass = HoleClass | ShaftClass;
/** Classes that bearing seats in housings are made to. */
export const HOUSING_CLASSES = [
  'H7',
  'J7',
  'K7',
  'M7',
  'N7',
  'P7',
  'R7',
] as const satisfies readonly HoleClass[];
export type HousingClass = (typeof HOUSING_CLASSES)[number];

export const isToleranceClass = (text: string): text is ToleranceClass =>
  (HOLE_CLASSES as readonly string[]).includes(text) || (SHAFT_CLASSES as readonly string[]).includes(text);

const stepOf = (nominalMm: number) =>
  SIZE_STEPS_MM.findIndex((overMm, i) => nominalMm > overMm && nominalMm <= (SIZE_STEPS_MM[i + 1] ?? 0));

/** Lower end of a shaft k … r, upper end of a shaft g, h. */
function nearUm(letter: string, step: number, nominalMm: number): number | null {
  if (letter === 'r') return R_NEAR_UM.find(([upToMm]) => nominalMm <= upToMm)?.[1] ?? null;
  return SHAFT_NEAR_UM[letter]?.[step] ?? null;
}

/**
 * Deviations of a class from its nominal. A tight hole mirrors its shaft and gains Δ = IT_n − IT_(n−1) (ISO 286-1, 4.3.2.4).
 * @returns null outside 3–250 mm (3 itself excluded)
 */
export function findLimits(nominalMm: number, toleranceClass: ToleranceClass): LimitsUm | null {
  const step = stepOf(nominalMm);
  if (step < 0) return null;
  const tabled = TABLED_UM[toleranceClass]?.[step];
  if (tabled) return { upperUm: tabled[0], lowerUm: tabled[1] };
  const [, letters = '', grade = ''] = /^([A-Za-z]+)(\d)$/.exec(toleranceClass)!;
  const zoneUm = IT_UM[Number(grade)]![step]!;
  if (letters.toLowerCase() === 'js') return { upperUm: zoneUm / 2, lowerUm: -zoneUm / 2 };
  const near = nearUm(letters.toLowerCase(), step, nominalMm);
  if (near === null) return null;
  const isBelow = letters.toLowerCase() === 'g' || letters.toLowerCase() === 'h';
  if (letters === letters.toLowerCase())
    return isBelow ? { upperUm: near, lowerUm: near - zoneUm } : { upperUm: near + zoneUm, lowerUm: near };
  if (isBelow) return { upperUm: zoneUm - near, lowerUm: -near + 0 };
  const deltaUm = zoneUm - IT_UM[Number(grade) - 1]![step]!;
  return { upperUm: -near + deltaUm, lowerUm: -near + deltaUm - zoneUm };
}

/** Width of a tolerance zone, µm. @returns null outside the tables */
export const findZoneUm = (nominalMm: number, grade: 5 | 6 | 7 | 8): number | null =>
  IT_UM[grade]?.[stepOf(nominalMm)] ?? null;
