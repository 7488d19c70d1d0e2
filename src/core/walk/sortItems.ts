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

const least = (list: Iterable<Item>, group?: string | null): Item | undefined => {
  let first: Item | undefined;
  for (const item of list)
    if ((group === undefined || item.group === group) && (!first || item.rank < first.rank)) first = item;
  return first;
};

/**
 * Items in the order in which they are done, those that are done together in one list: what waits for nothing any more and has the least
 * rank comes first, and takes along what can be done with it. What waits for itself in a circle (a person's own order may) is let go in
 * the order of its rank.
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
