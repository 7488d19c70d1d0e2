import { describe, expect, it } from 'vitest';
import { BEARING_TYPES, type BearingType } from '@/core/catalogue/bearings/row';
import { bearingMarks } from './bearing';
import { circlePath } from './bearingShapes';

const place = (
  type: BearingType,
  line: 'outline' | 'ghost' = 'outline',
  closure: 'open' | 'shielded' | 'sealed' = 'open',
) =>
  bearingMarks({
    part: { boreMm: 25, outsideMm: 62, widthMm: 17, chamferMm: 1, type, closure },
    x: (r) => 40 + r * 6,
    pxPerMm: 6,
    topPx: 100,
    bottomPx: 202,
    tone: 'plain',
    line,
  });
const numbersOf = (d: string) => [...d.matchAll(/-?\d+(\.\d+)?/g)].map(([text]) => Number(text));
const shapes = (type: BearingType) => place(type).filter((mark) => mark.kind === 'shape');

describe.each(BEARING_TYPES)('a %s in section', (type) => {
  it('lies between its bore and its outside, its top and its bottom', () => {
    for (const mark of shapes(type)) {
      const numbers = numbersOf(mark.d);
      expect(numbers.every(Number.isFinite)).toBe(true);
      expect(Math.max(...numbers), mark.id).toBeLessThanOrEqual(40 + 31 * 6 + 0.1);
    }
  });
  it('races are hatched, rolling elements are not (ISO 128: they are not cut lengthwise)', () => {
    for (const mark of shapes(type)) {
      if (/race|washer/.test(mark.id)) expect(mark.hatch, mark.id).toBe('falling');
      if (/ball|roller/.test(mark.id)) expect(mark.hatch, mark.id).toBeNull();
    }
    expect(shapes(type).some(({ id }) => /ball|roller/.test(id))).toBe(true);
  });
  it('is a ghost while it is not in', () =>
    expect(place(type, 'ghost').filter((mark) => mark.kind === 'shape' && mark.line === 'outline')).toEqual(
      [],
    ));
});

describe('what tells the kinds apart', () => {
  const ids = (type: BearingType) => place(type).map(({ id }) => id);
  it('a drawn cup and a needle with rings have no inner race, a cage has none at all', () => {
    expect(ids('drawn_cup')).not.toContain('inner-race');
    expect(ids('needle_rings')).not.toContain('inner-race');
    expect(ids('needle_cage').filter((id) => id.includes('race'))).toEqual([]);
    expect(ids('cylindrical_roller')).toEqual(expect.arrayContaining(['outer-race', 'inner-race', 'roller']));
  });
  it('seals and shields close a ball bearing, nothing closes an open one', () => {
    const tone = (closure: 'open' | 'shielded' | 'sealed') => {
      const mark = place('deep_groove', 'outline', closure).find(({ id }) => id === 'closure-top');
      return mark?.kind === 'shape' ? mark.tone : null;
    };
    expect([tone('open'), tone('shielded'), tone('sealed')]).toEqual([null, 'steel', 'ink']);
  });
  it('a circle is closed and as big as it should be', () =>
    expect(numbersOf(circlePath(50, 60, 10)).slice(0, 2)).toEqual([40, 60]));
});
