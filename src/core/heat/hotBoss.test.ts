import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MATERIALS } from '@/core/catalogue/materials';
import { BOSS_UNDER_AIR } from '../../../tests/support/heatProblems';
import { hotBossBand, hotBossCourse, shareAt, webOutsideRadiusMm, type HotBossShape } from './hotBoss';
import { predictDrop, type DropProblem } from './predictDrop';
import { simulateRadial } from './radial';
import { restrainedGrowth } from './restrainedGrowth';

const course = (changes: Partial<HotBossShape> = {}, horizonS = 300) =>
  hotBossCourse({ ...BOSS_UNDER_AIR, ...changes }, horizonS)!;

describe('a boss heated alone', () => {
  it('has a web that, with the boss, weighs what the casting weighs', () => {
    const radiusMm = webOutsideRadiusMm(BOSS_UNDER_AIR);
    const bossMm3 = (Math.PI / 4) * (78 ** 2 - 62 ** 2) * 20;
    expect(
      (bossMm3 + Math.PI * (radiusMm ** 2 - 39 ** 2) * 5) * 1e-9 * MATERIALS.alsi9cu3.densityKgM3,
    ).toBeCloseTo(1.2, 6);
    expect(webOutsideRadiusMm({ ...BOSS_UNDER_AIR, massKg: 0.01 })).toBeGreaterThan(39);
  });

  it('is within 1 % of cells four times as fine', () => {
    const { conductivityWMK, densityKgM3, specificHeatJKgK, alphaPerK, youngsModulusMPa, poisson } =
      MATERIALS.alsi9cu3;
    const metal = { conductivityWMK, densityKgM3, specificHeatJKgK, alphaPerK, startC: 120 };
    const fine = simulateRadial(
      {
        ringBoreRadiusMm: 30.5,
        interfaceRadiusMm: 31,
        ringWidthMm: 20,
        ring: { ...metal, alphaPerK: 0, startC: 20 },
        bossOutsideRadiusMm: 39,
        webOutsideRadiusMm: webOutsideRadiusMm(BOSS_UNDER_AIR),
        bossWidthMm: 20,
        webThicknessMm: 5,
        hWM2K: 10,
        ambientC: 20,
        contactConductanceWM2K: 1,
        isTouching: false,
        interferenceMm: 0,
        housing: { ...metal, youngsModulusMPa, poisson },
        bossHeated: { forS: 90, webStartC: 20 },
      },
      [0, 10, 60],
      60,
      20,
    );
    if (!fine.ok) throw new Error(JSON.stringify(fine.issues));
    const coarse = course();
    fine.value.samples.forEach(({ timeS, bossMeanC, clearanceDiscMm }) => {
      expect(
        Math.abs(shareAt(coarse.bossShare, 2, timeS) - (bossMeanC - 20) / 100),
        `boss at ${timeS} s`,
      ).toBeLessThan(0.01);
      expect(
        Math.abs(shareAt(coarse.boreShare, 2, timeS) - clearanceDiscMm / (62 * alphaPerK * 100)),
        `bore at ${timeS} s`,
      ).toBeLessThan(0.01);
    });
  });

  it('opens less than where the web falls evenly to its rim, as heat has not come so far yet', () => {
    const even = restrainedGrowth({
      diameterMm: 62,
      bossOutsideMm: 78,
      webOutsideMm: 2 * webOutsideRadiusMm(BOSS_UNDER_AIR),
      bossWidthMm: 20,
      webThicknessMm: 5,
      bossC: 120,
      rimC: 20,
      alphaPerK: MATERIALS.alsi9cu3.alphaPerK,
      youngsModulusMPa: 72_000,
      poisson: 0.33,
    });
    if (!even.ok) throw new Error('a checked boss');
    expect(course({ heatedForS: 60 }).boreShare[0]!).toBeLessThan(even.value.share!);
    expect(course({ heatedForS: 60 }).boreShare[0]!).toBeGreaterThan(0.3);
  });

  it('held long without loss, the whole casting is as hot, and grows freely: an oven', () => {
    const { bossShare, boreShare } = course({ heatedForS: 40_000, hWM2K: 1e-4 }, 60);
    for (const share of [boreShare[0]!, bossShare.at(-1)!, boreShare.at(-1)!])
      expect(share).toBeGreaterThan(0.99);
  });

  it('cools steadily, its bore behind its temperature at first; heated longer it opens more and keeps longer', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 600 }),
        fc.integer({ min: 3, max: 8 }),
        fc.double({ min: 0.4, max: 4, noNaN: true }),
        (heatedForS, webThicknessMm, massKg) => {
          const [short, long] = [
            course({ heatedForS, webThicknessMm, massKg }, 120),
            course({ heatedForS: heatedForS * 1.5, webThicknessMm, massKg }, 120),
          ];
          expect(short.boreShare[0]!).toBeLessThan(short.bossShare[0]!);
          expect(long.boreShare[0]!).toBeGreaterThan(short.boreShare[0]!);
          expect(shareAt(long.bossShare, 2, 60)).toBeGreaterThan(shareAt(short.bossShare, 2, 60));
          short.bossShare.slice(1).forEach((share, i) => expect(share).toBeLessThan(short.bossShare[i]!));
        },
      ),
      { seed: 11, numRuns: 12 },
    );
  });

  it('on bare steel it cools faster, and is another course than on wood', () => {
    const steel = hotBossBand(BOSS_UNDER_AIR, { likelyWK: 10, edgeWK: 20 })!;
    const wood = hotBossBand(BOSS_UNDER_AIR)!;
    for (const edge of ['likely', 'edge'] as const)
      expect(shareAt(steel[edge].bossShare, 2, 60)).toBeLessThan(shareAt(wood[edge].bossShare, 2, 60));
    expect(shareAt(steel.edge.bossShare, 2, 60)).toBeLessThan(shareAt(steel.likely.bossShare, 2, 60));
  });
});

