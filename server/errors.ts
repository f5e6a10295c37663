import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import { sendProblem } from './problem';

/** Where a line about a problem goes. */
export type Log = (line: string) => void;

const WORDS: Record<number, [title: string, detail: string]> = {
  400: ['Not understood', 'The address or a header of the request is not well formed.'],
  404: ['Nothing here', 'There is nothing at this address.'],
  405: ['Not done here', 'This server only gives things out.'],
  413: ['Too large', 'The request is larger than this server takes.'],
  416: ['No such part', 'The part of the file asked for does not exist.'],
};
const FAILED: [string, string] = ['The server failed', 'It is a mistake of ours. Try again later.'];

/** Answers in the manner of the place: a problem under /api, a plain line elsewhere. */
function answer(response: Response, isApi: boolean, status: number): void {
  const [title, detail] = WORDS[status] ?? FAILED;
  if (isApi) sendProblem(response, status, title, detail);
  else response.status(status).type('text/plain').set('Cache-Control', 'no-store').send(detail);
}

const isApi = (path: string): boolean => path === '/api' || path.startsWith('/api/');

/** What nobody before has answered. */
export const nothingHere: RequestHandler = (request, response) =>
  answer(response, isApi(request.path), 404);

/** The app is only ever read. */
export const onlyReading: RequestHandler = (request, response, next) =>
  ['GET', 'HEAD'].includes(request.method)
    ? next()
    : answer(response.set('Allow', 'GET, HEAD'), isApi(request.path), 405);

/**
 * The last handler: an error becomes its status and a sentence of ours. Neither the answer nor the log
 * holds a path of this machine or a stack, whatever mode the server runs in.
 */
export const onError =
  (log: Log): ErrorRequestHandler =>
  (error: unknown, request, response, next) => {
    const told = (error as { status?: unknown } | null)?.status;
    const status = typeof told === 'number' && told >= 400 && told < 500 ? told : 500;
    const name = error instanceof Error ? error.name : typeof error;
    if (status === 500) log(`${request.method} failed: ${name.replace(/[^\w]/g, '').slice(0, 40)}`);
    if (response.headersSent) return next(error);
    response.removeHeader('Content-Range');
    answer(response, isApi(request.path), WORDS[status] || status === 500 ? status : 400);
  };

const MOST_LINES = 20;
const PER_MS = 60_000;

/** A log that cannot be flooded: so many lines a minute, then only how many were left out. */
export function boundedLog(write: Log, now: () => number = Date.now): Log {
  let since = -Infinity;
  let lines = 0;
  return (line) => {
    if (now() - since >= PER_MS) {
      if (lines > MOST_LINES) write(`${lines - MOST_LINES} more problems were not written down.`);
      since = now();
      lines = 0;
    }
    lines += 1;
    if (lines <= MOST_LINES) write(line.replace(/[\r\n]/g, ' ').slice(0, 200));
  };
}
