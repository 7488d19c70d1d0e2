import { REFERENCE_C, type Measured } from '@/core/quantity/measured';
import { standardU, sumOfSpreads, tryLots, worstOf, type Spread, type Trial } from '@/core/quantity/spread';

/**
 * Room for a shaft between its two faces: what is left between two case halves, their gasket, the crank and its shims.
 *
 * room = left depth + right depth + compressed gasket − width − Σ shims.
 * **Room is not dial play**: a crank held by a ball bearing shows that bearing's own axial play (see `bearingAxialPlayMm`).
 * Uncertainty by root-sum-square (JCGM 100) and by lots (JCGM 101); decision with a guard band (ISO 14253-1).
 * Checked against: tests/reference/stack.json.
 */
export type EndFloatInput = {
  depthLeftMm: Spread;
  depthRightMm: Spread;
  gasketMm: Spread;
  widthMm: Spread;
  shimsMm: readonly number[];
};

export type Link = { name: 'depth_left' | 'depth_right' | 'gasket' | 'width'; sign: 1 | -1; spread: Spread };

export const linksOf = ({ depthLeftMm, depthRightMm, gasketMm, widthMm }: EndFloatInput): Link[] => [
  { name: 'depth_left', sign: 1, spread: depthLeftMm },
  { name: 'depth_right', sign: 1, spread: depthRightMm },
  { name: 'gasket', sign: 1, spread: gasketMm },
  { name: 'width', sign: -1, spread: widthMm },
];

export type EndFloat = {
  endFloatMm: Measured;
  /** If every link were at its worst at once. */
  worstHalfWidthMm: number;
  /** The link that spreads it most, and its share of the variance: measure that one next. */
  largestDoubt: { name: Link['name']; shareOfVariance: number } | null;
};

export function endFloat(input: EndFloatInput): EndFloat {
  const links = linksOf(input);
  const sum = sumOfSpreads(links);
  const shims = input.shimsMm.reduce((total, mm) => total + mm, 0);
  const worst = links.reduce((found, link) =>
    standardU(link.spread) > standardU(found.spread) ? link : found,
  );
  return {
    endFloatMm: { value: sum.value - shims, u: sum.u },
    worstHalfWidthMm: links.reduce((total, { spread }) => total + worstOf(spread), 0),
    largestDoubt:
      sum.u > 0 ? { name: worst.name, shareOfVariance: standardU(worst.spread) ** 2 / sum.u ** 2 } : null,
  };
}

/** The same by drawing lots: share of all that lie within the limits, and the middle 95 %. */
export function endFloatByLots(
  input: EndFloatInput,
  { lowMm, highMm, draws, seed }: { lowMm: number; highMm: number; draws: number; seed: number },
): Trial {
  const links = linksOf(input);
  const shims = input.shimsMm.reduce((total, mm) => total + mm, 0);
  return tryLots(
    links.map(({ spread }) => spread),
    (values) => values.reduce((total, mm, i) => total + links[i]!.sign * mm, 0) - shims,
    { draws, seed, isWanted: (mm) => mm >= lowMm && mm <= highMm },
  );
}

export type Decision = 'pass' | 'fail' | 'cannot decide';

/**
 * Inside the limits, outside, or too near to tell, with a guard band g·u on either side.
 * g = 2: both sides at U; g = 1.65: 5 % risk one-sided. Source: ISO 14253-1:2013/2017 default, from memory.
 */
export function decideWithGuard(
  { value, u }: Measured,
  { low, high }: { low: number; high: number },
  g: number,
): Decision {
  const guard = g * u;
  if (value >= low + guard && value <= high - guard) return 'pass';
  if (value < low - guard || value > high + guard) return 'fail';
  return 'cannot decide';
}

export type GrowthInput = {
  caseInnerMm: number;
  crankWidthMm: number;
  shimsMm: number;
  caseAlphaPerK: number;
  crankAlphaPerK: number;
  caseC: number;
  crankC: number;
  measuredAtC: number;
};

/**
 * End play at other temperatures: each part from its measured temperature to 20 °C and from there to its own hot temperature.
 * Shims grow with the crank's metal. The least of cold, warm-up (shaft hot, case cold) and running decides.
 * Checked against: tests/reference/stack.json; an 84 mm aluminium case at 20 °C with the crank at 80 °C loses 59 µm.
 */
export function endFloatHot({
  caseInnerMm,
  crankWidthMm,
  shimsMm,
  caseAlphaPerK,
  crankAlphaPerK,
  caseC,
  crankC,
  measuredAtC,
}: GrowthInput) {
  const grown = (mm: number, alpha: number, toC: number) =>
    (mm / (1 + alpha * (measuredAtC - REFERENCE_C))) * (1 + alpha * (toC - REFERENCE_C));
  const playAt = (atCaseC: number, atCrankC: number) =>
    grown(caseInnerMm, caseAlphaPerK, atCaseC) - grown(crankWidthMm + shimsMm, crankAlphaPerK, atCrankC);
  const measuredMm = caseInnerMm - crankWidthMm - shimsMm;
  const hotMm = playAt(caseC, crankC);
  return {
    measuredMm,
    at20Mm: playAt(REFERENCE_C, REFERENCE_C),
    hotMm,
    growthMm: hotMm - measuredMm,
    warmUpMm: playAt(REFERENCE_C, crankC),
  };
}

/**
 * Axial play of a ball bearing with radial clearance G: about 2·√(r₀·G), r₀ = r_o + r_i − D_w (grooves of 0.52·D_w and 0.515·D_w).
 * Source: Harris, Rolling Bearing Analysis (from memory).
 */
export const bearingAxialPlayMm = ({
  radialClearanceMm,
  ballMm,
}: {
  radialClearanceMm: number;
  ballMm: number;
}) => 2 * Math.sqrt(Math.max(0, radialClearanceMm) * 0.035 * ballMm);

/** How far to move shims from the wide to the narrow side so that the shaft stands in the middle: half the difference. */
export const centringShiftMm = ({ gapLeftMm, gapRightMm }: { gapLeftMm: number; gapRightMm: number }) =>
  (gapLeftMm - gapRightMm) / 2;
