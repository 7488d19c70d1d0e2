'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { usePathname } from 'next/navigation';
import type { Step } from '@/core/record/vocabulary';
import { MapPanel } from './MapPanel';
import { StepNotes } from './StepNotes';
import { stepOfPath } from './stepOfPath';

/** Steps with a drawing in the middle, which can be narrow; lists can not. */
const WITH_DRAWING: readonly Step[] = ['strip', 'measure', 'way_in', 'square', 'seal', 'float'];
/** All three side by side, though narrow: what is measured is seen beside its slots. */
const LYING_TABLET = '@media (min-width: 1000px) and (max-width: 1199.98px)';

/** Map, the step's drawing, the slate beside it, and below them the strip that takes readings. Upright tablets stack them. */
export function StepLayout({
  seatId,
  middle,
  slate,
  strip,
  isSlateFirst = false,
}: {
  seatId: SeatId;
  middle: ReactNode;
  slate: ReactNode;
  strip?: ReactNode;
  /** On a phone the slate stands above the drawing: what the headline asks for is in it. */
  isSlateFirst?: boolean;
}) {
  const step = stepOfPath(usePathname());
  return (
    <>
      <Box
        sx={{
          flex: 1,
          display: 'grid',
          columnGap: 3,
          rowGap: 2,
          pt: 1,
          minHeight: 0,
          gridTemplateColumns: { xs: '1fr', md: '286px minmax(0, 1fr)', lg: '286px minmax(0, 1fr) 372px' },
          gridTemplateAreas: {
            xs: isSlateFirst ? '"slate" "middle" "map"' : '"middle" "slate" "map"',
            md: '"map slate" "middle middle"',
            lg: '"map middle slate"',
          },
          [LYING_TABLET]:
            step && WITH_DRAWING.includes(step)
              ? {
                  gridTemplateColumns: '216px minmax(0, 1fr) 344px',
                  gridTemplateAreas: '"map middle slate"',
                }
              : {},
        }}
      >
        <Box sx={{ gridArea: 'map', minHeight: 0, overflowY: { lg: 'auto' } }}>
          <MapPanel seatId={seatId} />
          <StepNotes seatId={seatId} />
        </Box>
        <Box
          sx={{
            gridArea: 'middle',
            minHeight: { xs: 300, sm: 420, lg: 0 },
            minWidth: 0,
            overflowY: { lg: 'auto' },
            [LYING_TABLET]: { alignSelf: 'start' },
          }}
        >
          {middle}
        </Box>
        <Box sx={{ gridArea: 'slate', minWidth: 0, minHeight: 0, overflowY: { lg: 'auto' }, pr: 0.5 }}>
          {slate}
        </Box>
      </Box>
      {strip}
    </>
  );
}

/** The map with the section beside it, where the step itself has its own place for all the rest. */
export const MapBesideSection = ({ map, section }: { map: ReactNode; section: ReactNode }) => (
  <Box
    sx={{
      display: 'grid',
      columnGap: 3,
      gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '286px minmax(0, 1fr)' },
      minHeight: 420,
    }}
  >
    {map}
    {section}
  </Box>
);
