import { describe, expect, it } from 'vitest';
import { findRefusal, isDecodable, isOwnHost, ownNames, securityHeaders } from './door.mjs';

const names = ownNames('bench.shop, URN');

describe('the door of the web server', () => {
  it.each([
    '127.0.0.1:3000',
    'localhost:3000',
    'LOCALHOST',
    '192.168.7.20:3000',
    '[::1]:3000',
    'bench.shop',
    'urn:3000',
    'app.localhost:3000',
  ])('knows itself as %s', (host) => expect(isOwnHost(host, names)).toBe(true));

  // A foreign page makes its own name point here (DNS rebinding); the browser still says the name.
  it.each([
    undefined,
    '',
    'evil.example:3000',
    '127.0.0.1.evil.example',
    'localhost.evil.example',
    'a b',
    '127.0.0.1:3000:1',
  ])('refuses the name %s', (host) => {
    expect(isOwnHost(host, names)).toBe(false);
    expect(findRefusal({ url: '/', headers: { host } }, names)).toMatchObject({ status: 421 });
  });

  it('refuses an address that can not be decoded with a reason, and leaves queries to those who read them', () => {
    expect(findRefusal({ url: '/%E0%A4%A', headers: { host: 'localhost' } }, names)).toMatchObject({
      status: 400,
    });
    expect(isDecodable('/sums?q=100%')).toBe(true);
    expect(isDecodable('/jobs/%C3%BC')).toBe(true);
  });

  it('lets no foreign frame, script or form near', () => {
    const headers = Object.fromEntries(securityHeaders({ isDev: false }));
    expect(headers['Content-Security-Policy']).toContain("frame-ancestors 'none'");
    expect(headers['Content-Security-Policy']).toContain("default-src 'self'");
    expect(headers['Content-Security-Policy']).not.toContain('unsafe-eval');
    expect(headers['X-Content-Type-Options']).toBe('nosniff');
  });
});
