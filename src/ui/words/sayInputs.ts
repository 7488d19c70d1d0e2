import { showQuantity } from '@/core/quantity/quantities';
import { asText, type Units } from '@/core/quantity/format';
import type { Quantity } from '@/core/quantity/units';
import type { Field, SpreadValue } from '@/core/sums/sum';

const figure = (value: number, quantity: Quantity, units: Units) =>
  asText(showQuantity(value, quantity, units)).trim();

/** One input in words, in the person's units. */
function say(field: Exclude<Field, { kind: 'group' }>, value: unknown, units: Units): string {
  switch (field.kind) {
    case 'number':
      return figure(value as number, field.quantity, units);
    case 'maybe_number':
      return value === null ? field.nullWords : figure(value as number, field.quantity, units);
    case 'numbers':
      return (value as number[]).map((each) => figure(each, field.quantity, units)).join(', ');
    case 'spread': {
      const { value: middle, ...spread } = value as SpreadValue;
      const half = spread.dist === 'rect' ? (spread.half ?? 0) : 2 * (spread.u ?? 0);
      return `${figure(middle, field.quantity, units)} ± ${figure(half, field.quantity, units)}`;
    }
    case 'choice':
      return field.options.find((option) => option.value === value)?.label ?? String(value);
    case 'flag':
      return value ? 'yes' : 'no';
    case 'counts':
      return Object.entries(value as Record<string, number>)
        .map(([size, count]) => `${count} × ${size}`)
        .join(', ');
    case 'texts':
      return (value as string[]).join(', ');
    case 'text':
      return String(value);
  }
}

/** All that went into a sum, label by label. */
export const sayInputs = (
  fields: readonly Field[],
  inputs: Readonly<Record<string, unknown>>,
  units: Units,
): { label: string; shown: string }[] =>
  fields.flatMap((field) =>
    field.kind === 'group'
      ? sayInputs(field.fields, inputs[field.name] as Readonly<Record<string, unknown>>, units)
      : [{ label: field.label.slice(0, 80), shown: say(field, inputs[field.name], units).slice(0, 80) }],
  );
