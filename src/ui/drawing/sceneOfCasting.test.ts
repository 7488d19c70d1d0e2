import { describe, expect, it } from 'vitest';
import { freshJob } from '../../../tests/support/freshJob';
import { viewJoint } from '@/core/job/jointView';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { sceneOfCasting, seatLetter } from './sceneOfCasting';

const SIZE = { width: 540, height: 420 };

describe('a casting as a drawing on paper', () => {
  it.each(
    JOB_KINDS.flatMap((kind) =>
      freshJob(kind).castings.map((casting) => [`${kind.kind}, ${casting.name}`, casting] as const),
    ),
  )('%s: every seat by its letter, every bolt by its turn, all inside', (_, casting) => {
    const order = viewJoint(casting)?.order ?? null;
    const { marks } = sceneOfCasting(casting, order, SIZE);
    const ids = marks.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    const texts = marks.flatMap((mark) => (mark.kind === 'text' ? [mark] : []));
    const letters = texts.filter(({ id }) => id.startsWith('name-')).map(({ text }) => text);
    expect(letters).toEqual(casting.seats.map((_seat, i) => seatLetter(i)));
    const turns = texts.filter(({ id }) => id.startsWith('turn-')).map(({ text }) => Number(text));
    if (order) expect([...turns].sort((a, b) => a - b)).toEqual(casting.map.bolts.map((_bolt, i) => i + 1));
    for (const { x, y, id } of texts) {
      expect(x, id).toBeGreaterThanOrEqual(0);
      expect(x, id).toBeLessThanOrEqual(SIZE.width);
      expect(y, id).toBeGreaterThanOrEqual(0);
      expect(y, id).toBeLessThanOrEqual(SIZE.height);
    }
  });
});
