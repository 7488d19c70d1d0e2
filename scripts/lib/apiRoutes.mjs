import { readFileSync } from 'node:fs';

/**
 * Every address of the API with what it can be asked, so that what is not there is refused before anything reads it. That the list is the
 * same as the route handlers and the OpenAPI document is tested.
 * @type {Readonly<Record<string, readonly string[]>>}
 */
export const ROUTES = JSON.parse(readFileSync(new URL('routes.json', import.meta.url), 'utf8'));

/** @param {string} path */
const segmentsOf = (path) => path.replace(/^\/+|\/+$/g, '').split('/');

/**
 * Methods of the route that an address leads to; null: to none. A `{name}` stands for one segment, a last `{name+}` for one or more.
 * @param {string} path
 * @returns {string[] | null}
 */
export function methodsOf(path) {
  const asked = segmentsOf(path);
  const found = Object.entries(ROUTES).find(([route]) => {
    const wanted = segmentsOf(route);
    const takesMore = route.endsWith('+}');
    if (takesMore ? asked.length < wanted.length : asked.length !== wanted.length) return false;
    return wanted.every((segment, i) => segment.startsWith('{') || segment === asked[i]);
  });
  if (!found) return null;
  return [...found[1], ...(found[1].includes('GET') ? ['HEAD'] : []), 'OPTIONS'];
}
