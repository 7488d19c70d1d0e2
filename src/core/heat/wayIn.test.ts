import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { BOSS_UNDER_AIR } from '../../../tests/support/heatProblems';
import { brokenCeilings, ceilingsFor, minutesAllowed } from './ceilings';
import { hotBossBand, type HotBossBand } from './hotBoss';
import { predictDrop } from './predictDrop';
import { WANTED_SECONDS } from './workingSeconds';
import { planWayIn } from './planWayIn';
import type { WayInProblem } from './wayIn';

const problem: WayInProblem = {
  diameterMm: 62,
  widthMm: 16,
  interferenceMm: { value: 0.03, u: 0.003 },
  holdMm: { value: 0.028, u: 0.003 },
  heatedBy: 'oven',
  sort: 'bearing',
  workpiece: 'bare_casting',
  hasStop: true,
  isMeasured: true,
  toolsN: { press: null, clamp: null },
  race: MATERIALS.bearing_steel,
  housing: MATERIALS.alsi9cu3,
  bearing: { massKg: 0.2, areaM2: 0.01, outerRaceMassKg: 0.084 },
  casting: { massKg: 1.2, areaM2: 0.12 },
  roomC: 20,
  freezerC: -18,
  setC: null,
  carryS: 0,
  wantedMm: 0.031,
  rest: 'wood',
  openAirH: 10,
  hotBoss: null,
  ceilings: ceilingsFor({
    castingMaterial: 'alsi9cu3',
    leftIn: [],
    bearing: { closure: 'open', cage: 'steel' },
  }),
  neighbours: [],
  pushForce: { pressureMPa: { low: 4, high: 9 }, forceN: { low: 600, high: 3000 }, housingTrescaMPa: 26 },
};
const predictDropAt = (startC: number, hotBoss: HotBossBand | null) =>
  predictDrop(
    {
      bodies: {
        ambientC: 20,
        touch: null,
        ring: { ...problem.bearing, specificHeatJKgK: 475, hWM2K: 10, emissivity: 0.3, startC: -18 },
        housing: { ...problem.casting, specificHeatJKgK: 963, hWM2K: 10, emissivity: 0.15, startC },
      },
      diameterMm: 62,
      interferenceMm: problem.interferenceMm,
      ring: problem.race,
      housing: problem.housing,
      uHousingK: 3,
      uRingK: 3,
      marginMm: 0.031,
      ...(hotBoss && { hotBoss: { ...hotBoss, sinceS: 0 } }),
    },
    1800,
  );
const way = (name: string, changes: Partial<WayInProblem> = {}) =>
  planWayIn({ ...problem, ...changes }).ways.find((each) => each.way === name)!;

