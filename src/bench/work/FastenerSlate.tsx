'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { LOCKINGS, type Locking } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { useEdits } from '@/bench/record/useEdits';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { FASTENER_THEN, FASTENER_WORDS, LOCKING_WORDS } from '@/ui/words/walk';
import { Note, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

/** Fasteners: what locks each, and how each was found, with what follows from it. */
export function FastenerSlate() {
  const { job, addEvent } = useJob();
  const edits = useEdits();
  const { plan, work } = job;
  const lockWith = (key: string, locking: Locking) =>
    edits.savePlan(({ fasteners }) => ({
      fasteners: fasteners.map((each) => (each.key === key ? { ...each, locking } : each)),
    }));
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
              {isLeftHand ? ', left-hand' : ''}
            </Text>
            <TextField
              select
              fullWidth
              label="Held by"
              value={locking}
              slotProps={{ select: { native: true }, htmlInput: { 'aria-label': `${name}: held by` } }}
              sx={{ mt: 1.5 }}
              onChange={({ target }) => lockWith(key, target.value as Locking)}
            >
              {LOCKINGS.map((each) => (
                <option key={each} value={each}>
                  {LOCKING_WORDS[each]}
                </option>
              ))}
            </TextField>
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
