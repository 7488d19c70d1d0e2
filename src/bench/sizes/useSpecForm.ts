'use client';
import { useState } from 'react';
import { valueAt, withValues } from '@/core/quantity/dotted';
import { issuesFromZod } from '@/core/quantity/zodIssues';
import { parseLength } from '@/core/quantity/parseLength';
import { parseTemperature } from '@/core/quantity/parseTemperature';
import {
  bareLengthUnit,
  bareTemperatureUnit,
  showSize,
  showTemperature,
  type Units,
} from '@/core/quantity/format';
import { succeed, type Issue, type Result } from '@/core/quantity/result';
import type { Seat } from '@/core/record/job';
import { type BoreSpec, boreSpecSchema } from '@/core/record/seatSpec';
import { useJob } from '@/bench/record/JobProvider';
import { outbox } from '@/bench/record/outbox';
import { useEdits } from '@/bench/record/useEdits';
import { sayIssue } from '@/ui/words/issues';
import { sayRefusal } from '@/ui/words/refusal';

/** A number of a seat by its dotted place there. */
export type SpecField = { path: string; label: string; quantity: 'size' | 'temperature' };

const read = (spec: BoreSpec, path: string) => valueAt(spec, path) as number;

const show = ({ quantity }: SpecField, value: number, units: Units) =>
  (quantity === 'size' ? showSize(value, units, 2) : showTemperature(value, units)).figure;

export const unitOf = ({ quantity }: SpecField, units: Units) =>
  quantity === 'size' ? bareLengthUnit(units) : showTemperature(0, units).unit;

function parse({ quantity, path }: SpecField, text: string, units: Units): Result<number> {
  if (quantity === 'size') {
    const size = parseLength(text, bareLengthUnit(units), path);
    return size.ok ? succeed(size.value.mm) : size;
  }
  const temperature = parseTemperature(text, bareTemperatureUnit(units), path);
  return temperature.ok ? succeed(temperature.value.celsius) : temperature;
}

const asItIs = (spec: BoreSpec) => spec;

/** Every field here is of one sort. */
const asOfSort = (issue: Issue, fields: readonly SpecField[]): Issue =>
  issue.code === 'out_of_range' &&
  fields.some(({ path, quantity }) => path === issue.field && quantity === 'size')
    ? { ...issue, code: 'size_out_of_range' }
    : issue.code === 'out_of_range'
      ? { ...issue, code: 'impossible_temperature' }
      : issue;

type Options = {
  seat: Seat;
  fields: readonly SpecField[];
  /** What the fields begin with, where not all of it is said yet. */ begin?: (spec: BoreSpec) => BoreSpec;
  /** What is put down beside the fields. */ finish?: (spec: BoreSpec) => BoreSpec;
  /** What the way back says. */ done: string;
  onClose: () => void;
};

/** The fields as they are typed, checked when they are saved; an edit of a seat that changed meanwhile says what changed. */
export function useSpecForm({ seat, fields, begin = asItIs, finish = asItIs, done, onClose }: Options) {
  const { person, replaceSeat } = useJob();
  const { saveSeatAndHear, noteSeatChange } = useEdits();
  const units = person?.units ?? 'metric';
  const [base, setBase] = useState({ ...seat, spec: begin(seat.spec) });
  const [texts, setTexts] = useState<ReadonlyMap<string, string>>(new Map());
  const [problems, setProblems] = useState<ReadonlyMap<string, string>>(new Map());
  const [message, setMessage] = useState<string | null>(null);

  const collect = (): BoreSpec | null => {
    const found = new Map<string, string>();
    const values = new Map<string, number>();
    for (const field of fields) {
      const text = texts.get(field.path);
      if (text === undefined) continue;
      const parsed = parse(field, text, units);
      if (parsed.ok) values.set(field.path, parsed.value);
      else found.set(field.path, sayIssue(parsed.issues[0]!, units));
    }
    const spec = found.size === 0 ? finish(withValues(base.spec, values)) : null;
    const checked = spec && boreSpecSchema.safeParse(spec);
    for (const issue of checked?.error ? issuesFromZod(checked.error, spec) : [])
      if (!found.has(issue.field)) found.set(issue.field, sayIssue(asOfSort(issue, fields), units));
    setProblems(found);
    return checked?.success ? checked.data : null;
  };

  const save = async () => {
    const spec = collect();
    if (!spec) return;
    const heard = await saveSeatAndHear(seat.id, { spec }, base.version);
    if (heard.is !== 'refused') {
      noteSeatChange(seat.id, { spec: seat.spec }, done);
      onClose();
      return;
    }
    // What somebody else left there is read here and now, beside the fields.
    void outbox.leaveOut(heard.id);
    const current = heard.refusal.standing as Seat | undefined;
    if (!current) {
      setMessage(sayRefusal(heard.refusal.issues, units));
      return;
    }
    const changed = fields
      .filter(({ path }) => read(begin(current.spec), path) !== read(base.spec, path))
      .map(
        (field) =>
          `${field.label} ${show(field, read(base.spec, field.path), units)} → ${show(field, read(begin(current.spec), field.path), units)}`,
      );
    setMessage(
      `Somebody changed this seat meanwhile: ${changed.join(', ') || 'other values'}. Your fields are kept; save again to put them over it.`,
    );
    replaceSeat(current);
    setBase({ ...current, spec: begin(current.spec) });
  };
  return {
    units,
    shown: (field: SpecField) => texts.get(field.path) ?? show(field, read(base.spec, field.path), units),
    problems,
    message,
    type: (path: string, text: string) => setTexts(new Map([...texts, [path, text]])),
    save,
  };
}
