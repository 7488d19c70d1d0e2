import { describe, expect, it } from 'vitest';
import { restrainedGrowth } from './restrainedGrowth';

describe('a heated boss with a cold web', () => {
  const boss = {
    diameterMm: 62,
    bossOutsideMm: 78,
    webOutsideMm: 200,
    bossWidthMm: 20,
    webThicknessMm: 5,
    bossC: 120,
    rimC: 40,
    alphaPerK: 23e-6,
    youngsModulusMPa: 71_000,
    poisson: 0.33,
  };
  it('boss 120 °C, web falling to 40 °C at R100: 78 % of free expansion', () => {
    const grown = restrainedGrowth(boss);
    expect(grown.ok && grown.value.share).toBeCloseTo(0.78, 1);
  });
  it('all at one temperature is free, and a colder rim holds back more', () => {
    const share = (rimC: number) => {
      const grown = restrainedGrowth({ ...boss, rimC });
      return grown.ok ? grown.value.share! : NaN;
    };
    expect(share(120)).toBeCloseTo(1, 9);
    expect(share(20)).toBeLessThan(share(80));
  });
});
