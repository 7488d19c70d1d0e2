/**
 * What can be done about a seat that does not hold or a part that does not go. Common practice, no source, unless said.
 */
export type Remedy = {
  code:
    | 'sleeve'
    | 'retaining_compound'
    | 'solder_tinning'
    | 'new_casting'
    | 'heat_and_chill'
    | 'ream_bore'
    | 'measure_again'
    | 'higher_clearance_group'
    | 'hold_axially';
  /** Largest gap on diameter that it takes up, mm; null where it does not matter. */
  upToGapMm: number | null;
  warning: 'temperature_limit' | 'off_centre_by_half_the_gap' | 'never_peen' | 'needs_wall' | null;
};

/**
 * Retaining compound: up to 0.15 mm on diameter, shear strength by temperature. From memory: about 20 MPa at 20 °C, half at 120 °C,
 * design value 3 MPa after ageing and oil.
 */
export const RETAINING_COMPOUND = { maxGapMm: 0.15, designShearMPa: 3, limitC: 150 } as const;

/** A sleeve needs this much on diameter, or its wall is foil. Common practice, no source. */
const SLEEVE_FROM_MM = 0.25;

/** Axial force that a bonded seat holds, N: τ·π·d·B at the derated strength. */
export const bondedHoldN = ({ diameterMm, widthMm }: { diameterMm: number; widthMm: number }) =>
  RETAINING_COMPOUND.designShearMPa * Math.PI * diameterMm * widthMm;

/** Remedies for a seat with the interference given (negative: gap), mildest first. */
export function remediesFor({
  interferenceMm,
  isRotatingLoad,
}: {
  interferenceMm: number;
  isRotatingLoad: boolean;
}): Remedy[] {
  const gapMm = -interferenceMm;
  if (gapMm <= 0)
    return [
      { code: 'heat_and_chill', upToGapMm: null, warning: null },
      { code: 'higher_clearance_group', upToGapMm: null, warning: null },
    ];
  const remedies: Remedy[] = [];
  if (!isRotatingLoad && gapMm <= 0.02)
    remedies.push({ code: 'hold_axially', upToGapMm: 0.02, warning: null });
  if (gapMm <= RETAINING_COMPOUND.maxGapMm)
    remedies.push({
      code: 'retaining_compound',
      upToGapMm: RETAINING_COMPOUND.maxGapMm,
      warning: gapMm > 0.05 ? 'off_centre_by_half_the_gap' : 'temperature_limit',
    });
  remedies.push({ code: 'solder_tinning', upToGapMm: 0.3, warning: 'never_peen' });
  // A smaller gap is bored out until a sleeve has its wall.
  remedies.push({ code: 'sleeve', upToGapMm: null, warning: gapMm < SLEEVE_FROM_MM ? 'needs_wall' : null });
  remedies.push({ code: 'new_casting', upToGapMm: null, warning: null });
  return remedies;
}

/**
 * Nip that a race under load F_r needs so that it does not walk, µm: 0.08·√(d/B·F_r). Source: bearing makers' handbook practice, from
 * memory.
 */
export const neededNipUm = ({ boreMm, widthMm, loadN }: { boreMm: number; widthMm: number; loadN: number }) =>
  0.08 * Math.sqrt((boreMm / widthMm) * loadN);

/** Out-of-round that a thin race may copy, µm: IT5/2. From memory. */
export const outOfRoundLimitUm = (it5Um: number) => it5Um / 2;

/** What a pressed bush's bore comes to: its free bore less the contraction that Lamé gives. */
export const bushBoreAfterFitting = ({
  freeBoreMm,
  contractionMm,
}: {
  freeBoreMm: number;
  contractionMm: number;
}) => freeBoreMm - contractionMm;
