'use client';
import { newId } from '@/bench/record/newId';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { z } from 'zod';
import { parseLength } from '@/core/quantity/parseLength';
import { bareLengthUnit, showSize, type Units } from '@/core/quantity/format';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { sayIssue } from '@/ui/words/issues';
import { Pair } from '@/ui/parts/layout';

/**
 * One thing that is asked: a length in the person’s unit, a plain figure, or words. `usual` stands there at first; null: it may stay
 * empty.
 */
export type Field = {
  key: string;
  label: string;
  usual: number | null;
  reads: 'length' | 'figure' | 'words';
};
export const length = (key: string, label: string, usual: number | null): Field => ({
  key,
  label,
  reads: 'length',
  usual,
});
export const figure = (key: string, label: string, usual: number): Field => ({
  key,
  label,
  reads: 'figure',
  usual,
});
export const words = (key: string, label: string): Field => ({ key, label, reads: 'words', usual: null });

/** What is asked of a sort of thing, and how it is called here. */
export type WallFormSetting<T extends Thing> = {
  schema: z.ZodType<T>;
  sorts: readonly { value: T['sort']; words: string }[];
  fields: Record<T['sort'], readonly Field[]>;
  /** Asked of every sort. */
  also: readonly Field[];
  /** What a new one of a sort has that is not asked. */
  given: Partial<Record<T['sort'], object>>;
  words: { title: string; add: string; change: string; takeOff: string };
};
type Thing = { id: string; name: string; sort: string };

type Props<T extends Thing> = {
  setting: WallFormSetting<T>;
  thing: T | null;
  units: Units;
  onClose: () => void;
  onSave: (thing: T) => void;
  onTakeOff: (thing: T) => void;
};

/** What was typed, read field by field, with what is wrong beside its field. */
function useWallForm<T extends Thing>({ setting, thing, units, onSave }: Props<T>) {
  const [sort, setSort] = useState<T['sort']>(thing?.sort ?? setting.sorts[0]!.value);
  const [name, setName] = useState(thing?.name ?? '');
  const [texts, setTexts] = useState<Record<string, string>>({});
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fields = [...setting.fields[sort], ...setting.also];
  const valueOf = ({ key, usual }: Field): number | string | null =>
    thing && key in thing ? (thing as unknown as Record<string, number | string | null>)[key]! : usual;
  const shown = (field: Field): string => {
    const value = valueOf(field);
    if (texts[field.key] !== undefined) return texts[field.key]!;
    return value === null
      ? ''
      : typeof value === 'number' && field.reads === 'length'
        ? showSize(value, units, 2).figure
        : String(value);
  };
  const readField = (field: Field): { value: number | string | null } | { problem: string } => {
    const typed = texts[field.key];
    if (typed === undefined) return { value: valueOf(field) };
    if (typed.trim() === '' && field.usual === null) return { value: null };
    if (field.reads === 'words') return { value: typed.trim() };
    if (field.reads === 'figure') return { value: Number(typed.replace(',', '.').replace('−', '-')) };
    const parsed = parseLength(typed, bareLengthUnit(units), field.key);
    return parsed.ok ? { value: parsed.value.mm } : { problem: sayIssue(parsed.issues[0]!, units) };
  };
  const save = () => {
    const found: Record<string, string> = {};
    const values: Record<string, number | string | null | undefined> = {};
    for (const field of fields) {
      const read = readField(field);
      if ('problem' in read) found[field.key] = read.problem;
      // Words that nobody said, or that were taken out, are left out; a size that was not measured is null.
      else values[field.key] = field.reads === 'words' ? (read.value ?? undefined) : read.value;
    }
    const checked = setting.schema.safeParse({
      ...setting.given[sort],
      ...(thing?.sort === sort ? thing : {}),
      ...values,
      id: thing?.id ?? newId(),
      sort,
      name,
    });
    for (const issue of checked.error?.issues ?? [])
      found[String(issue.path[0] ?? 'name')] ??=
        issue.path[0] === 'name' ? 'A name tells it from the others.' : 'This can not be: look at the unit.';
    setProblems(found);
    if (checked.success && Object.keys(found).length === 0) onSave(checked.data);
  };
  const pickSort = (value: T['sort']) => {
    setSort(value);
    setTexts({});
    setProblems({});
  };
  const type = (key: string, text: string) => setTexts({ ...texts, [key]: text });
  return { sort, pickSort, fields, name, setName, shown, type, problems, save };
}

/** A thing on the tool wall or in stock: put there, changed, or taken away. */
export function WallForm<T extends Thing>(props: Props<T>) {
  const { setting, thing, onClose, onTakeOff } = props;
  const { words } = setting;
  const { sort, pickSort, fields, name, setName, shown, type, problems, save } = useWallForm(props);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>{thing ? thing.name : words.title}</DialogTitle>
      <DialogContent>
        {!thing && (
          <ChoiceRow label="Sort" isLabelHidden options={setting.sorts} value={sort} onPick={pickSort} />
        )}
        <TextField
          autoFocus
          fullWidth
          label="Name"
          sx={{ mt: 2 }}
          value={name}
          error={problems.name !== undefined}
          helperText={problems.name ?? ' '}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 80, name: 'thing-name' } }}
        />
        <Pair>
          {fields.map((field) => (
            <TextField
              key={`${sort}${field.key}`}
              label={field.label}
              value={shown(field)}
              error={problems[field.key] !== undefined}
              helperText={problems[field.key] ?? ' '}
              onChange={(event) => type(field.key, event.target.value)}
              slotProps={{
                htmlInput: { inputMode: field.reads === 'words' ? 'text' : 'decimal', name: field.key },
                inputLabel: { shrink: true },
              }}
            />
          ))}
        </Pair>
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        {thing && (
          <Button variant="text" onClick={() => onTakeOff(thing)} sx={{ mr: 'auto' }}>
            {words.takeOff}
          </Button>
        )}
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
        <Button variant="contained" onClick={save}>
          {thing ? words.change : words.add}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
