import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { methodsOf } from './apiRoutes.mjs';

/**
 * What every request passes before anything reads it: a known host name (a foreign page can make its own name point here), an
 * address that can be decoded; and what every answer carries.
 */

/** Names beside this machine's own ones that a shop's network may give it: `ALLOWED_HOSTS=bench.shop,urn`. */
export const ownNames = (allowed = process.env.ALLOWED_HOSTS ?? '') => {
  const own = hostname().toLowerCase();
  const others = allowed.split(',').map((name) => name.trim().toLowerCase());
  return new Set(['localhost', own, `${own}.local`, ...others.filter(Boolean)]);
};

/**
 * Is this the name of this machine? Any address in figures is: only a name can be made to point elsewhere.
 * @param {string | undefined} host the Host header, with or without a port
 * @param {ReadonlySet<string>} names
 */
export function isOwnHost(host, names) {
  const found = /^(\[[0-9a-f:.]+\]|[^:[\]]+)(:\d{1,5})?$/i.exec(host ?? '');
  if (!found) return false;
  const name = (found[1] ?? '').replace(/^\[|\]$/g, '').toLowerCase();
  return isIP(name) !== 0 || names.has(name) || name.endsWith('.localhost');
}

/** @param {string | undefined} url */
export function isDecodable(url) {
  try {
    decodeURIComponent((url ?? '/').replace(/\?.*$/s, ''));
    return true;
  } catch {
    return false;
  }
}

/**
 * Scripts and styles of our own only. Inline ones must be let through: the framework hands the page its data, and Emotion its styles,
 * that way. In development it compiles in the page.
 * @param {{ isDev: boolean }} options
 * @returns {[string, string][]}
 */
export const securityHeaders = ({ isDev }) => [
  [
    'Content-Security-Policy',
    [
      "default-src 'self'",
      `script-src 'self' 'unsafe-inline'${isDev ? " 'unsafe-eval'" : ''}`,
      "style-src 'self' 'unsafe-inline'",
      "img-src 'self' data: blob:",
      "font-src 'self' data:",
      `connect-src 'self'${isDev ? ' ws:' : ''}`,
      "worker-src 'self' blob:",
      "object-src 'none'",
      "base-uri 'none'",
      "form-action 'self'",
      "frame-ancestors 'none'",
    ].join('; '),
  ],
  ['X-Content-Type-Options', 'nosniff'],
  ['X-Frame-Options', 'DENY'],
  ['Referrer-Policy', 'same-origin'],
  ['Cross-Origin-Opener-Policy', 'same-origin'],
  ['Cross-Origin-Resource-Policy', 'same-origin'],
  ['Permissions-Policy', 'camera=(self), microphone=(self), geolocation=(), payment=(), usb=()'],
];

/** @typedef {{ status: number, body: string, headers: Record<string, string> }} Refused */

/**
 * @param {number} status @param {string} code @param {string} message @param {Record<string, string>} [headers]
 * @returns {Refused}
 */
const refusal = (status, code, message, headers = {}) => ({
  status,
  body: JSON.stringify({ error: { code, message, issues: [] } }),
  headers,
});

/**
 * What the API has no route for, or not for this method: refused in the shape of all its refusals, with what can be asked instead.
 * @param {string} path @param {string} method
 */
function findApiRefusal(path, method) {
  const methods = methodsOf(path);
  if (!methods) return refusal(404, 'not_found', 'The API has no such address; see /api/v1/openapi.json.');
  const list = methods.join(', ');
  return methods.includes(method)
    ? null
    : refusal(405, 'method_not_allowed', `This address takes ${list}.`, { Allow: list });
}

/**
 * @param {{ url?: string | undefined, method?: string | undefined, headers: { host?: string | undefined } }} request
 * @param {ReadonlySet<string>} names
 * @returns {Refused | null} null: it may come in
 */
export function findRefusal({ url = '/', method = 'GET', headers }, names) {
  if (!isOwnHost(headers.host, names))
    return refusal(
      421,
      'unknown_host',
      'This name is not one of this Urn Key’s. Open it by its address in figures, or name it in ALLOWED_HOSTS.',
    );
  if (!isDecodable(url))
    return refusal(400, 'bad_address', 'This address can not be read: a % in it is broken.');
  const path = url.replace(/\?.*$/s, '');
  return path.startsWith('/api/') ? findApiRefusal(path, method) : null;
}

/** Where a tablet in the shop's network finds a server that listens on every address. */
export const networkAddresses = () =>
  Object.values(networkInterfaces())
    .flatMap((addresses) => addresses ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
