import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { drawnDiameterMm } from '@/core/tools/sorts';
import type { Tool } from '@/core/tools/tool';
import { showSize, type Units } from '@/core/quantity/format';
import { token, TYPE } from '@/ui/theme/tokens';

const PX_PER_MM = 1.1;
/** Drawn open: they go into something, or round it. */
const GRIPS: readonly Tool['sort'][] = ['collet', 'puller', 'blind_puller'];

type Props = {
  title: string;
  tools: readonly Tool[];
  units: Units;
  fits: ReadonlySet<string>;
  nearly: ReadonlyMap<string, number>;
  isPicking: boolean;
  onPick: (tool: Tool) => void;
};

/** One sort of tool on its peg rail, smallest first, each by its diameter on one scale for the whole wall. */
export function ToolRow({ title, tools, units, fits, nearly, isPicking, onPick }: Props) {
  const sorted = [...tools].sort((a, b) => (drawnDiameterMm(a) ?? 0) - (drawnDiameterMm(b) ?? 0));
  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h3" component="h2">
        {title}
      </Typography>
      <Box
        sx={{
          borderTop: `4px solid ${token('ink')}`,
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 2,
          rowGap: 1,
          alignItems: 'flex-start',
        }}
      >
        {sorted.map((tool) => {
          const isFit = fits.has(tool.id);
          const by = nearly.get(tool.id);
          return (
            <Box
              component="button"
              type="button"
              key={tool.id}
              onClick={() => onPick(tool)}
              data-tool={tool.name}
              data-fit={isFit ? 'yes' : by !== undefined ? 'nearly' : 'no'}
              sx={{
                all: 'unset',
                cursor: 'pointer',
                minWidth: 76,
                minHeight: 48,
                pb: 0.5,
                display: 'flex',
                flexDirection: 'column',
                alignItems: 'center',
                opacity: isPicking && !isFit && by === undefined ? 0.45 : 1,
                '&:focus-visible': { outline: `3px solid ${token('cold')}` },
              }}
            >
              <ToolPicture tool={tool} isFit={isFit} isNearly={by !== undefined} />
              <Box
                sx={{
                  fontSize: TYPE.small,
                  fontWeight: isFit ? 800 : 550,
                  maxWidth: 150,
                  textAlign: 'center',
                  lineHeight: 1.15,
                }}
              >
                {tool.name}
              </Box>
              {tool.lentTo && <Box sx={{ fontSize: TYPE.fine, fontWeight: 700 }}>lent to {tool.lentTo}</Box>}
              {isFit && <Box sx={{ fontSize: TYPE.fine, fontWeight: 700 }}>serves</Box>}
              {!isFit && by !== undefined && (
                <Box sx={{ fontSize: TYPE.fine }}>off by {showSize(by, units, 1).figure}</Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

/** End view: outside and hole to scale; what serves is filled, what nearly serves has a heavy rim. */
function ToolPicture({ tool, isFit, isNearly }: { tool: Tool; isFit: boolean; isNearly: boolean }) {
  const diameter = drawnDiameterMm(tool);
  if (diameter === null)
    return (
      <svg width="60" height="46" aria-hidden>
        <path d="M30 0V12" stroke={token('ink')} strokeWidth="2.5" />
        <rect
          x="10"
          y="12"
          width="40"
          height="30"
          fill={isFit ? token('ink') : token('plate')}
          stroke={token('ink')}
          strokeWidth={isNearly ? 5 : 2.2}
        />
      </svg>
    );
  const r = Math.max(5, (diameter / 2) * PX_PER_MM);
  const hole =
    'insideMm' in tool
      ? (tool.insideMm / 2) * PX_PER_MM
      : GRIPS.includes(tool.sort) && 'fromMm' in tool
        ? (tool.fromMm / 2) * PX_PER_MM
        : 0;
  const size = 2 * r + 8;
  return (
    <svg width={size} height={size + 12} aria-hidden>
      <path d={`M${size / 2} 0V14`} stroke={token('ink')} strokeWidth="2.5" />
      <circle
        cx={size / 2}
        cy={size / 2 + 10}
        r={r}
        fill={isFit ? token('ink') : token('plate')}
        stroke={token('ink')}
        strokeWidth={isNearly ? 5 : 2.2}
      />
      {hole > 1 && (
        <circle
          cx={size / 2}
          cy={size / 2 + 10}
          r={Math.min(hole, r - 2)}
          fill={token('paper')}
          stroke={token('ink')}
          strokeWidth="1.6"
          strokeDasharray={GRIPS.includes(tool.sort) ? '5 3' : undefined}
        />
      )}
    </svg>
  );
}
