'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { EventBody } from '@/core/record/entries';
import { succeed, type Result } from '@/core/quantity/result';
import { useJob } from '@/bench/record/JobProvider';
import { EntryField, readNumber, readText } from '@/ui/fields/EntryField';
import { RenewOrKeep } from './RenewOrKeep';
import { Note } from '@/ui/parts/text';
import { Pair } from '@/ui/parts/layout';

type Machine = EventBody<'machine_noted'>;
type Field = {
  key: keyof Machine;
  label: string;
  read: (typed: string) => Result<string | number>;
  isWide?: boolean;
};

const FIELDS: readonly Field[] = [
  { key: 'make', label: 'Make', read: readText },
  { key: 'model', label: 'Model', read: readText },
  { key: 'year', label: 'Year', read: readNumber('year', 1900, 2100, true) },
  { key: 'hours', label: 'Hours', read: readNumber('hours', 0, 100_000) },
  { key: 'frameNumber', label: 'Frame number', read: readText },
  { key: 'engineNumber', label: 'Engine number', read: readText },
  { key: 'mileageKm', label: 'Kilometres', read: readNumber('mileageKm', 0, 2_000_000) },
  { key: 'repairOrder', label: 'Repair order', read: readText },
  { key: 'complaint', label: 'What is complained of', read: readText, isWide: true },
];

/** The machine on its slate: nothing here is needed to begin. Beside it what is renewed, what is kept, and what that comes to. */
export function MachineSlate() {
  const { job, addEvent } = useJob();
  const { machine } = job.work;
  return (
    <Box data-testid="machine-slate">
      <Typography variant="h2">The machine</Typography>
      <Note sx={{ mb: 1 }}>Everything here can wait.</Note>
      <Pair>
        {FIELDS.map(({ key, label, read, isWide }) => (
          <Box key={key} sx={{ gridColumn: isWide ? '1 / -1' : undefined }}>
            <EntryField
              label={label}
              name={key}
              shown={machine[key] === undefined ? '' : String(machine[key])}
              read={(typed) =>
                typed.trim() === '' && typeof machine[key] !== 'number' ? succeed('') : read(typed)
              }
              onTake={(value) => addEvent('machine_noted', { [key]: value } as Machine)}
            />
          </Box>
        ))}
      </Pair>
      <RenewOrKeep />
    </Box>
  );
}
