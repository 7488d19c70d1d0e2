import { boreCode, chamferOf, readSizes, sizesOf, type ListedSize } from './deepGroove';
import type { BearingRow } from './row';

/**
 * Cylindrical roller bearings N, NU, NJ, NUP in dimension series 02, 22, 03 and 23, NU in 10 (ISO 15), bore 15–80 mm, and tapered
 * roller bearings of series 320, 302, 303, 322, 323, 330 (ISO 355), bore 15–80 mm.
 * Source: ISO 15:2017 and ISO 355:2019, from memory. Checked against: tests/reference/boundary.json.
 */
const WIDE_22 = readSizes(
  '17:40x16 20:47x18 25:52x18 30:62x20 35:72x23 40:80x23 45:85x23 50:90x23 55:100x25 60:110x28 65:120x31 70:125x31 75:130x31 80:140x33',
);

const WIDE_23 = readSizes(
  '20:52x21 25:62x24 30:72x27 35:80x31 40:90x33 45:100x36 50:110x40 55:120x43 60:130x46 65:140x48 70:150x51 75:160x55 80:170x58',
);

/** What the rims do: which race comes apart, and which way the shaft is held. Source: ISO 5593 and common practice. */
export const RIMS = {
  NU: 'two ribs on the outer race, none on the inner: the inner race slides out both ways, the shaft floats',
  NJ: 'two ribs on the outer race, one on the inner: the inner race comes out one way and holds the shaft the other way',
  NUP: 'as NJ with a loose rib washer: holds the shaft both ways',
  N: 'two ribs on the inner race, none on the outer: the outer race slides off, the shaft floats',
} as const;

const isRegular = ({ boreMm }: ListedSize) => boreMm >= 15 && ![22, 28, 32].includes(boreMm);

const cylindrical = (
  rims: keyof typeof RIMS,
  widthSeries: '10' | '2' | '22' | '3' | '23',
  sizes: readonly ListedSize[],
): BearingRow[] =>
  sizes.filter(isRegular).map((size) => ({
    ...size,
    type: 'cylindrical_roller',
    series: rims + widthSeries,
    confidence: rims === 'N' || !['2', '3'].includes(widthSeries) ? 'medium' : 'high',
    designation: `${rims} ${widthSeries}${boreCode('62', size.boreMm)}`,
    chamferMm: chamferOf(widthSeries.endsWith('3') ? '63' : widthSeries === '10' ? '60' : '62', size.boreMm),
  }));

export const CYLINDRICAL: readonly BearingRow[] = (Object.keys(RIMS) as (keyof typeof RIMS)[]).flatMap(
  (rims) => [
    ...cylindrical(rims, '2', sizesOf('62')),
    ...cylindrical(rims, '22', WIDE_22),
    ...cylindrical(rims, '3', sizesOf('63')),
    ...cylindrical(rims, '23', WIDE_23),
    ...(rims === 'NU' ? cylindrical(rims, '10', sizesOf('60')) : []),
  ],
);

/** `bore:outside×T×C`: assembled width T and width C of the cup. */
const TAPERED_SERIES: Record<string, string> = {
  320: '20:42x15x12 22:44x15x11.5 25:47x15x11.5 28:52x16x12 30:55x17x13 32:58x17x13 35:62x18x14 40:68x19x14.5 45:75x20x15.5 50:80x20x15.5 55:90x23x17.5 60:95x23x17.5 65:100x23x17.5 70:110x25x19 75:115x25x19 80:125x29x22',
  302: '15:35x11.75x10 17:40x13.25x11 20:47x15.25x12 25:52x16.25x13 28:58x17.25x14 30:62x17.25x14 32:65x18.25x15 35:72x18.25x15 40:80x19.75x16 45:85x20.75x16 50:90x21.75x17 55:100x22.75x18 60:110x23.75x19 65:120x24.75x20 70:125x26.25x21 75:130x27.25x22 80:140x28.25x22',
  303: '15:42x14.25x11 17:47x15.25x12 20:52x16.25x13 25:62x18.25x15 30:72x20.75x16 35:80x22.75x18 40:90x25.25x20 45:100x27.25x22 50:110x29.25x23 55:120x31.5x25 60:130x33.5x26 65:140x36x28 70:150x38x30 75:160x40x31 80:170x42.5x33',
  323: '17:47x20.25x16 20:52x22.25x18 25:62x25.25x20 30:72x28.75x23 35:80x32.75x25 40:90x35.25x27 45:100x38.25x30 50:110x42.25x33 55:120x45.5x35 60:130x48.5x37 65:140x51x39 70:150x54x42 75:160x58x45 80:170x61.5x48',
  330: '25:47x17x14 30:55x20x16 35:62x21x17 40:68x22x18 45:75x24x19 50:80x24x19 55:90x27x21 60:95x27x21 65:100x27x21 70:110x31x25.5 75:115x31x25.5 80:125x36x29.5',
  322: '17:40x17.25x14 20:47x19.25x15 25:52x19.25x15 28:58x20.25x16 30:62x21.25x17 32:65x22.25x17 35:72x24.25x19 40:80x24.75x19 45:85x24.75x19 50:90x24.75x19 55:100x26.75x21 60:110x29.75x24 65:120x32.75x27 70:125x33.25x27 75:130x33.25x27 80:140x35.25x28',
};

export const TAPERED: readonly BearingRow[] = Object.entries(TAPERED_SERIES).flatMap(([series, rows]) =>
  rows.split(' ').map((row): BearingRow => {
    const [boreMm, outsideMm, widthMm, cupWidthMm] = row.split(/[:x]/).map(Number) as [
      number,
      number,
      number,
      number,
    ];
    return {
      boreMm,
      outsideMm,
      widthMm,
      cupWidthMm,
      series,
      type: 'tapered_roller',
      confidence: ['322', '323', '330'].includes(series) ? 'medium' : 'high',
      designation: series + boreCode('62', boreMm) + (series === '320' ? ' X' : ''),
      chamferMm: chamferOf('62', boreMm),
    };
  }),
);
