import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { expectCase, REFERENCE_TOPICS, referenceCases } from '../../../tests/support/reference';
import { MATERIALS } from '@/core/catalogue/materials';
import { SUMS, solveSum } from './allSums';
import { findMaterial } from './inPlaceOfNumbers';
import { checkInputs, solveBody, sumsOfTopic } from './schema';
import { QUESTIONS, sumPath, type Field } from './sum';

describe.each(REFERENCE_TOPICS)(
  'every reference case of %s is a valid body, and every key it expects is answered',
  (topic) => {
    const sums = sumsOfTopic(topic)!;
    it.each(referenceCases(topic))('$id $note', (one) => {
      const solved = solveBody(sums, one.inputs);
      if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
      // The lumped blocks of the radial cases are for information.
      const expected = Object.fromEntries(
        Object.entries(one.expected).filter(([key]) => !key.startsWith('lumped_')),
      );
      expectCase(solved.value.answers, { ...one, expected });
    });
  },
);

const usualOf = (fields: readonly Field[]): Record<string, unknown> =>
  Object.fromEntries(
    fields.map((field) => [field.name, field.kind === 'group' ? usualOf(field.fields) : field.usual]),
  );
const bodyOf = (sum: (typeof SUMS)[number]) => ({
  ...usualOf(sum.fields),
  ...(sum.mode !== null && { mode: sum.mode }),
});

