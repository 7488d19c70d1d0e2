import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { bandOf } from '@/core/quantity/measured';
import type { JobEvent } from '@/core/record/entries';
import { partMetal } from '@/core/record/seatFacts';
import type { RescueStep } from '@/core/record/vocabulary';
import { demo, event, NOW, seatOf, viewSeat, withEntries } from '../../../tests/support/records';
import { viewHeatRun } from './heatRun';

describe('stuck half way, hot', () => {
  const record = demo('Fenwold 7');
  const seat = seatOf(record, 'Main bearing');
  const casting = record.castings[0]!;
  const viewAt = (extra: JobEvent[], atS: number) =>
    viewSeat(withEntries(record, [], extra), seat.id, NOW + atS * 1000)!;
  const run = (extra: JobEvent[], atS: number) =>
    viewHeatRun({ view: viewAt(extra, atS), probe: [], roomC: 20, nowMs: NOW + atS * 1000 });
  const again = (sourceC: number) =>
    event(
      'casting_into_heat',
      { source: 'oven', sourceC, castingC: 60, place: null },
      { castingId: casting.id },
      1300,
    );
  const rescued = (step: RescueStep, atS: number) =>
    event('rescue_noted', { step }, { seatId: seat.id }, atS);
  const grabbed = [
    event('casting_out', {}, { castingId: casting.id }, 1200),
    event('let_go', {}, { seatId: seat.id }, 1220),
    event('stuck', { depthMm: null }, { seatId: seat.id }, 1225),
  ];
  const hung = [...grabbed, again(110)];

  it('goes back into the heat with its casting, as hot as the tighter edge of its fit needs', () => {
    const cold = run(grabbed, 1230);
    expect(cold).toMatchObject({ call: 'grabbed', reason: 'it_grabbed' });
    // Both grow, only the difference counts: D·(α_h − α_r) a kelvin, and 5 K more so that it is free and not coaxed.
    const tightMm = bandOf(viewAt(grabbed, 1230).fit!.interference.forDropMm).high;
    const { part } = seat.spec;
    const perK = part.outsideMm * (MATERIALS[casting.material].alphaPerK - partMetal(part).alphaPerK);
    expect(cold.freeC!).toBeCloseTo(20 + tightMm / perK + 5, 0);
  });
  it('it is as hot as its casting there: free when the two let go, and not before', () => {
    const early = run(hung, 1301);
    expect(early).toMatchObject({ call: 'grabbed', reason: 'both_warming' });
    expect(early.now!.ringC).toBe(early.now!.housingC);
    expect(early.now!.clearanceMm.value).toBeLessThan(0);
    const freeS = 1301 + early.hotInS!;
    expect(run(hung, freeS - 20)).toMatchObject({ reason: 'both_warming' });
    const free = run(hung, freeS + 20);
    expect(free).toMatchObject({ call: 'let_go', reason: 'free_again' });
    expect(free.now!.clearanceMm.value).toBeGreaterThan(0);
  });
  it('a dial below that never frees it', () =>
    expect(run([...grabbed, again(62)], 9000)).toMatchObject({ reason: 'both_warming', hotInS: null }));
  it('out, its bore is looked at; then it is a new try, and the bearing warm', () => {
    const free = [...hung, rescued('backed_out', 2000)];
    expect(run(free, 2001)).toMatchObject({ call: 'wait', reason: 'look_at_the_bore', now: null });
    const looked = run([...free, rescued('bore_clean', 2010)], 2011);
    expect(looked.call).toBe('wait');
    expect(looked.reason).not.toBe('look_at_the_bore');
    expect(looked.now!.ringC).toBeCloseTo(20, 0);
  });
  it('chilled and pushed, no heat was there: it comes out cold', () => {
    const cold = event(
      'way_in_chosen',
      { way: 'chill', housingC: 20, ringC: -18, formulaVersion: 't' },
      { seatId: seat.id },
      100,
    );
    expect(run([cold, ...grabbed.slice(1)], 1230)).toMatchObject({
      call: 'grabbed',
      reason: 'cocked_back_out',
      freeC: null,
    });
  });
});