describe('ways in', () => {
  it('heat with a cold bearing needs less heat than with a warm one', () =>
    expect(way('heat_chill').housingC).toBeLessThan(way('heat').housingC));
  it('a planned heat leaves the wanted seconds, sure', () => {
    for (const name of ['heat', 'heat_chill'])
      expect(way(name).sureSeconds ?? Infinity).toBeGreaterThanOrEqual(WANTED_SECONDS);
  });
  it('what is sure is never longer than what is likely', () => {
    for (const each of planWayIn(problem).ways)
      expect(each.sureSeconds ?? Infinity).toBeLessThanOrEqual(each.likelySeconds ?? Infinity);
  });
  it('62 mm in aluminium, 30 µm: free above about 68 °C (common practice gives 68)', () =>
    expect(Math.abs(planWayIn(problem).freeC! - 68)).toBeLessThan(2));
  it('the mildest is the least heat that works; a slack fit goes in by hand', () => {
    expect(planWayIn(problem).mildest?.way).toBe('heat_chill');
    expect(
      planWayIn({
        ...problem,
        interferenceMm: { value: -0.05, u: 0.002 },
        holdMm: { value: -0.05, u: 0.002 },
        pushForce: { pressureMPa: { low: 0, high: 0 }, forceN: { low: 0, high: 0 }, housingTrescaMPa: 0 },
      }).mildest?.way,
    ).toBe('by_hand');
  });
  it('steel in steel cannot be heated in: the ceilings stop it, and it is driven', () => {
    const steel = planWayIn({
      ...problem,
      housing: MATERIALS.mild_steel,
      interferenceMm: { value: 0.09, u: 0.004 },
      holdMm: { value: 0.085, u: 0.004 },
    });
    expect(steel.ways.find((each) => each.way === 'heat')!.works).toBe(false);
    expect(steel.freeC).toBeNull();
    // The freezer would take less than half of its nip away.
    expect(steel.mildest?.way).toBe('press');
  });
  it('a seal left in stops a plan above its limit, by name', () => {
    const leftIn = [{ seatName: 'Output shaft', sealMaterial: 'nbr' as const }];
    const hot = way('heat', {
      interferenceMm: { value: 0.08, u: 0.003 },
      ceilings: ceilingsFor({
        castingMaterial: 'alsi9cu3',
        leftIn,
        bearing: { closure: 'open', cage: 'steel' },
      }),
    });
    expect(hot.works).toBe(false);
    expect(hot.broken[0]).toMatchObject({ what: 'seal_left_in', seatName: 'Output shaft', limitC: 100 });
  });
  it('more interference never asks for less heat', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.06, noNaN: true }),
        fc.double({ min: 0, max: 0.03, noNaN: true }),
        (value, more) =>
          way('heat', { interferenceMm: { value: value + more, u: 0.003 } }).housingC >=
          way('heat', { interferenceMm: { value, u: 0.003 } }).housingC,
      ),
      { seed: 9, numRuns: 12 },
    );
  });
  it('hot air on the boss alone: a cold web asks for a hotter boss, leaves fewer seconds, and says how much it holds back', () => {
    const hotBoss = hotBossBand(BOSS_UNDER_AIR);
    const [oven, air] = [way('heat_chill'), way('heat_chill', { hotBoss })];
    expect(air.neededC - 20).toBeGreaterThan(1.4 * (oven.neededC - 20));
    expect(air.housingC).toBeGreaterThan(oven.housingC);
    expect(predictDropAt(air.housingC, hotBoss).sureUntilS!).toBeLessThan(
      predictDropAt(air.housingC, null).sureUntilS ?? Infinity,
    );
    expect(way('heat', { hotBoss, heatedBy: 'gun' }).heldShare!).toBeLessThan(0.8);
    expect(way('heat').heldShare).toBeNull();
    for (const name of ['drive', 'chill'])
      expect([way(name, { hotBoss }).clearanceMm, way(name, { hotBoss }).works]).toEqual([
        way(name).clearanceMm,
        way(name).works,
      ]);
  });
});

