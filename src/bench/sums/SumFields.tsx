'use client';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { MATERIALS, type Material } from '@/core/catalogue/materials';
import { asText, type Units } from '@/core/quantity/format';
import { quantityAsTyped, showQuantity } from '@/core/quantity/quantities';
import type { Issue } from '@/core/quantity/result';
import type { Field, NumberField, SpreadValue } from '@/core/sums/sum';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { readField, readSpread, valueAsTyped } from './readField';
import { valueAt, type FieldPath, type Inputs } from './useInputs';

type Props = {
  fields: readonly Field[];
  inputs: Inputs;
  units: Units;
  issues: readonly Issue[];
  onChange: (changes: Readonly<Record<FieldPath, unknown>>) => void;
  prefix?: string;
};

const isAsked = ({ when }: Field, inputs: Inputs) => !when || when.is.includes(String(inputs[when.field]));
const grid = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
  gap: 1.5,
  alignItems: 'start',
} as const;

/** All fields of a sum: numbers as people type them, a metal's numbers by the metal's name. */
export function SumFields({ fields, inputs, units, issues, onChange, prefix = '' }: Props) {
  const holder = prefix === '' ? inputs : (valueAt(inputs, prefix.slice(0, -1)) as Inputs);
  const metals = groupMetals(fields);
  return (
    <Box sx={grid}>
      {fields
        .filter((field) => isAsked(field, holder))
        .map((field) => {
          const path = prefix + field.name;
          const own = issues.find((issue) => issue.field === path);
          if (field.kind === 'group') {
            return (
              <Box key={path} component="fieldset" sx={{ gridColumn: '1 / -1', border: 0, p: 0, m: 0 }}>
                <Box
                  component="legend"
                  sx={{
                    fontSize: TYPE.lead,
                    fontWeight: 750,
                    p: 0,
                    mb: 1,
                    borderBottom: `1.5px solid ${token('ink')}`,
                    width: '100%',
                  }}
                >
                  {field.label}
                </Box>
                <SumFields
                  fields={field.fields}
                  inputs={inputs}
                  units={units}
                  issues={issues}
                  onChange={onChange}
                  prefix={`${path}.`}
                />
              </Box>
            );
          }
          const metal =
            field.kind === 'number' && field.property
              ? metals.find(({ members }) => members.includes(field))
              : undefined;
          if (metal)
            return metal.members[0] === field ? (
              <MetalField
                key={path}
                {...metal}
                prefix={prefix}
                inputs={inputs}
                units={units}
                issues={issues}
                onChange={onChange}
              />
            ) : null;
          return (
            <OneField
              key={path}
              field={field}
              path={path}
              value={valueAt(inputs, path)}
              units={units}
              issue={own}
              onChange={onChange}
            />
          );
        })}
    </Box>
  );
}

/** An issue of a field, its bounds in the reader’s units. */
function sayFieldIssue(field: Field, issue: Issue, units: Units): string {
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

type MetalGroup = { whose: string; members: NumberField[] };

/** Numbers that belong to one part's metal, by the first word of their names. */
function groupMetals(fields: readonly Field[]): MetalGroup[] {
  const groups = new Map<string, MetalGroup>();
  for (const field of fields) {
    if (field.kind !== 'number' || !field.property) continue;
    const whose = field.label.split(':')[0]!;
    const group = groups.get(whose) ?? { whose, members: [] };
    group.members.push(field);
    groups.set(whose, group);
  }
  return [...groups.values()];
}

function MetalField({
  whose,
  members,
  prefix,
  inputs,
  units,
  issues,
  onChange,
}: MetalGroup & Omit<Props, 'fields'> & { prefix: string }) {
  const [isOwn, setOwn] = useState(false);
  const matches = (material: Material) =>
    members.every((field) => valueAt(inputs, prefix + field.name) === material[field.property!]);
  const found = Object.values(MATERIALS).find(matches);
  const shown = isOwn || !found ? 'own' : found.code;
  return (
    <>
      <TextField
        select
        label={`${whose}: metal`}
        value={shown}
        slotProps={{ select: { native: true } }}
        onChange={({ target }) => {
          if (target.value === 'own') {
            setOwn(true);
            return;
          }
          setOwn(false);
          const material = MATERIALS[target.value as Material['code']];
          onChange(
            Object.fromEntries(members.map((field) => [prefix + field.name, material[field.property!]])),
          );
        }}
      >
        {Object.values(MATERIALS).map(({ code, name }) => (
          <option key={code} value={code}>
            {name}
          </option>
        ))}
        <option value="own">own numbers …</option>
      </TextField>
      {shown === 'own' &&
        members.map((field) => (
          <OneField
            key={field.name}
            field={field}
            path={prefix + field.name}
            value={valueAt(inputs, prefix + field.name)}
            units={units}
            issue={issues.find((issue) => issue.field === prefix + field.name)}
            onChange={onChange}
          />
        ))}
    </>
  );
}

type OneProps = {
  field: Field;
  path: FieldPath;
  value: unknown;
  units: Units;
  issue: Issue | undefined;
  onChange: Props['onChange'];
};

/** One field. What does not fit stays in its box with the reason under it; the last good value goes on counting. */
function OneField({ field, path, value, units, issue, onChange }: OneProps) {
  if (field.kind === 'choice') {
    return (
      <TextField
        select
        label={field.label}
        value={value}
        slotProps={{ select: { native: true }, htmlInput: { 'data-field': path } }}
        onChange={({ target }) => onChange({ [path]: target.value })}
        error={issue !== undefined}
        helperText={issue ? sayFieldIssue(field, issue, units) : field.hint}
      >
        {field.options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </TextField>
    );
  }
  if (field.kind === 'flag')
    return (
      <FormControlLabel
        sx={{ minHeight: 52 }}
        control={
          <Checkbox
            checked={value as boolean}
            onChange={({ target }) => onChange({ [path]: target.checked })}
          />
        }
        label={field.label}
      />
    );
  if (field.kind === 'spread')
    return (
      <SpreadBox
        field={field}
        path={path}
        value={value as SpreadValue}
        units={units}
        issue={issue}
        onChange={onChange}
      />
    );
  if (field.kind === 'maybe_number')
    return (
      <TypedBox
        field={field}
        path={path}
        value={value}
        units={units}
        issue={issue}
        onChange={onChange}
        placeholder={field.nullWords}
      />
    );
  return (
    <TypedBox
      field={field}
      path={path}
      value={value}
      units={units}
      issue={issue}
      onChange={onChange}
      isWide={
        field.kind === 'numbers' || field.kind === 'texts' || field.kind === 'counts' || field.kind === 'text'
      }
    />
  );
}

function TypedBox({
  field,
  path,
  value,
  units,
  issue,
  onChange,
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

function SpreadBox({
  field,
  path,
  value,
  units,
  issue,
  onChange,
}: {
  field: Extract<Field, { kind: 'spread' }>;
  path: FieldPath;
  value: SpreadValue;
  units: Units;
  issue: Issue | undefined;
  onChange: Props['onChange'];
}) {
  const [typed, setTyped] = useState<{ part: 'value' | 'doubt'; text: string; problem: Issue | null } | null>(
    null,
  );
  const doubt = (value.dist === 'rect' ? value.half : value.u) ?? 0;
  const change = (part: 'value' | 'doubt', text: string) => {
    const read = readSpread(field, value, part, text, units);
    setTyped({ part, text, problem: read.ok ? null : read.issues[0]! });
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
