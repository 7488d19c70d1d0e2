import type { BearingRow, Confidence } from './row';

/**
 * Deep-groove ball bearings, bore 4–80 mm: boundary dimensions of ISO 15, dimension series 18, 19, 00/10, 10, 02, 03, 04, and the wide ones
 * that are sold sealed (22, 23, 30).
 * Source: ISO 15:2017, from memory. Checked against: tests/reference/boundary.json.
 *
 * Each series lists `bore:outside×width` in the order of its bores.
 */
const SERIES: Record<string, { rows: string; confidence: Confidence }> = {
  '618': {
    confidence: 'high',
    rows: '4:9x2.5 5:11x3 6:13x3.5 7:14x3.5 8:16x4 9:17x4 10:19x5 12:21x5 15:24x5 17:26x5 20:32x7 25:37x7 30:42x7 35:47x7 40:52x7 45:58x7 50:65x7 55:72x9 60:78x10 65:85x10 70:90x10 75:95x10 80:100x10',
  },
  '619': {
    confidence: 'high',
    rows: '4:11x4 5:13x4 6:15x5 7:17x5 8:19x6 9:20x6 10:22x6 12:24x6 15:28x7 17:30x7 20:37x9 25:42x9 30:47x9 35:55x10 40:62x12 45:68x12 50:72x12 55:80x13 60:85x13 65:90x13 70:100x16 75:105x16 80:110x16',
  },
  '160': {
    confidence: 'high',
    rows: '12:28x7 15:32x8 17:35x8 20:42x8 25:47x8 30:55x9 35:62x9 40:68x9 45:75x10 50:80x10 55:90x11 60:95x11 65:100x11 70:110x13 75:115x13 80:125x14',
  },
  '161': { confidence: 'medium', rows: '10:28x8 12:30x8' },
  '60': {
    confidence: 'high',
    rows: '4:12x4 5:14x5 6:17x6 7:19x6 8:22x7 9:24x7 10:26x8 12:28x8 15:32x9 17:35x10 20:42x12 22:44x12 25:47x12 28:52x12 30:55x13 32:58x13 35:62x14 40:68x15 45:75x16 50:80x16 55:90x18 60:95x18 65:100x18 70:110x20 75:115x20 80:125x22',
  },
  '62': {
    confidence: 'high',
    rows: '4:13x5 5:16x5 6:19x6 7:22x7 8:24x8 9:26x8 10:30x9 12:32x10 15:35x11 17:40x12 20:47x14 22:50x14 25:52x15 28:58x16 30:62x16 32:65x17 35:72x17 40:80x18 45:85x19 50:90x20 55:100x21 60:110x22 65:120x23 70:125x24 75:130x25 80:140x26',
  },
  '63': {
    confidence: 'high',
    rows: '4:16x5 5:19x6 6:22x7 7:26x9 8:28x9 9:30x10 10:35x11 12:37x12 15:42x13 17:47x14 20:52x15 22:56x16 25:62x17 28:68x18 30:72x19 32:75x20 35:80x21 40:90x23 45:100x25 50:110x27 55:120x29 60:130x31 65:140x33 70:150x35 75:160x37 80:170x39',
  },
  '622': {
    confidence: 'medium',
    rows: '10:30x14 12:32x14 15:35x14 17:40x16 20:47x18 25:52x18 30:62x20 35:72x23 40:80x23 45:85x23 50:90x23',
  },
  '623': {
    confidence: 'medium',
    rows: '10:35x17 12:37x17 15:42x17 17:47x19 20:52x21 25:62x24 30:72x27 35:80x31 40:90x33 45:100x36 50:110x40',
  },
  '630': {
    confidence: 'medium',
    rows: '10:26x12 12:28x12 15:32x13 17:35x14 20:42x16 25:47x16 30:55x19 35:62x20 40:68x21 45:75x23 50:80x23',
  },
  '64': {
    confidence: 'medium',
    rows: '17:62x17 20:72x19 25:80x21 30:90x23 35:100x25 40:110x27 45:120x29 50:130x31 55:140x33 60:150x35 65:160x37 70:180x42 75:190x45 80:200x48',
  },
};

export type ListedSize = { boreMm: number; outsideMm: number; widthMm: number };

/** Reads a list `bore:outside×width …`. */
export const readSizes = (rows: string): ListedSize[] =>
  rows.split(' ').map((row) => {
    const [boreMm, outsideMm, widthMm] = row.split(/[:x]/).map(Number) as [number, number, number];
    return { boreMm, outsideMm, widthMm };
  });

/** Bores that have a code of their own instead of bore / 5. ISO 15 practice. */
const CODE_OF_BORE: Record<number, string> = { 10: '00', 12: '01', 15: '02', 17: '03' };

/**
 * Bore as a designation's last part: `06` for 30 mm, `/28` for the in-between bores, and for bores under 10 mm the bare digit
 * (`608`) or, where the series has three digits, behind a stroke (`618/8`).
 */
export function boreCode(series: string, boreMm: number): string {
  if (boreMm < 10) return series.length > 2 ? `/${boreMm}` : String(boreMm);
  return CODE_OF_BORE[boreMm] ?? (boreMm % 5 === 0 ? String(boreMm / 5).padStart(2, '0') : `/${boreMm}`);
}

/** Smallest chamfer by bore, `up to bore: r_s`. Source: ISO 15, from memory; good to one step. */
const CHAMFERS: Record<string, readonly (readonly [upToBoreMm: number, chamferMm: number])[]> = {
  '618': [
    [9, 0.2],
    [50, 0.3],
    [55, 0.3],
    [80, 0.6],
  ],
  '619': [
    [30, 0.3],
    [50, 0.6],
    [65, 1],
    [80, 1],
  ],
  '160': [
    [40, 0.3],
    [80, 0.6],
  ],
  '161': [[12, 0.3]],
  '60': [
    [17, 0.3],
    [28, 0.6],
    [50, 1],
    [80, 1.1],
  ],
  '62': [
    [5, 0.2],
    [9, 0.3],
    [17, 0.6],
    [32, 1],
    [50, 1.1],
    [80, 1.5],
  ],
  '63': [
    [7, 0.3],
    [10, 0.6],
    [17, 1],
    [32, 1.1],
    [45, 1.5],
    [60, 2],
    [80, 2.1],
  ],
  '622': [
    [17, 0.6],
    [30, 1],
    [50, 1.1],
  ],
  '623': [
    [17, 1],
    [30, 1.1],
    [45, 1.5],
    [50, 2],
  ],
  '630': [
    [17, 0.3],
    [25, 0.6],
    [50, 1],
  ],
  '64': [
    [20, 1.1],
    [35, 1.5],
    [45, 2],
    [80, 2.1],
  ],
};

export const chamferOf = (series: string, boreMm: number) =>
  CHAMFERS[series]?.find(([upToMm]) => boreMm <= upToMm)?.[1] ?? 0.3;

export const DEEP_GROOVE: readonly BearingRow[] = Object.entries(SERIES).flatMap(
  ([series, { rows, confidence }]) =>
    readSizes(rows).map((size): BearingRow => ({
      ...size,
      series,
      confidence,
      type: 'deep_groove',
      designation: series + boreCode(series, size.boreMm),
      chamferMm: chamferOf(series, size.boreMm),
    })),
);

/** Sizes of one series, for the cylindrical roller bearings that share them. */
export const sizesOf = (series: '60' | '62' | '63') => readSizes(SERIES[series]!.rows);
