'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { parseLength } from '@/core/quantity/parseLength';
import { bareLengthUnit, showSize, type Units } from '@/core/quantity/format';
import { TOOL_SORTS } from '@/core/tools/sorts';
import { toolSchema, type Tool, type ToolSort } from '@/core/tools/tool';
import { sendJson } from '@/bench/record/sendJson';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { sayIssue } from '@/ui/words/issues';
import { TOOL_SORT_WORDS } from '@/ui/words/work';
import { Pair } from '@/ui/parts/layout';

type Field = { key: string; label: string; isLength: boolean; usual: number };
const length = (key: string, label: string, usual: number): Field => ({ key, label, isLength: true, usual });
const figure = (key: string, label: string, usual: number): Field => ({ key, label, isLength: false, usual });
const PUSH = [
  length('outsideMm', 'Outside', 40),
  length('insideMm', 'Hole', 12),
  length('lengthMm', 'Length', 60),
];

/** What each sort is asked for. */
const FIELDS: Record<ToolSort, readonly Field[]> = {
  driver: PUSH,
  socket: PUSH,
  receiver: [
    length('insideMm', 'Inside', 50),
    length('outsideMm', 'Outside', 62),
    length('lengthMm', 'Length', 80),
  ],
  collet: [length('fromMm', 'Enters from', 14), length('toMm', 'Spreads to', 18)],
  puller: [length('fromMm', 'From', 20), length('toMm', 'To', 90)],
  rod: [
    length('threadMm', 'Thread', 12),
    length('pitchMm', 'Pitch', 1.75),
    length('lengthMm', 'Length', 400),
  ],
  press: [figure('maxN', 'Force, N', 98_000)],
  clamp: [figure('maxN', 'Force, N', 9000), length('openingMm', 'Opens to', 200)],
  heat: [figure('maxC', 'Hottest, °C', 200)],
  cold: [figure('minC', 'Coldest, °C', -18)],
  shim_stock: [
    length('insideMm', 'Inside', 20),
    length('outsideMm', 'Outside', 28),
    length('thicknessMm', 'Thickness', 0.2),
    figure('count', 'How many', 5),
  ],
};
const FLAGS: Partial<Record<ToolSort, Record<string, boolean>>> = {
  rod: { hasThrustBearing: false },
  heat: { isEven: true },
};

/** A tool: hung up, changed, or taken off the wall. */
export function ToolForm({
  tool,
  units,
  onClose,
  onSaved,
  onTakeOff,
}: {
  tool: Tool | null;
  units: Units;
  onClose: () => void;
  onSaved: () => void;
  onTakeOff: (tool: Tool) => void;
}) {
  const [sort, setSort] = useState<ToolSort>(tool?.sort ?? 'driver');
  const [name, setName] = useState(tool?.name ?? '');
  const [texts, setTexts] = useState<Record<string, string>>({});
  const [problems, setProblems] = useState<Record<string, string>>({});
  const valueOf = ({ key, usual }: Field) =>
    tool && key in tool ? (tool as unknown as Record<string, number>)[key]! : usual;
  const shown = (field: Field) =>
    texts[field.key] ?? (field.isLength ? showSize(valueOf(field), units, 2).figure : String(valueOf(field)));

  const save = async () => {
    const found: Record<string, string> = {};
    const values: Record<string, number> = {};
    for (const field of FIELDS[sort]) {
      const typed = texts[field.key];
      if (typed === undefined) {
        values[field.key] = valueOf(field);
        continue;
      }
      const parsed = field.isLength ? parseLength(typed, bareLengthUnit(units), field.key) : null;
      if (parsed && !parsed.ok) {
        found[field.key] = sayIssue(parsed.issues[0]!, units);
        continue;
      }
      values[field.key] = parsed ? parsed.value.mm : Number(typed.replace(',', '.').replace('−', '-'));
    }
    const checked = toolSchema.safeParse({
      ...FLAGS[sort],
      ...(tool?.sort === sort ? tool : {}),
      ...values,
      id: tool?.id ?? uuid(),
      sort,
      name,
    });
    for (const issue of checked.error?.issues ?? [])
      found[String(issue.path[0] ?? 'name')] ??=
        issue.path[0] === 'name' ? 'A name tells it from the others.' : 'This can not be: look at the unit.';
    setProblems(found);
    if (!checked.success || Object.keys(found).length > 0) return;
    if ((await sendJson('/api/v1/tools', 'POST', checked.data)).isOk) onSaved();
    else setProblems({ name: 'The server does not answer: try again.' });
  };

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>{tool ? tool.name : 'Hang a tool up'}</DialogTitle>
      <ToolFields
        tool={tool}
        sort={sort}
        setSort={setSort}
        setTexts={setTexts}
        setProblems={setProblems}
        name={name}
        problems={problems}
        setName={setName}
        shown={shown}
        texts={texts}
      />
      <ToolActs tool={tool} onTakeOff={onTakeOff} onClose={onClose} save={save} />
    </Dialog>
  );
}

type ToolActsProps = {
  tool: Tool | null;
  onTakeOff: (tool: Tool) => void;
  onClose: () => void;
  save: () => Promise<void>;
};

function ToolActs({ tool, onTakeOff, onClose, save }: ToolActsProps) {
  return (
    <DialogActions sx={{ p: 2 }}>
      {tool && (
        <Button variant="text" onClick={() => onTakeOff(tool)} sx={{ mr: 'auto' }}>
          Take it off the wall
        </Button>
      )}
      <Button variant="text" onClick={onClose}>
        Leave it
      </Button>
      <Button variant="contained" onClick={() => void save()}>
        {tool ? 'Change it' : 'Hang it up'}
      </Button>
    </DialogActions>
  );
}

type ToolFieldsProps = {
  tool: Tool | null;
  sort: ToolSort;
  setSort: (next: ToolSort) => void;
  setTexts: (next: Record<string, string>) => void;
  setProblems: (next: Record<string, string>) => void;
  name: string;
  problems: Record<string, string>;
  setName: (next: string) => void;
  shown: (field: Field) => string;
  texts: Record<string, string>;
};

function ToolFields({
  tool,
  sort,
  setSort,
  setTexts,
  setProblems,
  name,
  problems,
  setName,
  shown,
  texts,
}: ToolFieldsProps) {
  return (
    <DialogContent>
      {!tool && (
        <ChoiceRow
          label="Sort"
          isLabelHidden
          options={TOOL_SORTS.map((value) => ({ value, words: TOOL_SORT_WORDS[value] }))}
          value={sort}
          onPick={(value) => {
            setSort(value);
            setTexts({});
            setProblems({});
          }}
        />
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
        slotProps={{ htmlInput: { maxLength: 80, name: 'tool-name' } }}
      />
      <Pair>
        {FIELDS[sort].map((field) => (
          <TextField
            key={`${sort}${field.key}`}
            label={field.label}
            value={shown(field)}
            error={problems[field.key] !== undefined}
            helperText={problems[field.key] ?? ' '}
            onChange={(event) => setTexts({ ...texts, [field.key]: event.target.value })}
            slotProps={{
              htmlInput: { inputMode: 'decimal', name: field.key },
              inputLabel: { shrink: true },
            }}
          />
        ))}
      </Pair>
    </DialogContent>
  );
}
