/**
 * What a contact-free thermometer's figure is worth on bare metal.
 *
 * Grey body: ε_set·T_shown⁴ + (1 − ε_set)·T_bg⁴ = ε·T⁴ + (1 − ε)·T_bg⁴, in kelvin, all wavelengths together.
 * Below ε 0.5 the figure is mostly the reflected room: no corrected figure is given, only a range and "matt tape or contact probe".
 * Source: Stefan–Boltzmann for a grey body in an enclosure, Incropera & DeWitt ch. 12 (from memory). Real instruments look at
 * 8–14 µm, where the fourth power is somewhat off; that lies inside the doubt of ε.
 * Checked against: 36 °C shown with the instrument set to 0.95 on ε 0.10 ± 0.05 is 95–175 °C.
 */
export type ShinyReading = {
  /** Null where ε is too low to say one figure. */
  metalC: number | null;
  /** Null where no metal of that emissivity could show this in such a room. */
  lowC: number | null;
  highC: number | null;
  advice: 'use_as_is' | 'matt_tape_or_contact_probe';
};

/** A contact probe on a matt spot, held still, standard uncertainty, K. Common practice, no source. */
export const U_PROBE_K = 1.2;

/** What was read on a casting; `uK`, standard uncertainty: left out where it was a contact probe. */
export type ReadC = { atMs: number; celsius: number; uK?: number };

/** What was read on a casting is known so well, K: by its instrument, but never better than a probe that is held there. */
export const readDoubtK = (instrumentU: number | undefined): number => Math.max(U_PROBE_K, instrumentU ?? 0);

const KELVIN = 273.15;
const LEAST_TRUSTED_EMISSIVITY = 0.5;

function solve(
  shownC: number,
  setEmissivity: number,
  emissivity: number,
  backgroundC: number,
): number | null {
  if (emissivity <= 0) return null;
  const [shown, background] = [(shownC + KELVIN) ** 4, (backgroundC + KELVIN) ** 4];
  const fourth =
    (setEmissivity * shown + (1 - setEmissivity) * background - (1 - emissivity) * background) / emissivity;
  return fourth > 0 ? fourth ** 0.25 - KELVIN : null;
}

/** What a contact-free thermometer shows on metal of that emissivity, °C: the same equation the other way round. */
export function shownOnMetal({
  metalC,
  setEmissivity,
  emissivity,
  backgroundC,
}: {
  metalC: number;
  setEmissivity: number;
  emissivity: number;
  backgroundC: number;
}): number {
  const [metal, background] = [(metalC + KELVIN) ** 4, (backgroundC + KELVIN) ** 4];
  const seen = emissivity * metal + (setEmissivity - emissivity) * background;
  return (seen / setEmissivity) ** 0.25 - KELVIN;
}

export function metalFromShown({
  shownC,
  setEmissivity,
  emissivity,
  uEmissivity,
  backgroundC,
}: {
  shownC: number;
  setEmissivity: number;
  emissivity: number;
  uEmissivity: number;
  backgroundC: number;
}): ShinyReading {
  const ends = [emissivity + uEmissivity, emissivity - uEmissivity].map((e) =>
    solve(shownC, setEmissivity, Math.min(1, e), backgroundC),
  );
  const known = ends.filter((celsius): celsius is number => celsius !== null);
  const isTrusted = emissivity >= LEAST_TRUSTED_EMISSIVITY;
  return {
    metalC: isTrusted ? solve(shownC, setEmissivity, emissivity, backgroundC) : null,
    lowC: known.length > 0 ? Math.min(...known) : null,
    highC: ends.includes(null) ? null : Math.max(...known),
    advice: isTrusted ? 'use_as_is' : 'matt_tape_or_contact_probe',
  };
}
