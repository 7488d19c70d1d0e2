import { describe, expect, it } from 'vitest';
import { demo, NOW, viewJob } from '../../../tests/support/records';
import { readAddress } from '@/core/sums/address';
import { findSum, solveSum } from '@/core/sums/allSums';
import { addressFromSeat, sumsOfSeat } from './seatSums';

const job = viewJob(demo('Merrow twin'), NOW);
const ids = { jobId: 'j', seatId: 's' };

describe('sums filled in from a seat', () => {
  const cases = job.seats.flatMap((view) =>
    sumsOfSeat(view, job).map((sum) => ({ view, sum, name: `${view.seat.name}: ${sum.path}` })),
  );

  it('there are some for each seat that holds by its fit', () => {
    const fitted = job.seats.filter(({ seat }) => seat.spec.kind !== 'seal_in_bore');
    expect(new Set(cases.map(({ view }) => view.seat.id)).size).toBe(fitted.length);
    expect(new Set(cases.map(({ sum }) => sum.path)).size).toBeGreaterThanOrEqual(6);
  });

  it.each(cases)('$name: each value arrives in a field of that name, and is answered', ({ sum }) => {
    const found = findSum(sum.path)!;
    expect(found.title).toBe(sum.asks);
    const { searchParams } = new URL(addressFromSeat(sum, ids), 'http://bench');
    const read = readAddress(found.fields, Object.fromEntries(searchParams));
    for (const [name, value] of Object.entries(sum.inputs)) {
      if (typeof value === 'number') expect(read[name]).toBeCloseTo(value, 6);
      else expect(read[name], name).toEqual(value);
    }
    expect(solveSum(found, read).ok).toBe(true);
  });

  it('the same seat’s figures: the drop’s for dropping, the smoothed one for holding', () => {
    const view = job.seats.find(({ fit }) => fit && fit.interference.forDropMm.value !== fit.benchMm.value)!;
    const inputOf = (path: string, name: string) =>
      sumsOfSeat(view, job).find((sum) => sum.path === path)!.inputs[name];
    expect(inputOf('thermal_fit/housing_temperature', 'interference_at_20C_mm')).toBe(
      view.fit!.interference.forDropMm.value,
    );
    expect(inputOf('thermal_fit/fit_at_temperature', 'interference_at_20C_mm')).toBe(view.fit!.benchMm.value);
  });
});
