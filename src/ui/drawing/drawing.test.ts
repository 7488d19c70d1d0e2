import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../../database/demo/demo';
import { castingExtentMm, castingOutlinePath } from './castingOutline';
import { polygonPath, roundedPath } from './scene';
import { placeSeats } from './placeSeats';

describe('paths', () => {
  it('a polygon is closed and keeps its corners', () =>
    expect(
      polygonPath([
        [0, 0],
        [10, 0],
        [10, 5],
      ]),
    ).toBe('M0 0L10 0L10 5Z'));

  it('a rounded square starts and ends each side at its radius', () => {
    const square = [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ].map(([x, y]) => ({ at: [x!, y!] as const, radius: 2 }));
    expect(roundedPath(square)).toBe('M0 2Q0 0 2 0L8 0Q10 0 10 2L10 8Q10 10 8 10L2 10Q0 10 0 8Z');
  });

  it('a radius larger than the side stops at the middle of it', () => {
    const square = [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ].map(([x, y]) => ({ at: [x!, y!] as const, radius: 99 }));
    expect(roundedPath(square)).toBe('M0 5Q0 0 5 0L5 0Q10 0 10 5L10 5Q10 10 5 10L5 10Q0 10 0 5Z');
  });
});

describe('two faces of a casting', () => {
  const hub = buildDemo(0)
    .flatMap(({ job }) => job.castings)
    .find(({ name }) => name === 'drive case')!;
  it('a seat behind another stands beside it, and each seat is placed once', () => {
    const { placed } = placeSeats(hub, 'front');
    expect(placed.map(({ seat }) => seat.id).sort()).toEqual(hub.seats.map(({ id }) => id).sort());
    expect(placed.find(({ seat }) => seat.name === 'Axle seal, case side')!.how).toBe('beside');
  });
  it('the back is the mirror image, and mirrored twice it is the front', () => {
    const [front, back] = [placeSeats(hub, 'front'), placeSeats(hub, 'back')];
    const width = Math.max(...hub.map.outline.map(({ at }) => at[0]));
    expect(back.map.bolts[0]![0]).toBeCloseTo(width - front.map.bolts[0]![0], 9);
    expect(back.placed.find(({ how }) => how === 'full')!.seat.face).toBe('back');
  });
});

describe('castings', () => {
  const castings = buildDemo(0).flatMap(({ job }) => job.castings);

  it.each(castings.map((casting) => [casting.name, casting] as const))(
    '%s stands on the line, with every seat and bolt on it',
    (_name, casting) => {
      const { minXMm, widthMm, heightMm } = castingExtentMm(casting.map);
      expect(Math.min(...casting.map.outline.map(({ at }) => at[1]))).toBe(0);
      for (const { xMm, yMm, spec } of casting.seats) {
        const boreR = spec.part.outsideMm / 2;
        expect(xMm - boreR).toBeGreaterThanOrEqual(minXMm);
        expect(xMm + boreR).toBeLessThanOrEqual(minXMm + widthMm);
        expect(yMm - boreR).toBeGreaterThanOrEqual(0);
        expect(yMm + boreR).toBeLessThanOrEqual(heightMm);
      }
      for (const [x, y] of casting.map.bolts) {
        expect(x).toBeGreaterThanOrEqual(minXMm);
        expect(x).toBeLessThanOrEqual(minXMm + widthMm);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(heightMm);
      }
      expect(castingOutlinePath(casting.map)).toMatch(/^M[-\d. ]+Q.*Z$/);
    },
  );

  it.each(castings.map((casting) => [casting.name, casting] as const))(
    'seats of %s do not run into each other',
    (_name, casting) => {
      casting.seats.forEach((a, i) =>
        casting.seats.slice(i + 1).forEach((b) => {
          const apart = Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);
          // On two faces, or one behind the other in one bore.
          if ((a.face ?? 'front') !== (b.face ?? 'front') || apart === 0) return;
          expect(apart, `${a.name} and ${b.name}`).toBeGreaterThan(
            (a.spec.part.outsideMm + b.spec.part.outsideMm) / 2,
          );
        }),
      );
    },
  );

  it('the demo names no seat twice in one job, and every ring has room above its bearing', () => {
    for (const { job } of buildDemo(0)) {
      const seats = job.castings.flatMap(({ seats: each }) => each);
      expect(new Set(seats.map(({ name }) => name)).size).toBe(seats.length);
      for (const {
        spec: { part, housing, retainingRing },
      } of seats) {
        if (retainingRing)
          expect(retainingRing.grooveFromFaceMm + retainingRing.thicknessMm).toBeLessThanOrEqual(
            housing.depthToShoulderMm - part.widthMm + 0.01,
          );
      }
    }
  });
});
