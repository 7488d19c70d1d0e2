import { describe, expect, it } from 'vitest';
import { event, NOW } from '../../../tests/support/records';
import { FREEZER, OVEN, RunBench } from '../../../tests/support/runBench';
import { viewHeatRun } from '@/core/job/heatRun';
import type { EventBody } from '@/core/record/entries';
import { actionsFor, findDueCaution } from './runActions';

describe('the buttons of the heat run', () => {
  it('nothing can be done before a way in is chosen', () => {
    const bench = new RunBench();
    expect(bench.press()).toBe('Choose the way in');
    expect(bench.wentTo).toEqual(['way-in']);
    expect(bench.record.entries.events).toEqual([]);
  });

  it('heat and cold: the caution, the freezer, the oven, the door, the drop, home, square', () => {
    const bench = new RunBench();
    bench.choose('heat_chill');
    const said = [0, 5, 5400, 2400, 10, 5, 5].map((afterS) => bench.press(afterS));
    expect(said).toEqual([
      'Understood',
      'Bearing into the freezer',
      'Casting into the heat',
      'It is out',
      'Let go',
      'It is home',
      'Square it up',
    ]);
    expect(bench.wentTo).toEqual(['square']);
  });

  it('nothing is offered before all is within reach, thing by thing, and one key does it', () => {
    const bench = new RunBench();
    bench.laysOut = false;
    bench.choose('heat_chill');
    for (const afterS of [0, 5, 5400]) bench.press(afterS);
    bench.atS += 2400;
    const asked = bench.missing.length;
    expect(asked).toBeGreaterThanOrEqual(5);
    const runNow = (isLaidOut: boolean) =>
      viewHeatRun({ view: bench.view, probe: [], roomC: 20, nowMs: NOW + bench.atS * 1000, isLaidOut });
    expect(runNow(false)).toMatchObject({ call: 'wait', reason: 'hot_enough_lay_it_out' });
    expect(bench.actions()[1]).toBeNull();
    const ticked = Array.from({ length: asked }, () => bench.press(2));
    expect(ticked).toEqual(expect.arrayContaining(['Gloves', 'Bearing on its socket', 'Driver']));
    expect(runNow(true)).toMatchObject({ call: 'wait', reason: 'hot_enough_take_it_out' });
    expect(bench.press(2)).toBe('It is out');
    expect(bench.press(2)).toBe('Let go');
  });

  it('out all the same, GO waits for what is missing; what no longer drops goes back to the heat at once', () => {
    const outIn = (afterS: number) => {
      const bench = new RunBench();
      bench.laysOut = false;
      bench.choose('heat_chill');
      for (const pauseS of [0, 5, 5400]) bench.press(pauseS);
      bench.atS += 2400;
      bench.add(event('casting_out', {}, { castingId: bench.view.casting.id }, bench.atS));
      bench.atS += afterS;
      return bench;
    };
    const bench = outIn(5);
    const nowMs = NOW + bench.atS * 1000;
    const said = viewHeatRun({ view: bench.view, probe: [], roomC: 20, nowMs, isLaidOut: false });
    expect(said).toMatchObject({ call: 'wait', reason: 'lay_it_out' });
    while (bench.missing.length > 0) bench.press(1);
    expect(bench.actions()[0]?.words).toBe('Let go');
    expect(outIn(3000).actions()[0]?.words).toBe('Back to the heat');
  });

  it('cold alone asks for no hot metal, and driven in for no heat', () => {
    const cold = new RunBench();
    cold.choose('chill', { housingC: 20 });
    expect([0, 5400, 5].map((afterS) => cold.press(afterS))).toEqual([
      'Bearing into the freezer',
      'Let go',
      'It is home',
    ]);
    const driven = new RunBench();
    driven.choose('drive', { housingC: 20, ringC: 20 });
    expect(driven.caution).toBe('press');
    expect([0, 5, 5].map((afterS) => driven.press(afterS))).toEqual([
      'Understood',
      'It is home',
      'Square it up',
    ]);
  });

  it('where the eye is enough, a push that ended well is square, and the job goes on', () => {
    const bench = new RunBench();
    bench.isEyeEnough = true;
    bench.choose('press', { housingC: 20, ringC: 20 });
    expect([0, 5, 5].map((afterS) => bench.press(afterS))).toEqual([
      'Understood',
      'It is home',
      'On with the job',
    ]);
    expect(bench.wentTo).toEqual(['next']);
    const run = viewHeatRun({ view: bench.view, probe: [], roomC: 20, nowMs: NOW + 60_000 });
    expect(run).toMatchObject({ call: 'home', reason: 'it_is_home_cold' });
  });

  it('home, but another part wants the same warmth: on with that, square is read later', () => {
    const bench = new RunBench();
    bench.isNextHere = false;
    bench.choose('chill', { housingC: 20 });
    for (let i = 0; i < 3; i += 1) bench.press(5);
    const [on] = bench.actions();
    expect(on).toMatchObject({
      words: 'On with the job',
      note: expect.stringMatching(/^square is read later/),
    });
    on!.does();
    expect(bench.wentTo).toEqual(['next']);
    bench.isNextHere = true;
    expect(bench.actions()[0]?.words).toBe('Square it up');
  });

  it('cocked and cold goes out again and is drawn in, never back to the heat', () => {
    const bench = new RunBench();
    bench.choose('press', { housingC: 20, ringC: 20 });
    bench.press(0);
    const [, cocked] = bench.actions();
    expect(cocked!.words).toBe('It cocked');
    cocked!.does();
    expect([5, 5, 5].map((afterS) => bench.press(afterS))).toEqual([
      'It is out again',
      'The bore is clean',
      'It is home',
    ]);
    const chosen = bench.record.entries.events.findLast(({ kind }) => kind === 'way_in_chosen')!;
    expect(chosen.body).toMatchObject({ way: 'draw_in' });
  });

  it('warm and light blows: too tight while it warms, then taps, with the force of now; cooled, back to the heat', () => {
    const bench = new RunBench('Ostrel 250', 'Right main bearing');
    bench.choose('warm_tap', { housingC: 85 });
    bench.press(0);
    bench.press(0);
    bench.press(60);
    const runAt = (afterS: number) => {
      const nowMs = NOW + (bench.atS + afterS) * 1000;
      return viewHeatRun({ view: bench.view, probe: [], roomC: 20, nowMs });
    };
    const [cold, hot] = [runAt(5), runAt(5400)];
    expect(cold).toMatchObject({ call: 'wait', reason: 'still_tight_for_blows' });
    expect(hot).toMatchObject({ call: 'wait', reason: 'hot_enough_take_it_out' });
    expect(cold.push!.forceN.high).toBeGreaterThan(5 * hot.push!.forceN.high);
    expect(bench.press(5400)).toBe('It is out');
    expect(runAt(5)).toMatchObject({ call: 'push', reason: 'light_blows' });
    expect(bench.actions().map((each) => each?.words)).toEqual(['It is home', 'It cocked']);
    bench.atS += 3000;
    expect(runAt(0)).toMatchObject({ call: 'too_late', reason: 'cooled_blows_too_hard' });
    const [again, allTheSame] = bench.actions();
    expect([again?.words, allTheSame?.words]).toEqual(['Back to the heat', 'It is home']);
    allTheSame!.does();
    expect(bench.view.history.homeMs).toBe(NOW + bench.atS * 1000);
  });

  it('a part that never saw the freezer is not called too tight: it is not cold yet', () => {
    const bench = new RunBench();
    bench.choose('warm_tap', { housingC: 60 });
    bench.press(0);
    const intoHeat = { source: 'oven', sourceC: 60, castingC: 20, place: OVEN } as const;
    bench.add(event('casting_into_heat', intoHeat, { castingId: bench.view.casting.id }, 0));
    bench.atS = 30;
    const run = viewHeatRun({ view: bench.view, probe: [], roomC: 20, nowMs: NOW + 30_000 });
    expect(run).toMatchObject({ call: 'wait', reason: 'not_cold_yet' });
  });

  it('hot air says air, and starts at what is wanted of the boss, not at an oven’s dial', () => {
    const bench = new RunBench();
    bench.choose('heat', { heatedBy: 'gun', ringC: 20 });
    expect([0, 5, 240].map((afterS) => bench.press(afterS))).toEqual([
      'Understood',
      'Hot air on the boss',
      'The air is off',
    ]);
    expect(bench.record.entries.events.find(({ kind }) => kind === 'casting_into_heat')!.body).toMatchObject({
      source: 'gun',
      sourceC: 95,
      place: null,
    });
  });

  it('hot air has no dial: the one key puts the probe on, and the air off once it tells that the boss is hot enough', () => {
    const bench = Object.assign(new RunBench(), { hasProbe: true });
    bench.choose('heat', { heatedBy: 'gun', ringC: 20 });
    for (const afterS of [0, 5, 240]) bench.press(afterS);
    expect(bench.wentTo).toEqual(['probe']);
    expect(bench.actions()[1]!.words).toBe('The air is off');
    const [told] = bench.actions([{ atS: bench.atS - 1, celsius: 130 }]);
    expect(told).toMatchObject({ words: 'The air is off', note: expect.stringMatching(/be quick/) });
  });

  it('bearing and casting are recorded with the freezer and the oven that they went into', () => {
    const bench = new RunBench();
    bench.choose('heat_chill');
    for (let press = 0; press < 3; press += 1) bench.press();
    const places = bench.record.entries.events.flatMap((each) =>
      each.kind === 'part_into_freezer' || each.kind === 'casting_into_heat' ? [each.body.place] : [],
    );
    expect(places).toEqual([FREEZER, OVEN]);
  });

  it('a casting of magnesium is warned of before its heat, any other of hot metal, and once only', () => {
    const bench = new RunBench();
    bench.choose('heat', { ringC: 20 });
    const inMagnesium = { ...bench.view, casting: { ...bench.view.casting, material: 'az91' as const } };
    expect(findDueCaution(inMagnesium, ['hot_metal'])).toBe('magnesium');
    expect(findDueCaution(inMagnesium, ['magnesium'])).toBe('hot_metal');
    bench.press();
    expect(bench.caution).toBe(null);
  });

  it('with an old seal in, an oven above 100 °C stays shut; cooler it may go', () => {
    const bench = new RunBench();
    bench.choose('heat', { ringC: 20 });
    bench.press();
    const sealed = {
      ...bench.view,
      leftIn: [{ seatName: 'Left seal', sealMaterial: 'nbr' as const }],
    };
    const rest = {
      units: 'metric' as const,
      run: viewHeatRun({ view: sealed, probe: [], roomC: 20, nowMs: NOW }),
      caution: null,
      missing: [],
      parts: [sealed],
    };
    const places = { oven: null, freezer: null };
    const doors = {
      ...places,
      isEyeEnough: false,
      isNextHere: true,
      addEvent: () => null,
      takeDrafts: () => undefined,
      rescue: null,
      putProbeOn: null,
      goTo: () => undefined,
      askDepth: () => undefined,
    };
    const [hot, way] = actionsFor({ view: sealed, ovenC: 101, ...rest, ...doors });
    expect(hot).toMatchObject({ words: 'Casting into the heat', isBlocked: true });
    expect(way?.words).toBe('Seal out first');
    expect(actionsFor({ view: sealed, ovenC: 100, ...rest, ...doors })[0]?.isBlocked).toBe(false);
  });

  it('too late asks for the heat again, with the dial that it had; letting go all the same is the small one', () => {
    const bench = new RunBench();
    bench.choose('heat', { ringC: 20 });
    for (const afterS of [0, 5, 2400]) bench.press(afterS);
    bench.atS += 3000;
    const [main, second] = bench.actions([], 180);
    expect([main?.words, second?.words]).toEqual(['Back to the heat', 'Let go all the same']);
    main!.does();
    const heats = bench.record.entries.events.filter(({ kind }) => kind === 'casting_into_heat');
    expect(heats.map(({ body }) => (body as EventBody<'casting_into_heat'>).sourceC)).toEqual([110, 110]);
  });

  it('grabbed: only then the depth is asked, only that act listens to G, and heat is what comes next', () => {
    const bench = new RunBench();
    bench.choose('heat', { ringC: 20 });
    for (const afterS of [0, 5, 2400, 10]) bench.press(afterS);
    const [home, grabbed] = bench.actions();
    expect([home?.isOnG, grabbed?.isOnG]).toEqual([undefined, true]);
    grabbed!.does();
    const [heat, depth] = bench.actions();
    expect([heat?.words, depth?.words]).toEqual(['Casting into the heat', 'Stuck at?']);
    depth!.does();
    expect(bench.wentTo).toEqual(['depth']);
    bench.add(event('stuck', { depthMm: 6.5 }, { seatId: bench.view.seat.id }, bench.atS));
    expect(bench.actions()[1]?.words).toBe('At 6.5\u00a0mm');
    // One button, or pedal, all the way: warmed together, out, looked at, and again.
    expect([30, 3600, 20].map((afterS) => bench.press(afterS))).toEqual([
      'Casting into the heat',
      'It is out again',
      'The bore is clean',
    ]);
    expect(bench.view.history).toMatchObject({ stuck: null, letGoMs: null, findings: [] });
    expect(bench.press(600)).toBe('It is out');
  });

  it('a scored bore stays with its seat; free again, it may also go home', () => {
    const bench = new RunBench();
    bench.choose('heat', { ringC: 20 });
    for (const afterS of [0, 5, 2400, 10]) bench.press(afterS);
    bench.actions()[1]!.does();
    bench.press(30);
    bench.atS += 3600;
    const [out, home] = bench.actions();
    expect([out?.words, home?.words]).toEqual(['It is out again', 'It went home']);
    home!.does();
    expect(bench.view.history).toMatchObject({ stuck: null, homeHow: 'with_taps' });
    bench.add(event('stuck', { depthMm: null }, { seatId: bench.view.seat.id }, bench.atS));
    bench.press(5);
    bench.actions()[1]!.does();
    expect(bench.view.history).toMatchObject({ stuck: null, findings: ['scored_bed'] });
  });
});
