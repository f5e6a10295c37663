import { fail, ok, type Result } from '../problem';
import type { TrackPoint } from '../track/summary';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import { pointCounter, walkXml, xmlHeight, xmlMoment, xmlNumber } from './xml';

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

/** What a file has said so far, and where in it the reader stands. */
interface Reading {
  activities: Activity[];
  activity: Activity | null;
  segment: TrackPoint[] | null;
  point: TrackPoint | null;
  /** Courses were planned, not ridden. */
  courses: number;
}

const newActivity = (sport: string): Activity => ({
  notes: '',
  sport,
  device: '',
  id: '',
  lapMetres: 0,
  lapSeconds: 0,
  segments: [],
});

function open(reading: Reading, name: string, sport: string): void {
  if (name === 'Trackpoint') reading.point = { lat: NaN, lon: NaN, at: null, elevationM: null };
  else if (name === 'Track') reading.activity?.segments.push((reading.segment = []));
  else if (name === 'Course') reading.courses += 1;
  else if (name === 'Activity') reading.activities.push((reading.activity = newActivity(sport)));
}

function closeInPoint(reading: Reading, point: TrackPoint, name: string, content: string): void {
  if (name === 'Time') point.at = xmlMoment(content);
  else if (name === 'LatitudeDegrees') point.lat = xmlNumber(content);
  else if (name === 'LongitudeDegrees') point.lon = xmlNumber(content);
  else if (name === 'AltitudeMeters') point.elevationM = xmlHeight(content);
  else if (name === 'Trackpoint') {
    reading.segment?.push(point);
    reading.point = null;
  }
}

/** Takes what stands in an activity; laps and devices have names, notes and distances of their own. */
function closeInActivity(activity: Activity, name: string, content: string, within: string): void {
  if (within === 'Lap') {
    if (name === 'DistanceMeters') activity.lapMetres += xmlNumber(content) || 0;
    else if (name === 'TotalTimeSeconds') activity.lapSeconds += xmlNumber(content) || 0;
  } else if (within === 'Creator') {
    if (name === 'Name') activity.device = content.trim();
  } else if (within === 'Activity') {
    if (name === 'Notes') activity.notes = content.trim();
    else if (name === 'Id') activity.id = content;
  }
}

/** Reads TCX 2: each activity is a ride, those of several sports in a row too; its laps tell the recorder's own distance. */
export function readTcx(text: string): Result<Result<RideFromFile>[]> {
  const reading: Reading = {
    activities: [],
    activity: null,
    segment: null,
    point: null,
    courses: 0,
  };
  const countPoint = pointCounter();
  const walked = walkXml(text, {
    open(name, attributes) {
      if (name === 'Trackpoint') countPoint();
      open(reading, name, attributes.Sport ?? '');
    },
    close(name, content, within) {
      const { point, activity } = reading;
      if (point) closeInPoint(reading, point, name, content);
      else if (name === 'Track') reading.segment = null;
      else if (name === 'Activity') reading.activity = null;
      else if (activity) closeInActivity(activity, name, content, within);
    },
  });
  if (!walked.ok) return walked;
  if (reading.activities.length === 0 && reading.courses > 0) return fail('track/course');
  return ok(reading.activities.map(rideOf));
}

const rideOf = (activity: Activity): Result<RideFromFile> =>
  rideFrom(activity.segments, {
    ...NOTHING_RECORDED,
    name: activity.notes,
    sport: activity.sport,
    device: activity.device,
    startedAt: xmlMoment(activity.id),
    distanceKm: activity.lapMetres > 0 ? activity.lapMetres / 1000 : null,
    movingH: activity.lapSeconds > 0 ? activity.lapSeconds / 3600 : null,
  });
