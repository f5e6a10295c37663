import { gzipSync } from 'node:zlib';
import { createHash } from 'node:crypto';
import { Router } from 'express';
import * as z from 'zod/mini';
import { cellOf, placeOfCell } from '@/core/weather/cells';
import { hourOf } from '@/core/weather/hours';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';
import { sendProblem } from '../problem';
import { forecastEnd, weatherHours } from './hours';

/** Degrees as text; nothing at all is not the equator. */
const degrees = (most: number) =>
  z.pipe(
    z.string().check(z.regex(/^-?\d{1,3}(\.\d+)?$/)),
    z.coerce.number<string>().check(z.gte(-most), z.lte(most)),
  );

const query = z.object({
  lat: degrees(90),
  lon: degrees(180),
  from: z.iso.datetime(),
  to: z.iso.datetime(),
});

const MOST_DAYS = 400;
const EARLIEST = Date.parse('1970-01-01T00:00:00Z');
/** What has been may be kept for a day, a forecast until the next hour or so. */
const PAST_MAX_AGE_S = 86_400;
const FORECAST_MAX_AGE_S = 600;
/** Answers kept ready: riders of a place ask for the same hours. Some 2 MB. */
const KEPT = 400;

interface Answer {
  plain: string;
  packed: Buffer;
  etag: string;
}

/** The weather stand-in: hourly history and a ten-day forecast for a place, made up but always alike. */
export function weatherRoute(now: () => number): Router {
  const answers = new Map<string, Answer>();
  const router = Router();
  router.get('/', (request, response) => {
    const asked = query.safeParse(request.query);
    if (!asked.success) {
      const where = asked.error.issues.map((i) => i.path.join('.')).join(', ');
      const detail = `Ask with lat, lon, from and to as ISO instants in UTC. Not right: ${where}.`;
      return sendProblem(response, 400, 'Query not understood', detail);
    }
    const moment = now();
    const from = Date.parse(asked.data.from);
    const to = Date.parse(asked.data.to);
    if (to < from || to - from > MOST_DAYS * MS_PER_DAY || from < EARLIEST)
      return sendProblem(response, 400, 'Range not served', `At most ${MOST_DAYS} days, in order.`);
    if (to > forecastEnd(moment))
      return sendProblem(response, 400, 'Too far ahead', 'The forecast reaches ten days.');
    const cell = cellOf(asked.data.lat, asked.data.lon);
    const isPast = to < moment - MS_PER_HOUR;
    const key = [cell, hourOf(from), hourOf(to), isPast ? '' : hourOf(moment)].join();
    let answer = answers.get(key);
    if (!answer) {
      answer = pack(weatherHours({ ...placeOfCell(cell), from, to }, moment));
      answers.set(key, answer);
      const [oldest] = answers.keys();
      if (answers.size > KEPT && oldest !== undefined) answers.delete(oldest);
    }
    const maxAge = isPast ? PAST_MAX_AGE_S : FORECAST_MAX_AGE_S;
    response.set({
      'Cache-Control': `public, max-age=${maxAge}`,
      ETag: answer.etag,
      Vary: 'Accept-Encoding',
      'Content-Type': 'application/json; charset=utf-8',
    });
    if (request.fresh) return response.status(304).end();
    if (request.acceptsEncodings('gzip') !== 'gzip') return response.end(answer.plain);
    response.set('Content-Encoding', 'gzip');
    return response.end(answer.packed);
  });
  return router;
}

function pack(value: object): Answer {
  const plain = JSON.stringify(value);
  const etag = `"${createHash('sha1').update(plain).digest('base64url')}"`;
  return { plain, packed: gzipSync(plain), etag };
}