describe('every sum', () => {
  it.each(SUMS.map((sum) => [sumPath(sum), sum] as const))(
    '%s: its usual values pass its own checks, and every answer that it announces stands in its result',
    (_, sum) => {
      const inputs = checkInputs(sum, bodyOf(sum));
      if (!inputs.ok) throw new Error(JSON.stringify(inputs.issues));
      const solved = solveSum(sum, inputs.value);
      if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
      for (const { name } of sum.answers) expect(Object.keys(solved.value.answers), name).toContain(name);
      expect(sum.answers.map(({ name }) => name)).toContain(sum.headline);
      expect(solved.value.filled).not.toMatch(/NaN|undefined|null|Infinity/);
      expect(Object.keys(QUESTIONS)).toContain(sum.asks);
      for (const words of [sum.title, sum.lead, sum.formula, sum.source, sum.valid, sum.largestDoubt])
        expect(words.length).toBeGreaterThan(2);
    },
  );

  it('the radial one knows a boss under hot air, and a casting flat on steel: both leave less time', () => {
    const radial = SUMS.find(({ topic, mode }) => topic === 'drop_window' && mode === 'radial')!;
    const windowS = (more: object) => {
      const solved = solveBody([radial], {
        ...bodyOf(radial),
        web_outer_radius_mm: 200,
        interference_at_20C_mm: 0.01,
        housing_start_C: 130,
        ...more,
      });
      if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
      return solved.value.answers.window_disc_s as number;
    };
    const whole = windowS({});
    expect(windowS({ boss_heated_s: 180 })).toBeLessThan(0.5 * whole);
    expect(windowS({ boss_heated_s: 60 })).toBeLessThan(windowS({ boss_heated_s: 180 }));
    expect(windowS({ bench_W_m2K: 200 })).toBeLessThan(0.5 * whole);
    expect(solveBody([radial], { ...bodyOf(radial), boss_heated_s: -1 }).ok).toBe(false);
  });

  it('names are its own: no two sums share an address', () =>
    expect(new Set(SUMS.map(sumPath)).size).toBe(SUMS.length));

  it('a material’s name may stand in place of its numbers, in their place or once for a part', () => {
    const sums = sumsOfTopic('thermal_fit')!;
    const base = {
      mode: 'housing_temperature',
      interface_diameter_mm: 62,
      interference_at_20C_mm: 0.03,
      ring_temperature_C: -18,
      wanted_clearance_mm: 0.02,
    };
    const byNumber = solveBody(sums, {
      ...base,
      housing_alpha_per_K: MATERIALS.az91.alphaPerK,
      ring_alpha_per_K: MATERIALS.bearing_steel.alphaPerK,
    });
    const inPlace = solveBody(sums, {
      ...base,
      housing_alpha_per_K: 'AZ91',
      ring_alpha_per_K: 'bearing_steel',
    });
    const once = solveBody(sums, { ...base, housing_material: 'az91', ring_material: 'bearing_steel' });
    expect(byNumber.ok).toBe(true);
    expect(inPlace).toEqual(byNumber);
    expect(once).toEqual(byNumber);
    expect(
      solveBody(sums, { ...base, housing_alpha_per_K: 'unobtainium', ring_material: 'bearing_steel' }),
    ).toMatchObject({ ok: false, issues: [{ code: 'unknown_material', field: 'housing_alpha_per_K' }] });
  });
  it('a group’s material fills in its own numbers', () => {
    const lumped = referenceCases<Record<string, unknown>>('drop_window', ({ mode }) => mode === 'lumped')[0]!
      .inputs;
    const {
      alpha_per_K: _a,
      specific_heat_J_kgK: _c,
      ...housing
    } = lumped.housing as Record<string, unknown>;
    const solved = solveBody(sumsOfTopic('drop_window')!, {
      ...lumped,
      housing: { ...housing, material: 'alsi9cu3' },
    });
    expect(solved.ok).toBe(true);
  });
  it.each([
    ['AZ91', 'az91'],
    ['AlSi7Mg-T6', 'alsi7mg_t6'],
    ['6061-T6', 'al6061_t6'],
    ['mild_steel', 'mild_steel'],
    ['tin bronze', 'tin_bronze'],
  ])('%s is known', (text, code) => expect(findMaterial(text)?.code).toBe(code));

  it.each([
    ['a missing mode', 'thermal_fit', {}, 'unknown_mode', 'mode'],
    ['an unknown mode', 'soak', { mode: 'overnight' }, 'unknown_mode', 'mode'],
    [
      'a missing size of a seal',
      'rings_seals',
      { kind: 'rotary_seal', shaft_mm: 25 },
      'missing',
      'housing_mm',
    ],
    [
      'a ring that nobody makes',
      'rings_seals',
      { kind: 'DIN472', nominal_mm: 61.5 },
      'no_such_ring',
      'nominal_mm',
    ],
    [
      'a size outside the table',
      'iso286',
      { nominal_mm: 2.5, classes: ['H7'] },
      'outside_the_table',
      'nominal_mm',
    ],
    [
      'a class that nobody knows',
      'iso286',
      { nominal_mm: 62, classes: ['H7', 'Q3'] },
      'unknown_class',
      'classes',
    ],
    [
      'angles and depths of unlike number',
      'tilt',
      {
        angles_deg: [0, 90, 180],
        depths_mm: [1, 2, 3, 4],
        sigma_reading_mm: 0.01,
        reading_circle_diameter_mm: 50,
      },
      'not_as_many',
      'depths_mm',
    ],
    [
      'three readings at one place',
      'tilt',
      {
        angles_deg: [0, 360, 720],
        depths_mm: [1, 2, 3],
        sigma_reading_mm: 0.01,
        reading_circle_diameter_mm: 50,
      },
      'collinear',
      'angles_deg',
    ],
    [
      'limits the wrong way round',
      'stack',
      {
        ...referenceCases('stack', (i: Record<string, unknown>) => i.mode === 'endplay')[0]!.inputs,
        limit_low_mm: 0.5,
      },
      'out_of_order',
      'limit_high_mm',
    ],
    [
      'a shim of half a micrometre',
      'stack',
      {
        mode: 'best_shims',
        endplay_without_shims_um: 100.5,
        target_endplay_um: 50,
        stock_um_count: { 50: 1 },
      },
      'not_whole',
      'endplay_without_shims_um',
    ],
    [
      'a boss smaller than its bore',
      'lame',
      { ...referenceCases('lame')[0]!.inputs, housing_outer_diameter_mm: 60 },
      'out_of_range',
      'housing_outer_diameter_mm',
    ],
    ['an unknown designation', 'boundary', { designation: 'XYZ 1' }, 'unknown_designation', 'designation'],
    [
      'moments out of order',
      'drop_window',
      {
        ...referenceCases('drop_window', (i: Record<string, unknown>) => i.mode === 'lumped')[0]!.inputs,
        sample_times_s: [60, 30],
      },
      'out_of_order',
      'sample_times_s',
    ],
  ] as const)('%s is refused by name', (_, topic, body, code, field) => {
    expect(solveBody(sumsOfTopic(topic)!, body)).toMatchObject({
      ok: false,
      issues: expect.arrayContaining([expect.objectContaining({ code, field })]),
    });
  });

  it('more work than a call may cost is refused, not done', () => {
    const body = referenceCases<Record<string, unknown>>('drop_window', ({ mode }) => mode === 'lumped')[0]!
      .inputs;
    const crumb = { ...(body.ring as object), mass_kg: 1e-6, h_W_m2K: 100_000, area_m2: 5 };
    expect(solveBody(sumsOfTopic('drop_window')!, { ...body, ring: crumb, horizon_s: 86_400 })).toMatchObject(
      { ok: false, issues: [{ code: 'too_much_work' }] },
    );
  });
});

