'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import type { Action } from './runAct';

/** The foot of a run: what is asked, the one big button, and a small one beside it. */

export const FOOTER = {
  display: 'flex',
  alignItems: 'stretch',
  minHeight: { xs: 96, md: 124 },
  mx: { xs: -2, sm: -4 },
  position: 'sticky',
  bottom: 0,
  borderTop: `2px solid ${token('ink')}`,
  backgroundColor: token('shade'),
  flexWrap: { xs: 'wrap', md: 'nowrap' },
} as const;

/** What is asked or said beside the buttons; on a phone above them. */
export const ASKED = {
  flex: 1,
  px: { xs: 2, sm: 4 },
  py: 1,
  minWidth: { xs: '100%', md: 320 },
  maxHeight: { xs: 132, md: 'none' },
  overflowY: { xs: 'auto', md: 'visible' },
  display: 'flex',
  flexWrap: { xs: 'wrap', lg: 'nowrap' },
  alignItems: 'center',
  gap: 2,
} as const;

type ButtonProps = { action: Action; onAct: (action: Action) => void };

export const MainButton = ({ action, onAct, isReady }: ButtonProps & { isReady: boolean }) => (
  <Button
    variant="contained"
    onClick={() => onAct(action)}
    disabled={action.isBlocked}
    data-testid="run-main"
    data-ready={isReady}
    sx={{
      opacity: isReady ? 1 : 0.8,
      flex: { xs: 1, md: 'none' },
      minWidth: { xs: 0, md: 390 },
      flexDirection: 'column',
      alignItems: 'flex-start',
      px: { xs: 2, sm: 4 },
      fontSize: { xs: TYPE.figure, md: TYPE.headline },
      textAlign: 'left',
      fontWeight: 800,
    }}
  >
    {action.words}
    <Box component="span" sx={{ fontSize: TYPE.lead, fontWeight: 500, fontStretch: STRETCH.text }}>
      {action.note}
    </Box>
  </Button>
);

export const SecondButton = ({ action, onAct }: ButtonProps) => (
  <Button
    variant="text"
    onClick={() => onAct(action)}
    data-testid="run-second"
    sx={{
      minWidth: { xs: 120, md: 200 },
      fontSize: { xs: TYPE.title, md: TYPE.head },
      flexDirection: 'column',
    }}
  >
    {action.words}
    <Box
      component="span"
      sx={{ fontSize: TYPE.lead, fontWeight: 500, fontStretch: STRETCH.text, color: token('steel') }}
    >
      {action.note}
    </Box>
  </Button>
);
