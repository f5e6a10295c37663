import path from 'node:path';
import type { Server } from 'node:http';
import type { Express } from 'express';
import { createApp } from './app';

const FIRST_PORT = 4180;
const TRIES = 50;

/** Listens on the first free port from `port` on. */
function listen(app: Express, port: number, triesLeft = TRIES): Promise<[Server, number]> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, '127.0.0.1');
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
  const [, port] = await listen(createApp(dist, now), Number(process.env.PORT ?? FIRST_PORT));
  const address = `http://localhost:${port}/${demo ? '?logbook=demo' : ''}`;
  console.log(
    demo
      ? `The demo is ready. Ctrl+C ends it. Open`
      : `Dapper Spoke is ready. Ctrl+C ends it. Open`,
  );
  console.log(address);
}

void main();
