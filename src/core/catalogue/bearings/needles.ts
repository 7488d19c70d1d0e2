import { boreCode, readSizes } from './deepGroove';
import type { BearingRow, BearingType, Confidence } from './row';

/**
 * Needle bearings: drawn cups HK (open) and BK (one end closed), needle bearings with machined rings NK, NKI and NA, needle and cage
 * assemblies K; and flat thrust bearings 511 (balls) and AXK (needles). Under-roller diameter or bore 4–80 mm.
 * Source: ISO 3245 (drawn cups), ISO 1206 (rings), ISO 3030 (cages), ISO 104 and ISO 3031 (thrust), from memory.
 * Checked against: tests/reference/boundary.json (drawn cups).
 */
type Listed = {
  type: BearingType;
  series: string;
  designation: string;
  boreMm: number;
  outsideMm: number;
  widthMm: number;
  confidence: Confidence;
};

const withChamfer = (rows: readonly Listed[]): BearingRow[] =>
  rows.map((row) => ({ ...row, chamferMm: row.type === 'drawn_cup' ? 0.4 : row.outsideMm > 30 ? 0.6 : 0.3 }));

const two = (mm: number) => String(mm).padStart(2, '0');

/** Drawn cups: `F_w:D` and the lengths made. HK1210 has a thinner shell (16 mm outside) than the other 12 mm cups. */
const CUPS =
  '4:8:8 5:9:9 6:10:8,9 7:11:8,9 8:12:8,10 9:13:8,10,12 10:14:10,12,15 12:18:12 13:19:12 14:20:12,16 15:21:12,14,16,22 16:22:12,14,16,22 17:23:12,16 18:24:12,16 20:26:10,12,14,16,20,30 22:28:10,12,14,16,20 25:32:12,14,16,20,26,38 28:35:16,20 30:37:12,16,18,20,26,38 32:39:20,24 35:42:12,16,18,20,25 38:45:20 40:47:12,16,18,20 42:49:20 45:52:12,16,18,20 50:58:18,20,25 55:63:20,28 60:68:12,20,32 65:73:20 70:78:20';

const DRAWN_CUPS: Listed[] = ['HK', 'BK'].flatMap((series) => [
  {
    type: 'drawn_cup' as const,
    series,
    designation: `${series}1210`,
    boreMm: 12,
    outsideMm: 16,
    widthMm: 10,
    confidence: 'medium' as const,
  },
  ...CUPS.split(' ').flatMap((row) => {
    const [bore, outside, lengths] = row.split(':') as [string, string, string];
    return lengths.split(',').map((length): Listed => ({
      type: 'drawn_cup',
      series,
      designation: series + two(Number(bore)) + two(Number(length)),
      boreMm: Number(bore),
      outsideMm: Number(outside),
      widthMm: Number(length),
      confidence: series === 'HK' && Number(bore) <= 40 ? 'high' : 'medium',
    }));
  }),
]);

/** NK: `F_w:D` and widths. */
const NK_RINGS =
  '5:10:10,12 6:12:10,12 7:14:10,12 8:15:12,16 9:16:12,16 10:17:12,16 12:19:12,16 14:22:16,20 15:23:16,20 16:24:16,20 17:25:16,20 18:26:16,20 19:27:16,20 20:28:16,20 21:29:16,20 22:30:16,20 24:32:16,20 25:33:16,20 26:34:16,20 28:37:20,30 29:38:20,30 30:40:20,30 32:42:20,30 35:45:20,30 37:47:20,30 38:48:20,30 40:50:20,30 42:52:20,30 43:53:20,30 45:55:20,30 47:57:20,30 50:62:25,35 55:68:25,35 60:72:25,35 65:78:25,35 70:85:25,35';

