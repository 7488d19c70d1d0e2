import type { ReadQuantity } from '@/core/quantity/typedValue';
import type { SlotFamily } from '@/core/record/slots';
import { INSTRUMENT_SORTS, type InstrumentSort } from '@/core/record/instrumentSorts';
import { FAMILIES } from './sortFamilies';

/**
 * Sorts of instruments that a bench has, and how well each reads. A proposal of its standard uncertainty is made from its scale, from
 * what its standard lets it be off by, and from the hand that holds it (JCGM 100, 4.3 and 5.1): u² = (d/√12)² + (G/√3)² + h².
 * Limits of error G from memory of ISO 13385-1 and -2 (calipers, depth gauges), ISO 3611 (micrometers), ISO 463 (dials) and DIN 866
 * (rules), EN 837-1 class 1 (pressure gauges); the hand's share h is common practice, no source.
 */
export type SortFacts = {
  /** As the interface says it. */
  name: string;
  quantity: ReadQuantity;
  /** Smallest step that it shows, mm, K, N or bar: usual ones, the most usual first. */
  resolutions: readonly [number, ...number[]];
  /** What it spans, mm, °C, N or bar: usual ones, the most usual first. */
  ranges: readonly (readonly [low: number, high: number])[];
  /** What its standard lets it be off by, ±, mm, K, N or bar. */
  errorLimit: number;
  /** What the hand that holds it adds, standard uncertainty, mm, K, N or bar. */
  hand: number;
  /** What the hand does, in words. */
  handWords: string;
};

export const SORTS: Record<InstrumentSort, SortFacts> = {
  steel_rule: {
    name: 'steel rule',
    quantity: 'length',
    resolutions: [0.5, 1],
    ranges: [
      [0, 150],
      [0, 300],
    ],
    errorLimit: 0.1,
    hand: 0.2,
    handWords: 'the eye beside the line',
  },
  caliper: {
    name: 'caliper',
    quantity: 'length',
    resolutions: [0.01, 0.02, 0.05],
    ranges: [
      [0, 150],
      [0, 200],
      [0, 300],
    ],
    errorLimit: 0.03,
    hand: 0.015,
    handWords: 'its jaws held a little crooked',
  },
  micrometer: {
    name: 'micrometer',
    quantity: 'length',
    resolutions: [0.001, 0.01],
    ranges: [
      [0, 25],
      [25, 50],
      [50, 75],
      [75, 100],
    ],
    errorLimit: 0.004,
    hand: 0.001,
    handWords: 'its ratchet',
  },
  bore_gauge: {
    name: 'bore gauge with dial',
    quantity: 'length',
    resolutions: [0.01, 0.001],
    ranges: [
      [18, 35],
      [35, 60],
      [50, 150],
    ],
    errorLimit: 0.005,
    hand: 0.004,
    handWords: 'setting it, and rocking it to its smallest',
  },
  telescoping_gauge: {
    name: 'telescoping gauge and micrometer',
    quantity: 'length',
    resolutions: [0.01, 0.001],
    ranges: [[8, 150]],
    errorLimit: 0.004,
    hand: 0.01,
    handWords: 'carrying the size from bore to micrometer',
  },
  depth_gauge: {
    name: 'depth gauge',
    quantity: 'length',
    resolutions: [0.01, 0.02, 0.05],
    ranges: [
      [0, 150],
      [0, 25],
    ],
    errorLimit: 0.03,
    hand: 0.01,
    handWords: 'its bridge on the face',
  },
  dial: {
    name: 'dial indicator',
    quantity: 'length',
    resolutions: [0.01, 0.001],
    ranges: [
      [0, 10],
      [0, 1],
    ],
    errorLimit: 0.013,
    hand: 0.005,
    handWords: 'its stand',
  },
  feelers: {
    name: 'feeler gauges',
    quantity: 'length',
    resolutions: [0.05, 0.01],
    ranges: [[0.03, 1]],
    errorLimit: 0.01,
    hand: 0.01,
    handWords: 'how hard the leaf drags',
  },
  spring_balance: {
    name: 'spring balance',
    quantity: 'force',
    resolutions: [0.2, 1],
    ranges: [
      [0, 50],
      [0, 200],
    ],
    errorLimit: 0.5,
    hand: 0.5,
    handWords: 'pulling steadily, square to the lever',
  },
  pressure_gauge: {
    name: 'pressure gauge',
    quantity: 'pressure',
    resolutions: [0.01, 0.02],
    ranges: [
      [-1, 1],
      [0, 1],
    ],
    errorLimit: 0.01,
    hand: 0.002,
    handWords: 'where its needle stands still',
  },
  contact_probe: {
    name: 'contact thermometer',
    quantity: 'temperature',
    resolutions: [0.1, 1],
    ranges: [[-50, 300]],
    errorLimit: 1.5,
    hand: 1,
    handWords: 'how it lies on the metal',
  },
  infrared: {
    name: 'contact-free thermometer',
    quantity: 'temperature',
    resolutions: [0.1, 1],
    ranges: [[-30, 500]],
    errorLimit: 2,
    hand: 8,
    handWords: 'a matt patch; bright metal lies far more',
  },
};

/** What serves for a slot of this family, best first. */
export const sortsFor = (family: SlotFamily): InstrumentSort[] =>
  INSTRUMENT_SORTS.filter((sort) => FAMILIES[sort].includes(family)).sort(
    (a, b) => uOf(a, SORTS[a].resolutions[0]).u - uOf(b, SORTS[b].resolutions[0]).u,
  );

export type Proposal = {
  /** Standard uncertainty, mm or K, rounded up to two digits. */
  u: number;
  /** What it is made of, each a standard uncertainty, mm or K. */
  parts: { scale: number; instrument: number; hand: number };
};

/** Two digits, upward: a proposal is never better than it was reckoned. */
function roundUp(value: number): number {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return Number((Math.ceil(value / step - 1e-9) * step).toPrecision(2));
}

/**
 * The standard uncertainty to begin with, until a shop knows its own better.
 * @param resolution smallest step shown, mm or K; more than 0
 */
export function uOf(sort: InstrumentSort, resolution: number): Proposal {
  const { errorLimit, hand } = SORTS[sort];
  const parts = { scale: resolution / Math.sqrt(12), instrument: errorLimit / Math.sqrt(3), hand };
  return { u: roundUp(Math.hypot(parts.scale, parts.instrument, parts.hand)), parts };
}
