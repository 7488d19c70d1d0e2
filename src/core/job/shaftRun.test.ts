import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { freshShaft, type ShaftState } from '@/core/project/shaft';
import { bandOf } from '@/core/quantity/measured';
import { slidingRoomMm } from '@/core/shaft/waysOnto';
import { demo, NOW, viewJob } from '../../../tests/support/records';
import type { JournalView } from './journalView';
import { viewShaftRun } from './shaftRun';

/** A seat on a shaft of the demo, read to a few micrometres: 8 ± 2 µm tight; with nothing done to it. */
const bare = ((): JournalView => {
  const machines = ['Bolver 570, front drive', 'Ostrel 250', 'Tarn 220', 'Ostrel 250, rear hub'];
  const [view] = machines
    .flatMap((machine) => viewJob(demo(machine), NOW).journals)
    .filter(({ fit, part }) => fit !== null && part.boreMm >= 20);
  return {
    ...view!,
    beside: null,
    history: freshShaft,
    fit: { ...view!.fit!, forDropMm: { value: 0.008, u: 0.001 } },
  };
})();
const at = (s: number) => NOW + s * 1000;
const person = 'iq' as never;
const heat = (more: Partial<NonNullable<ShaftState['raceHeat']>>) => ({
  sinceMs: NOW,
  outMs: null,
  source: 'plate' as const,
  sourceC: 95,
  does: 'on' as const,
  personId: person,
  read: [],
  ...more,
});
const run = (s: number, history: Partial<ShaftState> = {}, does: 'on' | 'off' = 'on') =>
  viewShaftRun({ view: { ...bare, history: { ...freshShaft, ...history } }, does, roomC: 20, nowMs: at(s) });

describe('a warmed bearing onto its shaft', () => {
  it('needs as much as its tight edge and the room to slide ask for: d·α a kelvin', () => {
    const cold = run(0);
    expect(cold).toMatchObject({ call: 'wait', reason: 'not_warmed' });
    const perK = bare.part.boreMm * MATERIALS.bearing_steel.alphaPerK;
    const wantedMm = bandOf(bare.fit!.forDropMm).high + slidingRoomMm(bare.part.boreMm);
    expect(cold.neededC!).toBeCloseTo(20 + wantedMm / perK, 6);
    // A frozen shaft asks for less.
    const frozen = run(3600, { shaftCold: { sinceMs: NOW, freezerC: -18 } });
    expect(frozen.neededC!).toBeLessThan(cold.neededC! - 20);
  });
  it('warms on its plate, faster in a bath, slowest in an oven; then slides, and is too cool at last', () => {
    const readyIn = (source: 'plate' | 'bath' | 'oven') => run(1, { raceHeat: heat({ source }) }).readyInS!;
    expect(readyIn('bath')).toBeLessThan(readyIn('plate'));
    expect(readyIn('plate')).toBeLessThan(readyIn('oven'));
    const hot = { raceHeat: heat({ source: 'bath', sourceC: 95 }) };
    expect(run(1, hot)).toMatchObject({ call: 'wait', reason: 'still_tight' });
    expect(run(1800, hot)).toMatchObject({ call: 'wait', reason: 'hot_enough' });
    const out = { raceHeat: heat({ source: 'bath', sourceC: 95, outMs: at(1800) }) };
    const go = run(1805, out);
    expect(go).toMatchObject({ call: 'go', reason: 'sure' });
    expect(bandOf(go.clearanceMm!).low).toBeGreaterThanOrEqual(go.marginMm);
    expect(go.gripsAfterS!).toBeGreaterThan(0);
    expect(go.gripsAfterS!).toBeLessThan(60);
    expect(run(1805 + go.sureLeftS! + 5, out)).toMatchObject({ call: 'too_late', reason: 'cooled' });
  });
  it('a shaft in the freezer goes by itself once it is cold enough, where that is enough', () => {
    const light = { ...bare, fit: { ...bare.fit!, forDropMm: { value: -0.004, u: 0.0005 } } };
    const cold = { shaftCold: { sinceMs: NOW, freezerC: -18 } };
    const runOf = (view: JournalView, s: number) =>
      viewShaftRun({
        view: { ...view, history: { ...freshShaft, ...cold } },
        does: 'on',
        roomC: 20,
        nowMs: at(s),
      });
    const early = runOf(light, 1);
    expect(early).toMatchObject({ call: 'wait', reason: 'shaft_not_cold_yet' });
    expect(early.readyInS!).toBeGreaterThan(60);
    const then = runOf(light, 1 + early.readyInS! + 30);
    expect(then).toMatchObject({ call: 'go', reason: 'sure', readyInS: 0 });
    expect(bandOf(then.clearanceMm!).low).toBeGreaterThanOrEqual(then.marginMm);
    expect(then.sureLeftS!).toBeGreaterThan(0);
    // A tighter one waits for no cold that will not come: it is warmed as well.
    expect(runOf(bare, 20_000)).toMatchObject({ call: 'wait', reason: 'not_warmed', readyInS: null });
  });
  it('the bearing itself is the limit: called before it is reached, and when it is', () => {
    const { limitC } = run(0);
    expect(limitC).toBeLessThanOrEqual(120);
    const hot = (celsius: number) =>
      run(400, { raceHeat: heat({ sourceC: 160, read: [{ atMs: at(399), celsius }] }) });
    expect(hot(limitC - 40).call).toBe('wait');
    expect(hot(limitC - 8)).toMatchObject({ call: 'stop', reason: 'limit_near' });
    expect(hot(limitC)).toMatchObject({ call: 'stop', reason: 'limit_reached' });
  });
  it('hot air has no dial; a plate that is set too cool never gets there', () => {
    expect(run(300, { raceHeat: heat({ source: 'gun' }) })).toMatchObject({
      reason: 'read_the_race',
      raceC: null,
    });
    expect(run(9000, { raceHeat: heat({ sourceC: 30 }) }).reason).toBe('never_hot_enough');
  });
  it('grabbed half way, then on: each its own sign', () => {
    const hot = { raceHeat: heat({ outMs: at(600) }) };
    expect(run(605, { ...hot, raceGrabbedMs: at(604) }).call).toBe('grabbed');
    expect(run(605, { ontoShaft: { way: 'warm', atMs: at(604) } })).toMatchObject({
      call: 'done',
      reason: 'it_is_on',
    });
  });
});

describe('a bearing warmed to come off', () => {
  it('its race has to be further ahead, as the shaft warms with it; then at once', () => {
    const cold = run(0, {}, 'off');
    const tightMm = bandOf(bare.fit!.forDropMm).high;
    const perK = bare.part.boreMm * MATERIALS.bearing_steel.alphaPerK;
    expect(cold.neededC!).toBeGreaterThan(20 + tightMm / perK);
    const air = (celsius: number) =>
      run(60, { raceHeat: heat({ source: 'gun', does: 'off', read: [{ atMs: at(59), celsius }] }) }, 'off');
    expect(air(cold.neededC! - 10)).toMatchObject({ call: 'wait', reason: 'still_tight' });
    const ready = Math.min(cold.limitC - 6, cold.neededC! + 6);
    expect(air(ready)).toMatchObject({ call: 'go', reason: 'now_quickly' });
    expect(run(61, { offShaft: { way: 'warm_off', isSpoilt: false, atMs: at(60) } }, 'off').call).toBe(
      'done',
    );
  });
});
