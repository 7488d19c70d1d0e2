import { describe, expect, it } from 'vitest';
import { Latest } from './latest';

/** Questions that are answered by hand. */
function bench() {
  const asked: { input: number; answer: (output: string) => void; fail: () => void }[] = [];
  const told: string[] = [];
  const latest = new Latest<number, string>(
    (input) =>
      new Promise((answer, reject) => asked.push({ input, answer, fail: () => reject(new Error('gone')) })),
    (input, output) => told.push(`${input} ${output}`),
  );
  const settle = () => new Promise((resolve) => setTimeout(resolve));
  return { asked, told, latest, settle };
}

describe('the newest input', () => {
  it('is asked next, whatever came between is not asked at all', async () => {
    const { asked, told, latest, settle } = bench();
    for (const input of [1, 2, 3, 4]) latest.want(input);
    expect(asked.map(({ input }) => input)).toEqual([1]);
    asked[0]!.answer('a');
    await settle();
    expect(asked.map(({ input }) => input)).toEqual([1, 4]);
    asked[1]!.answer('b');
    await settle();
    expect(told).toEqual(['1 a', '4 b']);
  });
  it('is asked after one that failed', async () => {
    const { asked, told, latest, settle } = bench();
    latest.want(1);
    asked[0]!.fail();
    await settle();
    latest.want(2);
    asked[1]!.answer('b');
    await settle();
    expect(told).toEqual(['2 b']);
  });
  it('is told to nobody who has left', async () => {
    const { asked, told, latest, settle } = bench();
    latest.want(1);
    latest.want(2);
    latest.drop();
    asked[0]!.answer('a');
    await settle();
    expect([told, asked.length]).toEqual([[], 1]);
  });
});
