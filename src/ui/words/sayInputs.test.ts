import { describe, expect, it } from 'vitest';
import { usualInputs } from '@/core/sums/address';
import { SUMS } from '@/core/sums/allSums';
import { sayInputs } from './sayInputs';

describe('what went into a sum, in words', () => {
  it.each(SUMS.map((sum) => [sum.title, sum] as const))(
    '%s: each input by its label, in both unit worlds',
    (_, sum) => {
      for (const units of ['metric', 'imperial'] as const)
        for (const { label, shown } of sayInputs(sum.fields, usualInputs(sum.fields), units)) {
          expect(label).not.toBe('');
          expect(shown, label).not.toMatch(/undefined|NaN|\[object/);
        }
    },
  );

  it('a doubt is said as twice its u, a choice by its words', () => {
    const endplay = SUMS.find(({ mode }) => mode === 'endplay')!;
    const said = sayInputs(endplay.fields, usualInputs(endplay.fields), 'metric');
    expect(said[0]!.shown).toMatch(/ ± /);
    const clearance = SUMS.find(({ topic }) => topic === 'running_clearance')!;
    expect(
      sayInputs(clearance.fields, usualInputs(clearance.fields), 'metric').map(({ shown }) => shown),
    ).toContain('ball bearing');
  });
});
