import { once } from 'node:events';
import { Agent, createServer, request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { chanceOf, type Chance } from '@/test/faults/chance';
import { createApp } from '../server/app';
import { boundedLog } from '../server/errors';

const AT_ONCE = 40;

const PLACES = [
  '/',
  '/rides',
  '/book/bike/01ABC',
  '/no-such.js',
  '/../package.json',
  '/..%2f..%2fetc/passwd',
  '/%',
  '/%00',
  '/%E0%A4%A',
  '/api',
  '/api/nothing',
  '/api/recorder/rides',
  '/api/recorder/rides/x.fit',
  '/api/recorder/rides/%2e%2e%2fx.fit',
  '/api/weather?lat=54&lon=-3&from=2026-05-01T00:00:00Z&to=2026-05-02T00:00:00Z',
  '/api/weather?lat=999&lon=x',
  '/api/weather?lat[]=1&lat[]=2&from=2026',
  '/sw.js',
  '/manifest.webmanifest',
];
const METHODS = ['GET', 'GET', 'GET', 'GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'OPTIONS', 'TRACE'];
const LEAK = /node_modules|\bat [\w.<>]+ \(|\/home\/|\/root\/|\/tmp\/|\bError:|ENOENT|\.ts:\d/;

function address(chance: Chance): string {
  const place = chance.pick(PLACES);
  if (!chance.oneIn(3)) return place;
  const at = chance.below(place.length + 1);
  const put = chance.pick(['%', '%2e', '//', '\\', '?', '&', '=', ';', '%ff', 'a'.repeat(900)]);
  return `/${(place.slice(0, at) + put + place.slice(at)).replace(/^\//, '')}`;
}

function headers(chance: Chance): Record<string, string> {
  return {
    ...(chance.oneIn(4)
      ? { range: chance.pick(['bytes=0-9', 'bytes=9999999-', 'bytes=x', 'a']) }
      : {}),
    ...(chance.oneIn(4) ? { 'accept-encoding': chance.pick(['gzip', 'br', 'x', '']) } : {}),
    ...(chance.oneIn(6) ? { 'recorder-fault': chance.pick(['offline', 'truncated', 'x']) } : {}),
    ...(chance.oneIn(6) ? { 'if-none-match': '"x"' } : {}),
  };
}

/** What came of the requests; all of it should be none. */
export interface Asked {
  failed: number;
  leaked: number;
  unanswered: number;
  /** Refused under /api in another manner than problem+json. */
  unlike: number;
}

interface Asker {
  port: number;
  agent: Agent;
  counts: Asked;
}

/** One request, its place, method and headers drawn at random; counts what is wrong with the answer. */
function ask({ port, agent, counts }: Asker, chance: Chance): Promise<void> {
  const at = address(chance);
  const method = chance.pick(METHODS);
  const options = { host: '127.0.0.1', port, path: at, method, agent, timeout: 10_000 };
  return new Promise((resolve) => {
    const asked = request({ ...options, headers: headers(chance) }, (response) => {
      let body = '';
      response.on('data', (part: Buffer) => {
        if (body.length < 4000) body += part.toString('latin1');
      });
      response.on('end', () => {
        const { statusCode = 0 } = response;
        const type = String(response.headers['content-type'] ?? '');
        // 503 is the recorder's own, asked for by its header.
        if (statusCode >= 500 && statusCode !== 503) counts.failed += 1;
        if (statusCode >= 400 && LEAK.test(body)) counts.leaked += 1;
        const isApi = /^\/api(\/|\?|$)/.test(at);
        const isUnlike = isApi && method !== 'HEAD' && !type.includes('problem+json');
        if (statusCode >= 400 && isUnlike) counts.unlike += 1;
        resolve();
      });
    });
    asked.on('error', () => {
      counts.unanswered += 1;
      resolve();
    });
    asked.on('timeout', () => asked.destroy());
    asked.end();
  });
}

/** Sends so many random requests to a server of our own, with seeds from 1 on, and counts what went wrong. */
export async function askAtRandom(dist: string, requests: number): Promise<Asked> {
  const log = boundedLog(() => undefined);
  const server = createServer(createApp(dist, Date.now, log)).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });
  const counts: Asked = { failed: 0, leaked: 0, unanswered: 0, unlike: 0 };
  let next = 0;
  const one = async () => {
    while (next < requests) await ask({ port, agent, counts }, chanceOf(++next));
  };
  await Promise.all(Array.from({ length: AT_ONCE }, one));
  agent.destroy();
  server.close();
  return counts;
}
