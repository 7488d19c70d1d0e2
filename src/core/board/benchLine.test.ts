import { describe, expect, it } from 'vitest';
import { replayWork } from '@/core/job/work';
import { NOW, demo, event, withEvents } from '../../../tests/support/records';
import { describeJob, stackCodesOf, stacksOf } from './benchLine';
import { bagCode, stackCode } from './bagCode';

describe('the bench', () => {
  it('says what each job waits for, and drops what was put away', () => {
    expect(describeJob(demo('Tarn 220'), NOW)!.waiting).toEqual({ reason: 'parts', note: 'main bearings' });
    expect(describeJob(withEvents(demo('Tarn 220'), event('job_put_away', {})), NOW)).toBeNull();
  });
  it('a finished job is done; one with a seat open is not', () => {
    expect(describeJob(demo('Moorland 350'), NOW)!.isDone).toBe(true);
    expect(describeJob(demo('Harrow 1200'), NOW)!.isDone).toBe(false);
  });
  it('no two bags share a code: jobs and stacks of a whole year', () => {
    const codes = Array.from({ length: 3000 }, (_, n) => [
      bagCode(n),
      ...Array.from({ length: 6 }, (__, i) => stackCode(n, i)),
    ]).flat();
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes.slice(0, 200)) expect(code).toMatch(/^[ACDEFGHJKLMNPQRTUVWXY34679]{4}$/);
  });
  it('stacks go by their plan, empty ones too, each with its code', () => {
    const record = demo('Bolver 570');
    expect(
      stacksOf(record, replayWork(record.entries)).map(({ name, pieces }) => [name, pieces.length]),
    ).toEqual([
      ['Pinion shims', 2],
      ['Ring-gear shims', 1],
    ]);
    expect(stackCodesOf(record)).toHaveLength(2);
  });
});
