import { FitWriter } from '@markw65/fit-file-writer';
import { BaseBuilder, buildGPX } from 'gpx-builder';
import { create } from 'xmlbuilder2';
import { climbOf, pointsAlong, type RoutePoint } from '@/core/demo/route';
import type { DiaryRide } from '@/core/demo/diary';
import { MS_PER_HOUR } from '@/core/units/convert';

/** What the recorder calls itself in its files. */
export const DEVICE = 'Island recorder';

/** A point every this many seconds. */
const EVERY_S = 5;
/** What a wheel sensor reads beyond the satellites: it follows every wiggle. */
const SENSOR = 1.004;

interface RecordedPoint extends RoutePoint {
  at: Date;
}

function pointsOf(ride: DiaryRide): RecordedPoint[] {
  const seconds = ride.hours * 3600;
  return pointsAlong(ride.loop, Math.ceil(seconds / EVERY_S)).map((p) => ({
    ...p,
    at: new Date(ride.startedAt + p.share * seconds * 1000),
  }));
}

/** A ride as a GPX 1.1 file. */
export function gpxOf(ride: DiaryRide): Buffer {
  const { Point, Metadata, Track, Segment } = BaseBuilder.MODELS;
  const points = pointsOf(ride).map(
    (p) => new Point(p.lat, p.lon, { ele: p.elevationM, time: p.at }),
  );
  const gpx = new BaseBuilder();
  gpx.setMetadata(new Metadata({ name: ride.name, time: new Date(ride.startedAt) }));
  gpx.setTracks([new Track([new Segment(points)], { name: ride.name, type: 'cycling' })]);
  return Buffer.from(buildGPX(gpx.toObject()));
}

/** A ride as a TCX 2 file. */
export function tcxOf(ride: DiaryRide): Buffer {
  const started = new Date(ride.startedAt).toISOString();
  const xml = create({ version: '1.0', encoding: 'UTF-8' })
    .ele('TrainingCenterDatabase')
    .ele('Activities')
    .ele('Activity', { Sport: 'Biking' });
  xml.ele('Id').txt(started);
  const lap = xml.ele('Lap', { StartTime: started });
  lap.ele('TotalTimeSeconds').txt(String(Math.round(ride.hours * 3600)));
  lap.ele('DistanceMeters').txt((ride.loop.km * 1000).toFixed(1));
  const track = lap.ele('Track');
  for (const p of pointsOf(ride)) {
    const point = track.ele('Trackpoint');
    point.ele('Time').txt(p.at.toISOString());
    const position = point.ele('Position');
    position.ele('LatitudeDegrees').txt(p.lat.toFixed(7));
    position.ele('LongitudeDegrees').txt(p.lon.toFixed(7));
    point.ele('AltitudeMeters').txt(String(p.elevationM));
  }
  xml.ele('Notes').txt(ride.name);
  xml.ele('Creator').ele('Name').txt(DEVICE);
  return Buffer.from(xml.end());
}

/** A ride as a FIT activity. */
export function fitOf(ride: DiaryRide): Buffer {
  const writer = new FitWriter();
  const points = pointsOf(ride);
  const start = writer.time(new Date(ride.startedAt));
  const end = writer.time(new Date(ride.startedAt + ride.hours * MS_PER_HOUR));
  const seconds = ride.hours * 3600;
  const metres = ride.loop.km * 1000;
  writer.writeMessage(
    'file_id',
    {
      type: 'activity',
      manufacturer: 'development',
      product: 1,
      serial_number: 1866,
      time_created: start,
      product_name: DEVICE,
    },
    null,
    true,
  );
  const whole = {
    timestamp: end,
    start_time: start,
    total_elapsed_time: seconds,
    total_timer_time: seconds,
    total_distance: metres,
    total_ascent: climbOf(ride.loop),
  };
  const radians = (degrees: number) => writer.latlng((degrees * Math.PI) / 180);
  for (const p of points)
    writer.writeMessage('record', {
      timestamp: writer.time(p.at),
      position_lat: radians(p.lat),
      position_long: radians(p.lon),
      altitude: p.elevationM,
      distance: p.share * metres * SENSOR,
    });
  writer.writeMessage('lap', { ...whole, message_index: { value: 0 } }, null, true);
  writer.writeMessage(
    'session',
    {
      ...whole,
      sport: 'cycling',
      message_index: { value: 0 },
      first_lap_index: 0,
      num_laps: 1,
    },
    null,
    true,
  );
  writer.writeMessage(
    'activity',
    { timestamp: end, total_timer_time: seconds, num_sessions: 1, type: 'manual' },
    null,
    true,
  );
  const { buffer, byteOffset, byteLength } = writer.finish();
  return Buffer.from(buffer, byteOffset, byteLength);
}
