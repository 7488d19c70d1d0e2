import { describe, expect, it } from 'vitest';
import { demo, seatOf } from '../../../../tests/support/records';
import { buildDepthSection } from './buildDepthSection';

const seat = seatOf(demo('Ostrel 250'), 'Right main bearing');
const draw = (targetMm: number, reached: number | null) =>
  buildDepthSection({
    width: 560,
    height: 430,
    seat,
    depth: {
      target: { depthMm: targetMm, from: 'number', toleranceMm: 0.1, missing: null },
      reachedMm: reached === null ? null : { value: reached, u: 0.01 },
    },
    isHome: false,
    say: (mm) => `${mm.toFixed(1)} mm`,
  });
const text = (scene: ReturnType<typeof draw>, id: string) =>
  scene.marks.find((mark) => mark.id === id) as { text: string; x: number; note?: string } | undefined;

describe('how deep it goes, drawn along the axis', () => {
  it('the line on the driver stands its own depth from the nose, and is not there where the part stands out', () => {
    expect(text(draw(2, -6), 'driver-mark-size')!.text).toBe('2.0 mm');
    expect(text(draw(-1.5, -6), 'driver-mark-size')).toBeUndefined();
  });
  it('what is to go, or by how much it is beyond', () => {
    expect(text(draw(2, -6), 'to-go-size')).toMatchObject({ text: '8.0 mm', note: ' to go' });
    expect(text(draw(2, 3.5), 'to-go-size')).toMatchObject({ text: '1.5 mm', note: ' too deep' });
    expect(text(draw(2, 2), 'to-go-size')).toBeUndefined();
  });
  it('at its depth, line and face meet', () => {
    const scene = draw(2, 2);
    const markX = text(scene, 'driver-mark-size')!.x;
    const face = scene.marks.find(({ id }) => id === 'tick-0') as unknown as { points: [number, number][] };
    expect(markX).toBeCloseTo(face.points[0]![0], 6);
  });
});
