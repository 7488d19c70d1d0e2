import { describe, expect, it, vi } from 'vitest';
import type { JobRecord } from '@/core/record/job';
import { log } from '../pool';
import { eachReadable } from './eachReadable';

const record = (number: number) =>
  ({ id: `job ${number}`, number, machine: `machine ${number}` }) as JobRecord;

describe('a job that can not be read', () => {
  it('is named and logged, and takes no other along', () => {
    const logged = vi.spyOn(log, 'error').mockImplementation(() => undefined);
    const read = eachReadable([record(1), record(2), record(3)], ({ number }) => {
      if (number === 2) throw new Error('a row from another version');
      return number * 10;
    });
    expect(read.made).toEqual([10, 30]);
    expect(read.unreadable).toEqual([{ id: 'job 2', number: 2, machine: 'machine 2' }]);
    expect(logged).toHaveBeenCalledOnce();
    logged.mockRestore();
  });
});
