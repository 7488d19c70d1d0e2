import { describe, expect, it } from 'vitest';
import { demo, event, NOW, seatOf, viewJob, withEntries } from '../../../tests/support/records';
import type { JobEvent } from '@/core/record/entries';
import { viewHeatRun } from '@/core/job/heatRun';
import { castingNow, orderNow, partsOfHeat, shownInHeat, viewCastingRun } from './castingRun';

const record = demo('Ostrel 250');
const clean = { ...record, entries: { readings: record.entries.readings, events: [] as JobEvent[] } };
const NAMES = ['Main bearing', 'Clutch shaft', 'Shift drum'] as const;
const seats = NAMES.map((name) => seatOf(record, name));
const castingId = record.castings.find((casting) => casting.seats.includes(seats[0]!))!.id;

/** One needs more heat than the others. */
const HEATS_C = [90, 70, 70];
const chosen = seats.map((seat, i) =>
  event(
    'way_in_chosen',
    { way: 'heat_chill', housingC: HEATS_C[i]!, ringC: -18, formulaVersion: 't', heatedBy: 'oven' },
    { seatId: seat.id },
    0,
  ),
);
const usual = seats.map((seat) => event('usual_fit_accepted', {}, { seatId: seat.id }, 0));
const cold = seats.map((seat) =>
  event('part_into_freezer', { freezerC: -18, place: null }, { seatId: seat.id }, 0),
);
const inOven = event(
  'casting_into_heat',
  { source: 'oven', sourceC: 105, castingC: 20, place: null },
  { castingId },
  5400,
);

const at = (atS: number, ...events: JobEvent[]) => {
  const job = viewJob(withEntries(clean, [], [...usual, ...chosen, ...events]), NOW + atS * 1000);
  const viewOf = (name: string) => job.seats.find(({ seat }) => seat.name === name)!;
  const parts = partsOfHeat(viewOf(NAMES[0]), job);
  const run = (name: string) =>
    viewCastingRun({ view: viewOf(name), probe: [], roomC: 20, nowMs: NOW + atS * 1000 }, parts);
  const order = orderNow(parts, job, parts[0] ? castingNow(parts[0], 20, NOW + atS * 1000) : null);
  return { job, viewOf, parts, run, order };
};
const isReadyAlone = (bench: ReturnType<typeof at>, name: string, atS: number) =>
  viewHeatRun({ view: bench.viewOf(name), probe: [], roomC: 20, nowMs: NOW + atS * 1000 }).reason ===
  'hot_enough_take_it_out';

describe('several parts in one heat', () => {
  it('are those of the casting that an oven heats; hot air heats one boss', () => {
    expect(at(0).parts.map(({ seat }) => seat.name)).toEqual([...NAMES]);
    const air = event(
      'way_in_chosen',
      { way: 'heat_chill', housingC: 90, ringC: -18, formulaVersion: 't', heatedBy: 'gun' },
      { seatId: seats[0]!.id },
      1,
    );
    const { job, viewOf } = at(2, air);
    expect(partsOfHeat(viewOf(NAMES[0]), job).map(({ seat }) => seat.name)).toEqual([NAMES[0]]);
    expect(partsOfHeat(viewOf(NAMES[1]), job).map(({ seat }) => seat.name)).toEqual(NAMES.slice(1));
  });
  it('the door stays shut until the neediest is ready, and its name is said', () => {
    let [waited, isOpen] = [0, false];
    for (let atS = 5400; atS < 5400 + 3600 && !isOpen; atS += 60) {
      const bench = at(atS, ...cold, inOven);
      const runs = NAMES.map((name) => bench.run(name));
      const ready = NAMES.map((name) => isReadyAlone(bench, name, atS));
      runs.forEach((run, i) => {
        if (run.reason === 'hot_enough_take_it_out') expect(ready).toEqual([true, true, true]);
        if (run.reason !== 'another_not_ready') return;
        waited += 1;
        expect(ready[i]).toBe(true);
        expect(run).toMatchObject({ call: 'wait', waitsFor: { name: NAMES[0] } });
        expect(run.hotInS).toBeGreaterThan(0);
      });
      isOpen = ready.every(Boolean);
    }
    expect(waited).toBeGreaterThan(0);
    expect(isOpen).toBe(true);
  });
  it('a part that nobody has put into the cold is waited for too', () => {
    const warm = cold.slice(1);
    const said = [6300, 6600, 6900, 7200].map((atS) => at(atS, ...warm, inOven).run(NAMES[1]));
    expect(said.map(({ waitsFor }) => waitsFor)).toContainEqual({ name: NAMES[0], reason: 'not_cold_yet' });
    expect(said.map(({ reason }) => reason)).not.toContain('hot_enough_take_it_out');
  });
  it('out, the neediest goes first; home, the next is shown by itself; taken back, the one before is', () => {
    const out = event('casting_out', {}, { castingId }, 8000);
    const done: JobEvent[] = [...cold, inOven, out];
    const went: string[] = [];
    for (let atS = 8003; went.length < 3; atS += 9) {
      const { parts, order, viewOf, run } = at(atS, ...done);
      const shown = shownInHeat(viewOf(went.at(-1) ?? order!.drops[0]!.name), parts, order);
      expect(order!.drops.map(({ heat }) => heat)).toEqual(parts.map(() => 1));
      expect(run(shown.seat.name).call, shown.seat.name).toBe('go');
      done.push(
        event('let_go', {}, { seatId: shown.seat.id }, atS),
        event('home', { how: 'by_itself' }, { seatId: shown.seat.id }, atS + 2),
      );
      went.push(shown.seat.name);
    }
    expect(went[0]).toBe(NAMES[0]);
    expect([...went].sort()).toEqual([...NAMES].sort());
    expect(at(8040, ...done).viewOf(went[1]!).history).toMatchObject({ homeHow: 'by_itself' });
    const last = done.at(-1)!;
    const undo = event('event_withdrawn', { eventId: last.id }, { seatId: last.seatId! }, 8030);
    const { parts, order, viewOf } = at(8031, ...done, undo);
    // In the hand: it is asked about before anything else goes in.
    expect(shownInHeat(viewOf(went[0]!), parts, order).seat.name).toBe(went[2]);
  });
  it('what a probe reads colder than was thought calls the reheat before it is too late, part by part', () => {
    const out = event('casting_out', {}, { castingId }, 8000);
    const { parts, job } = at(8003, ...cold, inOven, out);
    const heatsAt = (celsius: number) => {
      const { drops, heats } = orderNow(parts, job, celsius)!;
      return { heats, again: drops.filter(({ heat }) => heat > 1).map(({ name }) => name) };
    };
    expect(heatsAt(90)).toEqual({ heats: 1, again: [] });
    const cooled = heatsAt(62);
    expect(cooled.heats).toBe(2);
    expect(cooled.again.length).toBeGreaterThan(0);
    expect(heatsAt(40)).toMatchObject({ heats: 2, again: expect.arrayContaining([...NAMES]) });
  });
});
