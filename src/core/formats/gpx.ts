import { fail, ok, type Result } from '../problem';
import type { TrackPoint } from '../track/summary';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import { RUN, takePlainPoints } from './gpxPoints';
import { MOST_POINTS, pointCounter, walkXml, xmlHeight, xmlMoment, xmlNumber } from './xml';

interface Track {
  name: string;
  sport: string;
  gear: string;
  segments: TrackPoint[][];
}

/** What a file has said so far, and where in it the reader stands. */
interface Reading {
  tracks: Track[];
  device: string;
  /** Routes hold no times: where someone wanted to go. */
  routes: number;
  segment: TrackPoint[] | null;
  point: TrackPoint | null;
}

function open(reading: Reading, name: string, attributes: Readonly<Record<string, string>>): void {
  const { tracks } = reading;
  if (name === 'trkpt') {
    const [lat, lon] = [xmlNumber(attributes.lat), xmlNumber(attributes.lon)];
    reading.point = { lat, lon, at: null, elevationM: null };
  } else if (name === 'trkseg') tracks.at(-1)?.segments.push((reading.segment = []));
  else if (name === 'trk') tracks.push({ name: '', sport: '', gear: '', segments: [] });
  else if (name === 'rte') reading.routes += 1;
  else if (name === 'gpx') reading.device = attributes.creator ?? '';
}

function closeInPoint(reading: Reading, point: TrackPoint, name: string, content: string): void {
  if (name === 'time') point.at = xmlMoment(content);
  else if (name === 'ele') point.elevationM = xmlHeight(content);
  else if (name === 'trkpt') {
    reading.segment?.push(point);
    reading.point = null;
  }
}

/** Takes what stands in a track itself: a link of it has a type too, and points have names. */
function closeInTrack(track: Track, name: string, content: string): void {
  if (name === 'name') track.name ||= content.trim();
  else if (name === 'type') track.sport ||= content.trim();
  else if (name === 'gear') track.gear ||= content.trim();
}

/** Reads GPX 1.1 and 1.0: each track is a ride, each segment a spell. */
export function readGpx(text: string): Result<Result<RideFromFile>[]> {
  const plain = takePlainPoints(text, MOST_POINTS + 1);
  const quick = plain && readTracks(plain.rest, plain.runs);
  // What is refused is told with its line, which the rest of a text has no more; too many points stand on none.
  const isKnown = quick && (quick.ok || quick.problem.code === 'file/too-large');
  return isKnown ? quick : readGpxPlainly(text);
}

/** The same, with the reader of XML for all of it: to check the quick way against. */
export const readGpxPlainly = (text: string): Result<Result<RideFromFile>[]> =>
  readTracks(text, []);

/** Reads a text from which runs of points may have been taken. */
function readTracks(
  text: string,
  runs: readonly (readonly TrackPoint[])[],
): Result<Result<RideFromFile>[]> {
  const reading: Reading = { tracks: [], device: '', routes: 0, segment: null, point: null };
  const countPoint = pointCounter();
  const walked = walkXml(text, {
    open(name, attributes) {
      if (name === 'trkpt') countPoint();
      if (name !== RUN) return open(reading, name, attributes);
      for (const point of runs[Number(attributes.n)] ?? []) {
        countPoint();
        reading.segment?.push(point);
      }
      // A point in a point ends the one around it.
      reading.point = null;
    },
    close(name, content, within) {
      const { point } = reading;
      if (point) {
        if (within === 'trkpt' || name === 'trkpt') closeInPoint(reading, point, name, content);
        return;
      }
      const track = reading.tracks.at(-1);
      if (track && (within === 'trk' || (name === 'gear' && within === 'extensions')))
        closeInTrack(track, name, content);
      if (name === 'trkseg') reading.segment = null;
    },
  });
  if (!walked.ok) return walked;
  if (reading.tracks.length === 0 && reading.routes > 0) return fail('track/route');
  const { device } = reading;
  return ok(
    reading.tracks.map(({ name, sport, gear, segments }) =>
      rideFrom(segments, { ...NOTHING_RECORDED, device, name, sport, gear }),
    ),
  );
}
