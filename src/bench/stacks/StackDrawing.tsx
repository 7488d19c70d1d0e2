import Box from '@mui/material/Box';
import { asText, showSize, type Units } from '@/core/quantity/format';
import { inOrder, type Stack, type StackPiece } from '@/core/stack/pieces';
import { token } from '@/ui/theme/tokens';

const WIDTH = 218;
/** Thin pieces are drawn at least so thick, px, or they could not be told apart. */
const LEAST_PX = 10;
const HEIGHT = 300;

/** Half-width of each sort, px: a drawing of the order, not of diameters. */
const HALF: Record<StackPiece['what'], number> = {
  shim: 46,
  washer: 50,
  thrust_washer: 60,
  spacer: 36,
  collar: 42,
  circlip: 44,
  gear: 72,
  other: 46,
};
const CENTRE = 78;

/** A stack on its shaft end, outermost piece on top, thickness in proportion. */
export function StackDrawing({ stack, units }: { stack: Stack; units: Units }) {
  const pieces = inOrder(stack.pieces);
  const total = pieces.reduce((sum, { thicknessMm }) => sum + (thicknessMm ?? 1), 0);
  const pxPerMm =
    pieces.length > 0 ? Math.min(26, (HEIGHT - pieces.length * LEAST_PX) / Math.max(1, total)) : 0;
  const heights = pieces.map(({ thicknessMm }) => LEAST_PX + (thicknessMm ?? 1) * pxPerMm);
  const placed = pieces.map((piece, i) => ({
    piece,
    high: heights[i]!,
    top: 30 + heights.slice(0, i).reduce((sum, high) => sum + high + 3, 0),
  }));
  const bottom = 30 + heights.reduce((sum, high) => sum + high + 3, 0);
  return (
    <Box sx={{ width: WIDTH, flex: 'none' }}>
      <svg
        width={WIDTH}
        height={Math.max(170, bottom + 46)}
        role="img"
        aria-label={`${stack.name}: ${pieces.length} pieces`}
      >
        <path d={`M${CENTRE} 8V${bottom + 30}`} stroke={token('ink')} strokeDasharray="14 4 3 4" />
        <rect
          x={CENTRE - 20}
          y={18}
          width={40}
          height={bottom + 6}
          fill={token('shade')}
          stroke={token('steel')}
          strokeWidth="1.5"
        />
        {placed.map(({ piece, high, top }) => (
          <g key={piece.pieceId}>
            <rect
              x={CENTRE - HALF[piece.what]}
              y={top}
              width={HALF[piece.what] * 2}
              height={high}
              fill={token('plate')}
              stroke={token('ink')}
              strokeWidth="2.4"
            />
            {Array.from({ length: piece.notches }, (_, k) => (
              <rect
                key={k}
                x={CENTRE - HALF[piece.what] + 8 + k * 11}
                y={top - 1}
                width="6"
                height="6"
                fill={token('ink')}
              />
            ))}
            <text
              x={WIDTH}
              y={top + high / 2 + 5}
              fontSize="15"
              textAnchor="end"
              fill={token('steel')}
              style={{ fontStretch: '76%' }}
            >
              {piece.thicknessMm === null ? '' : asText(showSize(piece.thicknessMm, units, 2))}
            </text>
          </g>
        ))}
        <path d={`M8 ${bottom + 6}H148`} stroke={token('ink')} strokeWidth="3" />
        <text
          x={CENTRE}
          y={bottom + 34}
          fontSize="15"
          textAnchor="middle"
          fill={token('steel')}
          style={{ fontStretch: '76%' }}
        >
          shoulder of the shaft
        </text>
      </svg>
    </Box>
  );
}
