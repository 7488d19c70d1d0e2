import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { readingsInTheMiddle } from '../../../database/demo/demoFloats';
import { freshJob } from '../../../tests/support/freshJob';
import { NOW, reading, viewJob, withEntries } from '../../../tests/support/records';
import { viewFloats } from '@/core/job/floatView';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import type { JobKind } from '@/core/job/kinds/jobKind';
import { drawFloat } from './drawFloat';

const SIZE = { width: 560, height: 470 };

/** Every float of a kind, read in the middle of what is wanted of it, or not at all. */
function floatsOf(kind: JobKind, isRead: boolean) {
  const record = freshJob(kind);
  const readings = record.plan.floats.flatMap((float) =>
    Object.entries(readingsInTheMiddle(float).figures).map(([slot, value], i) => ({
      ...reading(idOf('none'), slot, value, i),
      seatId: null,
    })),
  );
  return viewFloats(viewJob(withEntries(record, isRead ? readings : [], []), NOW + 60_000));
}
const all = JOB_KINDS.flatMap((kind) =>
  [true, false].flatMap((isRead) =>
    floatsOf(kind, isRead).map((view) => [`${kind.kind}, ${view.float.key}`, isRead, view] as const),
  ),
);

describe('a float as a drawing', () => {
  it.each(all)(
    '%s (read: %s): every mark has a name of its own, a place, and stays in the drawing',
    (_, isRead, view) => {
      const scene = drawFloat(view, 'metric', SIZE);
      const ids = scene.marks.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const mark of scene.marks)
        if (mark.kind === 'text') {
          expect(mark.x, mark.id).toBeGreaterThanOrEqual(0);
          expect(mark.x, mark.id).toBeLessThanOrEqual(SIZE.width);
          expect(mark.y, mark.id).toBeLessThanOrEqual(SIZE.height);
        } else if (mark.kind === 'shape') expect(mark.d, mark.id).not.toMatch(/NaN|Infinity/);
      expect(scene.description).toContain(view.float.name);
      expect(view.decision).toBe(isRead ? 'pass' : null);
    },
  );

  it('what lies in the middle stands in the middle of its band, with whiskers on both sides', () => {
    const view = floatsOf(
      JOB_KINDS.find(({ kind }) => kind === 'steering_head')!,
      true,
    )[0]!;
    const { marks } = drawFloat(view, 'metric', SIZE);
    const box = (id: string) => {
      const mark = marks.find((each) => each.id === id)!;
      const numbers = mark.kind === 'shape' ? mark.d.match(/-?\d+(?:\.\d+)?/g)!.map(Number) : [];
      const xs = numbers.filter((_, i) => i % 2 === 0);
      return [Math.min(...xs), Math.max(...xs)] as const;
    };
    const middle = ([from, to]: readonly [number, number]) => (from + to) / 2;
    expect(Math.abs(middle(box('found-at')) - middle(box('wanted')))).toBeLessThan(3);
    expect(Math.abs(middle(box('found-whisker')) - middle(box('found-at')))).toBeLessThan(1);
    expect(box('found-whisker')[1] - box('found-whisker')[0]).toBeGreaterThan(2);
  });
});
