import { describe, expect, it } from 'vitest';
import { oneSeat } from '@/core/job/kinds/oneSeat';
import { withPart } from '@/core/job/putPart';
import { boreSpecSchema } from '@/core/record/seatSpec';
import { BEARINGS } from '@/core/catalogue/bearings/catalogue';
import { SEAL_SIZES } from '@/core/catalogue/seals';
import { asId } from '../../../tests/support/ids';
import { borePartOf, partChoices, partOfSizes, partsInStock } from './partChoices';
import { labelOf } from './partLabel';

const metric = (typed: string, before: Parameters<typeof partChoices>[2] = 'deep_groove') =>
  partChoices(typed, 'metric', before);
const labels = (typed: string, before?: Parameters<typeof partChoices>[2]) =>
  metric(typed, before).map(({ part }) => part.designation);

describe('what may go onto a seat', () => {
  it('by its number: one part, with what its suffixes say', () => {
    expect(metric('6205-2RS C3')).toHaveLength(1);
    expect(metric('6205-2RS C3')[0]!.part).toMatchObject({
      type: 'deep_groove',
      boreMm: 25,
      outsideMm: 52,
      widthMm: 15,
      closure: 'sealed',
    });
  });
  it('of a taper, its outer race by its own width (ISO 355: 32005 X, T 15, C 11.5)', () =>
    expect(metric('32005 X')[0]!.part).toMatchObject({
      type: 'tapered_roller',
      outsideMm: 47,
      widthMm: 11.5,
    }));
  it('by three sizes as measured, nearest first, with what does not agree; a size of its own last', () => {
    const found = metric('25.02 x 51.98 x 14.1');
    expect(found[0]!.part.designation).toBe('6205');
    expect(found[0]!.apart).toEqual({ widthMm: expect.closeTo(0.9, 6) });
    expect(found.at(-1)!.part).toMatchObject({ designation: '25.02×51.98×14.1', type: 'deep_groove' });
  });
  it('a seal’s sizes on a seal’s seat are a seal first, said or not', () => {
    expect(labels('25 40 7', 'seal')[0]).toBe('Seal 25×40×7 NBR');
    expect(labels('seal 25x40x7 fkm')[0]).toBe('Seal 25×40×7 FKM');
  });
  it('a bush is a bush of its own sizes', () => expect(labels('bush 22 28 20')).toEqual(['Bush 22×28×20']));
  it('inches, where they are said', () =>
    expect(metric('1 in x 2 in x 5/8 in').at(-1)!.part.boreMm).toBeCloseTo(25.4, 9));
  it.each(['', '62', 'hello', '25 x 62', '62 25 17', 'AXK2035'])('%j is no part for a bore', (typed) =>
    expect(metric(typed)).toEqual([]),
  );
  it('from stock: what is there, with its name', () => {
    const item = { id: asId('s'), count: 2, insideMm: 25, outsideMm: 40, widthMm: 7 };
    const found = partsInStock([
      { ...item, name: '6004-2RS', sort: 'bearing', insideMm: null },
      { ...item, name: 'Output seal', sort: 'seal' },
      { ...item, name: 'None left', sort: 'seal', count: 0 },
      { ...item, name: 'Shim', sort: 'shim' },
      { ...item, name: 'Unknown', sort: 'bush', outsideMm: null },
    ]);
    expect(found.map(({ part, fromStock }) => [part.designation, part.type, fromStock])).toEqual([
      ['6004-2RS', 'deep_groove', 2],
      ['Output seal', 'seal', 2],
    ]);
  });
});

describe('any part on any seat', () => {
  const parts = [
    ...BEARINGS.flatMap((row) => borePartOf(row) ?? []),
    ...SEAL_SIZES.map(({ shaftMm, housingMm, widthMm }) =>
      partOfSizes('seal', { boreMm: shaftMm, outsideMm: housingMm, widthMm }),
    ),
    partOfSizes('bush', { boreMm: 20, outsideMm: 26, widthMm: 30 }),
  ];
  const starts = [parts[0]!, parts.at(-1)!, parts.find(({ type }) => type === 'seal')!];
  const plain = oneSeat(
    { designation: '6203', boreMm: 17, outsideMm: 40, widthMm: 12, chamferMm: 0.6, closure: 'open' },
    'az91',
  ).castings[0]!.seats[0]!.spec;
  it('whatever sat there before, whatever comes: the seat is whole, and stands as deep as it did', () => {
    for (const before of starts) {
      const spec = withPart(plain, before, 'az91');
      for (const part of parts) {
        const next = withPart(spec, part, 'az91');
        expect(boreSpecSchema.safeParse(next).error?.issues ?? [], part.designation).toEqual([]);
        expect(next.housing.depthToShoulderMm - part.widthMm).toBeCloseTo(
          spec.housing.depthToShoulderMm - before.widthMm,
          9,
        );
      }
    }
  });
  it('put back, the seat is as it was', () => {
    const other = withPart(
      plain,
      borePartOf(BEARINGS.find(({ designation }) => designation === '6204')!)!,
      'az91',
    );
    expect(withPart(other, plain.part, 'az91').housing.depthToShoulderMm).toBe(
      plain.housing.depthToShoulderMm,
    );
  });
});

describe('the label follows the sizes', () => {
  const part = borePartOf(BEARINGS.find(({ designation }) => designation === '6205')!)!;
  it('its own number while it has these sizes', () =>
    expect(labelOf({ ...part, designation: '6205-2RS C3' })).toBe('6205-2RS C3'));
  it('the number that has the new sizes', () =>
    expect(labelOf({ ...part, outsideMm: 62, widthMm: 17 })).toBe('6305'));
  it('the sizes, where no number has them', () =>
    expect(labelOf({ ...part, outsideMm: 52.5 })).toBe('25×52.5×15'));
});
