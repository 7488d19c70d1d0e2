'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { type Units, asText } from '@/core/quantity/format';
import { quantityAsTyped, showQuantity } from '@/core/quantity/quantities';
import type { Issue } from '@/core/quantity/result';
import type { Field, SpreadValue } from '@/core/sums/sum';
import { TYPE } from '@/ui/theme/tokens';
import { readField, readSpread, valueAsTyped } from './readField';
import { type FieldPath, type Inputs } from './useInputs';
import { sayIssue } from '@/ui/words/issues';

export type Props = {
  fields: readonly Field[];
  inputs: Inputs;
  units: Units;
  issues: readonly Issue[];
  onChange: (changes: Readonly<Record<FieldPath, unknown>>) => void;
  /** What stands in this box can't be counted with (its label), or can again (null): nothing is answered beside it meanwhile. */
  onWaiting: (path: FieldPath, label: string | null) => void;
  prefix?: string;
};

/** An issue of a field, its bounds in the reader’s units. */
export function sayFieldIssue(field: Field, issue: Issue, units: Units): string {
  const { min, max } = issue;
  if (issue.code !== 'out_of_range' || !('quantity' in field)) return sayIssue(issue, units);
  const say = (bound: number) => asText(showQuantity(bound, field.quantity, units));
  if (min !== undefined && max !== undefined) return `Between ${say(min)} and ${say(max)}.`;
  return min !== undefined
    ? `At least ${say(min)}.`
    : max !== undefined
      ? `At most ${say(max)}.`
      : sayIssue(issue);
}

export type OneProps = {
  field: Field;
  path: FieldPath;
  value: unknown;
  units: Units;
  issue: Issue | undefined;
  onChange: Props['onChange'];
  onWaiting: Props['onWaiting'];
};

export function TypedBox({
  field,
  path,
  value,
  units,
  issue,
  onChange,
  onWaiting,
  placeholder,
  isWide = false,
}: OneProps & { placeholder?: string; isWide?: boolean }) {
  const [typed, setTyped] = useState<{ text: string; for: unknown; problem: Issue | null } | null>(null);
  // What was typed stands as long as it belongs to the value; a step back or a new link shows the value itself.
  const isOurs = typed !== null && (typed.problem !== null || typed.for === value);
  const problem = (isOurs ? typed.problem : null) ?? issue;
  const change = (text: string) => {
    const read = readField(field, text, units);
    setTyped({ text, for: read.ok ? read.value : value, problem: read.ok ? null : read.issues[0]! });
    onWaiting(path, read.ok ? null : field.label);
    if (read.ok) onChange({ [path]: read.value });
  };
  return (
    <TextField
      label={field.label}
      value={isOurs ? typed.text : valueAsTyped(field, value, units)}
      placeholder={placeholder}
      onChange={({ target }) => change(target.value)}
      onFocus={({ target }) => target.select()}
      onBlur={() => {
        if (isOurs && typed.problem === null) setTyped(null);
      }}
      error={problem !== undefined && problem !== null}
      helperText={problem ? sayFieldIssue(field, problem, units) : field.hint}
      sx={isWide ? { gridColumn: '1 / -1' } : undefined}
      slotProps={{
        htmlInput: {
          'data-field': path,
          autoComplete: 'off',
          ...(field.kind !== 'texts' && field.kind !== 'text' && { inputMode: 'text' }),
        },
        inputLabel: { shrink: true },
      }}
    />
  );
}

type SpreadProps = Omit<OneProps, 'field' | 'value'> & {
  field: Extract<Field, { kind: 'spread' }>;
  value: SpreadValue;
};

export function SpreadBox({ field, path, value, units, issue, onChange, onWaiting }: SpreadProps) {
  const [typed, setTyped] = useState<{ part: 'value' | 'doubt'; text: string; problem: Issue | null } | null>(
    null,
  );
  const doubt = (value.dist === 'rect' ? value.half : value.u) ?? 0;
  const change = (part: 'value' | 'doubt', text: string) => {
    const read = readSpread(field, value, part, text, units);
    setTyped({ part, text, problem: read.ok ? null : read.issues[0]! });
    onWaiting(path, read.ok ? null : field.label);
    if (read.ok) onChange({ [path]: read.value });
  };
  const box = (part: 'value' | 'doubt', label: string, shown: string) => (
    <TextField
      label={label}
      value={typed?.part === part ? typed.text : shown}
      onChange={({ target }) => change(part, target.value)}
      onFocus={({ target }) => target.select()}
      onBlur={() => {
        if (typed?.problem === null) setTyped(null);
      }}
      error={typed?.part === part && typed.problem !== null}
      slotProps={{
        htmlInput: { 'data-field': `${path}.${part}`, autoComplete: 'off' },
        inputLabel: { shrink: true },
      }}
    />
  );
  const problem = typed?.problem ?? issue;
  return (
    <Box
      role="group"
      aria-label={field.label}
      sx={{ gridColumn: '1 / -1', display: 'grid', gridTemplateColumns: '1.3fr 1fr 1fr', gap: 1.5 }}
    >
      {box('value', field.label, quantityAsTyped(value.value, 'size_mm', units))}
      {box(
        'doubt',
        value.dist === 'rect' ? '± at most' : 'good to (u)',
        quantityAsTyped(doubt, 'fit_mm', units),
      )}
      <TextField
        select
        label="known as"
        value={value.dist}
        slotProps={{ select: { native: true } }}
        onChange={({ target }) =>
          onChange({
            [path]:
              target.value === 'rect'
                ? { value: value.value, half: doubt, dist: 'rect' }
                : { value: value.value, u: doubt, dist: 'normal' },
          })
        }
      >
        <option value="normal">measured</option>
        <option value="rect">within ±</option>
      </TextField>
      {problem && (
        <Box role="alert" sx={{ gridColumn: '1 / -1', fontSize: TYPE.fine, fontWeight: 650 }}>
          {sayFieldIssue(field, problem, units)}
        </Box>
      )}
    </Box>
  );
}