describe('a drop into a boss heated alone', () => {
  const body = (massKg: number, areaM2: number, startC: number) => ({
    massKg,
    areaM2,
    startC,
    specificHeatJKgK: 900,
    hWM2K: 10,
    emissivity: 0.15,
  });
  const oven: DropProblem = {
    bodies: { ring: body(0.2, 0.01, -18), housing: body(1.2, 0.12, 130), ambientC: 20, touch: null },
    diameterMm: 62,
    interferenceMm: { value: 0.02, u: 0.003 },
    ring: MATERIALS.bearing_steel,
    housing: MATERIALS.alsi9cu3,
    uHousingK: 1.2,
    uRingK: 2,
    marginMm: 0.031,
  };
  const air: DropProblem = { ...oven, hotBoss: { ...hotBossBand(BOSS_UNDER_AIR)!, sinceS: 0 } };

  it('at the same boss temperature the bore is smaller than out of the oven, and sure for a fraction of the time', () => {
    const [free, held] = [predictDrop(oven, 1800), predictDrop(air, 1800)];
    expect(held.moments[0]!.housingC).toBeCloseTo(free.moments[0]!.housingC, 6);
    expect(held.moments[0]!.clearanceMm.value).toBeLessThan(free.moments[0]!.clearanceMm.value - 0.02);
    expect(held.sureUntilS!).toBeLessThan(0.25 * free.sureUntilS!);
    expect(held.sureUntilS!).toBeLessThan(held.likelyUntilS!);
  });

  it('taken up by a probe later, it goes on as if it had been followed from the start', () => {
    const whole = predictDrop(air, 300).moments;
    const later = predictDrop(
      {
        ...air,
        bodies: { ...air.bodies, housing: { ...air.bodies.housing, startC: whole[20]!.housingC } },
        hotBoss: { ...air.hotBoss!, sinceS: whole[20]!.timeS },
      },
      100,
    ).moments;
    expect(later[0]!.boreC).toBeCloseTo(whole[20]!.boreC, 6);
    expect(later[30]!.boreC).toBeCloseTo(whole[50]!.boreC, 6);
  });
});
