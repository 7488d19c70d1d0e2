import { asId } from '../../../tests/support/ids';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  checkPutBack,
  compareStacks,
  findLookAlikes,
  searchOtherStacks,
  sumMm,
  type PutBack,
  type Stack,
  type StackPiece,
} from './pieces';

const piece = (position: number, thicknessMm: number | null, more: Partial<StackPiece> = {}): StackPiece => ({
  stackKey: 's',
  pieceId: asId(`p${position}`),
  position,
  what: 'shim',
  thicknessMm,
  notches: 0,
  side: 'either',
  mark: '',
  place: '',
  ...more,
});
const stack = (bench: string, pieces: StackPiece[], putBack: PutBack[] = []): Stack => ({
  jobId: asId(bench),
  jobNumber: 1,
  machine: bench,
  stackKey: 's',
  name: 'Pinion shims',
  pieces,
  putBack,
});
const back = (of: StackPiece, more: Partial<PutBack> = {}): PutBack => ({
  stackKey: 's',
  pieceId: of.pieceId,
  thicknessMm: null,
  side: of.side,
  position: of.position,
  ...more,
});

const rear = stack('rear', [
  piece(1, 0.5, { notches: 2 }),
  piece(2, 0.31, { notches: 3 }),
  piece(3, 4.2, { what: 'spacer' }),
]);
const front = stack('front', [
  piece(1, 0.5, { notches: 3 }),
  piece(2, 0.36, { notches: 2 }),
  piece(3, 4.15, { what: 'spacer' }),
]);

describe('look-alike stacks', () => {
  it('front and rear drive look the same; what differs is said', () => {
    expect(findLookAlikes(rear, [rear, front])).toHaveLength(1);
    const likeness = compareStacks(rear, front);
    expect(likeness).toMatchObject({ countDiffers: 0, notchesDiffer: 0, isLookAlike: true });
    expect(likeness.sumDiffersMm).toBeCloseTo(0, 9);
    // By thickness: 0.31 with three notches here, 0.36 with two there; then 0.5 and the spacer.
    expect(
      likeness.differing.map(({ mine, theirs }) => [
        mine.thicknessMm,
        mine.notches,
        theirs.thicknessMm,
        theirs.notches,
      ]),
    ).toEqual([
      [0.31, 3, 0.36, 2],
      [0.5, 2, 0.5, 3],
      [4.2, 0, 4.15, 0],
    ]);
  });
  it('is the same both ways', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 5, noNaN: true }), { minLength: 1, maxLength: 4 }),
        fc.array(fc.double({ min: 0.1, max: 5, noNaN: true }), { minLength: 1, maxLength: 4 }),
        (a, b) => {
          const [one, other] = [
            stack(
              'a',
              a.map((mm, i) => piece(i + 1, mm)),
            ),
            stack(
              'b',
              b.map((mm, i) => piece(i + 1, mm)),
            ),
          ];
          expect(compareStacks(one, other).isLookAlike).toBe(compareStacks(other, one).isLookAlike);
        },
      ),
      { seed: 11 },
    ));
  it('another number of pieces, another sort, or half a millimetre, is no look-alike', () => {
    expect(findLookAlikes(rear, [stack('x', rear.pieces.slice(0, 2) as StackPiece[])])).toEqual([]);
    expect(
      findLookAlikes(rear, [
        stack(
          'x',
          rear.pieces.map((each) => ({ ...each, what: 'washer' as const })),
        ),
      ]),
    ).toEqual([]);
    expect(
      findLookAlikes(rear, [
        stack(
          'x',
          rear.pieces.map((each) => ({ ...each, thicknessMm: (each.thicknessMm ?? 0) + 0.5 })),
        ),
      ]),
    ).toEqual([]);
  });
  it('a stack is never its own look-alike, and two empty ones are none', () => {
    expect(findLookAlikes(rear, [rear])).toEqual([]);
    expect(findLookAlikes(stack('a', []), [stack('b', [])])).toEqual([]);
  });
  it('mesh feels wrong: the most alike of the others comes first', () => {
    const far = stack('far', [piece(1, 2)]);
    expect(searchOtherStacks(rear, [far, front, rear]).map(({ other }) => other.jobId)).toEqual([
      'front',
      'far',
    ]);
  });
});

describe('putting back', () => {
  const chamfered = piece(1, 4.2, { what: 'spacer', side: 'chamfer_out' });
  const shim = piece(2, 0.31);
  const check = (putBack: PutBack[]) => checkPutBack({ pieces: [chamfered, shim], putBack });
  it('ticks only when each piece is in its place and the right way round', () => {
    expect(check([]).isComplete).toBe(false);
    expect(check([back(chamfered)]).isComplete).toBe(false);
    expect(check([back(chamfered), back(shim)]).isComplete).toBe(true);
  });
  it.each([
    ['the wrong way round', [back(chamfered, { side: 'flat_out' })], 'wrong_side'],
    ['in another place', [back(chamfered, { position: 2 })], 'wrong_place'],
    ['another thickness', [back(chamfered, { thicknessMm: 4.1 })], 'wrong_thickness'],
    ['within a caliper’s noise', [back(chamfered, { thicknessMm: 4.21 })], 'right'],
  ] as const)('%s', (_, putBack, state) => expect(check([...putBack]).checks[0]!.state).toBe(state));
  it('says what is missing in number and sum', () =>
    expect(check([back(shim)])).toMatchObject({ countMissing: 1, sumMissingMm: 4.2 }));
  it('the last try counts', () =>
    expect(check([back(chamfered, { side: 'flat_out' }), back(chamfered), back(shim)]).isComplete).toBe(
      true,
    ));
  it('an unmeasured piece adds nothing to the sum', () =>
    expect(sumMm([piece(1, null), piece(2, 0.4)])).toBe(0.4));
});
