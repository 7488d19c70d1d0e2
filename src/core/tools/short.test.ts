import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { findShort } from './short';
import { stockItemSchema, type StockItem } from './stock';

const item = (name: string, count: number, more: Partial<StockItem> = {}): StockItem => ({
  id: idOf(`short test ${name}`),
  name,
  sort: 'bearing',
  insideMm: null,
  outsideMm: null,
  widthMm: null,
  count,
  ...more,
});

describe('what should lie in stock just in case', () => {
  it('is short by what is missing, together by supplier, those without one last', () => {
    const stock = [
      item('a', 1, { keepAtLeast: 3 }),
      item('b', 2, { keepAtLeast: 2, supplier: 'North' }),
      item('c', 0, { keepAtLeast: 1, supplier: 'South' }),
      item('d', 1, { keepAtLeast: 4, supplier: 'North' }),
      item('e', 0),
    ];
    const said = findShort(stock).map(({ supplier, items }) => [
      supplier,
      ...items.map(({ item: { name }, by }) => `${by} ${name}`),
    ]);
    expect(said).toEqual([
      ['North', '3 d'],
      ['South', '1 c'],
      ['', '2 a'],
    ]);
  });
  it('what lay here before there were suppliers is read as it was', () =>
    expect(stockItemSchema.safeParse(item('old', 2)).success).toBe(true));
});
