import { describe, expect, it } from 'vitest';
import { project } from '@/core/project/project';
import { NOW, demo, event, summaryOf, withEvents } from '../../../tests/support/records';
import { benchJob } from './benchLine';
import { stacksOf } from './stacksOf';
import { bagCode, jobOfCode, stackCode } from './bagCode';

describe('the bench', () => {
  it('says what each job waits for, and drops what was put away', () => {
    expect(summaryOf(demo('Tarn 220'), NOW)).toMatchObject({
      isPutAway: false,
      bench: { waiting: { reason: 'parts', note: 'main bearings' } },
    });
    expect(summaryOf(withEvents(demo('Tarn 220'), event('job_put_away', {})), NOW).isPutAway).toBe(true);
  });
  it('a finished job is done; one with a seat open is not', () => {
    expect(summaryOf(demo('Moorland 350'), NOW).bench.isDone).toBe(true);
    expect(summaryOf(demo('Harrow 1200'), NOW).bench.isDone).toBe(false);
  });
  it('no two bags share a code: jobs and stacks of a whole year', () => {
    const codes = Array.from({ length: 3000 }, (_, n) => [
      bagCode(n),
      ...Array.from({ length: 6 }, (__, i) => stackCode(n, i)),
    ]).flat();
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes.slice(0, 200)) expect(code).toMatch(/^[ACDEFGHJKLMNPQRTUVWXY34679]{4}$/);
  });
  it('a code leads back to its job, and a stack’s to the job of the stack', () => {
    for (const n of [1, 412, 9999, 19_999]) {
      expect(jobOfCode(bagCode(n).toLowerCase())).toEqual({ own: n, ofStack: null });
      expect(jobOfCode(stackCode(n, 3))).toMatchObject({ ofStack: n });
    }
    for (const text of ['ABCD', 'ACD', '6305', '']) expect(jobOfCode(text), text).toBeNull();
  });
  it('stacks go by their plan, empty ones too, each with its code', () => {
    const record = demo('Bolver 570');
    expect(stacksOf(project(record)).map(({ name, pieces }) => [name, pieces.length])).toEqual([
      ['Pinion shims', 2],
      ['Ring-gear shims', 1],
    ]);
    expect(benchJob(record, summaryOf(record, NOW).bench).stackCodes).toHaveLength(2);
  });
});
