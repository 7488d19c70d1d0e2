import { useState } from 'react';
import { succeed, type Result } from '@/core/quantity/result';
import { parseLength } from '@/core/quantity/parseLength';
import { bareLengthUnit, type Units } from '@/core/quantity/format';
import { sayIssue } from '@/ui/words/issues';
import { PlainField } from './PlainField';

type Props<T> = {
  label: string;
  /** What stands in it until somebody types. */
  shown: string;
  read: (typed: string) => Result<T>;
  /** Called with Enter or on leaving, when the text was changed and can be read. */
  onTake: (value: T) => void;
  help?: string;
  name: string;
  isNumber?: boolean;
  width?: number | string;
};

/** One line to type into: taken with Enter or on leaving; what can not be read stays as it was typed, with a word beside it. */
export function EntryField<T>({
  label,
  shown,
  read,
  onTake,
  help,
  name,
  isNumber = false,
  width = '100%',
}: Props<T>) {
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = () => {
    if (typed === null || typed === shown) {
      setTyped(null);
      return;
    }
    const result = read(typed);
    if (!result.ok) {
      setProblem(sayIssue(result.issues[0]!));
      return;
    }
    setProblem(null);
    setTyped(null);
    onTake(result.value);
  };
  return (
    <PlainField
      label={label}
      name={name}
      value={typed ?? shown}
      problem={problem}
      width={width}
      {...(help !== undefined && { help })}
      isNumber={isNumber}
      onLeave={take}
      onEnter={take}
      onChange={(text) => {
        setTyped(text);
        setProblem(null);
      }}
    />
  );
}

export const readText = (typed: string): Result<string> => succeed(typed.trim());

/** A length as people type it, in their unit unless they say another. */
export const readLength =
  (units: Units, field: string) =>
  (typed: string): Result<number> => {
    const parsed = parseLength(typed, bareLengthUnit(units), field);
    return parsed.ok ? succeed(parsed.value.mm) : parsed;
  };

/** A plain number between bounds. */
export const readNumber =
  (field: string, min: number, max: number, isWhole = false) =>
  (typed: string): Result<number> => {
    const value = Number(typed.trim().replace(',', '.'));
    if (typed.trim() === '' || !Number.isFinite(value) || (isWhole && !Number.isInteger(value)))
      return { ok: false, issues: [{ code: 'not_a_number', field, given: typed }] };
    return value < min || value > max
      ? { ok: false, issues: [{ code: 'out_of_range', field, given: value, min, max }] }
      : succeed(value);
  };
