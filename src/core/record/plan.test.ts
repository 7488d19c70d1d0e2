import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildDemo, idOf } from '../../../database/demo/demo';
import { boreSpecSchema } from './seatSpec';
import { EMPTY_PLAN, keySchema, planSchema } from './plan';
import { keyFrom } from './vocabulary';
import { parseJobFile } from './jobFile';

const [file] = buildDemo(Date.parse('2026-11-01T10:00:00Z'));
const issuesOf = (text: string) => {
  const parsed = parseJobFile(text);
  return parsed.ok ? [] : parsed.issues.map(({ code, field }) => `${code} ${field}`);
};
const changed = (change: (copy: NonNullable<typeof file>) => void) => {
  const copy = structuredClone(file!);
  change(copy);
  return JSON.stringify(copy);
};

describe('keys of a plan', () => {
  it('whatever somebody calls a thing, its key is one', () =>
    fc.assert(
      fc.property(fc.string(), (name) => {
        expect(keySchema.safeParse(keyFrom(name)).success).toBe(true);
      }),
      { seed: 3 },
    ));
  it.each([
    ['O-ring under the pinion bearing', 'o_ring_under_the_pinion_bearing'],
    ['  Axle, left  ', 'axle_left'],
    ['ÄÖ', 'x'],
    ['', 'x'],
  ])('%s → %s', (name, key) => expect(keyFrom(name)).toBe(key));
  it('is at most sixty characters', () => expect(keyFrom('a'.repeat(200))).toHaveLength(60));
});

describe('a plan', () => {
  it('may be empty', () => expect(planSchema.safeParse(EMPTY_PLAN).success).toBe(true));
  it.each([
    [
      'a part counted zero times',
      {
        parts: [
          { key: 'a', name: 'A', what: 'bearing', seatId: null, count: 0, isSpent: false, reach: 'outside' },
        ],
      },
    ],
    [
      'an unknown reach',
      {
        parts: [
          { key: 'a', name: 'A', what: 'bearing', seatId: null, count: 1, isSpent: false, reach: 'moon' },
        ],
      },
    ],
    ['a key with a space', { stacks: [{ key: 'a b', name: 'A', shaft: '' }] }],
    ['a nameless step of access', { access: [{ key: 'a', name: ' ' }] }],
    ['an order between things that are no seats', { order: [{ first: 'a', then: 'b', why: 'inner_first' }] }],
    ['a check that nobody knows', { checks: ['taste'] }],
    ['a version below one', { version: 0 }],
    ['a field too many', { colour: 'red' }],
  ])('with %s is refused', (_, change) =>
    expect(planSchema.safeParse({ ...EMPTY_PLAN, ...change }).success).toBe(false),
  );
});

describe('a job file’s plan and photographs', () => {
  it('an order or a part that points to no seat is named with its place', () => {
    expect(
      issuesOf(
        changed((copy) => {
          copy.job.plan.order = [
            { first: idOf('nowhere'), then: copy.job.castings[0]!.seats[0]!.id, why: 'inner_first' },
          ];
        }),
      ),
    ).toContain('points_nowhere job.plan.order');
    expect(
      issuesOf(
        changed((copy) => {
          copy.job.plan.parts[0]!.seatId = idOf('nowhere');
        }),
      ),
    ).toContain('points_nowhere job.plan.parts.0.seatId');
  });
  it('a photograph of a seat that is not there, by nobody, or that is no base64', () => {
    expect(
      issuesOf(
        changed((copy) => {
          copy.photographs[0]!.seatId = idOf('nowhere');
        }),
      ),
    ).toContain('points_nowhere photographs.0.seatId');
    expect(
      issuesOf(
        changed((copy) => {
          copy.photographs[0]!.personId = idOf('nobody');
        }),
      ),
    ).toContain('points_nowhere photographs.0.personId');
    expect(
      issuesOf(
        changed((copy) => {
          copy.photographs[0]!.jpegBase64 = 'not base64!';
        }),
      ),
    ).toContain('bad_form photographs.0.jpegBase64');
  });
  it('a first version that is broken is still refused with its place', () =>
    expect(
      issuesOf(JSON.stringify({ ...structuredClone(file!), version: 1, photographs: undefined, job: 7 }))[0],
    ).toMatch(/bad_type job/));
});

describe('a seat', () => {
  const { spec } = file!.job.castings[0]!.seats[0]!;
  const { designation, boreMm, outsideMm, widthMm, chamferMm } = spec.part;
  const sizes = { designation, boreMm, outsideMm, widthMm, chamferMm };
  it.each([
    [
      'a bush of bronze',
      { kind: 'bush_in_bore', part: { ...sizes, type: 'bush', material: 'tin_bronze' } },
      true,
    ],
    ['a race', { kind: 'race_in_bore', part: { ...sizes, type: 'tapered_roller' } }, true],
    ['a seal in a seat of a bearing', { part: { ...sizes, type: 'seal', material: 'nbr' } }, false],
    [
      'a bush in a seat of a race',
      { kind: 'race_in_bore', part: { ...sizes, type: 'bush', material: 'tin_bronze' } },
      false,
    ],
    ['a bore that goes through', { housing: { ...spec.housing, isThrough: true } }, true],
    ['a face that may not carry', { housing: { ...spec.housing, faceCarries: false } }, true],
    ['a shaft of its own, as it was once said', { journal: { name: 'crank', nominalMm: 30 } }, false],
    ['a metal that no part is of', { part: { ...spec.part, material: 'cheese' } }, false],
    ['a kind of part that nobody knows', { part: { ...spec.part, type: 'magic' } }, false],
  ])('with %s', (_, change, isGood) =>
    expect(boreSpecSchema.safeParse({ ...spec, ...change }).success).toBe(isGood),
  );
});
