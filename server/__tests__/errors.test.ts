import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { served } from '@/test/served';
import { createApp } from '../app';
import { boundedLog } from '../errors';

const dist = mkdtempSync(path.join(tmpdir(), 'spoke-'));
writeFileSync(path.join(dist, 'index.html'), '<title>app</title>');
writeFileSync(path.join(dist, 'a.css'), 'body{}');

describe.each(['production', 'development', 'test'] as const)('in mode %s', (mode) => {
  const before = process.env.NODE_ENV;
  const lines: string[] = [];
  const broken = () => {
    throw new Error(`secret at ${__filename}`);
  };
  process.env.NODE_ENV = mode;
  const sound = served(createApp(dist, Date.now, (line) => lines.push(line)));
  const failing = served(createApp(dist, broken, (line) => lines.push(line)));
  process.env.NODE_ENV = before;
  afterAll(() => Promise.all([sound.close(), failing.close()]));

  it.each([
    ['/%', 400, 'text/plain'],
    ['/%E0%A4%A', 400, 'text/plain'],
    ['/api/recorder/rides/%ff', 400, 'application/problem+json'],
    ['/no-such.js', 404, 'text/plain'],
    ['/api/nothing', 404, 'application/problem+json'],
  ])('%s is %i, in the manner of its place', async (address, status, type) => {
    const response = await sound.get(address);
    expect(response.status).toBe(status);
    expect(response.headers.get('content-type')).toContain(type);
    expectClean(await response.text());
  });

  it('a part of a file that does not exist is 416', async () => {
    const response = await sound.get('/a.css', { range: 'bytes=900-999' });
    expect(response.status).toBe(416);
    expectClean(await response.text());
  });

  it('a mistake of ours is 500 with a sentence, and one line in the log', async () => {
    lines.length = 0;
    const weather = '/api/weather?lat=1&lon=1&from=2026-01-01T00:00:00Z&to=2026-01-02T00:00:00Z';
    const response = await failing.get(weather);
    expect(response.status).toBe(500);
    expect(await response.json()).toMatchObject({ status: 500, title: 'The server failed' });
    expect(lines).toEqual(['GET failed: Error']);
  });

  it('a folder without an app tells nobody where it is', async () => {
    const empty = served(createApp(mkdtempSync(path.join(tmpdir(), 'spoke-'))));
    const response = await empty.get('/rides');
    expect(response.status).toBe(404);
    expectClean(await response.text());
    await empty.close();
  });
});

/** No path of the machine, no stack. */
function expectClean(text: string): void {
  expect(text).not.toMatch(/\bat \w+.*:\d+|node_modules|spoke-|\/tmp|\/home|Error:/);
  expect(text.length).toBeLessThan(300);
}

it('a log cannot be flooded', () => {
  const lines: string[] = [];
  let now = 0;
  const log = boundedLog(
    (line) => lines.push(line),
    () => now,
  );
  for (let n = 0; n < 1000; n++) log(`line ${n}\nforged`);
  expect(lines).toHaveLength(20);
  expect(lines[0]).toBe('line 0 forged');
  now = 60_000;
  log('next');
  expect(lines.slice(20)).toEqual(['980 more problems were not written down.', 'next']);
});
