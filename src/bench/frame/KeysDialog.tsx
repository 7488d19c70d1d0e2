'use client';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { switchSingleKeys, useSingleKeys } from './singleKeys';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { TYPE } from '@/ui/theme/tokens';

const KEYS: readonly (readonly [string, string])[] = [
  ['number, Enter', 'take a reading into the waiting slot'],
  ['Enter on an empty slot', 'take what the gauge shows'],
  ['↑ ↓', 'another slot'],
  ['Delete', 'strike out the last reading of this slot'],
  ['Alt + 1 … 9, 0, -, =', 'the steps of the job, in the order in which they stand there'],
  ['← → on the bench', 'from job to job'],
  ['Space', 'on the heat run: the black button'],
  ['G', 'on the heat run, after letting go: it grabbed'],
  ['Tab, Enter', 'everything else'],
  ['?', 'this list'],
];

/** For who speaks to the machine, or rests a hand on the keys. */
function SingleKeys() {
  const isOn = useSingleKeys();
  return (
    <Box sx={{ mt: 2 }}>
      <ChoiceRow
        label="Single keys (G, ?, figures) act from anywhere"
        options={[
          { value: 'on', words: 'on' },
          { value: 'off', words: 'off, on this device' },
        ]}
        value={isOn ? 'on' : 'off'}
        onPick={(next) => switchSingleKeys(next === 'on')}
      />
    </Box>
  );
}

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
      <SingleKeys />
    </DialogContent>
  </Dialog>
);
