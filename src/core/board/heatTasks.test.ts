import { describe, expect, it } from 'vitest';
import { demo, event, NOW, seatOf, viewJob, withEntries } from '../../../tests/support/records';
import type { JobEvent } from '@/core/record/entries';
import { heatTasksOf, RUBBER_C, TOUCH_C } from './heatTasks';
import { planHeats } from './planHeats';

const record = demo('Ostrel 250');
const clean = { ...record, entries: { readings: record.entries.readings, events: [] as JobEvent[] } };
const names = ['Main bearing', 'Clutch shaft', 'Shift drum'];
const seats = names.map((name) => seatOf(record, name));
const castingId = record.castings.find((casting) => casting.seats.includes(seats[0]!))!.id;
const chosen = seats.map((seat, i) =>
  event(
    'way_in_chosen',
    { way: 'heat_chill', housingC: 70 + 5 * i, ringC: -18, formulaVersion: 't', heatedBy: 'oven' },
    { seatId: seat.id },
    0,
  ),
);
const tasksWith = (...events: JobEvent[]) =>
  heatTasksOf(viewJob(withEntries(clean, [], [...chosen, ...events]), NOW + 600_000), {
    jobId: record.id,
    machine: record.machine,
  });

describe('what waits for its heat', () => {
  it('all parts of a casting go in at one heat, at what the neediest wants, each once', () => {
    const [task, ...others] = tasksWith();
    expect(others).toEqual([]);
    expect(task).toMatchObject({ key: castingId, source: 'oven', wantedC: 80, dialC: 95, inMs: null });
    expect(task!.drops.map(({ name }) => name).sort()).toEqual([...names].sort());
    expect(task!.cold).toHaveLength(3);
    expect(task).toMatchObject({ heats: 1, isProvenBest: true });
    expect(task!.leastSlackS).toBeGreaterThan(0);
  });
  it('the hands are busy until the last is home; it cools to rubber before it cools to the touch', () => {
    const [task] = tasksWith();
    const last = task!.drops.at(-1)!;
    expect(task!.handsMs / 1000).toBeGreaterThan(last.atS);
    expect(task!.coolMs.rubber).toBeLessThan(task!.coolMs.touch);
    expect(RUBBER_C).toBeGreaterThan(TOUCH_C);
  });
  it('what is home waits for nothing; a casting with nothing left is no heat', () => {
    const home = (seat: (typeof seats)[number], atS: number) => [
      event('let_go', {}, { seatId: seat.id }, atS),
      event('home', {}, { seatId: seat.id }, atS + 1),
    ];
    expect(tasksWith(...home(seats[0]!, 10))[0]!.drops).toHaveLength(2);
    expect(tasksWith(...seats.flatMap((seat, i) => home(seat, 10 * (i + 1))))).toEqual([]);
  });
  it('is planned from what happened: in the oven since then, its bearing cold since then', () => {
    const heat = { source: 'oven' as const, sourceC: 100, castingC: 20, place: null };
    const [task] = tasksWith(
      event('part_into_freezer', { freezerC: -18, place: null }, { seatId: seats[0]!.id }, 60),
      event('casting_into_heat', heat, { castingId }, 120),
    );
    expect(task).toMatchObject({ dialC: 100, inMs: NOW + 120_000, outMs: null });
    expect(task!.cold.find(({ key }) => key === seats[0]!.id)!.sinceMs).toBe(NOW + 60_000);
    const spots = [
      { key: 'o', kind: 'oven' as const, holds: 1, reachesC: null },
      { key: 'f', kind: 'freezer' as const, holds: 9, reachesC: null },
    ];
    const { heats } = planHeats([task!], {
      nowMs: NOW + 600_000,
      spots,
      wanted: { is: 'soonest' },
      pinned: {},
    });
    expect(heats[0]!.heat.fromMs).toBe(NOW + 120_000);
    // It waits for what is not cold yet: nobody takes it out before.
    expect(heats[0]!.hands.fromMs).toBeGreaterThanOrEqual(NOW + 600_000 + task!.cold[1]!.soakMs);
  });
  it('an oven heats the casting whole, hot air one boss: each boss is a heat of its own, and not begun by the oven', () => {
    const air = event(
      'way_in_chosen',
      { way: 'heat_chill', housingC: 90, ringC: -18, formulaVersion: 't', heatedBy: 'gun' },
      { seatId: seats[2]!.id },
      1,
    );
    const heat = { source: 'oven' as const, sourceC: 100, castingC: 20, place: null };
    const tasks = tasksWith(air, event('casting_into_heat', heat, { castingId }, 120));
    expect(tasks.map(({ key, source, inMs, drops }) => [key, source, inMs !== null, drops.length])).toEqual([
      [castingId, 'oven', true, 2],
      [seats[2]!.id, 'gun', false, 1],
    ]);
    // The oven's parts are home: what is left is cold under the gun, and the casting that still cools is drawn.
    const home = seats.slice(0, 2).map((seat) => event('home', {}, { seatId: seat.id }, 400));
    const out = event('casting_out', {}, { castingId }, 300);
    const after = tasksWith(air, event('casting_into_heat', heat, { castingId }, 120), out, ...home);
    expect(after.map(({ source, outMs, drops }) => [source, outMs !== null, drops.length])).toEqual([
      ['oven', true, 0],
      ['gun', false, 1],
    ]);
  });
});
