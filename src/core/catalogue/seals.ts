import type { SealMaterial } from './materials';

/**
 * Rotary shaft seals: sizes of ISO 6194-1 (shaft × housing × width) for shafts of 6–80 mm, types and materials; O-ring sections of
 * ISO 3601-1. From memory. Checked against: tests/reference/rings_seals.json.
 */
export type SealSize = { shaftMm: number; housingMm: number; widthMm: number };

/** `shaft:housings×width` */
const SIZES =
  '6:16,22x7 7:22x7 8:22,24x7 9:22x7 10:22,25x7 12:24,25,30x7 15:26,30,35x7 16:30x7 18:30,35x7 20:35,40x7 22:35,40,47x7 25:40,47,52x7 28:40,47,52x7 30:42,47,52x7 32:45,47,52x8 35:50,52,55x8 38:55,58,62x8 40:55,62x8 42:55,62x8 45:62,65x8 50:68,72x8 55:72,80x8 60:80,85x8 65:85,90x10 70:90,95x10 75:95,100x10 80:100,110x10';

export const SEAL_SIZES: readonly SealSize[] = SIZES.split(' ').flatMap((row) => {
  const [shaft, housings, width] = row.split(/[:x]/) as [string, string, string];
  return housings
    .split(',')
    .map((housing) => ({ shaftMm: Number(shaft), housingMm: Number(housing), widthMm: Number(width) }));
});

export const isStandardSeal = ({ shaftMm, housingMm, widthMm }: SealSize) =>
  SEAL_SIZES.some(
    (size) => size.shaftMm === shaftMm && size.housingMm === housingMm && size.widthMm === widthMm,
  );

/** Seals as measured, nearest first. */
export const findSealsBySize = (measured: SealSize, withinMm: number) =>
  SEAL_SIZES.map((size) => ({
    size,
    apartMm:
      Math.abs(size.shaftMm - measured.shaftMm) +
      Math.abs(size.housingMm - measured.housingMm) +
      Math.abs(size.widthMm - measured.widthMm),
  }))
    .filter(
      ({ size }) =>
        Math.max(
          Math.abs(size.shaftMm - measured.shaftMm),
          Math.abs(size.housingMm - measured.housingMm),
          Math.abs(size.widthMm - measured.widthMm),
        ) <= withinMm,
    )
    .sort((a, b) => a.apartMm - b.apartMm);

/** Types by build, in words; ISO 6194-1 has types 1–6 in this order. From memory. */
export const SEAL_TYPES = [
  { code: 'rubber', meaning: 'rubber outside, one lip' },
  { code: 'metal', meaning: 'bare metal outside, one lip' },
  { code: 'built-up', meaning: 'metal outside with an inner shell, one lip' },
  { code: 'rubber with dust lip', meaning: 'rubber outside, second lip outward against dirt' },
  { code: 'metal with dust lip', meaning: 'bare metal outside, second lip outward against dirt' },
  { code: 'built-up with dust lip', meaning: 'metal outside with an inner shell, second lip outward' },
] as const;

/** Fastest lip speed by material, m/s. From memory; NBR 12–14 in oil. */
export const LIP_SPEED_LIMIT_M_S: Record<SealMaterial, number> = { nbr: 12, acm: 25, fkm: 35 };

/** Sections of O-rings, mm: ISO 3601-1 and the common metric ones. From memory. */
export const O_RING_SECTIONS_MM = {
  inch: [1.78, 2.62, 3.53, 5.33, 6.99],
  metric: [1, 1.5, 2, 2.5, 3, 3.5, 4, 5],
} as const;
