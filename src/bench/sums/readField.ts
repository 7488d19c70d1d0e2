import { bareFigure, parseQuantity, quantityAsTyped, showQuantity } from '@/core/quantity/quantities';
import { asText, type Units } from '@/core/quantity/format';
import { parseLength } from '@/core/quantity/parseLength';
import { fail, succeed, type Result } from '@/core/quantity/result';
import type { Field, SpreadValue } from '@/core/sums/sum';

/** A field's value as it stands in its box, and what a person typed turned back into a value, with the reason beside it where not. */
const SEPARATOR = /[\s;]+/;

export function valueAsTyped(field: Field, value: unknown, units: Units): string {
  switch (field.kind) {
    case 'number':
      return quantityAsTyped(value as number, field.quantity, units);
    case 'maybe_number':
      return value === null ? '' : quantityAsTyped(value as number, field.quantity, units);
    case 'numbers':
      return (value as number[]).map((each) => bareFigure(each, field.quantity, units)).join('  ');
    case 'texts':
      return (value as string[]).join(' ');
    case 'counts':
      return Object.entries(value as Record<string, number>)
        .map(([size, count]) => `${size}×${count}`)
        .join('  ');
    case 'text':
      return value as string;
    default:
      return '';
  }
}

/** Pieces of one thickness: `200×3` in whole micrometres, `0.2×3` in mm, `8thou×2`. Null where it is none. */
function readPieces(pair: string): [thicknessUm: string, count: number] | null {
  const match = /^([\d.,]+)(mm|um|µm|thou|in)?[x×*](\d+)$/i.exec(pair);
  if (!match) return null;
  const [, figure = '', unit, count] = match;
  const bare = /[.,]/.test(figure) ? 'mm' : 'um';
  const thickness = parseLength(figure + (unit ?? ''), bare);
  const um = thickness.ok ? Math.round(thickness.value.mm * 1000) : 0;
  return um > 0 ? [String(um), Number(count)] : null;
}

function within(
  value: number,
  { quantity, min, max }: { quantity: Parameters<typeof showQuantity>[1]; min: number; max: number },
  units: Units,
): Result<number> {
  if (value >= min && value <= max) return succeed(value);
  const words = (bound: number) => asText(showQuantity(bound, quantity, units));
  return fail({ code: 'beyond', field: '', given: `${words(min)} to ${words(max)}` });
}

export function readField(field: Field, text: string, units: Units): Result<unknown> {
  switch (field.kind) {
    case 'number': {
      const read = parseQuantity(text, field.quantity, units);
      return read.ok ? within(read.value, field, units) : read;
    }
    case 'maybe_number': {
      if (text.trim() === '') return succeed(null);
      const read = parseQuantity(text, field.quantity, units);
      return read.ok ? within(read.value, field, units) : read;
    }
    case 'numbers': {
      const parts =
        text.trim() === ''
          ? []
          : text
              .trim()
              .split(SEPARATOR)
              .map((part) => {
                const read = parseQuantity(part, field.quantity, units);
                return read.ok ? within(read.value, field, units) : read;
              });
      const bad = parts.find((part) => !part.ok);
      if (bad && !bad.ok) return bad;
      if (parts.length < field.minItems)
        return fail({ code: 'too_few', field: '', given: parts.length, min: field.minItems });
      if (parts.length > field.maxItems)
        return fail({ code: 'too_many', field: '', given: parts.length, max: field.maxItems });
      return succeed(parts.map((part) => (part as { value: number }).value));
    }
    case 'texts':
      return succeed(text.trim() === '' ? [] : text.trim().split(/[\s,;]+/));
    case 'text':
      return text.trim() === '' ? fail({ code: 'empty', field: '' }) : succeed(text);
    case 'counts': {
      const pairs = text.trim() === '' ? [] : text.trim().split(SEPARATOR).map(readPieces);
      return pairs.includes(null)
        ? fail({ code: 'not_counts', field: '', given: text })
        : succeed(Object.fromEntries(pairs as [string, number][]));
    }
    default:
      return fail({ code: 'not_typed', field: '' });
  }
}

/** One half of a measured value: the value itself, or how well it is known. */
export function readSpread(
  field: Extract<Field, { kind: 'spread' }>,
  current: SpreadValue,
  part: 'value' | 'doubt',
  text: string,
  units: Units,
): Result<SpreadValue> {
  const read = parseQuantity(text, part === 'value' ? 'size_mm' : 'fit_mm', units);
  if (!read.ok) return read;
  const bounded = within(
    read.value,
    part === 'value'
      ? { quantity: 'size_mm', min: field.min, max: field.max }
      : { quantity: 'fit_mm', min: 0, max: field.max - field.min },
    units,
  );
  if (!bounded.ok) return bounded;
  if (part === 'value') return succeed({ ...current, value: bounded.value });
  return succeed(
    current.dist === 'rect'
      ? { value: current.value, half: bounded.value, dist: 'rect' }
      : { value: current.value, u: bounded.value, dist: 'normal' },
  );
}