describe('ceilings', () => {
  it('look at both sides of the drop: a sealed bearing into 180 °C breaks by where both settle', () => {
    const ceilings = ceilingsFor({
      castingMaterial: 'alsi9cu3',
      leftIn: [],
      bearing: { closure: 'sealed', cage: 'steel' },
    });
    expect(brokenCeilings(ceilings, { castingC: 180, settlingC: 165 })[0]).toMatchObject({
      what: 'bearing_seals',
      sees: 'settling',
    });
    expect(brokenCeilings(ceilings, { castingC: 110, settlingC: 95 })).toEqual([]);
  });
  it('heat-treated aluminium counts the time above 150 °C', () =>
    expect([
      minutesAllowed('alsi7mg_t6', 150),
      minutesAllowed('alsi7mg_t6', 165),
      minutesAllowed('alsi7mg_t6', 180),
      minutesAllowed('alsi9cu3', 170),
      // Half way between, in kelvin, is the geometric mean of four hours and half an hour.
    ]).toEqual([null, Math.round(Math.sqrt(240 * 30)), 30, null]));
  it('names every neighbour that lets go at this heat, the doubtful too', () => {
    const neighbours = [
      { seatName: 'tight', diameterMm: 42, interferenceMm: { value: 0.06, u: 0.002 } },
      { seatName: 'light', diameterMm: 52, interferenceMm: { value: 0.012, u: 0.002 } },
      { seatName: 'doubtful', diameterMm: 52, interferenceMm: { value: 0.03, u: 0.01 } },
    ];
    expect(way('heat', { neighbours }).alsoLetGo).toEqual(['light', 'doubtful']);
    expect(way('drive', { neighbours }).alsoLetGo).toEqual([]);
  });
  it('the chance at the start is near certain where seconds are sure', () => {
    expect(way('heat').chance).toBeGreaterThan(0.99);
    expect(way('drive').chance).toBeLessThan(0.01);
  });
  it('magnesium relaxes above 120 °C', () =>
    expect(
      ceilingsFor({ castingMaterial: 'az91', leftIn: [], bearing: { closure: 'open', cage: 'steel' } }),
    ).toContainEqual({ what: 'casting_metal', sees: 'casting', limitC: 120 }));
  it('no drop-in where nothing stops the part, unless a stop is set up', () => {
    for (const name of ['chill', 'heat', 'heat_chill']) {
      expect(way(name, { hasStop: false }).against).toContain('nothing_stops_it');
      expect(way(name).against).toEqual([]);
    }
    expect(planWayIn({ ...problem, hasStop: false }).mildest?.way).toBe('warm_tap');
  });
  it('warm and light blows: just warm enough that little force is left', () => {
    const tap = way('warm_tap', { hasStop: false });
    expect(tap.works).toBe(true);
    expect(tap.forceN!.high).toBeLessThanOrEqual(500);
    expect(tap.housingC).toBeLessThan(way('heat').housingC);
  });
  it('chilled and pressed takes less force than pressed, in proportion to the nip that is left', () => {
    const [cold, chilled] = [way('press').forceN!, way('chill_press').forceN!];
    expect(cold.high).toBe(3000);
    // 38 K of 12 per million on 62 mm: 28.3 µm of 28 µm. What is left is doubt: of the fit (3 µm), of the part's 3 K and the bore's
    // 1 K, and of the race's expansion (0.5 per million).
    const spreadUm = 2 * Math.hypot(3, 3 * 12e-3 * 62, 1 * 21.8e-3 * 62, 0.5e-3 * 38 * 62);
    expect(chilled.high / cold.high).toBeCloseTo((28 + spreadUm - 62 * 12e-3 * 38) / 34, 3);
  });
  it('what is not heated is said by name: a wheel never, a frame not in an oven', () => {
    expect(way('heat', { workpiece: 'wheel' }).against).toEqual(['no_heat_here']);
    expect(way('heat', { workpiece: 'frame_or_arm' }).against).toEqual(['not_into_an_oven']);
    expect(way('heat', { workpiece: 'frame_or_arm', heatedBy: 'gun' }).against).toEqual([]);
  });
  it('a press that is too weak is not proposed', () =>
    expect(way('press', { toolsN: { press: 2000, clamp: null } }).against).toEqual(['tools_too_weak']));
  it('hotter schools stand beside the proposal; a seal in the casting forbids them by name', () => {
    expect(planWayIn(problem).schools.map(({ housingC, works }) => [housingC, works])).toEqual([[180, true]]);
    const sealed = planWayIn({
      ...problem,
      ceilings: ceilingsFor({
        castingMaterial: 'alsi9cu3',
        leftIn: [
          { seatName: 'Output shaft', sealMaterial: 'fkm', isNew: true },
          { seatName: 'Pump', sealMaterial: 'nbr' },
        ],
        bearing: { closure: 'open', cage: 'steel' },
      }),
    });
    expect(sealed.schools[0]!.broken[0]).toMatchObject({ what: 'seal_left_in', seatName: 'Pump' });
    const saw = planWayIn({ ...problem, housing: MATERIALS.az91, casting: { massKg: 0.5, areaM2: 0.08 } });
    expect(saw.schools.map(({ housingC }) => housingC)).toEqual([130, 145]);
  });
});
