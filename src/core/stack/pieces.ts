import type { JobId } from '@/core/record/ids';
import type { EventBody } from '@/core/record/entries';

export type StackPiece = EventBody<'stack_piece_noted'>;
export type PutBack = EventBody<'stack_piece_put_back'>;

/** A stack as it came off: one shaft end of one job. */
export type Stack = {
  jobId: JobId;
  jobNumber: number;
  machine: string;
  stackKey: string;
  name: string;
  pieces: readonly StackPiece[];
  putBack: readonly PutBack[];
};

export const inOrder = (pieces: readonly StackPiece[]) => [...pieces].sort((a, b) => a.position - b.position);
export const sumMm = (pieces: readonly { thicknessMm: number | null }[]) =>
  pieces.reduce((sum, { thicknessMm }) => sum + (thicknessMm ?? 0), 0);

/** Two pieces that an eye cannot tell apart on a bench. Common practice, no source. */
const ALIKE_MM = 0.25;

export type Likeness = {
  other: Stack;
  countDiffers: number;
  sumDiffersMm: number;
  notchesDiffer: number;
  isLookAlike: boolean;
  /** Pieces that take the same place by thickness and are not the same; only for look-alikes. */
  differing: { mine: StackPiece; theirs: StackPiece }[];
};

/**
 * How alike two stacks look: same number of pieces, and piece by piece (in order of thickness) within a quarter of a millimetre and
 * the same sort. Notches are what tells them apart, so they are counted, not used to excuse.
 */
export function compareStacks(one: Stack, other: Stack): Likeness {
  const sorted = (stack: Stack) =>
    [...stack.pieces].sort((a, b) => (a.thicknessMm ?? 0) - (b.thicknessMm ?? 0));
  const [mine, theirs] = [sorted(one), sorted(other)];
  const notches = (stack: Stack) => stack.pieces.reduce((sum, piece) => sum + piece.notches, 0);
  const isAlike =
    mine.length > 0 &&
    mine.length === theirs.length &&
    mine.every(
      (piece, i) =>
        piece.what === theirs[i]!.what &&
        Math.abs((piece.thicknessMm ?? 0) - (theirs[i]!.thicknessMm ?? 0)) <= ALIKE_MM,
    );
  const differing = isAlike
    ? mine
        .map((piece, i) => ({ mine: piece, theirs: theirs[i]! }))
        .filter(
          ({ mine: a, theirs: b }) =>
            a.notches !== b.notches || Math.abs((a.thicknessMm ?? 0) - (b.thicknessMm ?? 0)) > 0.005,
        )
    : [];
  return {
    other,
    differing,
    countDiffers: theirs.length - mine.length,
    sumDiffersMm: sumMm(theirs) - sumMm(mine),
    notchesDiffer: notches(other) - notches(one),
    isLookAlike: isAlike,
  };
}

/** Stacks of other shaft ends on the bench that this one could be mistaken for. */
export const findLookAlikes = (one: Stack, all: readonly Stack[]): Likeness[] =>
  all
    .filter((other) => !(other.jobId === one.jobId && other.stackKey === one.stackKey))
    .map((other) => compareStacks(one, other))
    .filter(({ isLookAlike }) => isLookAlike);

/** “Mesh feels wrong”: every other open stack, the most alike first. */
export const searchOtherStacks = (one: Stack, all: readonly Stack[]): Likeness[] =>
  all
    .filter(
      (other) => other.pieces.length > 0 && !(other.jobId === one.jobId && other.stackKey === one.stackKey),
    )
    .map((other) => compareStacks(one, other))
    .sort(
      (a, b) =>
        Number(b.isLookAlike) - Number(a.isLookAlike) ||
        Math.abs(a.countDiffers) - Math.abs(b.countDiffers) ||
        Math.abs(a.sumDiffersMm) - Math.abs(b.sumDiffersMm),
    );

export type PieceCheck = {
  piece: StackPiece;
  state: 'waiting' | 'right' | 'wrong_side' | 'wrong_place' | 'wrong_thickness';
};

/** Reading noise of a caliper on a washer. Common practice, no source. */
const SAME_MM = 0.03;

/** Piece by piece: is it back, the right way round, in its place, and is it this piece? */
export function checkPutBack({ pieces, putBack }: Pick<Stack, 'pieces' | 'putBack'>): {
  checks: PieceCheck[];
  isComplete: boolean;
  countMissing: number;
  sumMissingMm: number;
} {
  const checks = inOrder(pieces).map((piece): PieceCheck => {
    const back = putBack.filter(({ pieceId }) => pieceId === piece.pieceId).at(-1);
    if (!back) return { piece, state: 'waiting' };
    if (
      back.thicknessMm !== null &&
      piece.thicknessMm !== null &&
      Math.abs(back.thicknessMm - piece.thicknessMm) > SAME_MM
    )
      return { piece, state: 'wrong_thickness' };
    if (back.position !== piece.position) return { piece, state: 'wrong_place' };
    return { piece, state: piece.side !== 'either' && back.side !== piece.side ? 'wrong_side' : 'right' };
  });
  const left = checks.filter(({ state }) => state !== 'right').map(({ piece }) => piece);
  return {
    checks,
    isComplete: pieces.length > 0 && left.length === 0,
    countMissing: left.length,
    sumMissingMm: sumMm(left),
  };
}
