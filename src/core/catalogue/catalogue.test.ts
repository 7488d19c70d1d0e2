import { describe, expect, it } from 'vitest';
import { referenceCases } from '../../../tests/support/reference';
import { findBearingBoreLimits, findBearingOutsideLimits, findRadialClearances } from './bearingLimits';
import { BEARINGS, findBearingsBySize } from './bearings/catalogue';
import { parseBearing } from './bearings/designation';
import { bearingBody, bearingInside } from './bearings/inside';
import { BEARING_TYPES } from './bearings/row';
import {
  findLimits,
  findZoneUm,
  HOLE_CLASSES,
  isToleranceClass,
  SHAFT_CLASSES,
  SIZE_STEPS_MM,
} from './limits';
import { findRetainingRing, RETAINING_RINGS, type RingStandard } from './retainingRings';
import { findSealsBySize, isStandardSeal } from './seals';
import { parseThread, proofStressMPa, stressAreaMm2, THREADS } from './threads';

const read = (text: string) => {
  const parsed = parseBearing(text);
  if (!parsed.ok) throw new Error(`not read: ${text}`);
  return parsed.value;
};

describe('bearings (reference: tests/reference/boundary.json; ISO 15, ISO 355, ISO 3245 from memory)', () => {
  it.each(referenceCases<{ designation: string }>('boundary'))(
    '$inputs.designation',
    ({ inputs, expected }) => {
      const { boreMm, outsideMm, widthMm } = read(inputs.designation);
      const wanted = [
        expected.d_mm ?? expected.Fw_mm,
        expected.D_mm,
        expected.B_mm ?? expected.T_mm ?? expected.C_mm,
      ];
      expect([boreMm, outsideMm, widthMm]).toEqual(wanted);
    },
  );
  it('bore code × 5 from 04 on, as ISO 15 designations have it', () => {
    const coded = BEARINGS.filter(
      ({ type, designation }) =>
        type === 'deep_groove' &&
        /\d0[4-9]$|\d1[0-6]$/.test(designation) &&
        designation.length > 3 &&
        !designation.includes('/'),
    );
    expect(coded.length).toBeGreaterThan(70);
    for (const { designation, boreMm } of coded)
      expect(boreMm, designation).toBe(Number(designation.slice(-2)) * 5);
  });
  it('every row is sound: outside beyond bore, sizes grow with the bore inside a series, chamfer far below the width', () => {
    for (const row of BEARINGS) {
      expect(row.outsideMm, row.designation).toBeGreaterThan(row.boreMm);
      expect(2 * row.chamferMm, row.designation).toBeLessThan(row.widthMm);
      const next = BEARINGS.filter(
        ({ series, boreMm }) => series === row.series && series !== 'K' && boreMm > row.boreMm,
      );
      for (const bigger of next)
        expect(bigger.outsideMm, `${row.designation} and ${bigger.designation}`).toBeGreaterThanOrEqual(
          row.outsideMm,
        );
    }
  });
  it('every designation in the tables is read back as itself', () => {
    for (const row of BEARINGS) expect(read(row.designation).designation).toBe(row.designation);
    expect(new Set(BEARINGS.map(({ type }) => type))).toEqual(new Set(BEARING_TYPES));
  });
  it.each([
    ['6306 C3', 'open', 'C3', 30],
    ['6206-2RS C3', 'sealed', 'C3', 30],
    ['6204-2Z', 'shielded', 'CN', 20],
    ['60/28', 'open', 'CN', 28],
    ['6202c3', 'open', 'C3', 15],
    ['NJ206', 'open', 'CN', 30],
    ['nu 305 ecp c4', 'open', 'C4', 25],
    ['hk2016', 'open', 'CN', 20],
    ['32005X', 'open', 'CN', 25],
    ['32005', 'open', 'CN', 25],
    ['6905', 'open', 'CN', 25],
    ['608 zz', 'shielded', 'CN', 8],
    ['K 21x25x13', 'open', 'CN', 21],
    ['K21×25×13', 'open', 'CN', 21],
    ['6305 NR', 'open', 'CN', 25],
  ])('reads %s', (text, closure, clearanceGroup, boreMm) =>
    expect(read(text)).toMatchObject({ closure, clearanceGroup, boreMm }),
  );
  it('says what each part of a designation means', () => {
    expect(read('6206-2RS C3').features.map(({ code }) => code)).toEqual(['62', '06', '2RS', 'C3']);
    expect(read('NJ 206 TN9').features.at(-1)!.meaning).toContain('120 °C');
    expect(read('6305-NR').hasRingGroove).toBe(true);
    expect(read('32005 X').cupWidthMm).toBe(11.5);
  });
  it.each(['', '6399', '62', 'hello', '6206-QQ', 'K 20x10x5'])('does not guess at “%s”', (text) =>
    expect(parseBearing(text).ok).toBe(false),
  );
  it('finds by measured size, nearest first, with what does not match', () => {
    expect(findBearingsBySize({ boreMm: 25, outsideMm: 62, widthMm: 17 }, 0.1)[0]).toMatchObject({
      apartMm: 0,
      bearing: { designation: '6305' },
    });
    const wrongYear = findBearingsBySize({ boreMm: 25, outsideMm: 51, widthMm: 15 }, 1.05)[0]!;
    expect(wrongYear).toMatchObject({ outsideMm: 1, bearing: { designation: '6205' } });
    expect(findBearingsBySize({ boreMm: 300 }, 1)).toEqual([]);
  });
  it('a 30 × 62 × 16 weighs about 0.20 kg, and its effective outer track lies near 53.8 (both from memory)', () => {
    expect(bearingBody({ boreMm: 30, outsideMm: 62, widthMm: 16 }).massKg).toBeCloseTo(0.2, 2);
    expect(Math.abs(bearingInside({ boreMm: 30, outsideMm: 62 }).outerTrackMm - 53.8)).toBeLessThan(0.3);
  });
});

