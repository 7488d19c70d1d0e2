'use client';
import Box from '@mui/material/Box';
import { memo } from 'react';
import { later } from '@/bench/record/later';
import { HEAT_BAR_PX, HEAT_LINE_PX } from '@/ui/theme/tokens';
import type { HeatBarProps } from './HeatBar';

const HeatBar = later(() => import('./HeatBar'), 'HeatBar');

/** Where the bar of what is hot or cold stands: kept free from the first drawing on, so that nothing moves below a finger when it comes. */
export const HeatBarPlace = memo(function HeatBarPlace(props: HeatBarProps) {
  const hasItems = props.initial.length + (props.own?.items.length ?? 0) > 0;
  return (
    <Box
      className="no-print"
      data-heat-place={hasItems || undefined}
      sx={{
        position: 'sticky',
        bottom: 0,
        zIndex: 2,
        mx: { xs: -2, sm: -4 },
        minHeight: hasItems ? { xs: HEAT_LINE_PX, sm: props.isLine ? HEAT_LINE_PX : HEAT_BAR_PX } : 0,
      }}
    >
      <HeatBar {...props} />
    </Box>
  );
});
