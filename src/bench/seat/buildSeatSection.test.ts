import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../../database/demo/demo';
import { guardOf } from '@/core/record/seatFacts';
import type { FittedSpec } from '@/core/record/seatSpec';
import type { SceneMark } from '@/ui/drawing/scene';
import { buildSeatSection, exaggeration } from './buildSeatSection';
import type { SeatSectionInput } from './seatFrame';

const castings = buildDemo(0).flatMap(({ job }) => job.castings);
const seats = castings.flatMap(({ seats: each }) => each);
const main = seats.find(({ name }) => name === 'Main bearing')!;
const mainSpec = main.spec as FittedSpec;
const input = (changes: Partial<SeatSectionInput> = {}): SeatSectionInput => ({
  spec: main.spec,
  width: 540,
  height: 430,
  gap: null,
  bearingIs: 'not_in',
  castingHot: null,
  bearingCold: null,
  say: (mm) => mm.toFixed(1),
  measured: { boreText: null, outsideText: null },
  sealIs: 'not_in',
  ...changes,
});
const marks = (changes?: Partial<SeatSectionInput>) => buildSeatSection(input(changes)).marks;
const mark = (id: string, changes?: Partial<SeatSectionInput>) =>
  marks(changes).find((each) => each.id === id);
const points = (each: SceneMark | undefined) => (each?.kind === 'line' ? each.points : []);
/** Every number in a path, as coordinates. */
const numbersOf = (d: string) => [...d.matchAll(/-?\d+(\.\d+)?/g)].map(([n]) => Number(n));

describe('half-section of a seat', () => {
  it('calls what is fitted by its name', () => {
    const notes = new Set(
      seats.flatMap(({ spec }) => {
        const text = mark('outside-text', { spec, width: 900, height: 900 });
        return text?.kind === 'text' && text.note ? [`${spec.kind}: ${text.note}`] : [];
      }),
    );
    expect([...notes].sort()).toEqual([
      'bearing_in_bore: bearing, nominal',
      'bush_in_bore: bush, nominal',
      'race_in_bore: race, nominal',
      'seal_in_bore: seal, nominal',
    ]);
  });
  it('is to scale: lengths of the dimension lines stand in the ratio of their sizes', () => {
    const shoulder = points(mark('shoulder-line'));
    const height = points(mark('height-line'));
    const bore = points(mark('outside-line'));
    const px = (line: readonly (readonly [number, number])[]) =>
      Math.hypot(line[1]![0] - line[0]![0], line[1]![1] - line[0]![1]);
    const { depthToShoulderMm, bossHeightMm } = main.spec.housing;
    expect(px(shoulder) / px(height)).toBeCloseTo(depthToShoulderMm / bossHeightMm, 6);
    // A diameter is dimensioned from the axis: half of it is drawn.
    expect(px(bore) / px(height)).toBeCloseTo(main.spec.part.outsideMm / 2 / bossHeightMm, 6);
  });
  it('redraws as a number changes: a deeper shoulder draws a longer dimension', () => {
    const deeper = {
      ...main.spec,
      housing: { ...main.spec.housing, depthToShoulderMm: main.spec.housing.depthToShoulderMm + 4 },
    };
    const length = (changes?: Partial<SeatSectionInput>) => {
      const [a, b] = points(mark('shoulder-line', changes));
      return b![1] - a![1];
    };
    expect(length({ spec: deeper })).toBeGreaterThan(length());
  });
  it('parts not yet in are ghosts, parts in are outlined', () => {
    const line = (id: string, changes?: Partial<SeatSectionInput>) => {
      const each = mark(id, changes);
      return each?.kind === 'shape' ? each.line : null;
    };
    expect([
      line('outer-race'),
      line('outer-race', { bearingIs: 'in' }),
      line('seal'),
      line('seal', { sealIs: 'in' }),
    ]).toEqual(['ghost', 'outline', 'ghost', 'outline']);
  });
  it('hatches casting and races across each other (ISO 128)', () => {
    const hatch = (id: string) => {
      const each = mark(id);
      return each?.kind === 'shape' ? each.hatch : null;
    };
    expect([hatch('casting'), hatch('outer-race'), hatch('inner-race'), hatch('ball')]).toEqual([
      'rising',
      'falling',
      'falling',
      null,
    ]);
  });
  it('a clearance is drawn as a gap and a nip as an overlap, each with its exaggeration', () => {
    const boreX = (clearanceMm: number) =>
      points(mark('bore-line', { gap: { clearanceMm, figure: '', word: '' } }))[1]![0];
    const outsideX = points(mark('outside-line'))[1]![0];
    expect(boreX(0.04)).toBeGreaterThan(outsideX);
    expect(boreX(-0.04)).toBeLessThan(outsideX);
    expect(mark('nip', { gap: { clearanceMm: -0.04, figure: '', word: '' } })).toBeDefined();
    expect(mark('nip', { gap: { clearanceMm: 0.04, figure: '', word: '' } })).toBeUndefined();
    expect(mark('fit-scale', { gap: { clearanceMm: 0.04, figure: '', word: '' } })).toMatchObject({
      text: expect.stringMatching(/^drawn × \d+$/),
    });
    expect([exaggeration(0.04, 8), exaggeration(1, 8)]).toEqual([60, 2]);
  });
  it('shows planned heat and cold in the metal', () => {
    expect(mark('casting', { castingHot: '90 °C' })).toMatchObject({ tone: 'heat' });
    expect(mark('outer-race', { bearingCold: '−18 °C' })).toMatchObject({ tone: 'cold' });
  });
  it('the seal’s spring looks where the fluid is: mirrored when it faces outside', () => {
    const springY = (springToward: 'bearing' | 'outside') => {
      const each = mark('seal-spring', {
        spec: { ...mainSpec, seal: { ...mainSpec.seal!, springToward } },
      });
      return each?.kind === 'shape' ? numbersOf(each.d)[1]! : NaN;
    };
    expect(springY('bearing')).toBeLessThan(springY('outside'));
  });
  it.each(seats.map((seat) => [seat.name, seat] as const))(
    'every seat of the demo fits its box: %s',
    (_name, seat) => {
      const scene = buildSeatSection(
        input({
          spec: seat.spec,
          gap: { clearanceMm: 0.05, figure: '0.050 mm', word: 'clear' },
          sealIs: guardOf(seat.spec) ? 'in' : 'none',
        }),
      );
      const ids = scene.marks.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const each of scene.marks) {
        const numbers =
          each.kind === 'shape'
            ? numbersOf(each.d)
            : each.kind === 'line'
              ? each.points.flat()
              : [each.x, each.y];
        expect(numbers.every(Number.isFinite), each.id).toBe(true);
        if (each.kind === 'line')
          for (const [x, y] of each.points) {
            expect(x, each.id).toBeLessThanOrEqual(541);
            expect(y, each.id).toBeLessThanOrEqual(431);
          }
      }
    },
  );
});
