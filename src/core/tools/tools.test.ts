import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { TOOLS } from '../../../database/demo/demo';
import { bearingSeat, sealSeat } from '@/core/job/kinds/seats';
import { pickTools } from './pickTools';
import { drawnDiameterMm } from './sorts';
import { toolSchema, type Tool } from './tool';

const disc = (outsideMm: number, lengthMm = 150): Tool => ({
  id: asId(`00000000-0000-4000-8000-0000000${String(outsideMm * 10).padStart(5, '0')}`),
  sort: 'driver',
  name: `Disc ${outsideMm}`,
  outsideMm,
  insideMm: 10,
  lengthMm,
});
const spec = bearingSeat('Ball', [0, 0], '6204', {
  bossOutsideMm: 60,
  bossHeightMm: 26,
  depthToShoulderMm: 15,
  shoulderBoreMm: 38,
}).spec;
const need = (
  tools: readonly Tool[],
  kind: string,
  planned: { housingC: number; ringC: number; heatedBy?: 'oven' | 'gun' } | null = null,
) => pickTools({ spec, planned }, tools).find((each) => each.need === kind)!;

describe('the tool wall', () => {
  it('the demo’s tools are tools', () => {
    for (const tool of TOOLS) expect(toolSchema.safeParse(tool).success, tool.name).toBe(true);
  });
  it('a driver serves when it is bigger than the race’s shoulder and smaller than the bore; the biggest first', () => {
    const { fits, min, max } = need([disc(44), disc(46), disc(47), disc(30)], 'driver');
    expect(max).toBe(46.5);
    expect(min).toBeGreaterThan(33.5);
    expect(fits.map(({ name }) => name)).toEqual(['Disc 46', 'Disc 44']);
  });
  it('one that is too short does not serve, however well it fits', () =>
    expect(need([disc(44, 12)], 'driver').fits).toEqual([]));
  it('what misses by little is named with how much, nearest first', () => {
    const { nearly } = need([disc(47), disc(48.4), disc(60)], 'driver');
    expect(nearly.map(({ tool, by }) => [tool.name, Math.round(by * 10) / 10])).toEqual([
      ['Disc 47', 0.5],
      ['Disc 48.4', 1.9],
    ]);
  });
  it('sockets serve by their outside', () =>
    expect(need([{ ...disc(44), sort: 'socket' } as Tool], 'driver').fits).toHaveLength(1));
  it('heat and cold are asked for only when they are planned, and must reach', () => {
    expect(need(TOOLS, 'heat')).toBeUndefined();
    expect(need(TOOLS, 'heat', { housingC: 140, ringC: -18 }).fits.map(({ name }) => name)).toEqual(['Oven']);
    expect(
      need(TOOLS, 'heat', { housingC: 100, ringC: -18, heatedBy: 'gun' }).fits.map(({ name }) => name),
    ).toEqual(['Hot-air gun']);
    expect(
      need(TOOLS, 'heat', { housingC: 140, ringC: -18, heatedBy: 'gun' }).nearly.map(({ tool }) => tool.name),
    ).toEqual(['Hot-air gun']);
    expect(need(TOOLS, 'cold', { housingC: 90, ringC: -18 }).fits).toHaveLength(1);
  });
  it('a seal’s driver is bigger than the seal, so that it ends flush (common practice, no source)', () => {
    const found = pickTools(
      { spec: sealSeat('Seal', [0, 0], { shaftMm: 28, outsideMm: 47, widthMm: 7 }).spec, planned: null },
      [disc(46.5), disc(50.5), disc(80)],
    );
    expect(found.find((each) => each.need === 'seal_driver')!.fits.map(({ name }) => name)).toEqual([
      'Disc 50.5',
    ]);
    expect(found.some((each) => each.need === 'driver')).toBe(false);
  });
  it('is drawn by the diameter that fits, where it has one', () =>
    expect([drawnDiameterMm(disc(44)), drawnDiameterMm(TOOLS.find(({ sort }) => sort === 'press')!)]).toEqual(
      [44, null],
    ));
});
