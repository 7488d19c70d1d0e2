import type { Issue } from './result';

const FORBIDDEN = /\0|\p{Surrogate}/u;

/**
 * Texts with a NUL or half a character in them, anywhere in a value, each with its place: PostgreSQL keeps neither, and would not say
 * where it was.
 * Invalid: `forbidden_character`.
 */
export function findForbiddenCharacters(value: unknown, path: readonly string[] = []): Issue[] {
  if (typeof value === 'string')
    return FORBIDDEN.test(value)
      ? [{ code: 'forbidden_character', field: path.join('.') || 'body', given: value.slice(0, 80) }]
      : [];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([key, each]) => findForbiddenCharacters(each, [...path, key]));
}
