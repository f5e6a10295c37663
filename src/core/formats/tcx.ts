import { ok, type Result } from '../problem';
import type { TrackPoint } from '../track';
import { xmlHeight } from './gpx';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import { pointCounter, walkXml, xmlMoment, xmlNumber } from './xml';

interface Activity {
  notes: string;
  sport: string;
  device: string;
  id: string;
  /** Metres and seconds of its laps, by the recorder. */
  lapMetres: number;
  lapSeconds: number;
  segments: TrackPoint[][];
}

/** Reads TCX 2: each activity is a ride; its laps tell the recorder's own distance. */
export function readTcx(text: string): Result<Result<RideFromFile>[]> {
  const activities: Activity[] = [];
  let activity: Activity | null = null;
  let segment: TrackPoint[] | null = null;
  let point: TrackPoint | null = null;
  const countPoint = pointCounter();
  let within = '';
  const walked = walkXml(text, {
    open(name, attributes) {
      if (name === 'Trackpoint') {
        countPoint();
        point = { lat: NaN, lon: NaN, at: null, elevationM: null };
      } else if (name === 'Track') activity?.segments.push((segment = []));
      else if (name === 'Creator') within = name;
      else if (name === 'Activity')
        activities.push(
          (activity = {
            notes: '',
            sport: attributes.Sport ?? '',
            device: '',
            id: '',
            lapMetres: 0,
            lapSeconds: 0,
            segments: [],
          }),
        );
    },
    close(name, content) {
      if (point) {
        if (name === 'Time') point.at = xmlMoment(content);
        else if (name === 'LatitudeDegrees') point.lat = xmlNumber(content);
        else if (name === 'LongitudeDegrees') point.lon = xmlNumber(content);
        else if (name === 'AltitudeMeters') point.elevationM = xmlHeight(content);
        else if (name === 'Trackpoint') {
          segment?.push(point);
          point = null;
        }
      } else if (activity) {
        if (name === 'DistanceMeters') activity.lapMetres += xmlNumber(content) || 0;
        else if (name === 'TotalTimeSeconds') activity.lapSeconds += xmlNumber(content) || 0;
        else if (name === 'Notes') activity.notes = content.trim();
        else if (name === 'Id') activity.id = content;
        else if (name === 'Name' && within === 'Creator') activity.device = content.trim();
        else if (name === 'Creator') within = '';
        else if (name === 'Track') segment = null;
        else if (name === 'Activity') activity = null;
      }
    },
  });
  if (!walked.ok) return walked;
  return ok(
    activities.map(({ notes, sport, device, id, lapMetres, lapSeconds, segments }) =>
      rideFrom(segments, {
        ...NOTHING_RECORDED,
        name: notes,
        sport,
        device,
        startedAt: xmlMoment(id),
        distanceKm: lapMetres > 0 ? lapMetres / 1000 : null,
        movingH: lapSeconds > 0 ? lapSeconds / 3600 : null,
      }),
    ),
  );
}
