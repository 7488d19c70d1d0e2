import { describe, expect, it } from 'vitest';
import { usualInputs } from '@/core/sums/address';
import { describeSum, findSum, solveSum, SUMS } from '@/core/sums/allSums';
import { sumPath, type Sum } from '@/core/sums/sum';
import type { Scene, SceneMark } from '@/ui/drawing/scene';
import { findLabelFaults, labelsOf } from '../../../tests/support/labelBoxes';
import { drawSum } from './drawSum';
import { ticks } from '@/ui/drawing/marks';

const SIZE = { width: 760, height: 400 };

function draw(sum: Sum, changes: Record<string, unknown> = {}): Scene {
  const inputs = { ...usualInputs(sum.fields), ...changes };
  const solved = solveSum(sum, inputs);
  if (!solved.ok) throw new Error(`${sumPath(sum)}: ${JSON.stringify(solved.issues)}`);
  return drawSum({ sum: describeSum(sum), inputs, answers: solved.value.answers, units: 'metric', ...SIZE });
}
const sumAt = (path: string) => findSum(path)!;
const mark = (scene: Scene, id: string) => scene.marks.find((each) => each.id === id);
const textOf = (scene: Scene, id: string) => {
  const found = mark(scene, id);
  return found?.kind === 'text' ? found.text : null;
};

/** Every coordinate of a mark. A path's numbers come in pairs, but for the radii and flags of an arc. */
function pointsOf(each: SceneMark): [number, number][] {
  if (each.kind === 'text') return [[each.x, each.y]];
  if (each.kind === 'line') return each.points.map(([x, y]) => [x, y]);
  const withoutArcs = each.d.replace(/A[\d.\s-]+?(?=[A-Z]|$)/g, (arc) => {
    const numbers = arc.match(/-?[\d.]+/g)!;
    return `L${numbers.at(-2)} ${numbers.at(-1)}`;
  });
  const numbers = (withoutArcs.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, i) => [
    numbers[2 * i]!,
    numbers[2 * i + 1]!,
  ]);
}

describe.each(SUMS.map((sum) => [sumPath(sum), sum] as const))('the picture of %s', (_, sum) => {
  const scene = draw(sum);
  it('has marks with finite places, each with a name of its own, and a description for who cannot see it', () => {
    expect(scene.marks.length).toBeGreaterThan(4);
    expect(new Set(scene.marks.map(({ id }) => id)).size).toBe(scene.marks.length);
    for (const each of scene.marks)
      for (const [x, y] of pointsOf(each))
        expect([Number.isFinite(x), Number.isFinite(y)], each.id).toEqual([true, true]);
    expect(JSON.stringify(scene)).not.toMatch(/NaN|undefined|Infinity/);
    expect(scene.description).toContain(sum.title);
  });
  it('stays in its frame', () => {
    for (const each of scene.marks)
      for (const [x, y] of pointsOf(each)) {
        expect(x, `${each.id} x`).toBeGreaterThanOrEqual(-30);
        expect(x, `${each.id} x`).toBeLessThanOrEqual(SIZE.width + 30);
        expect(y, `${each.id} y`).toBeGreaterThanOrEqual(-30);
        expect(y, `${each.id} y`).toBeLessThanOrEqual(SIZE.height + 30);
      }
  });
  it.each(
    (['metric', 'imperial'] as const).flatMap((units) =>
      [SIZE, { width: 420, height: 320 }].map((size) => ({ units, ...size })),
    ),
  )('$units, $width px wide: no label on another, none cut off', ({ units, ...size }) => {
    const inputs = usualInputs(sum.fields);
    const solved = solveSum(sum, inputs);
    if (!solved.ok) throw new Error(sumPath(sum));
    const { marks } = drawSum({
      sum: describeSum(sum),
      inputs,
      answers: solved.value.answers,
      units,
      ...size,
    });
    expect(findLabelFaults(labelsOf(marks), size)).toEqual([]);
  });
  it('says sizes in the person’s units', () => {
    const inputs = usualInputs(sum.fields);
    const solved = solveSum(sum, inputs);
    const imperial =
      solved.ok &&
      drawSum({ sum: describeSum(sum), inputs, answers: solved.value.answers, units: 'imperial', ...SIZE });
    expect(JSON.stringify(imperial)).not.toMatch(/\d\u00a0(mm|°C|kN|N·m)/);
  });
});

