import { ok, type Result } from '../problem';
import { summariseTrack, type TrackPoint } from '../track';
import { someRides, type RideFromFile } from './rideFromFile';
import { walkXml, xmlMoment, xmlNumber } from './xml';

interface Track {
  name: string;
  segments: TrackPoint[][];
}

/** Reads GPX 1.1 (and 1.0, alike where it matters here): each track is a ride, each segment a spell. */
export function readGpx(text: string): Result<RideFromFile[]> {
  const tracks: Track[] = [];
  let track: Track | null = null;
  let segment: TrackPoint[] | null = null;
  let point: TrackPoint | null = null;
  const walked = walkXml(text, {
    open(name, attributes) {
      if (name === 'trk') tracks.push((track = { name: '', segments: [] }));
      else if (name === 'trkseg') track?.segments.push((segment = []));
      else if (name === 'trkpt')
        point = { lat: xmlNumber(attributes.lat), lon: xmlNumber(attributes.lon), at: null };
    },
    close(name, content) {
      if (name === 'trkpt') {
        if (point && segment) segment.push(point);
        point = null;
      } else if (name === 'time' && point) point.at = xmlMoment(content);
      else if (name === 'name' && track && !point && track.name === '') track.name = content.trim();
      else if (name === 'trkseg') segment = null;
      else if (name === 'trk') track = null;
    },
  });
  if (!walked.ok) return walked;
  return someRides(tracks.map(rideOfTrack));
}

function rideOfTrack(track: Track): Result<RideFromFile> {
  const summary = summariseTrack(track.segments);
  if (!summary.ok) return summary;
  const { startedAt, distanceKm, movingH } = summary.value;
  return ok({
    startedAt: new Date(startedAt).toISOString(),
    distanceKm,
    movingH,
    disagrees: false,
    name: track.name,
  });
}
