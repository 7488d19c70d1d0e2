'use client';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { withStates } from '@/core/job/runningStates';
import type { Seat } from '@/core/record/job';
import type { FittedSpec } from '@/core/record/seatSpec';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Note } from '@/ui/parts/text';
import { LOAD_WORDS, STATE_WORDS } from '@/ui/words/fits';
import { SpecDialog, SpecEntry } from './SpecDialog';
import { useSpecForm, type SpecField } from './useSpecForm';

const STATES = [
  { at: 'states.cold_start', name: STATE_WORDS.cold_start },
  { at: 'states.warm_up', name: STATE_WORDS.warm_up },
  { at: 'running', name: STATE_WORDS.running },
  { at: 'states.hottest', name: STATE_WORDS.hottest },
];
const BODIES = [
  { at: 'housingC', name: 'casting' },
  { at: 'ringC', name: 'race' },
  { at: 'shaftC', name: 'shaft' },
];
const FIELDS = STATES.flatMap(({ at, name }) =>
  BODIES.map((body): SpecField => ({
    path: `${at}.${body.at}`,
    label: `${name}: ${body.name}`,
    quantity: 'temperature',
  })),
);

/** How hot a seat's parts are in each state of the machine, and whether its load goes round. */
export function StatesDialog({ seat, onClose }: { seat: Seat; onClose: () => void }) {
  // Opened for seats that hold by a fit only.
  const spec = seat.spec as FittedSpec;
  const [load, setLoad] = useState(spec.load);
  const form = useSpecForm({
    seat,
    fields: FIELDS,
    begin: (now) => (now.kind === 'seal_in_bore' ? now : withStates(now)),
    finish: (next) => ({ ...next, load }) as FittedSpec,
    done: `Temperatures of ${seat.name} changed`,
    onClose,
  });
  return (
    <SpecDialog title={`How ${seat.name} runs`} save="Save" form={form} onClose={onClose}>
      <ChoiceRow
        label="Load on the outer race"
        options={(['standing', 'rotating'] as const).map((value) => ({ value, words: LOAD_WORDS[value] }))}
        value={load}
        onPick={setLoad}
      />
      <Note>Begun with what is usual for this kind of job; put in what you know of this machine.</Note>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', columnGap: 2, pt: 1.5 }}>
        {FIELDS.map((field) => (
          <SpecEntry key={field.path} field={field} form={form} />
        ))}
      </Box>
    </SpecDialog>
  );
}