describe('pictures follow their numbers', () => {
  it('a hotter casting is written into the metal, and more room opens the gap', () => {
    const sum = sumAt('thermal_fit/housing_temperature');
    const [narrow, wide] = [draw(sum), draw(sum, { wanted_clearance_mm: 0.08 })];
    expect(textOf(wide, 'outer-temperature')).not.toBe(textOf(narrow, 'outer-temperature'));
    const bore = (scene: Scene) => pointsOf(mark(scene, 'casting')!)[0]![0];
    expect(bore(wide)).toBeGreaterThan(bore(narrow));
    expect(textOf(wide, 'gap')).toBe('0.080\u00a0mm');
  });
  it('tolerance zones stand above and below the zero line as the table says, to one scale', () => {
    const scene = draw(sumAt('iso286'), { classes: ['H7', 'N7'] });
    const zeroY = pointsOf(mark(scene, 'zero')!)[0]![1];
    const span = (id: string) => {
      const ys = pointsOf(mark(scene, id)!).map(([, y]) => y);
      return [Math.min(...ys), Math.max(...ys)] as const;
    };
    expect(span('zone-0')[1]).toBeCloseTo(zeroY, 1);
    expect(span('zone-1')[0]).toBeGreaterThan(zeroY);
    // H7 and N7 at 62 mm are both 30 µm wide; N7 starts 9 µm below (ISO 286-2).
    expect(span('zone-0')[1] - span('zone-0')[0]).toBeCloseTo(span('zone-1')[1] - span('zone-1')[0], 1);
    expect((span('zone-1')[0] - zeroY) / (span('zone-0')[1] - span('zone-0')[0])).toBeCloseTo(9 / 30, 2);
  });
  it('links of a chain are drawn to scale, end to end', () => {
    const scene = draw(sumAt('stack/endplay'));
    const across = (id: string) => {
      const xs = pointsOf(mark(scene, id)!).map(([x]) => x);
      return [Math.min(...xs), Math.max(...xs)] as const;
    };
    const [left, right, crank] = [across('link0'), across('link1'), across('link3')];
    expect((left[1] - left[0]) / (right[1] - right[0])).toBeCloseTo(42.31 / 41.88, 3);
    expect(right[0]).toBeCloseTo(left[1], 1);
    expect((crank[1] - crank[0]) / (left[1] - left[0])).toBeCloseTo(84.02 / 42.31, 2);
  });
  it('readings stand at their hour, the tap opposite the deepest', () => {
    const scene = draw(sumAt('tilt'), { angles_deg: [0, 90, 180, 270], depths_mm: [5, 5.2, 5, 4.8] });
    const [three, twelve] = [mark(scene, 'd1'), mark(scene, 'd0')] as { x: number; y: number }[];
    expect(three!.x).toBeGreaterThan(twelve!.x);
    expect(three!.y).toBeGreaterThan(twelve!.y);
    const tap = pointsOf(mark(scene, 'tap')!);
    // Deepest at 3 o’clock: it stands highest at 9, and the arrow points inward from there.
    expect(tap[0]![0]).toBeLessThan(tap[1]![0]);
    expect(tap[0]![0]).toBeLessThan(SIZE.width / 2);
  });
  it('a level ring has no tap', () =>
    expect(mark(draw(sumAt('tilt'), { depths_mm: [5, 5, 5, 5] }), 'tap')).toBeUndefined());
  it('a bar below the line where the balls are squeezed', () => {
    const scene = draw(sumAt('running_clearance'));
    const zeroY = pointsOf(mark(scene, 'zero')!)[0]![1];
    const ys = (id: string) => pointsOf(mark(scene, id)!).map(([, y]) => y);
    expect(Math.min(...ys('bar-warm_up'))).toBeCloseTo(zeroY, 1);
    expect(Math.max(...ys('bar-bench'))).toBeCloseTo(zeroY, 1);
  });
  it('the window is marked where the room falls to the margin', () => {
    const scene = draw(sumAt('drop_window/lumped'));
    const [line] = pointsOf(mark(scene, 'window')!);
    const open = pointsOf(mark(scene, 'open')!).map(([x]) => x);
    expect(Math.abs(Math.max(...open) - line![0])).toBeLessThan(20);
    expect(
      mark(draw(sumAt('drop_window/lumped'), { interference_at_20C_mm: -0.2 }), 'window'),
    ).toBeUndefined();
  });
  it('a bolt that bottoms and one past proof are marked hot', () => {
    const tone = (scene: Scene) => {
      const head = mark(scene, 'head');
      return head?.kind === 'shape' ? head.tone : null;
    };
    expect([
      tone(draw(sumAt('bolt_stand_out'))),
      tone(draw(sumAt('bolt_stand_out'), { length_mm: 60 })),
      tone(draw(sumAt('bolt_torque'), { torque_Nm: 16 })),
    ]).toEqual(['plain', 'heat', 'heat']);
  });
  it('no web, no web drawn', () =>
    expect([
      mark(draw(sumAt('boss_pressure')), 'web') !== undefined,
      mark(draw(sumAt('boss_pressure'), { web_outer_diameter_mm: null }), 'web'),
    ]).toEqual([true, undefined]));
});

describe('ticks', () => {
  it.each([
    [0, 10, [0, 2, 4, 6, 8, 10]],
    [-39, 30, [-20, 0, 20]],
    [0, 0.12, [0, 0.05, 0.1]],
    [5, 5, [5, 5.2, 5.4, 5.6, 5.8, 6]],
  ])('from %f to %f', (low, high, expected) => {
    const found = ticks(low, high, low === -39 ? 4 : 5);
    if (low === high) expect(found.length).toBeGreaterThan(0);
    else expect(found).toEqual(expected);
  });
});

describe('a hub’s spacer', () => {
  it('is drawn from the middle and from the nip: there the inner races stand outward, and the one asked for is bold', () => {
    const scene = draw(sumAt('hub_spacer'), { from: 'nip' });
    const leftOf = (id: string) => Math.min(...pointsOf(mark(scene, id)!).map(([x]) => x));
    expect(leftOf('middle-inner-left')).toBeCloseTo(leftOf('middle-outer-left'), 6);
    expect(leftOf('nip-inner-left')).toBeLessThan(leftOf('nip-outer-left'));
    expect(mark(scene, 'nip-title')).toMatchObject({ isBold: true });
    expect(mark(scene, 'middle-title')).toMatchObject({ isBold: false });
  });
});
