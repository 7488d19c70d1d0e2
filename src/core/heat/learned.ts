import type { Measured } from '@/core/quantity/measured';

/** What a shop's own heats have taught, as far as it is used in place of the usual guesses. */
export type Learned = {
  /** Factor on the heat-transfer coefficient in open air. */
  lossFactor: number;
  /** As long as it takes from the door to the first drop nine times out of ten, s; null: as usual. */
  carryS: number | null;
  /** By the oven's id: how much hotter it is than it is set to, and how well that is known, K. */
  ovens: Readonly<Record<string, Measured>>;
  /** The same of each freezer. */
  freezers: Readonly<Record<string, Measured>>;
};
