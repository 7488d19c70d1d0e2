import { idOf } from '../../../database/demo/demo';
import { describe, expect, it } from 'vitest';
import { demo, event, NOW, seatOf, withEvents, viewSeat } from '../../../tests/support/records';
import { viewHeatRun } from '@/core/job/heatRun';
import type { EventBody, JobEvent } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import { actionsFor, findDueCaution, type Actions } from './runActions';

const OVEN = { toolId: idOf('tool oven'), name: 'Oven' };
const FREEZER = { toolId: idOf('tool freezer'), name: 'Chest freezer' };

/** The buttons of the heat run, pressed one after another on a real seat, as a person does. */
class Bench {
  record: JobRecord;
  atS = 0;
  isEyeEnough = false;
  isNextHere = true;
  readonly wentTo: string[] = [];
  private readonly seat;
  private readonly castingId;

  constructor(machine = 'Harrow 1200', name = 'Left main') {
    this.record = demo(machine);
    this.seat = seatOf(this.record, name);
    this.castingId = this.record.castings.find(({ seats }) => seats.includes(this.seat))!.id;
    // Nothing of an earlier heat is in the way.
    this.record = { ...this.record, entries: { readings: this.record.entries.readings, events: [] } };
  }

  get view() {
    return viewSeat(this.record, this.seat.id, NOW + this.atS * 1000)!;
  }

  add(...events: JobEvent[]) {
    this.record = withEvents(this.record, ...events);
  }

  choose(way: EventBody<'way_in_chosen'>['way'], more: Partial<EventBody<'way_in_chosen'>> = {}) {
    const body = { way, housingC: 95, ringC: -18, formulaVersion: 't', ...more };
    this.add(event('usual_fit_accepted', {}, { seatId: this.seat.id }, this.atS));
    this.add(event('way_in_chosen', body, { seatId: this.seat.id }, this.atS));
  }

  get caution() {
    const read = this.record.entries.events.flatMap((each) =>
      each.kind === 'caution_acknowledged' ? [each.body.caution] : [],
    );
    return findDueCaution(this.view, read);
  }

  actions(probe: { atS: number; celsius: number }[] = [], ovenC = 110): Actions {
    const { view } = this;
    const nowMs = NOW + this.atS * 1000;
    const readings = probe.map(({ atS, celsius }) => ({ atMs: NOW + atS * 1000, celsius }));
    return actionsFor({
      view,
      run: viewHeatRun({ view, probe: readings, roomC: 20, nowMs }),
      ovenC,
      oven: OVEN,
      freezer: FREEZER,
      units: 'metric',
      caution: this.caution,
      addEvent: (kind, body, where) => {
        const happened = event(kind, body, where, this.atS);
        this.add(happened);
        return happened.id;
      },
      isEyeEnough: this.isEyeEnough,
      isNextHere: this.isNextHere,
      goTo: (step) => this.wentTo.push(step),
      askDepth: () => this.wentTo.push('depth'),
    });
  }

  /** Presses the big button after some seconds; gives what stood on it. */
  press(afterS = 0): string {
    this.atS += afterS;
    const [main] = this.actions();
    main!.does();
    return main!.words;
  }
}

describe('the buttons of the heat run', () => {
  it('nothing can be done before a way in is chosen', () => {
    const bench = new Bench();
    expect(bench.press()).toBe('Choose the way in');
    expect(bench.wentTo).toEqual(['way-in']);
    expect(bench.record.entries.events).toEqual([]);
  });

  it('heat and cold: the caution, the freezer, the oven, the door, the drop, home, square', () => {
    const bench = new Bench();
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

  it('cold alone asks for no hot metal, and driven in for no heat', () => {
    const cold = new Bench();
    cold.choose('chill', { housingC: 20 });
    expect([0, 5400, 5].map((afterS) => cold.press(afterS))).toEqual([
      'Bearing into the freezer',
      'Let go',
      'It is home',
    ]);
    const driven = new Bench();
    driven.choose('drive', { housingC: 20, ringC: 20 });
    expect(driven.caution).toBe('press');
    expect([0, 5, 5].map((afterS) => driven.press(afterS))).toEqual([
      'Understood',
      'It is home',
      'Square it up',
    ]);
  });

  it('where the eye is enough, a push that ended well is square, and the job goes on', () => {
    const bench = new Bench();
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
    const bench = new Bench();
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
    const bench = new Bench();
    bench.choose('press', { housingC: 20, ringC: 20 });
    bench.press(0);
    const [, cocked] = bench.actions();
    expect(cocked!.words).toBe('It cocked');
    cocked!.does();
    expect([5, 5].map((afterS) => bench.press(afterS))).toEqual(['Out again: draw it in', 'It is home']);
    const chosen = bench.record.entries.events.findLast(({ kind }) => kind === 'way_in_chosen')!;
    expect(chosen.body).toMatchObject({ way: 'draw_in' });
  });

  it('warm and light blows: too tight while it warms, then taps, with the force of now; cooled, back to the heat', () => {
    const bench = new Bench('Ostrel 250', 'Right main bearing');
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
    const bench = new Bench();
    bench.choose('warm_tap', { housingC: 60 });
    bench.press(0);
    const intoHeat = { source: 'oven', sourceC: 60, castingC: 20, place: OVEN } as const;
    bench.add(event('casting_into_heat', intoHeat, { castingId: bench.view.casting.id }, 0));
    bench.atS = 30;
    const run = viewHeatRun({ view: bench.view, probe: [], roomC: 20, nowMs: NOW + 30_000 });
    expect(run).toMatchObject({ call: 'wait', reason: 'not_cold_yet' });
  });

  it('hot air says air, and starts at what is wanted of the boss, not at an oven’s dial', () => {
    const bench = new Bench();
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

  it('bearing and casting are recorded with the freezer and the oven that they went into', () => {
    const bench = new Bench();
    bench.choose('heat_chill');
    for (let press = 0; press < 3; press += 1) bench.press();
    const places = bench.record.entries.events.flatMap((each) =>
      each.kind === 'part_into_freezer' || each.kind === 'casting_into_heat' ? [each.body.place] : [],
    );
    expect(places).toEqual([FREEZER, OVEN]);
  });

  it('a casting of magnesium is warned of before its heat, any other of hot metal, and once only', () => {
    const bench = new Bench();
    bench.choose('heat', { ringC: 20 });
    const inMagnesium = { ...bench.view, casting: { ...bench.view.casting, material: 'az91' as const } };
    expect(findDueCaution(inMagnesium, ['hot_metal'])).toBe('magnesium');
    expect(findDueCaution(inMagnesium, ['magnesium'])).toBe('hot_metal');
    bench.press();
    expect(bench.caution).toBe(null);
  });

  it('with an old seal in, an oven above 100 °C stays shut; cooler it may go', () => {
    const bench = new Bench();
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
    };
    const places = { oven: null, freezer: null };
    const doors = {
      ...places,
      isEyeEnough: false,
      isNextHere: true,
      addEvent: () => null,
      goTo: () => undefined,
      askDepth: () => undefined,
    };
    const [hot, way] = actionsFor({ view: sealed, ovenC: 101, ...rest, ...doors });
    expect(hot).toMatchObject({ words: 'Casting into the heat', isBlocked: true });
    expect(way?.words).toBe('Seal out first');
    expect(actionsFor({ view: sealed, ovenC: 100, ...rest, ...doors })[0]?.isBlocked).toBe(false);
  });

  it('too late asks for the heat again, with the dial that it had; letting go all the same is the small one', () => {
    const bench = new Bench();
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
    const bench = new Bench();
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
  });
});
