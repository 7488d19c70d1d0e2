import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { AGAINST_REASONS } from '@/core/record/vocabulary';
import { Ruled } from '@/ui/parts/layout';
import { token, TYPE } from '@/ui/theme/tokens';
import { AGAINST_WORDS } from '@/ui/words/work';
import { ChoiceRow, optionsFrom } from './ChoiceRow';

export type Because = (typeof AGAINST_REASONS)[number];

/** A way that something speaks against, struck through, with what; a person who knows better taps why it was taken all the same. */
export function AllTheSame({
  way,
  name,
  against,
  onTake,
}: {
  way: string;
  name: string;
  /** In words. */
  against: readonly string[];
  onTake: (because: Because) => void;
}) {
  const [isTaken, setTaken] = useState(false);
  return (
    <Ruled data-forbidden={way} sx={{ py: 0.5, fontSize: TYPE.small }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Box sx={{ flex: 1 }}>
          <Box component="span" sx={{ textDecoration: 'line-through', color: token('mid') }}>
            {name}
          </Box>
          : {against.join('; ')}.
        </Box>
        {!isTaken && (
          <Button
            variant="text"
            sx={{ minHeight: 48, fontSize: TYPE.small }}
            aria-label={`All the same: ${name}`}
            onClick={() => setTaken(true)}
          >
            All the same
          </Button>
        )}
      </Box>
      {isTaken && (
        <ChoiceRow label="Because" options={optionsFrom(AGAINST_WORDS)} value={null} onPick={onTake} />
      )}
    </Ruled>
  );
}
