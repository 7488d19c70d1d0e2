import { describe, expect, it } from 'vitest';
import { findBlows } from '@/core/ear/blows';
import { makeSetup, SAMPLE_HZ, soundOfDrive } from '@/core/ear/modalSound';
import { judgeNote } from '@/core/ear/noteChange';
import { seededRandom } from '@/core/quantity/random';
import { sayNote } from '@/ui/words/ear';
import { DRAWN, drawNotes } from './drawNotes';
import { StandIn } from './standIn';

const heard = (blows: number, homeAt: number | null) => {
  const random = seededRandom(5);
  const found = findBlows(
    soundOfDrive(makeSetup(random), { blows, homeAt, noise: 0.002 }, random),
    SAMPLE_HZ,
  );
  return { found, note: judgeNote(found) };
};

describe('what the ear hears as a drawing', () => {
  it.each([
    [1, null],
    [9, 5],
    [30, null],
  ] as const)(
    '%i blows, home at %s: every mark has a name of its own and stays in the drawing',
    (blows, homeAt) => {
      const { found, note } = heard(blows, homeAt);
      const scene = drawNotes(found, note, sayNote(note).headline);
      const ids = scene.marks.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const mark of scene.marks)
        if (mark.kind === 'text') {
          expect(mark.x, mark.id).toBeGreaterThanOrEqual(0);
          expect(mark.x, mark.id).toBeLessThanOrEqual(DRAWN.width);
          expect(mark.y, mark.id).toBeLessThanOrEqual(DRAWN.height);
        }
    },
  );
  it('blows from the change on are drawn otherwise, and the newest are those that are shown', () => {
    const { found, note } = heard(9, 5);
    expect(note.changedAt).toBe(6);
    const { marks } = drawNotes(found, note, '');
    const fill = (blow: number) => {
      const mark = marks.find(({ id }) => id === `blow-${blow}`)!;
      return mark.kind === 'shape' && mark.tone;
    };
    expect([fill(5), fill(6), fill(9)]).toEqual(['plain', 'ink', 'ink']);
    const many = heard(30, null);
    const shown = drawNotes(many.found, many.note, '').marks.map(({ id }) => id);
    expect(shown).not.toContain('blow-1');
    expect(shown).toContain('blow-30');
  });
});

describe('the stand-in', () => {
  it('sounds the same until it is home, and then otherwise; the same seat each time', () => {
    const one = new StandIn('a seat');
    const blows = Array.from({ length: 12 }, () => findBlows(one.strike(), one.sampleHz)).flat();
    expect(blows).toHaveLength(12);
    const { verdict, changedAt } = judgeNote(blows);
    expect(verdict).toBe('changed');
    expect(changedAt).toBeGreaterThan(5);
    expect(new StandIn('a seat').strike()).toEqual(new StandIn('a seat').strike());
  });
});
