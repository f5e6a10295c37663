import path from 'node:path';
import { createServer, type Server } from 'node:http';
import type { Express } from 'express';
import { createApp } from './app';
import { boundedLog } from './errors';

const FIRST_PORT = 4180;
const TRIES = 50;

/** A request that is slow to come, or headers without end, hold nobody else up. */
const LIMITS = {
  requestTimeout: 30_000,
  headersTimeout: 10_000,
  keepAliveTimeout: 5_000,
  connectionsCheckingInterval: 5_000,
  maxHeaderSize: 16_384,
};
/** A rider's machine: a few tabs, each with a few connections. */
const MOST_CONNECTIONS = 200;
/** How long answers under way may take when the server is to stop. */
const GRACE_MS = 3_000;

/** Listens on the first free port from `port` on. */
function listen(app: Express, port: number, triesLeft = TRIES): Promise<[Server, number]> {
  return new Promise((resolve, reject) => {
    const server = createServer(LIMITS, app).listen(port, '127.0.0.1');
    server.maxConnections = MOST_CONNECTIONS;
    server.once('listening', () => resolve([server, port]));
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EADDRINUSE' || triesLeft === 0) return reject(error);
      console.log(`Port ${port} is taken, trying ${port + 1}.`);
      resolve(listen(app, port + 1, triesLeft - 1));
    });
  });
}

async function main(): Promise<void> {
  const demo = process.argv.includes('--demo');
  const dist = path.resolve(process.env.SPOKE_DIST ?? 'dist');
  // A fixed clock for tests, so that the stand-ins tell the same tale whenever they run.
  const fixed = process.env.SPOKE_NOW;
  const now = fixed ? () => Date.parse(fixed) : Date.now;
  const app = createApp(
    dist,
    now,
    boundedLog((line) => console.error(line)),
  );
  const [server, port] = await listen(app, Number(process.env.PORT ?? FIRST_PORT));
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => stop(server));
  const address = `http://localhost:${port}/${demo ? '?logbook=demo' : ''}`;
  console.log(
    demo
      ? `The demo is ready. Ctrl+C ends it. Open`
      : `Dapper Spoke is ready. Ctrl+C ends it. Open`,
  );
  console.log(address);
}

/** Takes nothing new, lets answers under way end, then goes. */
function stop(server: Server): void {
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), GRACE_MS);
}

void main();
