import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';

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
  ['Permissions-Policy', 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()'],
];

/** @param {number} status @param {string} code @param {string} message */
const refusal = (status, code, message) => ({
  status,
  body: JSON.stringify({ error: { code, message, issues: [] } }),
});

/**
 * @param {{ url?: string | undefined, headers: { host?: string | undefined } }} request
 * @param {ReadonlySet<string>} names
 * @returns {{ status: number, body: string } | null} null: it may come in
 */
export function findRefusal({ url, headers }, names) {
  if (!isOwnHost(headers.host, names))
    return refusal(
      421,
      'unknown_host',
      'This name is not one of this Urn Key’s. Open it by its address in figures, or name it in ALLOWED_HOSTS.',
    );
  if (!isDecodable(url))
    return refusal(400, 'bad_address', 'This address can not be read: a % in it is broken.');
  return null;
}

/** Where a tablet in the shop's network finds a server that listens on every address. */
export const networkAddresses = () =>
  Object.values(networkInterfaces())
    .flatMap((addresses) => addresses ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
