import type { Field } from './sum';

/**
 * Inputs of a sum in a web address, so that a link shares the sum as it stands. Only what differs from the usual is written.
 * Numbers are in the API's units, whatever the reader's units are: `interference_at_20C_mm=0.03&housing.mass_kg=1.2`.
 */
type Inputs = Readonly<Record<string, unknown>>;

const isSame = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

function writeValue(field: Field, value: unknown): string {
  switch (field.kind) {
    case 'numbers':
    case 'texts':
      return (value as readonly unknown[]).join(' ');
    case 'spread': {
      const s = value as { value: number; u?: number; half?: number; dist: string };
      return s.dist === 'rect' ? `${s.value}h${s.half ?? 0}` : `${s.value}u${s.u ?? 0}`;
    }
    case 'counts':
      return Object.entries(value as Record<string, number>)
        .map(([size, count]) => `${size}x${count}`)
        .join(' ');
    case 'flag':
      return value ? 'yes' : 'no';
    case 'maybe_number':
      return value === null ? 'none' : String(value);
    default:
      return String(value);
  }
}

const readNumber = (text: string) =>
  text.trim() === '' || !Number.isFinite(Number(text)) ? undefined : Number(text);

/** @returns undefined when the text is none of this field's */
function readValue(field: Field, text: string): unknown {
  switch (field.kind) {
    case 'number':
      return readNumber(text);
    case 'maybe_number':
      return text === 'none' ? null : readNumber(text);
    case 'numbers': {
      const parts = text.trim() === '' ? [] : text.trim().split(/\s+/).map(readNumber);
      return parts.includes(undefined) ? undefined : parts;
    }
    case 'texts':
      return text.trim() === '' ? [] : text.trim().split(/\s+/);
    case 'choice':
      return field.options.some(({ value }) => value === text) ? text : undefined;
    case 'flag':
      return text === 'yes' ? true : text === 'no' ? false : undefined;
    case 'text':
      return text;
    case 'spread': {
      const match = /^(-?[\d.e+-]+)([uh])([\d.e+-]+)$/.exec(text);
      const [value, spread] = [readNumber(match?.[1] ?? ''), readNumber(match?.[3] ?? '')];
      if (value === undefined || spread === undefined) return undefined;
      return match![2] === 'u' ? { value, u: spread, dist: 'normal' } : { value, half: spread, dist: 'rect' };
    }
    case 'counts': {
      const pairs =
        text.trim() === ''
          ? []
          : text
              .trim()
              .split(/\s+/)
              .map((pair) => /^(\d+)x(\d+)$/.exec(pair));
      return pairs.includes(null)
        ? undefined
        : Object.fromEntries(pairs.map((pair) => [pair![1]!, Number(pair![2])]));
    }
    case 'group':
      return undefined;
  }
}

/** Usual inputs of a sum. */
export const usualInputs = (fields: readonly Field[]): Record<string, unknown> =>
  Object.fromEntries(
    fields.map((field) => [field.name, field.kind === 'group' ? usualInputs(field.fields) : field.usual]),
  );

export function writeAddress(fields: readonly Field[], inputs: Inputs, prefix = ''): URLSearchParams {
  const params = new URLSearchParams();
  for (const field of fields) {
    const value = inputs[field.name];
    if (field.kind === 'group')
      for (const [name, text] of writeAddress(field.fields, value as Inputs, `${prefix}${field.name}.`))
        params.set(name, text);
    else if (value !== undefined && !isSame(value, field.usual))
      params.set(prefix + field.name, writeValue(field, value));
  }
  return params;
}

/** What an address says; what it does not say, or says wrongly, is as usual. */
export function readAddress(
  fields: readonly Field[],
  params: Readonly<Record<string, string | undefined>>,
  prefix = '',
): Record<string, unknown> {
  return Object.fromEntries(
    fields.map((field) => {
      if (field.kind === 'group')
        return [field.name, readAddress(field.fields, params, `${prefix}${field.name}.`)];
      const text = params[prefix + field.name];
      const read = text === undefined ? undefined : readValue(field, text);
      return [field.name, read === undefined ? field.usual : read];
    }),
  );
}