describe('limits (reference: tests/reference/iso286.json; ISO 286-2 from memory)', () => {
  it.each(referenceCases<{ nominal_mm: number; classes: string[] }>('iso286'))(
    'ISO 286-2 at $inputs.nominal_mm mm',
    ({ inputs, expected }) => {
      for (const each of inputs.classes) {
        const limits = isToleranceClass(each) ? findLimits(inputs.nominal_mm, each) : null;
        expect({ upper_um: limits?.upperUm, lower_um: limits?.lowerUm }, each).toEqual(expected[each]);
      }
    },
  );

  const steps = SIZE_STEPS_MM.slice(0, -1).map((low, i) => [low, SIZE_STEPS_MM[i + 1]!] as const);
  const middle = ([low, high]: readonly [number, number]) => Math.sqrt(low * high);
  const unit = (mm: number) => 0.45 * Math.cbrt(mm) + 0.001 * mm;
  it.each([
    [5, 7],
    [6, 10],
    [7, 16],
    [8, 25],
  ] as const)(
    'IT%i is %i·i, i = 0.45·∛D + 0.001·D, but for the roundings named (ISO 286-1)',
    (grade, factor) => {
      const apart = steps
        .filter((step) => Math.round(factor * unit(middle(step))) !== findZoneUm(step[1], grade))
        .map(([low]) => low);
      // Where the standard's table was rounded otherwise than to the nearest: the table is right.
      const named: Record<number, number[]> = { 5: [], 6: [3], 7: [6, 10], 8: [] };
      expect(apart).toEqual(named[grade]);
    },
  );
  it.each([
    ['g6', (d: number) => -2.5 * d ** 0.34],
    ['n6', (d: number) => 5 * d ** 0.34],
    ['k6', (d: number) => 0.6 * Math.cbrt(d)],
  ] as const)('the near end of %s follows its formula within 1 µm (ISO 286-1)', (shaftClass, formula) => {
    for (const step of steps) {
      const { lowerUm, upperUm } = findLimits(step[1], shaftClass)!;
      expect(Math.abs((shaftClass === 'g6' ? upperUm : lowerUm) - formula(middle(step)))).toBeLessThanOrEqual(
        1.05,
      );
    }
  });
  it('limits are monotone: a wider grade encloses the narrower, a later letter is tighter, a bigger size has the wider zone', () => {
    for (const nominal of [4, 8, 15, 25, 40, 62, 72, 90, 150, 220]) {
      const at = (each: (typeof HOLE_CLASSES)[number] | (typeof SHAFT_CLASSES)[number]) =>
        findLimits(nominal, each)!;
      expect(at('H7').upperUm).toBeGreaterThan(at('H6').upperUm);
      const letters = ['G7', 'H7', 'K7', 'M7', 'N7', 'P7', 'R7'] as const;
      letters
        .slice(1)
        .forEach((letter, i) =>
          expect(at(letter).lowerUm, `${letter} at ${nominal}`).toBeLessThan(at(letters[i]!).lowerUm),
        );
      const shafts = ['g6', 'h6', 'k6', 'm6', 'n6', 'p6', 'r6'] as const;
      shafts
        .slice(1)
        .forEach((letter, i) =>
          expect(at(letter).lowerUm, `${letter} at ${nominal}`).toBeGreaterThan(at(shafts[i]!).lowerUm),
        );
    }
    steps
      .slice(1)
      .forEach(([, high], i) => expect(findZoneUm(high, 7)!).toBeGreaterThan(findZoneUm(steps[i]![1], 7)!));
  });
  it('says nothing outside its table', () =>
    expect([findLimits(3, 'N7'), findLimits(251, 'N7'), findZoneUm(1, 7)]).toEqual([null, null, null]));
});

