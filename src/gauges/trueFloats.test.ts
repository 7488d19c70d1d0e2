import { describe, expect, it } from 'vitest';
import { freshJob } from '../../tests/support/freshJob';
import { slotsOfFloat } from '@/core/job/floatSlots';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { project } from '@/core/project/project';
import type { Float } from '@/core/record/floats';
import { familyOf, slotText, type Slot } from '@/core/record/slots';
import { NOW } from '../../tests/support/records';
import { trueFloatValue } from './trueFloats';
import { trueValue } from './workpiece';

const jobs = JOB_KINDS.map((kind) => [kind.kind, project(freshJob(kind))] as const);
const floats = jobs.flatMap(([kind, job]) =>
  job.plan.floats.map((float) => [`${kind}, ${float.key}`, job, float] as const),
);

describe('what simulated gauges find between parts (common practice, no source)', () => {
  it('kinds have them', () => expect(floats.length).toBeGreaterThan(10));

  it.each(floats)('%s: every slot has a true value, the same each time', (_, job, float) => {
    for (const slot of slotsOfFloat(float)) {
      const value = trueFloatValue(job, slot)!;
      expect(value, slotText(slot)).toEqual(expect.any(Number));
      expect(Number.isFinite(value), slotText(slot)).toBe(true);
      expect(trueFloatValue(job, slot)).toBe(value);
      // A gauge asks it by the same way as for seats.
      expect(trueValue(job, { seatId: null, castingId: null, slot }, NOW)).toBe(value);
    }
  });

  const spread = (float: Float, job: (typeof floats)[number][1]) => {
    const values = slotsOfFloat(float).map((slot): [Slot, number] => [slot, trueFloatValue(job, slot)!]);
    const part = (name: string) => values.find(([slot]) => slot.part === name)![1];
    switch (float.sort) {
      case 'push_pull':
        return part('pulled') - part('pushed');
      case 'backlash':
        return part('other_way') - part('one_way');
      case 'preload':
        return ((part('1') - part('drag')) * (float.leverMm ?? 350)) / 1000;
      default:
        return null;
    }
  };
  it.each(
    floats.filter(([, , { sort }]) => sort === 'push_pull' || sort === 'backlash' || sort === 'preload'),
  )('%s: play, backlash and preload lie within what is wanted', (_, job, float) => {
    const found = spread(float, job)!;
    expect(found).toBeGreaterThanOrEqual(float.low - 1e-9);
    expect(found).toBeLessThanOrEqual(float.high + 1e-9);
  });

  it.each(floats.filter(([, , { sort }]) => sort === 'room'))(
    '%s: each link is made near to its drawing, none exactly',
    (_, job, float) => {
      for (const link of float.links) {
        const slot = slotsOfFloat(float).find(({ part }) => part === link.key)!;
        const off = trueFloatValue(job, slot)! - link.nominalMm;
        expect(Math.abs(off), link.key).toBeLessThanOrEqual(link.withinMm);
        expect(off, link.key).not.toBe(0);
      }
    },
  );

  it('a shaft that is measured before and again is the same shaft', () => {
    const [, job, again] = floats.find(([, , { like }]) => like)!;
    const before = job.plan.floats.find(({ key }) => key === again.like)!;
    expect(spread(again, job)).toBeCloseTo(spread(before, job)!, 9);
  });

  it('another job’s parts are others; a float that the job has not has no value', () => {
    const [, one, float] = floats.find(([, , { sort }]) => sort === 'room')!;
    const [slot] = slotsOfFloat(float);
    const other = { ...one, id: jobs.find(([, job]) => job.id !== one.id)![1].id };
    expect(trueFloatValue(other, slot!)).not.toBe(trueFloatValue(one, slot!));
    expect(trueFloatValue(one, { ...slot!, float: 'no_such' })).toBeNull();
  });

  it('each slot is read with what it is usually read with', () => {
    const usual = new Set(
      floats.flatMap(([, , float]) => slotsOfFloat(float).map((slot) => familyOf(slot).instrument)),
    );
    expect([...usual].sort()).toEqual(['dial', 'feelers', 'micrometer', 'pressure_gauge', 'spring_balance']);
  });
});
