import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../database/demo/demo';
import { buildFinished } from '../../database/demo/finishedJobs';
import { overruledOf, proofsOf } from '@/core/handOver/proofs';
import { viewFloats } from '@/core/job/floatView';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { parseJobFile, recordOfFile } from '@/core/record/jobFile';
import { NOW, viewJob } from '../support/records';

const finished = buildFinished(NOW);

describe('finished jobs of the demo', () => {
  it('there is one of every kind', () => {
    const done = [...buildDemo(NOW), ...finished].filter(({ events }) =>
      events.some(({ kind }) => kind === 'job_handed_over'),
    );
    const kinds = new Set(done.map(({ job }) => job.kind));
    expect(JOB_KINDS.map(({ kind }) => kind).filter((kind) => !kinds.has(kind))).toEqual([]);
  });

  it.each(finished.map((file) => [file.job.machine, file] as const))(
    '%s: a sound file, every proof closed, every figure as the core judges it',
    (_, file) => {
      expect(parseJobFile(JSON.stringify(file))).toMatchObject({ ok: true });
      const job = viewJob(recordOfFile(file), NOW);
      expect(job.work.handOver.handedOverMs).not.toBeNull();
      expect(proofsOf(job).filter(({ by }) => by === 'open')).toEqual([]);
      expect(overruledOf(job)).toEqual([]);
      for (const { float, decision, readings } of viewFloats(job))
        if (readings.length > 0) expect(decision, float.name).toBe('pass');
      // Whatever was measured is what its seat is judged by.
      for (const { seat, isMeasured, fit } of job.seats)
        if (isMeasured) expect(fit!.judgement.verdict, seat.name).not.toMatch(/slack|too_tight/);
      // What was done is told in the order in which it was.
      const times = file.events.map(({ at }) => Date.parse(at));
      expect([...times].sort((a, b) => a - b)).toEqual(times);
      expect(Math.max(...times)).toBeLessThan(NOW);
    },
  );
});
