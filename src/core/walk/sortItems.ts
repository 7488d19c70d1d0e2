import type { Item } from './item';

/** What waits for what, counted: how many items an item still waits for, and which wait for it. */
function countWaits(items: readonly Item[]) {
  const here = new Set(items.map(({ id }) => id));
  const waitsFor = new Map<string, number>();
  const waiting = new Map<string, Item[]>();
  for (const item of items) {
    const before = new Set(item.after.filter((id) => here.has(id) && id !== item.id));
    waitsFor.set(item.id, before.size);
    for (const id of before) {
      const list = waiting.get(id);
      if (list) list.push(item);
      else waiting.set(id, [item]);
    }
  }
  return { waitsFor, waiting };
}

/** Items that wait for themselves over others, with all that waits for these. */
function caughtInCircles(items: readonly Item[]): Map<string, Item> {
  const { waitsFor, waiting } = countWaits(items);
  const free = items.filter(({ id }) => waitsFor.get(id) === 0);
  const caught = new Map(items.map((item) => [item.id, item]));
  for (let item = free.pop(); item; item = free.pop()) {
    caught.delete(item.id);
    for (const next of waiting.get(item.id) ?? []) {
      const still = waitsFor.get(next.id)! - 1;
      waitsFor.set(next.id, still);
      if (still === 0) free.push(next);
    }
  }
  return caught;
}

/**
 * What goes round in a circle (a person's own order may) does not wait in it for what comes later by its rank: else it would be left to
 * the end, and a part would be fitted before another is out.
 */
export function withoutCircles(items: readonly Item[]): readonly Item[] {
  const caught = caughtInCircles(items);
  if (caught.size === 0) return items;
  const isWaitingFor = (from: Item, id: string, seen = new Set<string>()): boolean =>
    from.after.some((each) => {
      const next = caught.get(each);
      if (each === id) return true;
      if (!next || seen.has(each)) return false;
      seen.add(each);
      return isWaitingFor(next, id, seen);
    });
  return items.map((item) => ({
    ...item,
    after: item.after.filter((id) => {
      const other = caught.get(id);
      return !other || other.rank <= item.rank || !isWaitingFor(other, item.id);
    }),
  }));
}

const least = (list: Iterable<Item>, group?: string | null): Item | undefined => {
  let first: Item | undefined;
  for (const item of list)
    if ((group === undefined || item.group === group) && (!first || item.rank < first.rank)) first = item;
  return first;
};

/**
 * Items in the order in which they are done, those that are done together in one list: what waits for nothing any more and has the least
 * rank comes first, and takes along what can be done with it. Where only circles are left, they are let go in the order of their ranks.
 */
export function sortItems(items: readonly Item[]): Item[][] {
  const { waitsFor, waiting } = countWaits(items);
  const left = new Set(items);
  const free = new Set(items.filter(({ id }) => waitsFor.get(id) === 0));
  const take = (item: Item) => {
    left.delete(item);
    free.delete(item);
    for (const next of waiting.get(item.id) ?? []) {
      const still = waitsFor.get(next.id)! - 1;
      waitsFor.set(next.id, still);
      if (still === 0 && left.has(next)) free.add(next);
    }
  };
  const moves: Item[][] = [];
  while (left.size > 0) {
    const first = least(free) ?? least(left)!;
    // Out, what becomes free by taking one may go along too: an inner part after its outer one. In, each waits until it is home.
    const isChained = first.stage === 'out';
    const { group } = first;
    const along =
      group === null || isChained ? [] : [...free].filter((item) => item.group === group && item !== first);
    const move = [first];
    take(first);
    for (const next of along.sort((a, b) => a.rank - b.rank)) {
      move.push(next);
      take(next);
    }
    for (let next = group !== null && isChained && least(free, group); next; next = least(free, group)) {
      move.push(next);
      take(next);
    }
    moves.push(move);
  }
  return moves;
}
