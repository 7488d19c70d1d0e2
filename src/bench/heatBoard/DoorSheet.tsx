'use client';
import Box from '@mui/material/Box';
import type { BoardAct } from '@/core/board/boardActs';
import type { ShopSpot } from '@/core/board/heatSpots';
import type { Units } from '@/core/quantity/format';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayActReason, sayCalendarAct, sayHour } from '@/ui/words/heatBoard';
import { CAUTIONS } from '@/ui/words/verdicts';

type Props = { acts: readonly BoardAct[]; spots: readonly ShopSpot[]; nowMs: number; units: Units };

/** Everything that is to be done, hour by hour: the sheet for the oven’s door, and a phone’s time line. */
export function DoorSheet({ acts, spots, nowMs, units }: Props) {
  if (acts.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Hour by hour"
      data-testid="door-sheet"
      sx={{ display: { xs: 'block', sm: 'none' }, '@media print': { display: 'block' }, mt: 2 }}
    >
      {acts.map((act) => (
        <Box
          key={`${act.task.key}${act.is}`}
          sx={{
            display: 'grid',
            gridTemplateColumns: '112px minmax(0, 1fr)',
            borderTop: `1px solid ${token('rule')}`,
            py: 1,
            breakInside: 'avoid',
          }}
        >
          <Box sx={{ fontSize: TYPE.head, fontWeight: 800 }}>{sayHour(act.atMs, nowMs)}</Box>
          <Box>
            <Box sx={{ fontSize: TYPE.name, fontWeight: 700 }}>{sayCalendarAct(act, spots, units)}</Box>
            <Box sx={{ fontSize: TYPE.text, color: token('steel') }}>{sayActReason(act)}</Box>
          </Box>
        </Box>
      ))}
      <Box sx={{ borderTop: `2px solid ${token('ink')}`, pt: 1, fontSize: TYPE.text }}>
        {CAUTIONS.hot_metal} {CAUTIONS.manual_first}
      </Box>
    </Box>
  );
}
