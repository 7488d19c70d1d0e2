import { describe, expect, it } from 'vitest';
import { BEARINGS } from './catalogue';
import { parseBearing } from './designation';

/** Boundary dimensions of ISO 15, ISO 355, ISO 3245 and ISO 1206, from memory: sizes that were missing, or end a family. */
describe('families from 4 to 80 mm of bore', () => {
  it.each([
    ['634', 4, 16, 5],
    ['635', 5, 19, 6],
    ['636', 6, 22, 7],
    ['637', 7, 26, 9],
    ['638', 8, 28, 9],
    ['639', 9, 30, 10],
    ['604', 4, 12, 4],
    ['625', 5, 16, 5],
    ['618/4', 4, 9, 2.5],
    ['619/5', 5, 13, 4],
    ['62205-2RS', 25, 52, 18],
    ['62304 2RS', 20, 52, 21],
    ['63006-2RS', 30, 55, 19],
    ['NU 2305', 25, 62, 24],
    ['NU 1010', 50, 80, 16],
    ['32308', 40, 90, 35.25],
    ['33010', 50, 80, 24],
    ['HK1416', 14, 20, 16],
    ['HK0408', 4, 8, 8],
    ['HK4520', 45, 52, 20],
    ['BK1416', 14, 20, 16],
    ['NK 5/12', 5, 10, 12],
    ['NKI 20/16', 20, 32, 16],
    ['K 80x86x20', 80, 86, 20],
  ])('%s is %f × %f × %f', (designation, boreMm, outsideMm, widthMm) => {
    const parsed = parseBearing(designation);
    expect(parsed.ok && parsed.value).toMatchObject({ boreMm, outsideMm, widthMm });
  });

  it('no designation stands twice', () =>
    expect(new Set(BEARINGS.map(({ designation }) => designation)).size).toBe(BEARINGS.length));
});