describe('bearing tolerances and clearance (reference: tests/reference/iso492_5753.json)', () => {
  it.each(
    referenceCases<{ standard: string; what?: string; nominal_mm: number; bore_mm: number }>('iso492_5753'),
  )('$id $note', ({ inputs, expected }) => {
    if (inputs.standard === 'ISO 492') {
      const limits = (
        inputs.what === 'outer_ring_delta_Dmp' ? findBearingOutsideLimits : findBearingBoreLimits
      )(inputs.nominal_mm)!;
      expect({ upper_um: limits.upperUm, lower_um: limits.lowerUm }).toEqual(expected);
      return;
    }
    const groups = findRadialClearances(inputs.bore_mm)!;
    expect(
      Object.fromEntries(
        Object.entries(groups).map(([group, { minUm, maxUm }]) => [group, { min_um: minUm, max_um: maxUm }]),
      ),
    ).toEqual(expected);
  });
  it('tapered cups have their own table: 30–50 0/−14, 50–80 0/−16 (from memory)', () =>
    expect([
      findBearingOutsideLimits(47, true)!.lowerUm,
      findBearingOutsideLimits(62, true)!.lowerUm,
    ]).toEqual([-14, -16]));
  it('cylindrical rollers of 24–30 mm bore: CN 20–45, C3 35–60 (from memory)', () => {
    expect(findRadialClearances(30, 'cylindrical_roller')).toMatchObject({
      CN: { minUm: 20, maxUm: 45 },
      C3: { minUm: 35, maxUm: 60 },
    });
  });
  it('groups step up and leave no gap of more than 5 µm', () => {
    for (const bore of [8, 17, 25, 45, 75])
      for (const type of ['deep_groove', 'cylindrical_roller'] as const) {
        const groups = Object.values(findRadialClearances(bore, type) ?? {});
        groups.slice(1).forEach((group, i) => {
          expect(group.minUm).toBeGreaterThan(groups[i]!.minUm);
          expect(group.minUm).toBeLessThanOrEqual(groups[i]!.maxUm + 5);
        });
      }
  });
  it('says nothing outside', () =>
    expect([
      findBearingOutsideLimits(300),
      findBearingBoreLimits(2),
      findRadialClearances(200),
      findRadialClearances(5),
    ]).toEqual([null, null, null, null]));
});

describe('retaining rings, seals, threads (reference: tests/reference/rings_seals.json)', () => {
  it.each(
    referenceCases<{
      kind: string;
      nominal_mm: number;
      shaft_mm: number;
      housing_mm: number;
      width_mm: number;
    }>('rings_seals'),
  )('$id', ({ inputs, expected }) => {
    if (inputs.kind === 'rotary_seal') {
      expect(
        isStandardSeal({ shaftMm: inputs.shaft_mm, housingMm: inputs.housing_mm, widthMm: inputs.width_mm }),
      ).toBe(expected.in_standard);
      return;
    }
    const ring = findRetainingRing(inputs.kind as RingStandard, inputs.nominal_mm)!;
    expect({
      ring_thickness_mm: ring.ringThicknessMm,
      groove_diameter_mm: ring.grooveDiameterMm,
      groove_width_min_mm: ring.grooveWidthMinMm,
    }).toEqual(expected);
  });
  it('a bore’s groove is wider than the bore, a shaft’s narrower, and both grow with the size', () => {
    for (const [standard, sign] of [
      ['DIN472', 1],
      ['DIN471', -1],
    ] as const) {
      RETAINING_RINGS[standard].forEach((ring, i, rings) => {
        expect(sign * (ring.grooveDiameterMm - ring.nominalMm)).toBeGreaterThan(0);
        if (i > 0) expect(ring.grooveDiameterMm).toBeGreaterThan(rings[i - 1]!.grooveDiameterMm);
      });
    }
  });
  it('a seal that is not in the standard is found by what is near it', () => {
    expect(isStandardSeal({ shaftMm: 25, housingMm: 41, widthMm: 7 })).toBe(false);
    expect(findSealsBySize({ shaftMm: 25, housingMm: 41, widthMm: 7 }, 1.5)[0]!.size).toEqual({
      shaftMm: 25,
      housingMm: 40,
      widthMm: 7,
    });
  });
  it('stress areas of ISO 898-1: M6 20.1, M8 36.6, M10 58.0, M12 84.3 mm² (from memory)', () => {
    for (const [diameterMm, pitchMm, area] of [
      [6, 1, 20.1],
      [8, 1.25, 36.6],
      [10, 1.5, 58],
      [12, 1.75, 84.3],
    ] as const)
      expect(Math.abs(stressAreaMm2({ diameterMm, pitchMm }) - area)).toBeLessThan(0.06);
    expect(proofStressMPa('8.8', 20) / proofStressMPa('8.8', 16)).toBeCloseTo(600 / 580, 9);
  });
  it('reads threads as written and refuses what is none', () => {
    expect(parseThread('m10')).toEqual({ diameterMm: 10, pitchMm: 1.5 });
    expect(parseThread('M20 x 1,5')).toEqual({ diameterMm: 20, pitchMm: 1.5 });
    expect([parseThread('m11'), parseThread('10'), parseThread('m10x9')]).toEqual([null, null, null]);
    expect(THREADS.filter(({ isCoarse }) => isCoarse).length).toBe(14);
  });
});
