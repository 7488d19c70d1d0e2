import { describe, expect, it } from 'vitest';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { bearingSeat, sealSeat } from '@/core/job/kinds/seats';
import { lubricationOf } from './lubrication';

/** Common practice, no source. */
describe('what is oiled or greased, place by place', () => {
  const around = { bossOutsideMm: 70, bossHeightMm: 20, depthToShoulderMm: 14, shoulderBoreMm: 38 };
  const open = bearingSeat('Clutch shaft', [0, 0], '6204', around);
  const closed = bearingSeat('Water pump', [0, 0], '6204', around);
  const lip = sealSeat('Output seal', [0, 0], { shaftMm: 20, outsideMm: 35, widthMm: 7 }, {});
  const places = (lubricant: 'oil' | 'grease', ...beside: string[]) =>
    lubricationOf(
      [
        {
          seats: [
            open,
            {
              ...closed,
              spec: { ...closed.spec, part: { ...closed.spec.part, closure: 'sealed' } } as never,
            },
            lip,
          ],
        },
      ],
      [
        { name: 'Collar O-ring', what: 'o_ring' },
        { name: 'Gasket', what: 'gasket' },
      ],
      lubricant,
      beside,
    );
  it('races by what oils them, lips greased, O-rings oiled; what came greased and closed is left alone', () =>
    expect(places('oil', 'Dowels: grease')).toEqual([
      'Clutch shaft: oil in its races',
      'Output seal: lip greased',
      'Collar O-ring: oiled',
      'Dowels: grease',
    ]));
  it('in a pivot nothing else ever oils it', () =>
    expect(places('grease')[0]).toBe('Clutch shaft: grease in its races'));
  it('of every kind that has such a list: each lip of its seats is on it', () => {
    const lists = JOB_KINDS.filter(({ tasks }) => tasks?.some(({ lubricates }) => lubricates));
    expect(lists.length).toBeGreaterThan(8);
    for (const { kind, castings, parts = [] } of lists) {
      const said = lubricationOf(castings, parts, 'oil', []);
      for (const { name, spec } of castings.flatMap(({ seats }) => seats))
        if (spec.part.type === 'seal')
          expect(
            said.some((each) => each.startsWith(`${name}:`)),
            kind,
          ).toBe(true);
    }
  });
});
