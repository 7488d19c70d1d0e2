import type { z } from 'zod';
import type { Issue } from './result';

/**
 * What a schema finds wrong, as issues: a code of ours, the place as a dotted path, what was given there, and the bounds where there
 * are any. The validator's own sentences stay with the validator.
 */
type Finding = z.core.$ZodIssue;

/** What stands at a path; undefined where the path leads nowhere. */
const valueAt = (data: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (value, key) =>
      value !== null && typeof value === 'object' ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    data,
  );

/** Short enough to stand in a sentence; a whole object is named by what it is. */
function asGiven(value: unknown): string | number | undefined {
  if (value === undefined) return undefined;
  if (typeof value === 'number') return Number.isFinite(value) ? value : String(value);
  if (typeof value === 'string') return value.slice(0, 80);
  if (Array.isArray(value)) return `list of ${value.length}`;
  return value !== null && typeof value === 'object' ? 'object' : String(value);
}

const LENGTH_CODES: Readonly<Record<string, readonly [tooSmall: string, tooBig: string]>> = {
  string: ['too_short', 'too_long'],
  array: ['too_few', 'too_many'],
  record: ['too_few', 'too_many'],
};

const FORMAT_CODES: Readonly<Record<string, string>> = {
  uuid: 'not_an_id',
  datetime: 'not_a_moment',
  date: 'not_a_day',
};

/** A refinement names our code as its message; a slip there must not become a code. */
const ownCode = (message: string) => (/^[a-z]+(_[a-z]+)*$/.test(message) ? message : 'bad_value');

function codeOf(finding: Finding, given: unknown): string {
  switch (finding.code) {
    case 'invalid_type':
      if (given === undefined) return 'missing';
      return finding.expected === 'number' || finding.expected === 'int' ? 'not_a_number' : 'bad_type';
    case 'too_small':
      return LENGTH_CODES[finding.origin]?.[0] ?? 'out_of_range';
    case 'too_big':
      return LENGTH_CODES[finding.origin]?.[1] ?? 'out_of_range';
    case 'invalid_format':
      return FORMAT_CODES[finding.format] ?? 'bad_form';
    case 'invalid_value':
    case 'invalid_union':
      return given === undefined ? 'missing' : 'not_one_of';
    case 'unrecognized_keys':
      return 'unknown_field';
    case 'custom':
      return ownCode(finding.message);
    default:
      return 'bad_value';
  }
}

const boundsOf = (finding: Finding): Pick<Issue, 'min' | 'max'> => ({
  ...(finding.code === 'too_small' && { min: Number(finding.minimum) }),
  ...(finding.code === 'too_big' && { max: Number(finding.maximum) }),
});

function issueOf(finding: Finding, data: unknown): Issue {
  const found = valueAt(data, finding.path);
  const given = finding.code === 'unrecognized_keys' ? finding.keys[0] : asGiven(found);
  return {
    code: codeOf(finding, found),
    field: finding.path.join('.') || 'file',
    ...(given !== undefined && { given }),
    ...boundsOf(finding),
  };
}

/**
 * @param error what the schema threw or returned
 * @param data what it was given, from which the issues quote
 * @returns at most twenty
 */
export const issuesFromZod = (error: z.ZodError, data: unknown): Issue[] =>
  error.issues.slice(0, 20).map((finding) => issueOf(finding, data));
