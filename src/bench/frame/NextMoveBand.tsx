'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { token, TYPE } from '@/ui/theme/tokens';

/** A longer headline is set smaller, so that it stays one line beside its answers. */
const LONG = 44;
const VERY_LONG = 56;
const sizeOf = ({ length }: string) =>
  length > VERY_LONG ? TYPE.title : length > LONG ? TYPE.figure : TYPE.headline;

const ONE_LINE_ON_A_PHONE = {
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: { xs: 'nowrap', sm: 'normal' },
} as const;

/** The next move, one line in the imperative, at the same place on every screen; the reason under it. */
export function NextMoveBand({
  headline,
  reason,
  cautions,
  children,
}: {
  headline: string;
  /** On a phone one tap away. */
  reason: ReactNode;
  /** What can hurt: never folded away. */
  cautions?: ReactNode;
  children?: ReactNode;
}) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        alignItems: 'center',
        columnGap: 3,
        rowGap: { xs: 0.5, sm: 1 },
        minHeight: { xs: 0, sm: 80 },
        py: 0.5,
      }}
    >
      <Box sx={{ flex: { xs: '1 0 100%', sm: 1 }, minWidth: 0 }}>
        <Typography
          variant="h1"
          sx={{
            fontSize: {
              xs: TYPE.head,
              sm: TYPE.figure,
              md: sizeOf(headline),
            },
          }}
          data-testid="next-move"
        >
          {headline}
        </Typography>
        <Typography
          component="div"
          onClick={() => setOpen(!isOpen)}
          sx={{ color: token('steel'), mt: { xs: 0, sm: 0.5 }, ...(isOpen ? {} : ONE_LINE_ON_A_PHONE) }}
        >
          {reason}
        </Typography>
        {cautions}
      </Box>
      {children}
    </Box>
  );
}