describe('whatever is sent, a sum answers with numbers or with issues', () => {
  const wild = fc.oneof(
    fc.double({ min: -1e6, max: 1e6, noNaN: true }),
    fc.constantFrom(0, -1, 1e9, -1e9, 0.001),
    fc.constantFrom<unknown>(null, 'x', true, [], {}),
  );
  const anyValue = (field: Field): fc.Arbitrary<unknown> => {
    if (field.kind === 'number' || field.kind === 'maybe_number')
      return fc.oneof(
        { weight: 6, arbitrary: fc.double({ min: field.min, max: field.max, noNaN: true }) },
        { weight: 2, arbitrary: fc.constant(field.usual) },
        { weight: 1, arbitrary: wild },
      );
    if (field.kind === 'choice') return fc.constantFrom(...field.options.map(({ value }) => value));
    if (field.kind === 'group')
      return fc.record(Object.fromEntries(field.fields.map((inner) => [inner.name, anyValue(inner)])));
    if (field.kind === 'numbers')
      return fc
        .array(fc.double({ min: field.min, max: field.max, noNaN: true }), { maxLength: 8 })
        .map((values) => values.sort((a, b) => a - b));
    return fc.oneof(
      { weight: 4, arbitrary: fc.constant(field.usual as unknown) },
      { weight: 1, arbitrary: wild },
    );
  };
  // The slow ones run less often; all of them run.
  const runsFor = (path: string) =>
    path.startsWith('drop_window/radial') || path.startsWith('drop_window/fe')
      ? 8
      : /endplay|drop_chance|class_fit|lumped/.test(path)
        ? 25
        : 150;
  it.each(SUMS.map((sum) => [sumPath(sum), sum] as const))(
    '%s',
    (path, sum) => {
      fc.assert(
        fc.property(
          fc.record(Object.fromEntries(sum.fields.map((field) => [field.name, anyValue(field)]))),
          (body) => {
            const solved = solveBody([sum], { ...body, ...(sum.mode !== null && { mode: sum.mode }) });
            if (!solved.ok) {
              expect(solved.issues.length).toBeGreaterThan(0);
              return;
            }
            expect(JSON.stringify(solved.value.answers)).not.toContain('NaN');
            expect(solved.value.filled).not.toMatch(/NaN|undefined/);
          },
        ),
        { seed: 20261125, numRuns: runsFor(path) },
      );
    },
    30_000,
  );
});
