import { generateDays } from '@/core/climate/generator';
import { regionAt } from '@/core/climate/climates';
import { ISLAND_SEED } from '@/core/demo/diary';
import { weatherReplySchema } from '@/core/formats/weatherReply';
import { cellOf, placeOfCell } from '@/core/weather/cells';
import { served } from '@/test/served';
import { createApp } from '../app';

const now = Date.parse('2026-11-24T10:20:00Z');
const { get, close } = served(createApp('nowhere', () => now));
afterAll(close);

const ask = (query: Record<string, string>) =>
  get(`/api/weather?${new URLSearchParams({ lat: '58.36', lon: '-11.38', ...query }).toString()}`);
const range = { from: '2026-11-20T00:00:00Z', to: '2026-11-21T23:00:00Z' };

async function hours(query: Record<string, string>) {
  const response = await ask(query);
  expect(response.status).toBe(200);
  return weatherReplySchema.parse(await response.json());
}

describe('the weather stand-in', () => {
  it('tells each hour of a stretch that was, the same every time', async () => {
    const told = await hours(range);
    expect(told).toMatchObject({ from: '2026-11-20T00:00:00.000Z', forecastFrom: null });
    for (const column of [told.rainMm, told.probability, told.temperatureC, told.humidity])
      expect(column).toHaveLength(48);
    expect(await hours(range)).toEqual(told);
    const { lat, lon } = placeOfCell(cellOf(58.36, -11.38));
    const first = Date.parse(range.from) / 86_400_000;
    const made = generateDays(ISLAND_SEED, regionAt(lat, lon), first, first + 1);
    expect(told.rainMm).toEqual(made.flatMap((d) => d.hours.map((h) => h.rainMm)));
  });

  it('tells ten days ahead, and says from where on it is a forecast', async () => {
    const told = await hours({ from: '2026-11-24T00:00:00Z', to: '2026-12-04T10:00:00Z' });
    expect(told.forecastFrom).toBe('2026-11-24T10:00:00.000Z');
    expect(told.rainMm).toHaveLength(10 * 24 + 11);
    const ahead = told.probability.slice(10);
    expect(ahead.some((p) => p > 0.05 && p < 0.95)).toBe(true);
    expect(told.probability.slice(0, 10).every((p) => p === 0 || p === 1)).toBe(true);
  });

  it('differs from place to place', async () => {
    const moor = await hours({ ...range, lat: '58.6' });
    expect(moor.temperatureC).not.toEqual((await hours(range)).temperatureC);
  });

  it.each([
    ['no place', { lat: '' }, 'Query not understood'],
    ['a place off the globe', { lat: '91' }, 'Query not understood'],
    ['a moment that is none', { from: 'yesterday' }, 'Query not understood'],
    ['a moment without a zone', { from: '2026-11-20T00:00:00' }, 'Query not understood'],
    ['an end before its start', { to: '2026-11-19T00:00:00Z' }, 'Range not served'],
    ['years at once', { from: '2020-01-01T00:00:00Z' }, 'Range not served'],
    ['next month', { to: '2026-12-24T00:00:00Z' }, 'Too far ahead'],
  ])('refuses %s with a problem (RFC 9457)', async (_, wrong, title) => {
    const response = await ask({ ...range, ...(wrong as Record<string, string>) });
    expect(response.status).toBe(400);
    expect(response.headers.get('content-type')).toMatch('application/problem+json');
    expect(response.headers.get('cache-control')).toBe('no-store');
    expect(await response.json()).toMatchObject({ title, status: 400, type: 'about:blank' });
  });

  it('packs its answers and lets them be kept: what was for a day, a forecast shortly', async () => {
    const past = await ask(range);
    expect(past.headers.get('content-encoding')).toBe('gzip');
    expect(past.headers.get('cache-control')).toBe('public, max-age=86400');
    const ahead = await ask({ from: '2026-11-24T00:00:00Z', to: '2026-11-25T00:00:00Z' });
    expect(ahead.headers.get('cache-control')).toBe('public, max-age=600');
    const address = `/api/weather?${new URLSearchParams({ lat: '58.36', lon: '-11.38', ...range }).toString()}`;
    const again = await get(address, {
      'If-None-Match': past.headers.get('etag') ?? '',
      // Else fetch says no-cache of its own accord, which asks for the whole answer.
      'Cache-Control': 'max-age=0',
    });
    expect(again.status).toBe(304);
    const plain = await get(address, { 'Accept-Encoding': 'identity' });
    expect(plain.headers.get('content-encoding')).toBeNull();
    expect(await plain.json()).toEqual(await past.json());
  });

  it('has a problem for addresses that are not there', async () => {
    const response = await get('/api/tides');
    expect(response.status).toBe(404);
    expect(response.headers.get('content-type')).toMatch('application/problem+json');
  });
});
