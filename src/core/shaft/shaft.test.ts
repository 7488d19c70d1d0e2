import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { THRESHOLDS } from '@/core/heat/mildest';
import { idOf } from '../../../database/demo/demo';
import type { Tool } from '@/core/tools/tool';
import { findShaftFit, type ShaftFitInput } from './shaftFit';
import { planOff, type OffInput } from './waysOff';
import { planOnto, type OntoInput } from './waysOnto';

const PART = { boreMm: 25, outsideMm: 52, widthMm: 15, chamferMm: 1, type: 'deep_groove' } as const;
const INPUT: ShaftFitInput = {
  part: PART,
  shaftMetal: 'bearing_steel',
  nominalMm: 25,
  usualClass: 'k6',
  journalMm: null,
  boreMm: null,
  load: 'rotating',
};
const read = (value: number, u = 0.001) => ({ value, u });

describe('the fit of a race on its shaft', () => {
  it('comes from its class where nothing is read: 25 k6 (+2 … +15, ISO 286-2) over 0 … −10 (ISO 492)', () => {
    const fit = findShaftFit(INPUT)!;
    expect(fit.forDropMm.value).toBeCloseTo((8.5 + 5) / 1000, 6);
    // Zone width = 6 σ: 13/6 and 10/6 µm.
    expect(fit.forDropMm.u).toBeCloseTo(Math.sqrt((13 / 6) ** 2 + (10 / 6) ** 2) / 1000, 6);
    // Less 0.8 · (4 + 1.6) µm of smoothing.
    expect(fit.forHoldMm.value).toBeCloseTo((13.5 - 4.48) / 1000, 6);
    expect(fit.verdict).toBe('right');
  });
  it('tapered rollers have limits of their own: bore 0 … −12 up to 30 mm (ISO 492)', () => {
    const cone = { ...PART, boreMm: 30, outsideMm: 55, type: 'tapered_roller' as const };
    const fit = findShaftFit({ ...INPUT, part: cone, nominalMm: 30 })!;
    expect(fit.forDropMm.value).toBeCloseTo((8.5 + 6) / 1000, 6);
  });
  it('presses as two rings of one metal do: p = E·δ/(2·d)·(1 − d²/D²), solid shaft (Shigley, press fits)', () => {
    const fit = findShaftFit({ ...INPUT, journalMm: read(25.02, 0), boreMm: read(25, 0) })!;
    const deltaMm = fit.forHoldMm.value;
    const trackMm = (3 * 25 + 52) / 4;
    const p = ((MATERIALS.bearing_steel.youngsModulusMPa * deltaMm) / (2 * 25)) * (1 - (25 / trackMm) ** 2);
    const contactMm2 = Math.PI * 25 * 13;
    expect(fit.forceN.low).toBeCloseTo(0.05 * p * contactMm2, 0);
    expect(fit.forceN.high).toBeCloseTo(0.12 * p * contactMm2, 0);
    expect(fit.raceHoopMPa).toBeCloseTo((p * (trackMm ** 2 + 25 ** 2)) / (trackMm ** 2 - 25 ** 2), 3);
  });
  it.each([
    ['worn: it turns on its shaft', { journalMm: read(24.99), boreMm: read(24.997) }, 'turns_on_it'],
    ['meant to slip', { usualClass: 'g6', journalMm: read(24.988), boreMm: read(24.997) }, 'slips'],
    [
      'read with a gauge that is too coarse',
      { journalMm: read(25.004, 0.01), boreMm: read(24.996, 0.01) },
      'cannot_tell',
    ],
    ['right by its readings', { journalMm: read(25.012), boreMm: read(24.996) }, 'right'],
    ['far too big', { journalMm: read(25.06), boreMm: read(24.996) }, 'too_tight'],
    ['of a light class, nothing read', { usualClass: 'js6' }, 'not_known'],
  ] as const)('%s', (_, change, verdict) => {
    expect(findShaftFit({ ...INPUT, ...change })!.verdict).toBe(verdict);
  });
  it('needles run on the shaft itself: there is no fit; without class and readings none is known', () => {
    expect(findShaftFit({ ...INPUT, part: { ...PART, type: 'needle_rings' } })).toBeNull();
    expect(findShaftFit({ ...INPUT, usualClass: null })).toBeNull();
  });
});

const tool = (sort: 'press' | 'puller' | 'crank_tool' | 'driver'): Tool =>
  ({
    id: idOf(`shaft test ${sort}`),
    name: sort,
    sort,
    maxN: 50_000,
    fromMm: 10,
    toMm: 90,
  }) as unknown as Tool;

