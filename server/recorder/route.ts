import { setTimeout as wait } from 'node:timers/promises';
import { Router, type Request } from 'express';
import { diaryRides, type DiaryRide } from '@/core/demo/diary';
import { ISLAND_GARAGE } from '@/core/demo/island';
import type { RecorderReply } from '@/core/formats/recorderReply';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';
import { dayOf } from '@/core/weather/hours';
import { sendProblem } from '../problem';
import { DEVICE, fitOf, gpxOf, tcxOf } from './files';

/** How long the recorder keeps a ride. */
const KEEPS_DAYS = 30;
const SLOW_MS = 3000;

/** Ways to fail on purpose, asked for with the header `Recorder-Fault`: for tests. */
const FAULTS = ['offline', 'slow', 'truncated'] as const;
type Fault = (typeof FAULTS)[number];

const faultOf = (request: Request): Fault | undefined =>
  FAULTS.find((f) => f === request.get('Recorder-Fault'));

/** The formats take turns, as from a rider who has had more than one recorder. */
const FORMATS = ['fit', 'gpx', 'tcx'] as const;
const WRITERS = { fit: fitOf, gpx: gpxOf, tcx: tcxOf };
const formatOf = (ride: DiaryRide) => FORMATS[dayOf(ride.startedAt) % FORMATS.length] ?? 'fit';

/** The ride recorder stand-in: lists the island rider's last rides and hands out their files. */
export function recorderRoute(now: () => number): Router {
  const router = Router();
  const held = (): DiaryRide[] => {
    const moment = now();
    const today = dayOf(moment);
    return diaryRides(today - KEEPS_DAYS, today).filter(
      (r) => r.startedAt + r.hours * MS_PER_HOUR <= moment,
    );
  };
  router.use(async (request, response, next) => {
    response.set('Cache-Control', 'no-store');
    const fault = faultOf(request);
    if (fault === 'offline')
      return sendProblem(response, 503, 'Recorder offline', 'The recorder does not answer.');
    if (fault === 'slow') await wait(SLOW_MS);
    next();
  });
  router.get('/rides', (request, response) => {
    const since = Date.parse(String(request.query.since ?? '')) || now() - KEEPS_DAYS * MS_PER_DAY;
    const rides = held().filter((r) => r.startedAt >= since);
    const reply: RecorderReply = {
      device: DEVICE,
      rides: rides.map((r) => ({
        id: r.id,
        startedAt: new Date(r.startedAt).toISOString(),
        distanceKm: r.loop.km,
        gear: ISLAND_GARAGE.bikes[r.bikeId]?.name ?? '',
        file: `${r.id}.${formatOf(r)}`,
      })),
    };
    response.json(reply);
  });
  router.get('/rides/:file', (request, response) => {
    const [, id, format] = /^([\w-]+)\.(fit|gpx|tcx)$/.exec(request.params.file) ?? [];
    const ride = held().find((r) => r.id === id);
    if (!ride || !format)
      return sendProblem(response, 404, 'No such ride', 'The recorder holds the last 30 days.');
    const file = WRITERS[format as keyof typeof WRITERS](ride);
    const cut = faultOf(request) === 'truncated' ? Math.floor(file.length * 0.6) : file.length;
    return response.type('application/octet-stream').send(file.subarray(0, cut));
  });
  return router;
}
