import { describe, expect, it } from 'vitest';
import { sampleLumped, type LumpedProblem } from '@/core/heat/lumped';
import { normalSource, seededRandom } from '@/core/quantity/random';
import { asId } from '../../../tests/support/ids';
import type { DropResult } from './drops';
import { fitLossFactor } from './fitLoss';
import { combine, ENOUGH_HEATS, fitShop, t95, usedOf } from './fitShop';

/** A casting of the size of a saw's half, and a small bearing that drops into it after a while. */
const problem: LumpedProblem = {
  ring: { massKg: 0.045, specificHeatJKgK: 475, areaM2: 0.004, hWM2K: 10, emissivity: 0.3, startC: -15 },
  housing: { massKg: 0.6, specificHeatJKgK: 1050, areaM2: 0.07, hWM2K: 10, emissivity: 0.2, startC: 105 },
  ambientC: 20,
  touch: { touchAtS: 15, conductanceWM2K: 2000, areaM2: 0.0012 },
};
const faster = (factor: number, startC = 105): LumpedProblem => ({
  ...problem,
  ring: { ...problem.ring, hWM2K: 10 * factor },
  housing: { ...problem.housing, hWM2K: 10 * factor, startC },
});
const readingsOf = (truth: LumpedProblem, untilS: number, noise: () => number) =>
  sampleLumped(
    truth,
    Array.from({ length: Math.floor(untilS / 5) + 1 }, (_, i) => i * 5),
  ).map(({ timeS, housingC }) => ({ timeS, celsius: housingC + noise() }));

const drop = (i: number, more: Partial<DropResult>): DropResult => ({
  id: asId(`drop ${i}`),
  seatId: asId('seat'),
  name: 'Main',
  castingName: 'half',
  atMs: i,
  outcome: 'by_itself',
  carryS: 12,
  promised: { castingC: 100, clearanceMm: { value: 0.05, u: 0.01 } },
  read: null,
  lossFactor: null,
  oven: null,
  freezer: null,
  isFirst: true,
  ...more,
});

describe('how fast a casting really lost heat', () => {
  it('is found again from readings without noise, whatever it was', () => {
    for (const factor of [0.6, 1, 1.35, 2.2]) {
      const found = fitLossFactor(
        problem,
        readingsOf(faster(factor, 101), 300, () => 0),
      )!;
      expect(found.value).toBeCloseTo(factor, 3);
    }
  });
  it('with a probe’s noise lies within its stated doubt about as often as that promises', () => {
    const normal = normalSource(seededRandom(31));
    let [within, all] = [0, 0];
    for (let i = 0; i < 120; i += 1) {
      const factor = 0.8 + 0.6 * ((i % 10) / 9);
      const truth = faster(factor, 98 + (i % 7));
      const found = fitLossFactor(
        problem,
        readingsOf(truth, 90 + 30 * (i % 6), () => 0.3 * normal()),
      )!;
      all += 1;
      within += Number(Math.abs(found.value - factor) <= 2 * found.u);
    }
    // 95 % of 120 are 114, give or take 2.4 a standard deviation.
    expect(within / all).toBeGreaterThan(0.88);
    expect(within / all).toBeLessThanOrEqual(1);
  });
  it('a few readings close together tell nothing', () => {
    expect(
      fitLossFactor(
        problem,
        readingsOf(faster(1), 10, () => 0),
      ),
    ).toBeNull();
    expect(fitLossFactor(problem, readingsOf(faster(1), 300, () => 0).slice(0, 3))).toBeNull();
    expect(fitLossFactor(problem, [])).toBeNull();
  });
});