/** NKI: with its own inner race; `bore:D` and widths. */
const NKI_RINGS =
  '5:15:12,16 6:16:12,16 7:17:12,16 9:19:12,16 10:22:16,20 12:24:16,20 15:27:16,20 17:29:16,20 20:32:16,20 22:34:16,20 25:38:20,30 28:42:20,30 30:45:20,30 32:47:20,30 35:50:20,30 38:53:20,30 40:55:20,30 42:57:20,30 45:62:25,35 50:68:25,35 55:72:25,35 60:82:25,35 65:90:25,35 70:95:25,35';

const ringsOf = (series: 'NK' | 'NKI', rings: string): Listed[] =>
  rings.split(' ').flatMap((row) => {
    const [bore, outside, widths] = row.split(':') as [string, string, string];
    return widths.split(',').map((width): Listed => ({
      type: 'needle_rings',
      series,
      designation: `${series} ${bore}/${width}`,
      boreMm: Number(bore),
      outsideMm: Number(outside),
      widthMm: Number(width),
      confidence: 'medium',
    }));
  });

const NA_SERIES: Record<string, string> = {
  NA49: '10:22x13 12:24x13 15:28x13 17:30x13 20:37x17 22:39x17 25:42x17 28:45x17 30:47x17 32:52x20 35:55x20 40:62x22 45:68x22 50:72x22 55:80x25 60:85x25 65:90x25 70:100x30 75:105x30 80:110x30',
  NA69: '12:24x22 15:28x23 17:30x23 20:37x30 22:39x30 25:42x30 28:45x30 30:47x30 32:52x36 35:55x36 40:62x40 45:68x40 50:72x40 55:80x45 60:85x45 65:90x45 70:100x54 75:105x54 80:110x54',
};

const fromSeries = (type: BearingType, series: string, rows: string, confidence: Confidence): Listed[] =>
  readSizes(rows).map((size) => ({
    ...size,
    type,
    series,
    confidence,
    designation: series + boreCode('62', size.boreMm),
  }));

const CAGES =
  '4:7x7 5:8x8 6:9x8 7:10x8 8:11x10 9:12x10 10:13x10 10:14x10 12:15x10 12:16x10 14:18x10 15:19x10 15:19x13 16:20x10 16:22x12 17:21x10 18:22x10 18:24x12 20:24x10 20:26x12 22:26x10 22:28x17 24:28x10 25:29x10 25:30x13 28:33x13 30:35x13 32:37x13 35:40x13 38:43x17 40:45x13 42:47x13 45:50x17 50:55x20 55:60x20 60:65x20 65:70x20 70:76x20 75:81x20 80:86x20';

const THRUST_511 =
  '10:24x9 12:26x9 15:28x9 17:30x9 20:35x10 25:42x11 30:47x11 35:52x12 40:60x13 45:65x14 50:70x14 55:78x16 60:85x17 65:90x18 70:95x18 75:100x19 80:105x19';
const THRUST_AXK =
  '6:19x2 8:21x2 10:24x2 12:26x2 15:28x2 17:30x2 20:35x2 25:42x2 30:47x2 35:52x2 40:60x3 45:65x3 50:70x3 55:78x3 60:85x3 65:90x3 70:95x4 75:100x4 80:105x4';

export const NEEDLES: readonly BearingRow[] = withChamfer([
  ...DRAWN_CUPS,
  ...ringsOf('NK', NK_RINGS),
  ...ringsOf('NKI', NKI_RINGS),
  ...Object.entries(NA_SERIES).flatMap(([series, rows]) =>
    fromSeries('needle_rings', series, rows, series === 'NA49' ? 'high' : 'medium'),
  ),
  ...readSizes(CAGES).map((size): Listed => ({
    ...size,
    type: 'needle_cage',
    series: 'K',
    designation: `K ${size.boreMm}x${size.outsideMm}x${size.widthMm}`,
    confidence: 'medium',
  })),
  ...fromSeries('thrust_ball', '511', THRUST_511, 'high'),
  ...readSizes(THRUST_AXK).map((size): Listed => ({
    ...size,
    type: 'thrust_needle',
    series: 'AXK',
    designation: `AXK${two(size.boreMm)}${size.outsideMm}`,
    confidence: 'high',
  })),
]);
