import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { planDropOrder, runOrder, type DropPlan, type DropSeat } from './dropOrder';

const PLAN: DropPlan = { startC: 120, roomC: 20, timeConstantS: 900, turnOverS: 25, reheatS: 1200 };
const seat = (id: string, neededC: number, more: Partial<DropSeat> = {}): DropSeat => ({
  id,
  neededC,
  handlingS: 30,
  coolsByK: 3,
  face: 'inside',
  after: [],
  ...more,
});

/** All orders that keep the precedence: the referee. */
function* everyOrder(
  left: readonly DropSeat[],
  done: readonly DropSeat[] = [],
): Generator<readonly DropSeat[]> {
  if (left.length === 0) {
    yield done;
    return;
  }
  for (const next of left)
    if (!left.some(({ id }) => next.after.includes(id)))
      yield* everyOrder(
        left.filter((each) => each !== next),
        [...done, next],
      );
}

const seats = fc
  .array(
    fc.record({
      neededC: fc.integer({ min: 30, max: 118 }),
      handlingS: fc.integer({ min: 5, max: 200 }),
      coolsByK: fc.integer({ min: 0, max: 12 }),
      face: fc.constantFrom<DropSeat['face']>('inside', 'outside'),
      before: fc.boolean(),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .map((list) =>
    list.map(({ before, ...rest }, i): DropSeat => ({
      id: `s${i}`,
      ...rest,
      after: before && i > 0 ? [`s${i - 1}`] : [],
    })),
  );

describe('order of drops', () => {
  it('is the best of all orders (brute force)', () =>
    fc.assert(
      fc.property(seats, (list) => {
        const found = planDropOrder(list, PLAN);
        if (!found.ok) throw new Error('no plan');
        const all = [...everyOrder(list)].map((order) => runOrder(order, PLAN));
        const heats = Math.min(...all.map((each) => each.heats));
        const slack = Math.max(
          ...all.filter((each) => each.heats === heats).map(({ leastSlackS }) => leastSlackS),
        );
        expect(found.value.heats).toBe(heats);
        expect(found.value.leastSlackS).toBeCloseTo(slack, 6);
      }),
      { seed: 99, numRuns: 120 },
    ));

  it('keeps the precedence, and puts the most demanding first when nothing forbids it', () => {
    const found = planDropOrder(
      [seat('pilot', 40), seat('main', 100), seat('seal', 30, { after: ['main'] })],
      PLAN,
    );
    expect(found.ok && found.value.drops.map(({ id }) => id)).toEqual(['main', 'pilot', 'seal']);
    const forced = planDropOrder([seat('pilot', 40), seat('main', 100, { after: ['pilot'] })], PLAN);
    expect(forced.ok && forced.value.drops.map(({ id }) => id)).toEqual(['pilot', 'main']);
  });
  it('each drop cools the casting for the next: a second heat when it must', () => {
    const two = planDropOrder([seat('a', 112, { coolsByK: 9 }), seat('b', 112, { coolsByK: 9 })], PLAN);
    expect(two.ok && two.value.heats).toBe(2);
  });
  it('above nine seats it says that the order is good, not proven', () => {
    const many = planDropOrder(
      Array.from({ length: 12 }, (_, i) => seat(`s${i}`, 40 + 5 * i, { after: i === 0 ? ['s11'] : [] })),
      PLAN,
    );
    expect(many.ok && many.value.isProvenBest).toBe(false);
    expect(many.ok && many.value.drops.findIndex(({ id }) => id === 's11')).toBeLessThan(
      many.ok ? many.value.drops.findIndex(({ id }) => id === 's0') : -1,
    );
  });
  it.each([
    ['no seat', [], 'too_few'],
    ['the same id twice', [seat('a', 50), seat('a', 60)], 'not_unique'],
    ['an unknown neighbour', [seat('a', 50, { after: ['z'] })], 'unknown_seat'],
    ['a circle', [seat('a', 50, { after: ['b'] }), seat('b', 50, { after: ['a'] })], 'circle'],
    ['a seat hotter than the oven', [seat('a', 130)], 'hotter_than_the_start'],
  ])('refuses %s', (_, list, code) =>
    expect(planDropOrder(list, PLAN)).toMatchObject({
      ok: false,
      issues: [expect.objectContaining({ code })],
    }),
  );
});