describe('the shop’s own correction', () => {
  it('recovers known coefficients from simulated heats within its stated uncertainty', () => {
    const normal = normalSource(seededRandom(77));
    let held = 0;
    const SHOPS = 40;
    for (let shop = 0; shop < SHOPS; shop += 1) {
      const [loss, ovenK, carryS, freezerK] = [1.25, -7, 14, 4];
      const drops = Array.from({ length: 12 }, (_, i) => {
        // The draught is another each day; the oven holds what it holds; the hand is quicker or slower.
        const factor = loss + 0.08 * normal();
        const found = fitLossFactor(
          problem,
          readingsOf(faster(factor), 240, () => 0.3 * normal()),
        )!;
        const offset = { value: ovenK + 2 * normal(), u: 2 };
        return drop(i, {
          lossFactor: found,
          carryS: carryS + 3 * normal(),
          oven: { place: { toolId: asId('oven'), name: 'Oven' }, offsetK: offset },
          freezer: {
            place: { toolId: asId('freezer'), name: 'Freezer' },
            offsetK: { value: freezerK + normal(), u: 1.3 },
          },
        });
      });
      const fit = fitShop(drops);
      const [oven, freezer] = [fit.ovens[0]!, fit.freezers[0]!];
      expect([fit.loss, fit.carryS, oven, freezer].every((each) => each!.isEnough)).toBe(true);
      held += Number(Math.abs(fit.loss!.value - loss) <= fit.loss!.U);
      held += Number(Math.abs(fit.carryS!.value - carryS) <= fit.carryS!.U);
      held += Number(Math.abs(oven.value - ovenK) <= oven.U);
      held += Number(Math.abs(freezer.value - freezerK) <= freezer.U);
      const used = usedOf(fit, true)!;
      expect(used.lossFactor).toBe(fit.loss!.value);
      expect(used.carryS!).toBeGreaterThan(fit.carryS!.value);
      expect([used.ovens.oven!.value, used.freezers.freezer!.value]).toEqual([oven.value, freezer.value]);
    }
    // 95 % of 160 statements: 152, give or take 2.8.
    expect(held / (4 * SHOPS)).toBeGreaterThan(0.9);
  });
  it('claims nothing from three, and uses nothing before there are enough', () => {
    const three = [1.2, 1.3, 1.25].map((value, i) => drop(i, { lossFactor: { value, u: 0.05 } }));
    const fit = fitShop(three);
    expect(fit.loss).toMatchObject({ heats: 3, isEnough: false });
    expect(fit.carryS!.isEnough).toBe(false);
    expect(usedOf(fit, true)).toBeNull();
    expect(fitShop([drop(1, { lossFactor: { value: 1.4, u: 0.1 } })]).loss).toBeNull();
    const five = Array.from({ length: ENOUGH_HEATS - 1 }, (_, i) =>
      drop(i, { lossFactor: { value: 1.2, u: 0.02 } }),
    );
    expect(fitShop(five).loss!.isEnough).toBe(false);
    expect(fitShop([...five, drop(9, { lossFactor: { value: 1.2, u: 0.02 } })]).loss!.isEnough).toBe(true);
  });
  it('what is known worse than the usual guess is shown, and not used', () => {
    const vague = Array.from({ length: 8 }, (_, i) =>
      drop(i, { lossFactor: { value: i % 2 ? 0.4 : 2.6, u: 0.9 } }),
    );
    expect(fitShop(vague).loss).toMatchObject({ isEnough: false });
  });
  it('is switched off by a person; parts after the first of a heat are not counted again', () => {
    const many = Array.from({ length: 8 }, (_, i) =>
      drop(i, { lossFactor: { value: 1.2, u: 0.05 }, carryS: 10 + i }),
    );
    const fit = fitShop(many);
    expect(usedOf(fit, false)).toBeNull();
    const later = many.map((each) => drop(50, { ...each, isFirst: false, carryS: 90 }));
    expect(fitShop([...many, ...later])).toEqual(fit);
  });
  it('parts that lay in one freezer for one heat tell of it once: the one that is known best', () => {
    const told = (i: number, heat: number, value: number, u: number) =>
      drop(i, {
        atMs: heat * 1_000_000 + i * 20_000,
        carryS: 12 + i * 20,
        isFirst: i === 0,
        freezer: { place: { toolId: asId('freezer'), name: 'Freezer' }, offsetK: { value, u } },
      });
    const heats = [0, 1, 2, 3, 4, 5].flatMap((heat) => [told(0, heat, 3, 2), told(1, heat, 5, 1)]);
    expect(fitShop(heats).freezers[0]).toMatchObject({ heats: 6, value: 5, isEnough: true });
  });
  it('heats that agree are not known better than each heat’s own doubt lets them be', () => {
    const { value, U } = combine(Array(8).fill({ value: 1.1, u: 0.2 }))!;
    expect(value).toBeCloseTo(1.1, 12);
    expect(U).toBeCloseTo((t95(7) * 0.2) / Math.sqrt(8), 9);
  });
  it('Student’s t, JCGM 100:2008 table G.2', () =>
    expect([1, 2, 5, 10, 20, 25, 30, 50, 100].map(t95)).toEqual([
      12.71, 4.3, 2.57, 2.23, 2.09, 2.06, 2.04, 2.01, 1.984,
    ]));
});
