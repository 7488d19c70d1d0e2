import type { Rest } from '@/core/record/vocabulary';

/** What a person may try at the ways in: the same seat with another heat, freezer, walk, clearance or bench. */
export type WayTrial = {
  /** The casting as it leaves the heat, °C; null: as hot as each way plans it. */
  housingC: number | null;
  freezerC: number;
  /** From door and freezer until it is let go, s. */
  carryS: number;
  /** Clearance at which it is let go, mm on diameter. */
  wantedMm: number;
  rest: Rest;
};

/** From the oven's door to the bench, picked up and held square. Common practice, no source. */
export const CARRY_S = 10;
/** How far each can be moved: room air to what no casting takes, freezers of all sorts, the length of a shop. */
export const TRIAL_RANGE = {
  housingC: { min: 40, max: 200 },
  freezerC: { min: -40, max: 20 },
  carryS: { min: 0, max: 90 },
} as const;

/** Twice the generous clearance of DIN 7190 (0.001·D, from memory). */
export const mostClearanceMm = (diameterMm: number) => 0.002 * diameterMm;
