import { describe, expect, it } from 'vitest';
import { buildShaftSection, type ShaftSectionInput } from './buildShaftSection';

const BALL = {
  designation: '6205',
  boreMm: 25,
  outsideMm: 52,
  widthMm: 15,
  chamferMm: 1,
  type: 'deep_groove',
  closure: 'open',
  cage: 'steel',
} as const;
const INPUT: ShaftSectionInput = {
  width: 350,
  height: 220,
  part: BALL,
  nominalMm: 25,
  isOn: true,
  force: 'off',
  say: (mm) => mm.toFixed(2),
};
const ids = (input: Partial<ShaftSectionInput>) =>
  buildShaftSection({ ...INPUT, ...input }).marks.map(({ id }) => id);

describe('a seat on a shaft, drawn', () => {
  it('has its shaft, its shoulder, its bearing and the force by the inner race; nothing pushes what is done', () => {
    expect(ids({})).toEqual(
      expect.arrayContaining(['shaft', 'shoulder', 'inner-race', 'outer-race', 'force']),
    );
    expect(ids({ force: null })).not.toContain('force');
  });
  it('a cone stands without its cup', () => {
    const cone = { ...BALL, designation: '30205', type: 'tapered_roller' as const };
    expect(ids({ part: cone })).not.toContain('outer-race');
  });
  it('stays within its sheet, on or still above its seat', () => {
    for (const isOn of [true, false])
      for (const mark of buildShaftSection({ ...INPUT, isOn }).marks)
        if (mark.kind === 'text') {
          expect(mark.x).toBeLessThan(INPUT.width - 40);
          expect(mark.y).toBeLessThan(INPUT.height);
        }
  });
  it('says in words what it shows', () =>
    expect(buildShaftSection(INPUT).description).toBe(
      'Half-section of 6205 on its shaft of 25.00; the force goes by the inner race.',
    ));
});
