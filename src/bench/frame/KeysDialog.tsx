'use client';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { TYPE } from '@/ui/theme/tokens';

const KEYS: readonly (readonly [string, string])[] = [
  ['number, Enter', 'take a reading into the waiting slot'],
  ['Enter on an empty slot', 'take what the gauge shows'],
  ['↑ ↓', 'another slot'],
  ['Delete', 'strike out the last reading of this slot'],
  ['Alt + 1 … 9', 'look, strip, stacks, parts, measure, way in, heat run, square-up, record'],
  ['← → on the bench', 'from job to job'],
  ['Space', 'on the heat run: the black button'],
  ['G', 'on the heat run, after letting go: it grabbed'],
  ['Tab, Enter', 'everything else'],
  ['?', 'this list'],
];

/** The list of keys. */
export const KeysDialog = ({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) => (
  <Dialog open={isOpen} onClose={onClose}>
    <DialogTitle>Keys</DialogTitle>
    <DialogContent>
      <Box
        component="dl"
        sx={{
          display: 'grid',
          gridTemplateColumns: 'auto 1fr',
          columnGap: 3,
          rowGap: 1.5,
          m: 0,
          fontSize: TYPE.lead,
        }}
      >
        {KEYS.map(([key, does]) => [
          <Box component="dt" key={key} sx={{ fontWeight: 750 }}>
            {key}
          </Box>,
          <Box component="dd" key={does} sx={{ m: 0 }}>
            {does}
          </Box>,
        ])}
      </Box>
    </DialogContent>
  </Dialog>
);
