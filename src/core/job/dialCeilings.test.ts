import { describe, expect, it } from 'vitest';
import type { SeatView } from './seatView';
import { demo, view } from '../../../tests/support/records';
import { brokenAtDial } from './dialCeilings';

const main = view(demo('Ostrel 250'), 'Right main bearing');
const seen = (more: Partial<SeatView> = {}) => ({ ...main, leftIn: [], ...more });
const names = (dialC: number, more: Partial<SeatView> = {}) =>
  brokenAtDial(seen(more), dialC, -18).map(({ what }) => what);

/** Limits from memory (ENGINEERING, materials); the settling by the balance of heat. */
describe('what suffers from an oven set so', () => {
  it('nothing in a bare aluminium casting at 110 °C with an open bearing', () =>
    expect(names(110)).toEqual([]));
  it('a new seal behind the bearing, beside the old one, each by name', () => {
    const leftIn = [
      { seatName: 'Output seal', sealMaterial: 'nbr' as const },
      { seatName: 'Seal behind', sealMaterial: 'nbr' as const, isNew: true },
    ];
    expect(brokenAtDial(seen({ leftIn }), 120, -18).map(({ seatName }) => seatName)).toEqual([
      'Output seal',
      'Seal behind',
    ]);
  });
  it('the dropped bearing by where both settle: a sealed one, long before the dial itself says so', () => {
    const { seat } = main;
    const sealed = {
      ...seat,
      spec: { ...seat.spec, part: { ...seat.spec.part, closure: 'sealed' } },
    } as typeof seat;
    const settles = (dialC: number) => brokenAtDial(seen({ seat: sealed }), dialC, -18).length > 0;
    expect(settles(100)).toBe(false);
    expect(settles(180)).toBe(true);
  });
});
