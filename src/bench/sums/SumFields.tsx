'use client';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { MATERIALS, type Material } from '@/core/catalogue/materials';
import type { Field, NumberField, SpreadValue } from '@/core/sums/sum';
import { token, TYPE } from '@/ui/theme/tokens';
import { later } from '@/bench/record/later';
import { valueAt } from '@/core/quantity/dotted';
import type { Inputs } from './useInputs';
import { TypedBox, SpreadBox, type Props, sayFieldIssue, type OneProps } from './TypedBox';

const FlagField = later(() => import('./FlagField'), 'FlagField');

const isAsked = ({ when }: Field, inputs: Inputs) => !when || when.is.includes(String(inputs[when.field]));

export const grid = {
  display: 'grid',
  gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
  gap: 1.5,
  alignItems: 'start',
} as const;

/** All fields of a sum: numbers as people type them, a metal's numbers by the metal's name. */
export function SumFields({ fields, inputs, units, issues, onChange, onWaiting, prefix = '' }: Props) {
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
                  onWaiting={onWaiting}
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
                onWaiting={onWaiting}
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
              onWaiting={onWaiting}
            />
          );
        })}
    </Box>
  );
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
  onWaiting,
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
            onWaiting={onWaiting}
          />
        ))}
    </>
  );
}

/** One field. What does not fit stays in its box with the reason under it; the last good value goes on counting. */
function OneField({ field, path, value, units, issue, onChange, onWaiting }: OneProps) {
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
      <Box sx={{ minHeight: 52 }}>
        <FlagField
          label={field.label}
          isOn={value as boolean}
          onChange={(isOn) => onChange({ [path]: isOn })}
        />
      </Box>
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
        onWaiting={onWaiting}
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
        onWaiting={onWaiting}
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
      onWaiting={onWaiting}
      isWide={
        field.kind === 'numbers' || field.kind === 'texts' || field.kind === 'counts' || field.kind === 'text'
      }
    />
  );
}
