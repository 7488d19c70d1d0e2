import { box, text } from '@/ui/drawing/marks';
import type { SceneMark } from '@/ui/drawing/scene';

/** One piece of a chain, as long as it is. */
export type ChainPiece = {
  id: string;
  name: string;
  figure: string;
  mm: number;
  sign: 1 | -1;
  isRead: boolean;
};

const ROW_PX = 40;
const BETWEEN_PX = 26;
const SIDE_PX = 16;
const LINE_PX = 18;
/** A narrower piece has its words beside the chain, px. */
const WIDE_PX = 74;

type Placed = ChainPiece & { from: number; to: number };

/** Pieces of one line end to end, each as long as it is. */
function placeRow(pieces: readonly ChainPiece[], perMm: number): Placed[] {
  let to = SIDE_PX;
  return pieces.map((piece) => {
    const from = to;
    to += piece.mm * perMm;
    return { ...piece, from, to };
  });
}

/** What makes room has its narrow pieces named above it, what fills it below, one line each. */
function rowMarks(row: readonly Placed[], y: number, width: number): SceneMark[] {
  const narrow = row.filter(({ from, to }) => to - from <= WIDE_PX);
  return row.flatMap((piece): SceneMark[] => {
    const { id, name, figure, sign, isRead, from, to } = piece;
    const line = narrow.indexOf(piece);
    const body = box(`piece-${id}`, [from, to], [y, y + ROW_PX], {
      hatch: sign === 1 ? 'rising' : null,
      line: isRead ? 'outline' : 'ghost',
      isFilled: isRead,
    });
    if (line >= 0) {
      const atY = sign === 1 ? y - 6 - LINE_PX * line : y + ROW_PX + 16 + LINE_PX * line;
      const at = Math.min(to, width - SIDE_PX);
      return [
        body,
        text(`piece-${id}-figure`, at, atY, figure, { size: 18, isBold: true, anchor: 'end', note: name }),
      ];
    }
    const middle = (from + to) / 2;
    return [
      body,
      text(`piece-${id}-figure`, middle, y + 27, figure, { size: 20, isBold: true, hasGround: true }),
      text(`piece-${id}-name`, middle, y + ROW_PX + 16, name, { size: 14, tone: 'steel' }),
    ];
  });
}

/** The chain in proportion: what makes room on one line, what fills it below, from one end. What is not read is drawn open. */
export function buildChain(
  pieces: readonly ChainPiece[],
  { width, topPx }: { width: number; topPx: number },
): SceneMark[] {
  const rows = ([1, -1] as const).map((sign) => pieces.filter((piece) => piece.sign === sign));
  const longest = Math.max(1e-6, ...rows.map((row) => row.reduce((sum, { mm }) => sum + mm, 0)));
  const perMm = (width - 2 * SIDE_PX) / longest;
  return rows.flatMap((row, i) => rowMarks(placeRow(row, perMm), topPx + i * (ROW_PX + BETWEEN_PX), width));
}
