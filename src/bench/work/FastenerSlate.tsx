'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { FASTENER_THEN, FASTENER_WORDS, LOCKING_WORDS } from '@/ui/words/walk';
import { Note, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

/** Fasteners: what locks each, and how each was found, with what follows from it. */
export function FastenerSlate() {
  const { job, addEvent } = useJob();
  const { plan, work } = job;
  return (
    <Box data-testid="fasteners">
      <Typography variant="h2">Fasteners</Typography>
      {plan.fasteners.length === 0 && <Text>None are listed for this job.</Text>}
      {plan.fasteners.map(({ key, name, size, count, isLeftHand, locking = 'none' }) => {
        const state = work.fasteners[key];
        return (
          <Ruled key={key} data-fastener={key} sx={{ py: 0.75 }}>
            <Text>
              <b>{name}</b>, {count} × {size}
              {isLeftHand ? ', left-hand' : ''}. Held by {LOCKING_WORDS[locking]}.
            </Text>
            <ChoiceRow
              label={`${name}: found`}
              isLabelHidden
              options={optionsFrom(FASTENER_WORDS)}
              value={state ?? null}
              onPick={(next) => addEvent('fastener_noted', { key, state: next })}
            />
            {state && FASTENER_THEN[state] && <Note role="note">{FASTENER_THEN[state]}</Note>}
          </Ruled>
        );
      })}
    </Box>
  );
}
