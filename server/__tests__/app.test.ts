import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { served } from '@/test/served';
import { createApp } from '../app';

const dist = mkdtempSync(path.join(tmpdir(), 'spoke-'));
const HASH = 'a'.repeat(32);
writeFileSync(path.join(dist, 'index.html'), '<title>app</title>');
writeFileSync(path.join(dist, `entry-${HASH}.js`), 'run();'.repeat(500));

describe('the server', () => {
  const { get, close } = served(createApp(dist));
  afterAll(close);

  it.each(['/', '/rides', '/book/bike/01ABC'])(
    'gives the app at %s, never cached',
    async (address) => {
      const response = await get(address);
      expect(await response.text()).toContain('<title>app</title>');
      expect(response.headers.get('cache-control')).toBe('no-cache');
    },
  );

  it('keeps hashed scripts for ever and sends them packed', async () => {
    const response = await get(`/entry-${HASH}.js`, { 'accept-encoding': 'gzip' });
    expect(response.headers.get('cache-control')).toMatch(/immutable/);
    expect(response.headers.get('content-encoding')).toBe('gzip');
  });

  it('does not pass the app off as a missing script', async () => {
    expect((await get('/no-such.js')).status).toBe(404);
    expect((await get('/../package.json')).status).toBe(404);
  });

  it('sends security headers that a page on plain http can live with', async () => {
    const { headers } = await get('/');
    expect(headers.get('content-security-policy')).toMatch(/default-src 'self'/);
    expect(headers.get('permissions-policy')).toBe(
      'camera=(self), microphone=(self), geolocation=()',
    );
    expect(headers.get('content-security-policy')).not.toMatch(/upgrade-insecure/);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
  });
});
