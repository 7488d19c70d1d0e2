import Box from '@mui/material/Box';
import { Note } from '@/ui/parts/text';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';

/** Names of the rows, px. */
export const LABELS_PX = 212;
export const percent = (share: number) => `${(share * 100).toFixed(2)}%`;

export const ROW = {
  display: 'grid',
  gridTemplateColumns: `${LABELS_PX}px minmax(0, 1fr)`,
  borderBottom: `1px solid ${token('rule')}`,
  alignItems: 'start',
  py: 0.125,
} as const;

export const RowName = ({
  name,
  note,
  isOneLine = false,
}: {
  name: string;
  note: string;
  isOneLine?: boolean;
}) => (
  <Box
    sx={{
      pr: 1,
      lineHeight: 1.1,
      py: 0.25,
      ...(isOneLine && { display: 'flex', alignItems: 'baseline', columnGap: 1, whiteSpace: 'nowrap' }),
    }}
  >
    <Box sx={{ fontSize: TYPE.name, fontWeight: 750, fontStretch: STRETCH.headline }}>{name}</Box>
    <Note sx={{ lineHeight: 1.15 }}>{note}</Note>
  </Box>
);
