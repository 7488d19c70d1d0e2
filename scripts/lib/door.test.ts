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

describe('what the API has no route for', () => {
  const ask = (method: string, url: string) =>
    findRefusal({ url, method, headers: { host: 'localhost' } }, names);
  it('is refused in the shape of all refusals', () => {
    const refused = ask('GET', '/api/v1/nothing?x=1')!;
    expect(refused.status).toBe(404);
    expect(JSON.parse(refused.body)).toMatchObject({ error: { code: 'not_found', issues: [] } });
  });
  it('or not for this method: says which it takes', () => {
    expect(ask('DELETE', '/api/v1/jobs')).toMatchObject({
      status: 405,
      headers: { Allow: 'GET, POST, HEAD, OPTIONS' },
    });
    expect(ask('GET', '/api/v1/sums/lame')?.headers).toEqual({ Allow: 'POST, OPTIONS' });
  });
  it('everything else comes in', () => {
    for (const [method, url] of [
      ['GET', '/'],
      ['HEAD', '/api/v1/jobs'],
      ['GET', '/api/v1/bearings/6305/C3'],
      ['GET', '/api/v1/bearings?bore_mm=25'],
      ['POST', '/api/v1/jobs/import'],
      ['DELETE', '/reference'],
    ] as const)
      expect(ask(method, url), `${method} ${url}`).toBeNull();
  });
});
