'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { token, TYPE } from '@/ui/theme/tokens';

/** A longer headline is set smaller, so that it stays one line beside its answers. */
const LONG = 44;

/** The next move, one line in the imperative, at the same place on every screen; the reason under it. */
export function NextMoveBand({
  headline,
  reason,
  children,
}: {
  headline: string;
  reason: ReactNode;
  children?: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        alignItems: 'center',
        columnGap: 3,
        rowGap: 1,
        minHeight: 88,
        py: 0.5,
      }}
    >
      <Box sx={{ flex: { xs: '1 0 100%', sm: 1 }, minWidth: 0 }}>
        <Typography
          variant="h1"
          sx={{ fontSize: { xs: TYPE.figure, md: headline.length > LONG ? TYPE.title : TYPE.headline } }}
          data-testid="next-move"
        >
          {headline}
        </Typography>
        <Typography component="div" sx={{ color: token('steel'), mt: 0.5 }}>
          {reason}
        </Typography>
      </Box>
      {children}
    </Box>
  );
}
