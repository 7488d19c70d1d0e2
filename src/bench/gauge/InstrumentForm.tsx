'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Box from '@mui/material/Box';
import type { Units } from '@/core/quantity/format';
import { INSTRUMENT_SORTS, type InstrumentSort } from '@/core/record/instrumentSorts';
import { SORTS } from '@/core/gauge/sorts';
import { BAUDS, type Instrument, type Speaks } from '@/core/record/instrument';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { PlainField } from '@/ui/fields/PlainField';
import { Pair } from '@/ui/parts/layout';
import { Note } from '@/ui/parts/text';
import { SPEAKS_WORDS, UNIT_NAMES, UNITS_FOR } from '@/ui/words/gauges';
import { sayProposal } from '@/ui/words/proposedU';
import { useInstrumentForm, type InstrumentFields } from './useInstrumentForm';

type Props = {
  instrument: Instrument | null;
  /** The sort that a new one starts as. */
  sort: InstrumentSort;
  /** What it is wanted for, mm; null: for nothing yet. */
  sizeMm: number | null;
  units: Units;
  onClose: () => void;
  onSave: (instrument: Instrument) => void;
  onTakeOff?: (instrument: Instrument) => void;
};

const SORT_OPTIONS = INSTRUMENT_SORTS.map((value) => ({ value, words: SORTS[value].name }));
const SPEAKS_OPTIONS = (Object.keys(SPEAKS_WORDS) as Speaks['by'][]).map((value) => ({
  value,
  words: SPEAKS_WORDS[value].name,
}));

/** An instrument of the shop's own, or what is to be changed of it. A proposal stands in every field. */
export function InstrumentForm({ instrument, sort, sizeMm, units, onClose, onSave, onTakeOff }: Props) {
  const form = useInstrumentForm({ instrument, sort, sizeMm, onSave });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md">
      <DialogTitle>{instrument ? instrument.name : 'An instrument of ours'}</DialogTitle>
      <DialogContent>
        {!instrument && (
          <ChoiceRow
            label="Kind"
            isLabelHidden
            options={SORT_OPTIONS}
            value={form.fields.sort}
            onPick={form.pickSort}
          />
        )}
        <Figures form={form} units={units} />
        <SpeaksFields form={form} />
        <Box role="alert">{form.problems.speaks}</Box>
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        {instrument && onTakeOff && (
          <Button variant="text" onClick={() => onTakeOff(instrument)} sx={{ mr: 'auto' }}>
            Not here any more
          </Button>
        )}
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
        <Button variant="contained" onClick={form.save}>
          {instrument ? 'Change it' : 'Lay it beside the others'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

type Form = ReturnType<typeof useInstrumentForm>;
type PartProps = { form: Form };

const field = (form: Form, key: keyof InstrumentFields & string, label: string, isNumber = true) => (
  <PlainField
    key={key}
    label={label}
    name={key}
    value={String(form.fields[key])}
    isNumber={isNumber}
    problem={form.problems[key] ?? null}
    onChange={(text) => form.type(key, text)}
  />
);

function Figures({ form, units }: PartProps & { units: Units }) {
  const { sort, unit, resolution } = form.fields;
  const { quantity } = SORTS[sort];
  const sizeUnit = UNIT_NAMES[unit];
  const step = form.resolutionInCore;
  return (
    <>
      <Pair sx={{ mt: 1 }}>
        {field(form, 'name', 'Name', false)}
        <ChoiceRow
          label="Its unit"
          options={UNITS_FOR[quantity].map((value) => ({
            value,
            words: UNIT_NAMES[value],
          }))}
          value={unit}
          onPick={form.pickUnit}
        />
        {field(form, 'low', `Spans from, ${sizeUnit}`)}
        {field(form, 'high', `to, ${sizeUnit}`)}
        {field(form, 'resolution', `Smallest step, ${sizeUnit}`)}
        {field(form, 'u', `Standard uncertainty u, ${quantity === 'temperature' ? 'K' : sizeUnit}`)}
      </Pair>
      <Note data-testid="u-why" sx={{ mt: 0.5 }}>
        {step === null
          ? `“${resolution}” is no step.`
          : `Proposed: ${sayProposal(sort, step, units)} Your own certificate knows better.`}
      </Note>
      <PlainField
        label="Calibrated until (may stay empty)"
        name="calibrationDue"
        type="date"
        value={form.fields.calibrationDue}
        width={260}
        onChange={(text) => form.type('calibrationDue', text)}
      />
    </>
  );
}

const PRESS_OPTIONS = [
  { value: 'press', words: 'One line for a press of its button' },
  { value: 'stream', words: 'All the time; Enter takes' },
] as const;

function SpeaksFields({ form }: PartProps) {
  const { by, baud, isSentByPress } = form.fields;
  return (
    <Box sx={{ mt: 1.5 }}>
      <ChoiceRow
        label="It speaks"
        options={SPEAKS_OPTIONS}
        value={by}
        onPick={(value) => form.set({ by: value })}
      />
      <Note>{SPEAKS_WORDS[by].how}</Note>
      {by === 'serial' && (
        <Pair>
          {field(form, 'path', 'Port, such as /dev/ttyUSB0', false)}
          <ChoiceRow
            label="Baud"
            options={BAUDS.map((each) => ({ value: String(each), words: String(each) }))}
            value={String(baud)}
            onPick={(value) => form.set({ baud: Number(value) as InstrumentFields['baud'] })}
          />
          <ChoiceRow
            label="Lines"
            options={PRESS_OPTIONS}
            value={isSentByPress ? 'press' : 'stream'}
            onPick={(value) => form.set({ isSentByPress: value === 'press' })}
          />
        </Pair>
      )}
    </Box>
  );
}
