import { Agent, get } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { createApp } from '../server/app';
import { median, report } from './report';

const CLIENTS = 50;
/** Requests of each client in one go. */
const EACH = 40;
const RUNS = 7;
const NOW = Date.parse('2026-11-24T10:00:00Z');

const agent = new Agent({ keepAlive: true, maxSockets: CLIENTS });

/** Asks once, as a browser does, and reads the answer to its end. */
const ask = (port: number, path: string) =>
  new Promise<void>((resolve, reject) => {
    const options = {
      host: '127.0.0.1',
      port,
      path,
      agent,
      headers: { 'Accept-Encoding': 'gzip' },
    };
    get(options, (response) => {
      if (response.statusCode !== 200) reject(new Error(`answer ${response.statusCode}`));
      response.resume();
      response.on('end', resolve);
    }).on('error', reject);
  });

/** Milliseconds until all clients have had all their answers. */
async function load(port: number, pathOf: (client: number) => string): Promise<number> {
  const start = performance.now();
  const client = async (c: number) => {
    for (let n = 0; n < EACH; n++) await ask(port, pathOf(c));
  };
  await Promise.all(Array.from({ length: CLIENTS }, (_, c) => client(c)));
  return performance.now() - start;
}

/** Thirty days at a place of its own for each client. */
const month = (client: number) =>
  `/api/weather?${new URLSearchParams({
    lat: String(50 + (client % 25) * 0.3),
    lon: String(-10 + Math.floor(client / 25) * 0.3),
    from: '2026-10-20T00:00:00Z',
    to: '2026-11-18T23:00:00Z',
  }).toString()}`;

async function main(): Promise<void> {
  const ours = createApp('dist', () => NOW).listen(0, '127.0.0.1');
  const bare = express()
    .disable('x-powered-by')
    .get('/', (_, response) => void response.json({}))
    .listen(0, '127.0.0.1');
  await Promise.all([ours, bare].map((s) => new Promise((up) => s.once('listening', up))));
  const portOf = (server: typeof ours) => (server.address() as AddressInfo).port;
  const first = await load(portOf(ours), month);
  const times: [number[], number[]] = [[], []];
  for (let n = 0; n < RUNS; n++) {
    times[0].push(await load(portOf(ours), month));
    times[1].push(await load(portOf(bare), () => '/'));
  }
  const [us, empty] = times.map(median) as [number, number];
  const per = (x: number) => `${((x / (CLIENTS * EACH)) * 1000).toFixed(0)} µs an answer`;
  report(
    'Thirty days of hourly weather, times an empty JSON reply, 50 clients',
    us / empty,
    3,
    `medians of ${RUNS} × ${CLIENTS * EACH} requests: ${per(us)} against ${per(empty)}; first round, each place made up afresh: ${per(first)}`,
  );
  agent.destroy();
  ours.close();
  bare.close();
}

void main();
