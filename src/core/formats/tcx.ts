import { ok, type Result } from '../problem';
import { summariseTrack, type TrackPoint } from '../track';
import { chooseDistance, someRides, type RideFromFile } from './rideFromFile';
import { walkXml, xmlMoment, xmlNumber } from './xml';

interface Activity {
  notes: string;
  /** Metres of its laps, by the recorder. */
  lapMetres: number;
  segments: TrackPoint[][];
}

/** Reads TCX 2: each activity is a ride; its laps tell the recorder's own distance. */
export function readTcx(text: string): Result<RideFromFile[]> {
  const activities: Activity[] = [];
  let activity: Activity | null = null;
  let segment: TrackPoint[] | null = null;
  let point: TrackPoint | null = null;
  const walked = walkXml(text, {
    open(name) {
      if (name === 'Activity')
        activities.push((activity = { notes: '', lapMetres: 0, segments: [] }));
      else if (name === 'Track') activity?.segments.push((segment = []));
      else if (name === 'Trackpoint') point = { lat: NaN, lon: NaN, at: null };
    },
    close(name, content) {
      if (name === 'Trackpoint') {
        if (point && segment) segment.push(point);
        point = null;
      } else if (point) {
        if (name === 'Time') point.at = xmlMoment(content);
        else if (name === 'LatitudeDegrees') point.lat = xmlNumber(content);
        else if (name === 'LongitudeDegrees') point.lon = xmlNumber(content);
      } else if (activity) {
        if (name === 'DistanceMeters') activity.lapMetres += xmlNumber(content) || 0;
        else if (name === 'Notes') activity.notes = content.trim();
        else if (name === 'Track') segment = null;
        else if (name === 'Activity') activity = null;
      }
    },
  });
  if (!walked.ok) return walked;
  return someRides(activities.map(rideOfActivity));
}

function rideOfActivity(activity: Activity): Result<RideFromFile> {
  const summary = summariseTrack(activity.segments);
  if (!summary.ok) return summary;
  const { startedAt, movingH } = summary.value;
  const recorded = activity.lapMetres > 0 ? activity.lapMetres / 1000 : null;
  return ok({
    startedAt: new Date(startedAt).toISOString(),
    ...chooseDistance(summary.value.distanceKm, recorded),
    movingH,
    name: activity.notes,
  });
}
