'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { EventBody } from '@/core/record/entries';
import { fail, succeed, type Result } from '@/core/quantity/result';
import { UNNAMED_MACHINE } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { useEdits } from '@/bench/record/useEdits';
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

/** What the machine goes by; told by make and model, as long as nobody called it otherwise. */
function useName() {
  const { record, job } = useJob();
  const { rename } = useEdits();
  const isUnnamed = record.machine === UNNAMED_MACHINE;
  return {
    shown: isUnnamed ? '' : record.machine,
    rename,
    hear: (said: Machine) => {
      const { make, model } = { ...job.work.machine, ...said };
      const name = [make, model].filter(Boolean).join(' ').slice(0, 80);
      if (isUnnamed && name !== '') rename(name);
    },
  };
}

/** The machine on its slate: nothing here is needed to begin. Beside it what is renewed, what is kept, and what that comes to. */
export function MachineSlate() {
  const { job, addEvent } = useJob();
  const { machine } = job.work;
  const name = useName();
  return (
    <Box data-testid="machine-slate">
      <Typography variant="h2">The machine</Typography>
      <Note sx={{ mb: 1 }}>Everything here can wait.</Note>
      <EntryField
        label="What it goes by, on the bench and on every sheet"
        name="machine-name"
        shown={name.shown}
        read={(typed) =>
          typed.trim() === '' ? fail({ code: 'missing', field: 'machine' }) : readText(typed)
        }
        onTake={(typed) => name.rename(typed.trim().slice(0, 80))}
      />
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
              onTake={(value) => {
                const said = { [key]: value } as Machine;
                addEvent('machine_noted', said);
                name.hear(said);
              }}
            />
          </Box>
        ))}
      </Pair>
      <RenewOrKeep />
    </Box>
  );
}
