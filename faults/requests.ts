import path from 'node:path';
import { askAtRandom } from './askAtRandom';
import { campaign } from './report';

/** Requests of every kind to a server of our own on this machine, bounded in number. */
const REQUESTS = Number(process.env.REQUESTS ?? 100_000);

void askAtRandom(path.resolve('dist'), REQUESTS).then((asked) =>
  campaign(`${REQUESTS} requests`, { ...asked }),
);
