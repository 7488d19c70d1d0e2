import { describe, expect, it } from 'vitest';
import { freshJob } from '../../../tests/support/freshJob';
import { event, NOW, viewJob, withEvents } from '../../../tests/support/records';
import { usedUpBy } from '@/core/handOver/openAgain';
import { proofsOf } from '@/core/handOver/proofs';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { FINAL_DRIVE } from '@/core/job/kinds/finalDrive';
import { WHEEL_HUB } from '@/core/job/kinds/wheelHub';
import type { JobPlan } from '@/core/record/plan';
import { lockedOf, locksOf } from './locks';

const locksIn = (record: Parameters<typeof viewJob>[0], seconds = 5) =>
  proofsOf(viewJob(record, NOW + seconds * 1000)).filter(({ sort }) => sort === 'lock');

describe('what holds a fastener against working loose (common practice, no source)', () => {
  it.each(JOB_KINDS.map((kind) => [kind.kind, kind] as const))(
    '%s: each locked fastener is locked by one piece of work',
    (_, kind) => {
      const { plan } = freshJob(kind);
      const byWork = plan.tasks.flatMap((task) => locksOf(task, plan));
      expect(byWork.map(({ key }) => key).sort()).toEqual(
        lockedOf(plan)
          .map(({ key }) => key)
          .sort(),
      );
    },
  );

  it('is a proof of its own: open until that work is done, and where the thread is spoilt', () => {
    const hub = freshJob(WHEEL_HUB);
    const task = hub.plan.tasks.find(({ locks }) => locks)!;
    const done = event('task_done', { key: task.key }, {}, 1);
    const spoilt = event('fastener_noted', { key: 'axle_nut', state: 'thread_damaged' }, {}, 2);
    const renewed = event('fastener_noted', { key: 'axle_nut', state: 'substituted' }, {}, 3);
    expect(locksIn(hub)).toMatchObject([{ key: 'lock:axle_nut', name: 'Axle nut: split pin', by: 'open' }]);
    expect(locksIn(withEvents(hub, done))).toMatchObject([{ by: 'hand' }]);
    expect(locksIn(withEvents(hub, done, spoilt))).toMatchObject([{ by: 'open' }]);
    expect(locksIn(withEvents(hub, done, spoilt, renewed))).toMatchObject([{ by: 'hand' }]);
    const byTorque = hub.plan.fasteners.map((each) => ({ ...each, locking: 'none' as const }));
    expect(locksIn({ ...hub, plan: { ...hub.plan, fasteners: byTorque } })).toEqual([]);
  });

  it('undone by opening, a pin or a locker is taken anew, a lock pin is used again; what stays shut keeps its own', () => {
    const takenAnew = (plan: JobPlan, kind: typeof WHEEL_HUB, howFar: 'apart' | 'outside') =>
      usedUpBy(viewJob({ ...freshJob(kind), plan }, NOW), { opened: [], howFar }).fasteners.map(
        ({ name }) => name,
      );
    const drive = freshJob(FINAL_DRIVE).plan;
    expect(takenAnew(drive, FINAL_DRIVE, 'apart')).toContain('Stop’s thin nut');
    expect(takenAnew(drive, FINAL_DRIVE, 'apart')).not.toContain('Bearing stop');
    expect(takenAnew(drive, FINAL_DRIVE, 'outside')).toEqual([]);
    // A seal of a hub is reached with its axle out.
    expect(takenAnew(freshJob(WHEEL_HUB).plan, WHEEL_HUB, 'outside')).toEqual(['Axle nut']);
    // A job of before says nowhere which work locks what.
    const before = { ...drive, tasks: drive.tasks.map(({ locks: _locks, ...task }) => task) };
    expect(takenAnew(before, FINAL_DRIVE, 'apart')).toEqual(['Pinion ring nut', 'Stop’s thin nut']);
    expect(takenAnew(before, FINAL_DRIVE, 'outside')).toEqual([]);
  });
});
