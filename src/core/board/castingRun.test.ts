import { describe, expect, it } from 'vitest';
import { asId } from '../../../tests/support/ids';
import { demo, event, NOW, seatOf, viewJob, withEntries } from '../../../tests/support/records';
import type { JobEvent } from '@/core/record/entries';
import { viewHeatRun } from '@/core/job/heatRun';
import { castingAt } from '@/core/job/heatRunStart';
import { partsOfHeat, viewCastingRun } from './castingRun';
import { orderAt, shownInHeat } from './heatTurns';

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
  const nowMs = NOW + atS * 1000;
  const shown = (name: string, isAsked = false) =>
    shownInHeat(viewOf(name), parts, job, { nowMs, isAsked }).seat.name;
  return { job, viewOf, parts, run, shown, order: orderAt(parts, job, nowMs) };
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
    const shown = at(6300, ...warm, inOven);
    expect(isReadyAlone(shown, NAMES[1], 6300)).toBe(true);
    expect(shown.run(NAMES[1])).toMatchObject({
      reason: 'another_not_ready',
      waitsFor: { name: NAMES[0], reason: 'not_cold_yet' },
    });
  });
  it('out, each is shown in its turn, in the order that is least late; taken back, the one before is shown', () => {
    const out = event('casting_out', {}, { castingId }, 8000);
    const done: JobEvent[] = [...cold, inOven, out];
    const planned = at(8000, ...done).order!.drops.map(({ name }) => name);
    const went: string[] = [];
    for (let atS = 8003; went.length < 3; atS += 9) {
      const { parts, order, run, shown, viewOf } = at(atS, ...done);
      // Whichever of them the page was opened for.
      const name = shown(NAMES[went.length]!);
      expect(shown(went.at(-1) ?? NAMES[0])).toBe(name);
      expect(order!.drops.map(({ heat }) => heat)).toEqual(parts.map(() => 1));
      expect(run(name).call, name).toBe('go');
      const where = { seatId: viewOf(name).seat.id };
      done.push(event('let_go', {}, where, atS), event('home', { how: 'by_itself' }, where, atS + 2));
      went.push(name);
    }
    expect(went).toEqual(planned);
    expect(at(8040, ...done).viewOf(went[1]!).history).toMatchObject({ homeHow: 'by_itself' });
    const last = done.at(-1)!;
    const undo = event(
      'event_withdrawn',
      { eventId: last.id },
      { seatId: seatOf(record, went[2]!).id },
      8030,
    );
    // In the hand: it is asked about before anything else goes in.
    expect(at(8031, ...done, undo).shown(went[0]!)).toBe(went[2]);
  });
  it('one that somebody taps comes first; what is shown does not change under the hands', () => {
    const out = event('casting_out', {}, { castingId }, 8000);
    const shownAt = (atS: number) => at(atS, ...cold, inOven, out).shown(NAMES[0]);
    const [first, ...later] = [8001, 8040, 8090, 8200, 8400].map(shownAt);
    for (const each of later) expect(each).toBe(first);
    const other = NAMES.find((name) => name !== first)!;
    expect(at(8010, ...cold, inOven, out).shown(other, true)).toBe(other);
    expect(at(8010, ...cold, inOven, out).shown(other)).toBe(first);
  });
  it('what a probe reads colder than was thought calls the reheat before it is too late, part by part', () => {
    const out = event('casting_out', {}, { castingId }, 8000);
    const heatsAt = (celsius: number) => {
      const bench = at(8003, ...cold, inOven, out);
      const read = [{ id: asId('probe'), atMs: NOW + 8002_000, celsius }];
      const parts = bench.parts.map((view) => ({ ...view, probe: read }));
      expect(castingAt(parts[0]!, 20, NOW + 8003_000)).toBeCloseTo(celsius, 0);
      const { drops, heats } = orderAt(parts, bench.job, NOW + 8003_000)!;
      return { heats, again: drops.filter(({ heat }) => heat > 1).map(({ name }) => name) };
    };
    expect(heatsAt(90)).toEqual({ heats: 1, again: [] });
    const cooled = heatsAt(62);
    expect(cooled.heats).toBe(2);
    expect(cooled.again.length).toBeGreaterThan(0);
    expect(heatsAt(40)).toMatchObject({ heats: 2, again: expect.arrayContaining([...NAMES]) });
  });
});
