'use client';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { token } from '@/ui/theme/tokens';

/** A framed line that says what needs a person, with its buttons at the right. */
export const Alert = ({ children, testId }: { children: ReactNode; testId?: string }) => (
  <Box
    role="alert"
    data-testid={testId}
    sx={{
      display: 'flex',
      gap: 2,
      alignItems: 'center',
      flexWrap: { xs: 'wrap', sm: 'nowrap' },
      border: `2px solid ${token('ink')}`,
      px: 2,
      mt: 1,
    }}
  >
    {children}
  </Box>
);
