import { readFileSync } from 'node:fs';
import { expect } from 'vitest';

type Tolerance = { abs?: number; rel?: number; modulo?: number };
/** The sums that have reference cases, each in its own file of `tests/reference/`. */
export const REFERENCE_TOPICS = [
  'lame',
  'thermal_fit',
  'drop_window',
  'soak',
  'tilt',
  'stack',
  'press_rod',
  'iso286',
  'iso492_5753',
  'boundary',
  'rings_seals',
] as const;

export type ReferenceCase<I> = {
  id: string;
  note: string;
  inputs: I;
  expected: Record<string, unknown>;
  tolerance: Record<string, Tolerance>;
};

/** Cases of `tests/reference/<topic>.json`; how each was made stands in the README beside them. */
export function referenceCases<I = Record<string, unknown>>(
  topic: string,
  isWanted: (inputs: I) => boolean = () => true,
): ReferenceCase<I>[] {
  const { cases } = JSON.parse(
    readFileSync(new URL(`../reference/${topic}.json`, import.meta.url), 'utf8'),
  ) as { cases: ReferenceCase<I>[] };
  return cases.filter(({ inputs }) => isWanted(inputs));
}

function expectNumber(got: unknown, expected: number, { abs = 0, rel = 0, modulo }: Tolerance, key: string) {
  expect(got, key).toBeTypeOf('number');
  const raw = Math.abs((got as number) - expected);
  const apart = modulo ? Math.min(raw % modulo, modulo - (raw % modulo)) : raw;
  expect(apart, `${key}: got ${String(got)}, expected ${expected}`).toBeLessThanOrEqual(
    Math.max(abs, rel * Math.abs(expected)),
  );
}

/** Every key of `expected` must be met: |got − expected| ≤ max(abs, rel·|expected|); without a tolerance, equal. */
export function expectCase(got: Record<string, unknown>, { expected, tolerance }: ReferenceCase<unknown>) {
  for (const [key, value] of Object.entries(expected)) {
    const limit = tolerance[key];
    const gotValue = got[key];
    if (!limit || value === null) expect(gotValue, key).toEqual(value);
    else if (typeof value === 'object' && !Array.isArray(value))
      for (const [inner, number] of Object.entries(value))
        expectNumber(
          (gotValue as Record<string, unknown>)[inner],
          number as number,
          (limit as Record<string, Tolerance>)[inner] ?? limit,
          `${key}.${inner}`,
        );
    else if (Array.isArray(value))
      value.forEach((item, i) =>
        expectNumber((gotValue as unknown[])[i], item as number, limit, `${key}[${i}]`),
      );
    else expectNumber(gotValue, value as number, limit, key);
  }
}
