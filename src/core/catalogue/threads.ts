import { MM_PER_INCH } from '@/core/quantity/inch';

/**
 * Metric threads M3–M24, coarse and the common fine pitches; stress area and proof loads.
 *
 * d₂ = d − 0.649519·P, d₃ = d − 1.226869·P, A_s = π/4·((d₂ + d₃)/2)².
 * Source: ISO 261 (pitches), ISO 898-1 (stress area, proof stress), from memory. Checked against: tests/reference/press_rod.json.
 */
export type ThreadSize = { diameterMm: number; pitchMm: number };

const COARSE: Record<number, number> = {
  3: 0.5,
  4: 0.7,
  5: 0.8,
  6: 1,
  7: 1,
  8: 1.25,
  10: 1.5,
  12: 1.75,
  14: 2,
  16: 2,
  18: 2.5,
  20: 2.5,
  22: 2.5,
  24: 3,
};
const FINE: Record<number, readonly number[]> = {
  8: [1],
  10: [1.25, 1],
  12: [1.5, 1.25, 1],
  14: [1.5],
  16: [1.5, 1],
  18: [1.5, 2],
  20: [1.5, 2],
  22: [1.5],
  24: [2, 1.5],
};

export const THREADS: readonly (ThreadSize & { isCoarse: boolean })[] = Object.entries(COARSE).flatMap(
  ([diameter, coarse]) => {
    const diameterMm = Number(diameter);
    return [
      { diameterMm, pitchMm: coarse, isCoarse: true },
      ...(FINE[diameterMm] ?? []).map((pitchMm) => ({ diameterMm, pitchMm, isCoarse: false })),
    ];
  },
);

export const coarsePitchMm = (diameterMm: number): number | null => COARSE[diameterMm] ?? null;

export const pitchDiameterMm = ({ diameterMm, pitchMm }: ThreadSize) => diameterMm - 0.649519 * pitchMm;
export const coreDiameterMm = ({ diameterMm, pitchMm }: ThreadSize) => diameterMm - 1.226869 * pitchMm;
export const stressAreaMm2 = (thread: ThreadSize) =>
  (Math.PI / 4) * ((pitchDiameterMm(thread) + coreDiameterMm(thread)) / 2) ** 2;

export const STRENGTH_CLASSES = ['4.6', '4.8', '5.6', '5.8', '6.8', '8.8', '9.8', '10.9', '12.9'] as const;
export type StrengthClass = (typeof STRENGTH_CLASSES)[number];

/** An unmarked rod or bolt is taken as the weakest. Common practice, no source. */
export const UNMARKED: StrengthClass = '4.6';

const PROOF_MPA: Record<StrengthClass, number> = {
  '4.6': 225,
  '4.8': 310,
  '5.6': 280,
  '5.8': 380,
  '6.8': 440,
  '8.8': 580,
  '9.8': 650,
  '10.9': 830,
  '12.9': 970,
};

/** Proof stress, MPa; 8.8 is 580 up to M16 and 600 above. ISO 898-1 table 3, from memory. */
export const proofStressMPa = (strength: StrengthClass, diameterMm: number) =>
  strength === '8.8' && diameterMm > 16 ? 600 : PROOF_MPA[strength];

/** Numbered inch sizes: diameter 0.060 in + 0.013 in × number. ASME B1.1, from memory. */
const numberedMm = (number: number) => (0.06 + 0.013 * number) * MM_PER_INCH;

/** `1/4-20`, `#10-24`, `.375-16`: diameter in inches, or its number, and threads per inch. ASME B1.1, from memory. */
function parseInchThread(text: string): ThreadSize | null {
  const match = /^(?:#(\d{1,2})|(\d+)\/(\d+)|(\d?\.\d+))"?\s*-\s*(\d{1,2})$/.exec(text.trim());
  if (!match) return null;
  const [, number, over, under, decimal, perInch] = match;
  const diameterMm = number
    ? numberedMm(Number(number))
    : (decimal ? Number(decimal) : Number(over) / Number(under)) * MM_PER_INCH;
  const pitchMm = MM_PER_INCH / Number(perInch);
  return Number.isFinite(diameterMm) && pitchMm < diameterMm / 2 ? { diameterMm, pitchMm } : null;
}

/** `M10`, `m20x1.5`, `M8 x 1`, `1/4-20`. @returns null when it is no thread */
export function parseThread(text: string): ThreadSize | null {
  const inch = parseInchThread(text);
  if (inch) return inch;
  const match = /^m\s*(\d+(?:[.,]\d+)?)(?:\s*[x×*]\s*(\d+(?:[.,]\d+)?))?$/i.exec(text.trim());
  if (!match) return null;
  const diameterMm = Number(match[1]!.replace(',', '.'));
  const pitchMm = match[2] ? Number(match[2].replace(',', '.')) : coarsePitchMm(diameterMm);
  return pitchMm !== null && pitchMm > 0 && pitchMm < diameterMm / 2 ? { diameterMm, pitchMm } : null;
}
