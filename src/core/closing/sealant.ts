/**
 * Sealants between two castings, and where each may lie: the film that is put on by place. From memory of what their makers usually say
 * of such products; the tin in the hand comes first.
 */
export const SEALANTS = ['anaerobic', 'semi_drying', 'silicone', 'gasket_dry'] as const;
export type Sealant = (typeof SEALANTS)[number];

export const FILM_PLACES = ['face', 'bolt_hole', 'scored', 'oil_way'] as const;
export type FilmPlace = (typeof FILM_PLACES)[number];

type SealantFacts = {
  /** The widest gap that it closes, mm; 0: it closes none by itself. */
  mostGapMm: number;
  /** From the film to the bolts, minutes: sooner it is wiped away, later it has set. */
  minutes: { from: number; to: number };
  /** A blob of it that is pressed inward stays soft, comes off and stops an oil way. */
  comesOff: boolean;
};

export const SEALANT_FACTS: Record<Sealant, SealantFacts> = {
  // Sets where no air reaches it: what is pressed out stays liquid and is washed away.
  anaerobic: { mostGapMm: 0.25, minutes: { from: 0, to: 30 }, comesOff: false },
  semi_drying: { mostGapMm: 0.3, minutes: { from: 5, to: 20 }, comesOff: false },
  silicone: { mostGapMm: 2, minutes: { from: 0, to: 10 }, comesOff: true },
  gasket_dry: { mostGapMm: 0, minutes: { from: 0, to: Infinity }, comesOff: false },
};

export type Film =
  | { is: 'film'; lowMm: number; highMm: number }
  /** Nothing of it comes here. */
  | { is: 'none' }
  | { is: 'refused'; because: 'comes_off' | 'gap_too_wide' };

/** A film that is pressed to nothing between machined faces, mm. */
const THIN_MM = { lowMm: 0.1, highMm: 0.2 } as const;
/** What a score of a bed or face is deep where it can be felt, mm. Common practice, no source. */
export const SCORED_MM = 0.15;

/**
 * The film at a place.
 * @param scoreMm how deep a score is there, 0 to 1 mm; only of a scored place
 */
export function filmAt(sealant: Sealant, place: FilmPlace, scoreMm = SCORED_MM): Film {
  const { mostGapMm, comesOff } = SEALANT_FACTS[sealant];
  if (comesOff) return { is: 'refused', because: 'comes_off' };
  if (place === 'oil_way' || (sealant === 'gasket_dry' && place !== 'scored')) return { is: 'none' };
  if (place !== 'scored') return { is: 'film', ...THIN_MM };
  if (scoreMm > mostGapMm) return { is: 'refused', because: 'gap_too_wide' };
  return { is: 'film', lowMm: THIN_MM.lowMm + scoreMm, highMm: THIN_MM.highMm + scoreMm };
}
