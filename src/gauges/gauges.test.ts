import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../database/demo/demo';
import type { JobRecord } from '@/core/record/job';
import { recordOfFile } from '@/core/record/jobFile';
import { normal, seededRandom, show } from './instrument';
import { chanceOf, trueCastingC, trueValue } from './workpiece';

const NOW = Date.parse('2026-11-01T10:00:00Z');
const record = (machine: string): JobRecord => {
  const file = buildDemo(NOW).find(({ job }) => job.machine === machine)!;
  return recordOfFile(file);
};

describe('the simulated workpiece', () => {
  const twin = record('Merrow twin');
  const casting = twin.castings[0]!;
  const seat = casting.seats[1]!;
  const at = (slot: string) => trueValue(twin, { seatId: seat.id, castingId: casting.id, slot }, NOW)!;
  it('has the same true sizes each time, near the nominal, slightly oval', () => {
    expect(at('bore.1.0')).toBe(at('bore.1.0'));
    expect(Math.abs(at('bore.1.0') - 47)).toBeLessThan(0.05);
    expect(at('bore.1.0')).not.toBe(at('bore.1.90'));
    expect(at('outside.0')).toBeLessThanOrEqual(47);
  });
  it('knows nothing of what is not there', () => expect(trueValue(twin, { seatId: seat.id, castingId: 'no such casting', slot: 'bore.1.0' }, NOW)).toBeNull());
  it('warms in the oven toward its temperature, and its bore grows with it', () => {
    const saw = record('Fenwold 7');
    const [early, late] = [trueCastingC(saw, saw.castings[0]!, NOW), trueCastingC(saw, saw.castings[0]!, NOW + 3_600_000)];
    expect(early).toBeGreaterThan(30);
    expect(late).toBeGreaterThan(85);
    expect(late).toBeLessThanOrEqual(90);
    const boreAt = (ms: number) => trueValue(saw, { seatId: saw.castings[0]!.seats[0]!.id, castingId: saw.castings[0]!.id, slot: 'bore.1.0' }, ms)!;
    expect(boreAt(NOW + 3_600_000) / boreAt(NOW)).toBeCloseTo((1 + 26e-6 * (late - 20)) / (1 + 26e-6 * (early - 20)), 9);
  });
  it('chances are spread between 0 and 1', () => {
    const chances = Array.from({ length: 400 }, (_, i) => chanceOf(`seat ${i}`));
    expect(Math.min(...chances)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...chances)).toBeLessThan(1);
    expect(Math.abs(chances.reduce((a, b) => a + b) / 400 - 0.5)).toBeLessThan(0.06);
  });
});

describe('a simulated instrument', () => {
  it('shows its resolution, no more digits', () => expect(show({ trueValue: 71.95, resolution: 0.01, heldForS: 5, random: seededRandom(1) }).text).toMatch(/^\d\d\.\d\d$/));
  it('is unsteady while it is being put on', () => expect([0.2, 2].map((heldForS) => show({ trueValue: 10, resolution: 0.001, heldForS, random: seededRandom(2) }).isSteady)).toEqual([false, true]));
  it('its noise has the spread of its resolution and no bias', () => {
    const random = seededRandom(3);
    const shown = Array.from({ length: 2000 }, () => Number(show({ trueValue: 50, resolution: 0.001, heldForS: 5, random }).text) - 50);
    const mean = shown.reduce((a, b) => a + b) / shown.length;
    const sd = Math.sqrt(shown.reduce((a, b) => a + (b - mean) ** 2, 0) / shown.length);
    expect(Math.abs(mean)).toBeLessThan(0.00005);
    // 0.6 steps of noise and the rounding to a step (1/√12): about 0.67 steps together.
    expect(sd).toBeCloseTo(0.001 * Math.hypot(0.6, 1 / Math.sqrt(12)), 4);
  });
  it('normal deviates have mean 0 and spread 1', () => {
    const random = seededRandom(4);
    const values = Array.from({ length: 5000 }, () => normal(random));
    expect(Math.abs(values.reduce((a, b) => a + b) / 5000)).toBeLessThan(0.05);
    expect(values.reduce((a, b) => a + b * b, 0) / 5000).toBeCloseTo(1, 1);
  });
});
