import { describe, expect, it } from 'vitest';
import { demo } from '../../../tests/support/records';
import { USUAL_STATES } from '@/core/fit/runningClearance';
import { boreSpecSchema, type FittedSpec } from '@/core/record/seatSpec';
import { bushAfterPressing } from './bushBore';
import { clearanceWanted } from './clearanceWanted';
import { fitInStates, statesOf, withStates } from './runningStates';

const casting = { material: 'alsi9cu3' as const };
const seat = demo('Merrow twin').castings[0]!.seats.find(({ name }) => name === 'Camshaft')!;
const spec = seat.spec as FittedSpec;
const ball = (over: object): FittedSpec =>
  ({
    ...spec,
    kind: 'bearing_in_bore',
    running: { housingC: 85, ringC: 90 },
    part: {
      type: 'deep_groove',
      designation: '6305',
      boreMm: 25,
      outsideMm: 62,
      widthMm: 17,
      chamferMm: 1.1,
      closure: 'open',
      cage: 'steel',
    },
    housing: { ...spec.housing, bossOutsideMm: 78 },
    ...over,
  }) as FittedSpec;

describe('states of a seat', () => {
  it('running at 85 and 90 °C, the others come out as the usual ones of a small crankcase', () => {
    const states = statesOf(ball({}));
    for (const [state, usual] of Object.entries(USUAL_STATES))
      for (const [body, celsius] of Object.entries(usual))
        expect(
          Math.abs(states[state as keyof typeof states][body as keyof typeof usual] - celsius),
          `${state} ${body}`,
        ).toBeLessThanOrEqual(5);
  });

  it('one temperature put in counts in its own state alone, and is a spec that is stored', () => {
    const written = withStates(ball({}));
    const next = {
      ...written,
      states: { ...written.states!, hottest: { ...written.states!.hottest, housingC: 140 } },
    };
    expect(boreSpecSchema.safeParse(next).success).toBe(true);
    const [before, after] = [statesOf(written), statesOf(next)];
    expect(before).toEqual(statesOf(ball({})));
    expect(after).toEqual({ ...before, hottest: { ...before.hottest, housingC: 140 } });
    expect(boreSpecSchema.safeParse({ ...next, running: { housingC: 900, ringC: 90 } }).success).toBe(false);
  });

  it('a steel race in aluminium: tightest on the cold morning, loosest at its hottest, by the difference of expansion', () => {
    const fits = fitInStates({ spec: ball({}), casting, benchMm: { value: 0.02, u: 0.002 } });
    const of = (wanted: string) => fits.find(({ state }) => state === wanted)!.fitMm.value;
    expect(of('bench')).toBeCloseTo(0.02, 9);
    // 62 mm · (21.8 − 12)·10⁻⁶ · 30 K, by hand.
    expect(of('cold_start') - 0.02).toBeCloseTo(62 * (21.8e-6 - 12e-6) * 30, 4);
    expect(of('hottest')).toBeLessThan(of('running'));
  });
});

describe('clearance group wanted', () => {
  const benchMm = { value: 0.027, u: 0.003 };
  const innerMm = { value: 0.014, u: 0.003 };

  it('for the worked case of `runningClearance` the group marked is too little, and a larger one is wanted', () => {
    const found = clearanceWanted({ spec: ball({}), casting, benchMm }, innerMm)!;
    expect(found.marked).toBe('CN');
    const order = ['C2', 'CN', 'C3', 'C4', 'C5'];
    expect(found.groups.map(({ group }) => group)).toEqual(order);
    const chances = found.groups.map(({ runningChance }) => runningChance);
    expect([...chances].sort((a, b) => a - b)).toEqual(chances);
    expect(order.indexOf(found.wanted!)).toBeGreaterThan(order.indexOf('CN'));
    expect(chances[1]).toBeLessThan(0.9);
  });

  it('a slack pair of seats needs less', () => {
    const loose = { value: -0.01, u: 0.002 };
    const order = ['C2', 'CN', 'C3', 'C4', 'C5'];
    const wanted = (fit: typeof loose) =>
      order.indexOf(clearanceWanted({ spec: ball({}), casting, benchMm: fit }, fit)!.wanted!);
    expect(wanted(loose)).toBeLessThan(wanted({ value: 0.02, u: 0.002 }));
  });

  it('says what is marked, and when its shaft is only supposed', () => {
    const part = { ...ball({}).part, designation: '6305 C4' };
    const found = clearanceWanted({ spec: ball({ part }), casting, benchMm }, null)!;
    expect(found.marked).toBe('C4');
    expect(found.inner).toBe('usual');
  });

  it('needles and bushes have no groups', () => {
    const part = { ...ball({}).part, type: 'bush', material: 'tin_bronze' };
    expect(clearanceWanted({ spec: ball({ part }), casting, benchMm }, innerMm)).toBeNull();
  });
});

describe('bush after pressing', () => {
  const bush = ball({
    kind: 'bush_in_bore',
    part: {
      type: 'bush',
      designation: 'bush 22 × 28 × 20',
      boreMm: 22,
      outsideMm: 28,
      widthMm: 20,
      chamferMm: 0.5,
      material: 'tin_bronze',
    },
    housing: { ...spec.housing, bossOutsideMm: 45 },
  });

  it('closes by most of its interference, as the thick-walled cylinder gives it, and is reamed back to its size', () => {
    const benchMm = { value: 0.04, u: 0.004 };
    const found = bushAfterPressing({ spec: bush, casting, benchMm }, [], [])!;
    // By hand, Lamé in plane stress: p = δ / (d·[C_h/E_h + C_b/E_b]), contraction = 2·p·d²·d_i / (E_b·(d² − d_i²)).
    const [d, di, dh] = [28, 22, 45];
    const [eb, nb, eh, nh] = [110000, 0.34, 75000, 0.33];
    const ch = (dh ** 2 + d ** 2) / (dh ** 2 - d ** 2) + nh;
    const cb = (d ** 2 + di ** 2) / (d ** 2 - di ** 2) - nb;
    const p = 0.04 / (d * (ch / eh + cb / eb));
    const closes = (2 * p * d ** 2 * di) / (eb * (d ** 2 - di ** 2));
    expect(found.closesMm.value / closes).toBeCloseTo(1, 1);
    expect(found.toReamMm.value).toBeCloseTo(found.closesMm.value, 9);
    expect(found.boreMm.u).toBeGreaterThan(found.closesMm.u);
  });

  it('a slack bush closes by nothing', () => {
    const found = bushAfterPressing({ spec: bush, casting, benchMm: { value: -0.02, u: 0.001 } }, [], [])!;
    expect(found.closesMm.value).toBe(0);
    expect(found.toReamMm.value).toBe(0);
  });

  it('is nothing for a bearing', () => {
    expect(
      bushAfterPressing({ spec: ball({}), casting, benchMm: { value: 0.02, u: 0.001 } }, [], []),
    ).toBeNull();
  });
});
