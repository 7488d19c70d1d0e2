import { describe, expect, it } from 'vitest';
import type { SealLips } from '@/core/record/sealVocabulary';
import type { SealView } from '@/core/job/sealView';
import { buildSealSection } from './buildSealSection';

const sealOf = (
  springToward: 'inside' | 'outside' | null,
  lips: SealLips = 'one',
): Pick<SealView, 'body' | 'way' | 'room' | 'isIn'> => ({
  body: { shaftMm: 20, outsideMm: 35, widthMm: 7, material: 'nbr', lips, depthMm: 0 },
  way:
    springToward === null
      ? { springToward, because: 'hollow_both', ask: ['manual'] }
      : { springToward, because: 'holds_inside', by: null },
  room: { touches: { part: 'Output shaft' }, gapMm: 2, mostDepthMm: 1.5, isTooNear: false },
  isIn: true,
});
const draw = (seal: ReturnType<typeof sealOf>) =>
  buildSealSection({
    width: 560,
    height: 430,
    seal,
    insideWords: 'oil',
    outsideWords: 'dirt',
    say: (mm) => `${mm} mm`,
  });
const springX = (scene: ReturnType<typeof draw>) =>
  Number(/^M(-?[\d.]+)/.exec((scene.marks.find(({ id }) => id === 'seal-spring') as { d: string }).d)![1]);

describe('a seal in its bed', () => {
  it('its spring lies on the side that it looks to: the inside is on the left', () => {
    const inward = springX(draw(sealOf('inside')));
    const outward = springX(draw(sealOf('outside')));
    expect(inward).toBeLessThan(outward);
    expect(Math.abs(inward - outward)).toBeGreaterThan(10);
    expect(draw(sealOf('inside')).description).toContain('looks inside');
  });
  it('two lips have two springs; hollow on both sides none is drawn, and nothing is claimed', () => {
    const ids = (lips: SealLips, toward: 'inside' | null = 'inside') =>
      draw(sealOf(toward, lips)).marks.map(({ id }) => id);
    expect(ids('two')).toEqual(expect.arrayContaining(['seal-spring', 'seal-spring-other']));
    expect(ids('hollow_both', null)).not.toContain('seal-spring');
    expect(draw(sealOf(null, 'hollow_both')).description).toContain('not told');
  });
  it('the gap to what lies behind it is drawn and said', () => {
    const scene = draw(sealOf('inside'));
    expect(scene.marks.find(({ id }) => id === 'gap-size')).toMatchObject({ text: '2 mm', note: 'gap' });
    expect(scene.marks.every((mark) => mark.kind !== 'text' || (mark.x >= 0 && mark.x <= 560))).toBe(true);
  });
});
