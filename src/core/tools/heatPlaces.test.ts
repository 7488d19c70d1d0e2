import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { dialFor, freezersOf, offsetOf, ovensFor } from './heatPlaces';
import type { Tool } from './tool';

const id = (n: number) => asId(`00000000-0000-4000-8000-00000000000${n}`);
const wall: Tool[] = [
  { id: id(1), name: 'Big oven', sort: 'heat', maxC: 250, isEven: true },
  { id: id(2), name: 'Gun', sort: 'heat', maxC: 500, isEven: false },
  { id: id(3), name: 'Small oven', sort: 'heat', maxC: 120, isEven: true },
  { id: id(4), name: 'Kitchen freezer', sort: 'cold', minC: -18 },
  { id: id(5), name: 'Chest', sort: 'cold', minC: -24 },
];
const names = (places: { name: string }[]) => places.map(({ name }) => name);

describe('places of heat and cold on the wall', () => {
  it('the least oven that reaches the dial comes first; a gun is none', () => {
    expect(names(ovensFor(wall, 100))).toEqual(['Small oven', 'Big oven']);
    expect(names(ovensFor(wall, 150))).toEqual(['Big oven', 'Small oven']);
    expect(names(ovensFor(wall, 300))).toEqual(['Big oven', 'Small oven']);
    expect(ovensFor([], 100)).toEqual([]);
  });
  it('the coldest freezer comes first, with its id', () =>
    expect(freezersOf(wall)).toEqual([
      { toolId: id(5), name: 'Chest' },
      { toolId: id(4), name: 'Kitchen freezer' },
    ]));
  it('an oven that runs cold is set so much hotter', () => {
    const lying: Tool[] = [{ ...(wall[0] as Tool & { sort: 'heat' }), offsetK: -4 }];
    const [place] = ovensFor(lying, 100);
    expect(dialFor(100, offsetOf(lying, place!))).toBe(104);
    expect(offsetOf(wall, place!)).toBe(0);
    expect(offsetOf(wall, null)).toBe(0);
  });
});
