import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { JobEvent } from '@/core/record/entries';
import { NOW, demo, seatOf, event, withEntries, viewJob, viewSeat } from '../../../tests/support/records';
import { project } from '@/core/project/project';
import { heatAt } from './castingHeat';
import { viewHeatRun } from './heatRun';
import { castingNow } from './heatRunStart';
import { LEAST_SECONDS } from '@/core/heat/workingSeconds';
import { readDoubtK, U_PROBE_K } from '@/core/heat/thermometer';
import { isHeated } from '@/core/heat/waySorts';
import { buildDemo } from '../../../database/demo/demo';
import { planSeat, surroundingsOf } from './planSeat';
import { findNextMove } from '@/core/walk/nextMove';

/** Every warm way that works, of the first seat of each job of the demo. */
function* warmPlans() {
  for (const {
    job: { machine },
  } of buildDemo(NOW)) {
    const record = demo(machine);
    const job = viewJob(record, NOW);
    for (const seat of job.seats.slice(0, 1)) {
      const plans = planSeat(seat, surroundingsOf(seat, job), 'oven')?.ways ?? [];
      for (const { way, housingC, ringC, works } of plans)
        if (works && isHeated(way))
          yield { record, seat: seat.seat, castingId: seat.casting.id, plan: { way, housingC, ringC } };
    }
  }
}

