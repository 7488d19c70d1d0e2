import { SORTS, uOf } from '@/core/gauge/sorts';
import type { InstrumentSort } from '@/core/record/instrumentSorts';
import type { Units } from '@/core/quantity/format';
import { sayU } from './gauges';

/** Where the proposal comes from: its three parts, the largest first. */
export function sayProposal(sort: InstrumentSort, resolution: number, units: Units): string {
  const { parts } = uOf(sort, resolution);
  const { errorLimit, handWords } = SORTS[sort];
  const say = (u: number) => sayU({ kind: sort, u }, units);
  const why = [
    { u: parts.hand, words: handWords },
    { u: parts.instrument, words: `itself (good to ± ${say(errorLimit)})` },
    { u: parts.scale, words: 'its scale' },
  ].sort((a, b) => b.u - a.u);
  return `${why.map(({ u, words }) => `${words} ${say(u)}`).join(', ')}; the root of their squares, rounded up.`;
}
