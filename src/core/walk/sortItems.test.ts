import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Item } from './item';
import { sortItems, withoutCircles } from './sortItems';

const item = (id: string, rank: number, more: Partial<Item> = {}): Item => ({
  id,
  act: 'task',
  stage: 'in',
  rank,
  seatId: null,
  key: id,
  name: id,
  group: null,
  after: [],
  why: null,
  isDone: false,
  isWaiting: false,
  ...more,
});
const order = (...items: Item[]) => sortItems(withoutCircles(items)).map((move) => move.map(({ id }) => id));

describe('items in the order in which they are done', () => {
  it('the least rank first, and nothing before what it waits for', () =>
    expect(order(item('b', 2), item('a', 1), item('c', 0, { after: ['b'] }))).toEqual([['a'], ['b'], ['c']]));
  it('what is alike goes together, when each is free', () =>
    expect(
      order(
        item('left', 1, { group: 'g' }),
        item('other', 2),
        item('right', 3, { group: 'g' }),
        item('late', 1.5, { group: 'g', after: ['other'] }),
      ),
    ).toEqual([['left', 'right'], ['other'], ['late']]));
  it('out, the inner part goes along with the outer one that covered it; in, it waits until that is home', () => {
    const pair = (stage: Item['stage']) => [
      item('outer', 1, { stage, group: 'g' }),
      item('inner', 1, { stage, group: 'g', after: ['outer'] }),
    ];
    expect(order(...pair('out'))).toEqual([['outer', 'inner']]);
    expect(order(...pair('in'))).toEqual([['outer'], ['inner']]);
  });
  it('a circle that a person made goes by rank, and keeps its place before what comes later', () => {
    const round = [item('a', 2, { after: ['b'] }), item('b', 1, { after: ['a'] })];
    expect(order(...round, item('c', 3))).toEqual([['b'], ['a'], ['c']]);
    // What waits for it, without being of it, waits.
    expect(order(...round, item('d', 0, { after: ['a'] }))).toEqual([['b'], ['a'], ['d']]);
    // Of one rank there is nothing to go by: what is free goes first.
    const level = round.map((each) => ({ ...each, rank: 1 }));
    expect(order(...level, item('c', 3)).flat()).toEqual(['c', 'a', 'b']);
  });
  it('loses nothing of any circles, and holds what lies in none', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ rank: fc.nat({ max: 9 }), waits: fc.array(fc.nat({ max: 11 }), { maxLength: 3 }) }),
          { maxLength: 12 },
        ),
        (raw) => {
          const items = raw.map(({ rank, waits }, i) =>
            item(`i${i}`, rank, { after: waits.map((j) => `i${j}`) }),
          );
          const flat = sortItems(withoutCircles(items)).flat();
          expect(flat.map(({ id }) => id).sort()).toEqual(items.map(({ id }) => id).sort());
          const reaches = (from: string, to: string, seen = new Set<string>()): boolean =>
            (items.find(({ id }) => id === from)?.after ?? []).some(
              (id) => id === to || (!seen.has(id) && (seen.add(id), reaches(id, to, seen))),
            );
          const isInCircle = items.some(({ id }) => reaches(id, id));
          if (!isInCircle)
            for (const { id, after } of withoutCircles(items))
              expect(after).toEqual(items.find((each) => each.id === id)!.after);
          for (const { id, after } of items)
            for (const first of after)
              if (items.some((each) => each.id === first) && !reaches(first, id))
                expect(withoutCircles(items).find((each) => each.id === id)!.after).toContain(first);
        },
      ),
      { seed: 11, numRuns: 150 },
    ));
  it('what waits for something that is not here waits for nothing', () =>
    expect(order(item('a', 1, { after: ['gone'] }))).toEqual([['a']]));
  it('every item comes exactly once, and after what it waits for', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            rank: fc.nat({ max: 20 }),
            group: fc.constantFrom(null, 'g', 'h'),
            before: fc.array(fc.nat({ max: 30 }), { maxLength: 3 }),
          }),
          { maxLength: 25 },
        ),
        (raw) => {
          // Only what came earlier in the list is waited for: no circles.
          const items = raw.map(({ rank, group, before }, i) =>
            item(`i${i}`, rank, { group, after: before.filter((j) => j < i).map((j) => `i${j}`) }),
          );
          const flat = sortItems(items).flat();
          expect(flat.map(({ id }) => id).sort()).toEqual(items.map(({ id }) => id).sort());
          flat.forEach(({ after }, at) => {
            for (const id of after) expect(flat.findIndex((each) => each.id === id)).toBeLessThan(at);
          });
        },
      ),
      { seed: 9, numRuns: 150 },
    ));
});
