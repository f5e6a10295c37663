import type { Response } from 'express';

/** Answers with a problem: RFC 9457, application/problem+json. */
export function sendProblem(response: Response, status: number, title: string, detail: string) {
  response
    .status(status)
    .set('Cache-Control', 'no-store')
    .type('application/problem+json')
    .send(JSON.stringify({ type: 'about:blank', title, status, detail }));
}
