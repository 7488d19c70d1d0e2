/** Bearings as the standards list them: what each kind is called, and the row that all tables share. */
export type BearingType =
  | 'deep_groove'
  | 'cylindrical_roller'
  | 'tapered_roller'
  | 'drawn_cup'
  | 'needle_rings'
  | 'needle_cage'
  | 'thrust_ball'
  | 'thrust_needle';

export const BEARING_TYPES: readonly BearingType[] = [
  'deep_groove',
  'cylindrical_roller',
  'tapered_roller',
  'drawn_cup',
  'needle_rings',
  'needle_cage',
  'thrust_ball',
  'thrust_needle',
];

/** How well a row is remembered. `high`: met often and fits its series; `medium`: fits its series, seldom met. */
export type Confidence = 'high' | 'medium';

export type BearingRow = {
  /** As a catalogue writes it, without suffixes: `6206`, `62/28`, `NJ 206`, `32005 X`, `HK2016`. */
  designation: string;
  type: BearingType;
  /** Dimension series as the designation says it: `60`, `NJ2`, `320`, `HK`. */
  series: string;
  /** Bore; for needles without an inner race the diameter under the rollers (F_w). */
  boreMm: number;
  outsideMm: number;
  /** Width B; for tapered rollers the assembled width T, for drawn cups the shell's length C, for thrust bearings the height. */
  widthMm: number;
  /** Tapered rollers only: width C of the cup, which is what carries the press fit. */
  cupWidthMm?: number;
  /** Smallest chamfer r_s. */
  chamferMm: number;
  confidence: Confidence;
};