describe('off the shaft', () => {
  const OFF: OffInput = {
    fit: findShaftFit(INPUT),
    boreMm: 25,
    isCone: false,
    isHeldInCasting: false,
    limitC: 120,
    tools: [tool('press'), tool('puller')],
  };
  const allowed = (change: Partial<OffInput>) =>
    planOff({ ...OFF, ...change })
      .filter(({ against }) => against.length === 0)
      .map(({ way }) => way);

  it('is pushed out where a press is at hand, else a split puller gets behind it', () => {
    expect(allowed({})[0]).toBe('press_out');
    expect(allowed({ tools: [tool('puller')] })[0]).toBe('split_puller');
  });
  it('comes by hand first where it is loose, and can always be written down as come by hand, cut, or otherwise', () => {
    const loose = findShaftFit({ ...INPUT, journalMm: read(24.99), boreMm: read(24.997) });
    expect(allowed({ fit: loose })[0]).toBe('by_hand');
    expect(allowed({})).toEqual(expect.arrayContaining(['by_hand', 'cut', 'another']));
  });
  it('no puller gets behind what sits in its casting, none carries on a cone’s cage, and one on the outer race spoils it', () => {
    expect(allowed({ isHeldInCasting: true })).not.toContain('split_puller');
    expect(allowed({ isCone: true })).not.toContain('puller');
    expect(planOff(OFF).find(({ way }) => way === 'puller')!.isSpoilt).toBe(true);
    expect(planOff(OFF).find(({ way }) => way === 'split_puller')!.isSpoilt).toBe(false);
  });
  it('is warmed off only as hot as it stands', () => {
    const warm = planOff({ ...OFF, limitC: 100 }).find(({ way }) => way === 'warm_off')!;
    // 19 µm of nip on 25 mm of steel is 63 K, and 40 K more than its shaft.
    expect(warm.heatC).toBeCloseTo(20 + 18.97 / 0.3 + 40, 0);
    expect(warm.against).toEqual(['not_that_hot']);
  });
});

describe('onto the shaft', () => {
  const ONTO: OntoInput = {
    fit: findShaftFit(INPUT),
    boreMm: 25,
    isInCasting: false,
    isOtherEndIn: false,
    hasThread: false,
    limitC: 110,
    thresholds: THRESHOLDS,
    tools: [tool('press'), tool('driver'), tool('crank_tool')],
  };
  const first = (change: Partial<OntoInput>) =>
    planOnto({ ...ONTO, ...change }).find(({ against }) => against.length === 0)!;
  const against = (way: string, change: Partial<OntoInput> = {}) =>
    planOnto({ ...ONTO, ...change }).find((each) => each.way === way)!.against;

  it('a light fit is driven by the inner race, a tight one pressed', () => {
    const light = findShaftFit({ ...INPUT, journalMm: read(25.004, 0.0005), boreMm: read(24.996, 0.0005) });
    expect(first({ fit: light }).way).toBe('drive');
    expect(first({}).way).toBe('press');
  });
  it('a slip fit goes on by hand', () => {
    expect(first({ fit: findShaftFit({ ...INPUT, usualClass: 'g6' }) }).way).toBe('by_hand');
  });
  it('into a bearing that sits in its casting a shaft is drawn, never driven; with its other end in, only by warmth', () => {
    expect(first({ isInCasting: true }).way).toBe('draw_in');
    expect(against('drive', { isInCasting: true })).toContain('through_the_balls');
    expect(first({ isInCasting: true, isOtherEndIn: true }).way).toBe('warm');
    expect(against('draw_in', { isInCasting: true, isOtherEndIn: true })).toEqual(['pulled_across']);
  });
  it('slides on warm: (19 + 7.5 µm) over 0.3 µm/K, less where its shaft is frozen', () => {
    const at = (way: string) => planOnto(ONTO).find((each) => each.way === way)!.heatC!;
    expect(at('warm')).toBeCloseTo(20 + (18.97 + 7.5) / 0.3, 0);
    expect(at('warm') - at('warm_and_chill')).toBeCloseTo(38, 6);
    expect(against('warm', { limitC: 100 })).toEqual(['not_that_hot']);
  });
  it('by cold alone where 38 K take more than the fit and its room: 0.3 µm/K · 38 K = 11.4 µm', () => {
    const fit = (um: number) =>
      findShaftFit({
        ...INPUT,
        journalMm: read(25.002 + um / 1000, 0.0001),
        boreMm: read(25, 0.0001),
      });
    // Room to slide takes 7.5 µm of it.
    expect(against('chill', { fit: fit(0) })).toEqual([]);
    expect(against('chill', { fit: fit(4) })).toEqual(['not_that_cold']);
    expect(against('chill', { fit: null })).toEqual(['fit_not_known']);
  });
  it('without a thread nothing is drawn onto a free shaft', () => {
    expect(against('draw_in')).toEqual(['no_thread_to_draw']);
    expect(against('draw_in', { hasThread: true })).toEqual([]);
  });
});
