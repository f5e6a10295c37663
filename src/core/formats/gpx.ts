import { ok, type Result } from '../problem';
import type { TrackPoint } from '../track';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import { pointCounter, walkXml, xmlMoment, xmlNumber } from './xml';

interface Track {
  name: string;
  sport: string;
  gear: string;
  segments: TrackPoint[][];
}

/** Reads GPX 1.1 (and 1.0, alike where it matters here): each track is a ride, each segment a spell. */
export function readGpx(text: string): Result<Result<RideFromFile>[]> {
  const tracks: Track[] = [];
  let device = '';
  let track: Track | null = null;
  let segment: TrackPoint[] | null = null;
  let point: TrackPoint | null = null;
  const countPoint = pointCounter();
  const walked = walkXml(text, {
    open(name, attributes) {
      if (name === 'trkpt') {
        countPoint();
        point = {
          lat: xmlNumber(attributes.lat),
          lon: xmlNumber(attributes.lon),
          at: null,
          elevationM: null,
        };
      } else if (name === 'trkseg') track?.segments.push((segment = []));
      else if (name === 'trk')
        tracks.push((track = { name: '', sport: '', gear: '', segments: [] }));
      else if (name === 'gpx') device = attributes.creator ?? '';
    },
    close(name, content) {
      if (point) {
        if (name === 'time') point.at = xmlMoment(content);
        else if (name === 'ele') point.elevationM = xmlHeight(content);
        else if (name === 'trkpt') {
          segment?.push(point);
          point = null;
        }
      } else if (track) {
        if (name === 'name') track.name ||= content.trim();
        else if (name === 'type') track.sport ||= content.trim();
        else if (name === 'gear') track.gear ||= content.trim();
        else if (name === 'trkseg') segment = null;
        else if (name === 'trk') track = null;
      }
    },
  });
  if (!walked.ok) return walked;
  return ok(
    tracks.map(({ name, sport, gear, segments }) =>
      rideFrom(segments, { ...NOTHING_RECORDED, device, name, sport, gear }),
    ),
  );
}

/** A height in m, null where it is no number. */
export function xmlHeight(text: string): number | null {
  const metres = xmlNumber(text);
  return Number.isFinite(metres) ? metres : null;
}
