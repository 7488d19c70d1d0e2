import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import type { JobEvent } from '@/core/record/entries';
import { partMetal } from '@/core/record/seatFacts';
import { demo, event, NOW, viewJob, withEvents } from '../../../tests/support/records';
import { viewWarmOut } from './warmOut';
import { limitOf } from './warmOutView';

/** A crankcase half with everything old still in it. */
const stripped = (() => {
  const record = demo('Ostrel 250');
  return { ...record, entries: { readings: [], events: [] } };
})();
const casting = stripped.castings[0]!;
const bearings = casting.seats.filter(({ spec }) => spec.kind !== 'seal_in_bore');

function at(atS: number, events: JobEvent[] = [], probe: { atS: number; celsius: number }[] = []) {
  const nowMs = NOW + atS * 1000;
  const job = viewJob(withEvents(stripped, ...events), nowMs);
  const view = job.seats.find(({ seat }) => seat.id === bearings[0]!.id)!;
  return viewWarmOut(
    {
      view,
      probe: probe.map(({ atS: s, celsius }) => ({ atMs: NOW + s * 1000, celsius })),
      roomC: 20,
      nowMs,
    },
    job,
  );
}
const sealsOut = casting.seats.map(({ id, spec }) =>
  spec.kind === 'seal_in_bore'
    ? event('taken_out', { way: 'hook_or_lever', isSpoilt: true }, { seatId: id }, 0)
    : event('seal_taken_out', {}, { seatId: id }, 0),
);
const heated = (sourceC: number, source: 'oven' | 'gun' = 'oven') =>
  event('casting_into_heat', { source, sourceC, castingC: 20, place: null }, { castingId: casting.id }, 10);
const out = (atS: number) => event('casting_out', {}, { castingId: casting.id }, atS);

describe('removal by heat', () => {
  it('cold, all hold; each lets go where D·(α_h − α_r)·(T − 20) is its nip', () => {
    const run = at(1, sealsOut);
    expect(run).toMatchObject({ call: 'wait', reason: 'not_warmed' });
    expect(run.parts.map(({ name }) => name).sort()).toEqual(bearings.map(({ name }) => name).sort());
    const job = viewJob(stripped, NOW);
    for (const { seatId, freeC } of run.parts) {
      const { seat, fit } = job.seats.find((each) => each.seat.id === seatId)!;
      const { part } = seat.spec;
      const perK = part.outsideMm * (MATERIALS[casting.material].alphaPerK - partMetal(part).alphaPerK);
      const tightMm = Math.max(0, fit!.interference.forDropMm.value);
      expect(freeC!.likely, seat.name).toBeCloseTo(20 + tightMm / perK, 0);
      expect(freeC!.low).toBeLessThanOrEqual(freeC!.likely);
      expect(freeC!.high).toBeGreaterThan(freeC!.likely);
    }
  });
  it('less force holds it the warmer it is, and none once it is free', () => {
    const forces = [10, 600, 1500, 6000].map((s) => {
      const { parts } = at(s, [...sealsOut, heated(130)]);
      return parts.find(({ seatId }) => seatId === bearings[0]!.id)!.forceN!.high;
    });
    expect(forces).toEqual([...forces].sort((a, b) => b - a));
    expect(forces[0]).toBeGreaterThan(1000);
    expect(forces.at(-1)).toBe(0);
  });
  it('hot enough only when it stays free for the seconds to work in; then it falls, and is held again at last', () => {
    const events = [...sealsOut, heated(130)];
    expect(at(60, events)).toMatchObject({ call: 'wait', reason: 'still_holds' });
    const ready = at(6000, events);
    expect(ready).toMatchObject({ call: 'wait', reason: 'hot_enough_out' });
    const falls = at(6005, [...events, out(6000)]);
    expect(falls).toMatchObject({ call: 'falls', reason: 'turn_it_over' });
    expect(falls.holdsAgainInS!).toBeGreaterThan(60);
    // Cooling, the one that is held again first comes first.
    expect(falls.next!.freeC!.high).toBe(Math.max(...falls.parts.map(({ freeC }) => freeC!.high)));
    const late = at(6005 + falls.holdsAgainInS! + 30, [...events, out(6000)]);
    const first = late.parts.find(({ seatId }) => seatId === falls.next!.seatId)!;
    expect(first.holds).not.toBe('free');
    expect(at(6000 + 3500, [...events, out(6000)]).parts.some(({ holds }) => holds === 'fast')).toBe(true);
  });
  it('what suffers stops the heat before it is reached, by the probe where there is one', () => {
    const [limit] = at(1).limits;
    expect(limit && 'ceiling' in limit && limit.ceiling.what).toBe('seal_left_in');
    const limitC = limitOf(limit!);
    const hot = [heated(180)];
    expect(at(30, hot, [{ atS: 29, celsius: 60 }]).call).toBe('wait');
    expect(at(900, hot, [{ atS: 899, celsius: limitC - 5 }])).toMatchObject({
      call: 'stop',
      reason: 'limit_near',
    });
    expect(at(900, hot, [{ atS: 899, celsius: limitC }])).toMatchObject({
      call: 'stop',
      reason: 'limit_reached',
    });
  });
  it('hot air has no dial: nothing is said without a probe; with one it falls while the air is on', () => {
    const air = [...sealsOut, heated(120, 'gun')];
    expect(at(200, air)).toMatchObject({ call: 'wait', reason: 'probe_it', celsius: null });
    expect(at(200, air, [{ atS: 199, celsius: 125 }])).toMatchObject({ call: 'falls', reason: 'tap_it' });
  });
  it('each part that is out leaves the list; the last leaves an empty casting', () => {
    const taken = bearings.map(({ id }, i) =>
      event('taken_out', { way: 'fall_out_hot', isSpoilt: false }, { seatId: id }, 6010 + i),
    );
    const events = [...sealsOut, heated(130), out(6000)];
    expect(at(6020, [...events, taken[0]!]).parts).toHaveLength(bearings.length - 1);
    expect(at(6030, [...events, ...taken])).toMatchObject({ call: 'all_out', next: null });
  });
});