describe('the heat run', () => {
  const record = demo('Fenwold 7');
  const seat = seatOf(record, 'Main bearing');
  const casting = record.castings[0]!;
  const run = (extra: JobEvent[], atS: number, probe: { atS: number; celsius: number }[] = []) => {
    const nowMs = NOW + atS * 1000;
    return viewHeatRun({
      view: viewSeat(withEntries(record, [], extra), seat.id, nowMs)!,
      probe: probe.map(({ atS: s, celsius }) => ({ atMs: NOW + s * 1000, celsius })),
      roomC: 20,
      nowMs,
    });
  };
  const out = event('casting_out', {}, { castingId: casting.id }, 1200);
  const letGo = event('let_go', {}, { seatId: seat.id }, 1220);

  it('never says GO below the least clearance at the unfavourable edge, whatever the probe shows and however late it is', () => {
    let goes = 0;
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 2400 }),
        fc.integer({ min: 0, max: 900 }),
        fc.double({ min: 20, max: 160, noNaN: true }),
        fc.boolean(),
        (inHeatS, outS, celsius, hasProbe) => {
          const shown = run(
            [event('casting_out', {}, { castingId: casting.id }, inHeatS)],
            inHeatS + outS,
            hasProbe ? [{ atS: inHeatS + Math.max(0, outS - 5), celsius }] : [],
          );
          if (shown.call !== 'go') return;
          goes += 1;
          expect(shown.now!.clearanceMm.value - 2 * shown.now!.clearanceMm.u).toBeGreaterThanOrEqual(
            shown.marginMm,
          );
          expect(shown.sureLeftS === null || shown.sureLeftS >= 0).toBe(true);
          expect((shown.sureLeftS ?? Infinity) <= (shown.likelyLeftS ?? Infinity)).toBe(true);
        },
      ),
      { seed: 77, numRuns: 80 },
    );
    expect(goes).toBeGreaterThan(5);
  });
  it('waits while the bore is small, then says take it out, goes, and is too late at last', () => {
    expect(run([], 0)).toMatchObject({ call: 'wait', reason: 'bore_still_small' });
    expect(run([], 1100)).toMatchObject({ call: 'wait', reason: 'hot_enough_take_it_out' });
    expect(run([out], 1205)).toMatchObject({ call: 'go' });
    expect(run([out], 1200 + 800)).toMatchObject({ call: 'too_late', reason: 'band_at_margin' });
  });
  it('what cooled is told from what never was hot enough, by a probe as well', () => {
    const cooled = run([out], 2000, [{ atS: 1995, celsius: 45 }]);
    expect(cooled).toMatchObject({ call: 'too_late', reason: 'band_at_margin' });
    const early = event('casting_out', {}, { castingId: casting.id }, 60);
    for (const probe of [[], [{ atS: 70, celsius: 40 }]])
      expect(run([early], 75, probe)).toMatchObject({ call: 'too_late', reason: 'never_hot_enough' });
  });
  it('whatever is taken out when it is told to goes in for the seconds to work in, by every warm way', () => {
    let tried = 0;
    for (const { record: job, seat: each, castingId, plan } of warmPlans()) {
      const heated = [
        event('way_in_chosen', { ...plan, formulaVersion: 't' }, { seatId: each.id }, 0),
        event('part_into_freezer', { freezerC: plan.ringC, place: null }, { seatId: each.id }, 0),
        event(
          'casting_into_heat',
          { source: 'oven', sourceC: plan.housingC + 10, castingC: 20, place: null },
          { castingId },
          0,
        ),
      ].filter(({ kind }) => kind !== 'part_into_freezer' || plan.ringC < 0);
      const at = (extra: JobEvent[], atS: number) => {
        const nowMs = NOW + atS * 1000;
        const clean = { ...job, entries: { readings: job.entries.readings, events: [] } };
        const shown = viewSeat(withEntries(clean, [], [...heated, ...extra]), each.id, nowMs)!;
        return viewHeatRun({ view: shown, probe: [], roomC: 20, nowMs });
      };
      const { hotInS } = at([], 0);
      if (hotInS === null) continue;
      const outS = hotInS + 1;
      expect(at([], outS).reason, each.name).toBe('hot_enough_take_it_out');
      tried++;
      const taken = event('casting_out', {}, { castingId }, outS);
      // The run looks up to two seconds ahead.
      for (const afterS of [1, LEAST_SECONDS - 3])
        expect(['go', 'push'], `${each.name}, ${plan.way} at ${plan.housingC} °C`).toContain(
          at([taken], outS + afterS).call,
        );
    }
    expect(tried).toBeGreaterThan(10);
  });
  it('the time to go ends when it says take it out, and an oven set too low says so at once', () => {
    const shown = run([], 60);
    expect(shown.reason).toBe('bore_still_small');
    const readyS = 60 + shown.hotInS!;
    expect(run([], readyS - 10).reason).not.toBe('hot_enough_take_it_out');
    expect(run([], readyS + 1)).toMatchObject({ reason: 'hot_enough_take_it_out', hotInS: 0 });
    const tepid = event(
      'casting_into_heat',
      { source: 'oven', sourceC: 45, castingC: 20, place: null },
      { castingId: casting.id },
    );
    expect(run([tepid], 60)).toMatchObject({ call: 'wait', reason: 'dial_too_low', hotInS: null });
  });
  describe('with hot air on the boss', () => {
    const air = event(
      'casting_into_heat',
      { source: 'gun', sourceC: 130, castingC: 20, place: null },
      { castingId: casting.id },
      0,
    );
    const off = event('casting_out', {}, { castingId: casting.id }, 200);
    it('nothing but a probe on the boss makes it GO', () => {
      expect(run([air], 190)).toMatchObject({ call: 'wait', reason: 'probe_the_boss', now: null });
      expect(run([air, off], 205)).toMatchObject({ call: 'too_late', reason: 'probe_the_boss' });
      expect(run([air, off], 205, [{ atS: 20, celsius: 130 }]), 'a probe of minutes ago').toMatchObject({
        call: 'too_late',
        reason: 'probe_the_boss',
      });
    });
    it('goes on from the probe, and is over far sooner than out of the oven', () => {
      expect(run([air], 190, [{ atS: 188, celsius: 130 }])).toMatchObject({
        call: 'wait',
        reason: 'hot_enough_air_off',
      });
      const [boss, whole] = [
        run([air, off], 203, [{ atS: 199, celsius: 130 }]),
        run([out], 1203, [{ atS: 1199, celsius: 130 }]),
      ];
      expect(boss.call).toBe('go');
      expect(boss.now!.clearanceMm.value).toBeLessThan(whole.now!.clearanceMm.value);
      expect(boss.sureLeftS!).toBeLessThan(0.3 * (whole.sureLeftS ?? 900));
      expect(run([air, off], 380, [{ atS: 199, celsius: 130 }]).call).toBe('too_late');
    });
    it('what the probe says afterwards is drawn as the room that it means, not as free growth', () => {
      const shown = run([air, off], 215, [
        { atS: 199, celsius: 130 },
        { atS: 214, celsius: 110 },
      ]);
      expect(shown.curve.measured).toHaveLength(1);
      expect(
        Math.abs(shown.curve.measured[0]!.clearanceMm - shown.curve.moments[0]!.clearanceMm.value),
      ).toBeLessThan(1e-4);
    });
  });
  it('seconds that are sure run down with the clock, and end before the likely ones', () => {
    const [early, later] = [run([out], 1205), run([out], 1225)];
    expect(early.sureLeftS! - later.sureLeftS!).toBeCloseTo(20, 0);
    expect(early.sureLeftS!).toBeLessThan(early.likelyLeftS!);
  });
  it('a probe that reads colder shortens what is sure; one that reads as computed narrows the band', () => {
    const believed = run([out], 1230);
    const cold = run([out], 1230, [{ atS: 1229, celsius: believed.now!.housingC - 12 }]);
    const same = run([out], 1230, [{ atS: 1229, celsius: believed.now!.housingC }]);
    expect(cold.sureLeftS!).toBeLessThan(believed.sureLeftS!);
    expect(same.now!.clearanceMm.u).toBeLessThan(believed.now!.clearanceMm.u);
  });
  it('a typed reading is believed as its instrument is: contact-free less than a probe', () => {
    const nowMs = NOW + 700_000;
    const view = viewSeat(record, seat.id, nowMs)!;
    const readBy = (uK?: number) =>
      viewHeatRun({ view, probe: [{ atMs: nowMs - 1000, celsius: 88, ...(uK && { uK }) }], roomC: 20, nowMs })
        .now!.clearanceMm;
    expect(readBy(8).u).toBeGreaterThan(readBy().u);
    // Weighed with the dial, which is known to 5 K: (88/64 + T/25) / (1/64 + 1/25), known to 4.2 K.
    const dialC = viewHeatRun({ view, probe: [], roomC: 20, nowMs }).now!.housingC;
    const shown = { view, roomC: 20, nowMs, probe: [{ atMs: nowMs, celsius: 88, uK: 8 }] };
    expect(castingNow(shown)!.value).toBeCloseTo((88 / 64 + dialC / 25) / (1 / 64 + 1 / 25), 6);
    expect(castingNow(shown)!.u).toBeCloseTo(1 / Math.sqrt(1 / 64 + 1 / 25), 9);
    // Many of them lie by the same: they are not known better than one.
    const many = Array.from({ length: 9 }, (_, i) => ({ atMs: nowMs - i, celsius: 88, uK: 8 })).reverse();
    expect(castingNow({ ...shown, probe: many })!.u).toBeCloseTo(castingNow(shown)!.u, 3);
    expect(readDoubtK(8)).toBe(8);
    expect([readDoubtK(0.8), readDoubtK(undefined)]).toEqual([U_PROBE_K, U_PROBE_K]);
  });
  it('a stick that melts where it was thought cooler corrects it, one that tells nothing new changes nothing', () => {
    const thought = run([], 700).now!;
    const felt = (celsius: number, isAtLeast: boolean, by: 'stick' | 'water_drop' = 'stick') =>
      run([event('casting_heat_felt', { by, celsius, isAtLeast }, { castingId: casting.id }, 700)], 700).now!;
    expect(felt(thought.housingC + 10, true).housingC).toBeCloseTo(thought.housingC + 10, 1);
    expect(felt(thought.housingC - 10, true)).toEqual(thought);
    // Less than that is somewhat less, and no surer than a dial.
    const cooler = felt(thought.housingC - 10, false);
    expect(cooler.housingC).toBeLessThan(thought.housingC - 10);
    expect(cooler.clearanceMm.u).toBeGreaterThanOrEqual(thought.clearanceMm.u * 0.95);
    expect(felt(thought.housingC + 10, false)).toEqual(thought);
    expect(felt(150, false, 'water_drop')).toEqual(thought);
  });
  it('out of the heat a stick counts too, as it was then; a new heat forgets it; under hot air only what melts is news', () => {
    const before = run([out], 1230).now!;
    const stick = (isAtLeast: boolean, atS: number) =>
      event('casting_heat_felt', { by: 'stick', celsius: 60, isAtLeast }, { castingId: casting.id }, atS);
    const now = run([out, stick(false, 1220)], 1230).now!;
    expect(now.housingC).toBeLessThan(56);
    expect(now.housingC).toBeLessThan(before.housingC);
    const again = event(
      'casting_into_heat',
      { source: 'oven', sourceC: 95, castingC: 60, place: null },
      { castingId: casting.id },
      1300,
    );
    const clean = run([out, again], 1400).now!;
    expect(run([out, stick(false, 1220), again], 1400).now!).toEqual(clean);
    const air = event(
      'casting_into_heat',
      { source: 'gun', sourceC: 130, castingC: 20, place: null },
      { castingId: casting.id },
    );
    expect(run([air, stick(false, 100)], 105).now).toBeNull();
    expect(run([air, stick(true, 100)], 105).now!.housingC).toBeCloseTo(60, 0);
  });
  it('forgotten for an hour, a casting is shown as cold as it is by then, not as it was after a quarter', () => {
    const [quarter, hour, day] = [900, 3600, 86_400].map((outS) => run([out], 1200 + outS).now!.housingC);
    expect(hour!).toBeLessThan(quarter! - 10);
    expect(day!).toBeCloseTo(20, 0);
  });
  it('let go, then home or grabbed: each its own sign', () => {
    expect(run([out, letGo], 1221).call).toBe('let_go');
    expect(run([out, letGo, event('home', {}, { seatId: seat.id }, 1225)], 1226).call).toBe('home');
    expect(run([out, letGo, event('stuck', { depthMm: 4 }, { seatId: seat.id }, 1225)], 1226).call).toBe(
      'grabbed',
    );
  });
  it('home said by mistake is taken back: the question stands again', () => {
    const home = event('home', {}, { seatId: seat.id }, 1225);
    const undo = event('event_withdrawn', { eventId: home.id }, { seatId: seat.id }, 1230);
    expect(run([out, letGo, home], 1231).call).toBe('home');
    expect(run([out, letGo, home, undo], 1231).call).toBe('let_go');
  });
  it('an event put back in time is counted from there', () => {
    const retimed = event(
      'event_retimed',
      { eventId: out.id, at: new Date(NOW + 1150_000).toISOString() },
      { castingId: casting.id },
      1260,
    );
    expect(
      heatAt(
        project(withEntries(record, [], [out, retimed])).state.castings[casting.id]!.heat,
        NOW + 1300_000,
      ),
    ).toMatchObject({ phase: 'out', outMs: NOW + 1150_000 });
  });
  it('hot metal takes the headline of the job', () =>
    expect(findNextMove(viewJob(withEntries(record, [], [out]), NOW + 1210_000), 'full').code).toBe(
      'drop_now',
    ));
});
