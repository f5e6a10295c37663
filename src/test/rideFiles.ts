import { FitWriter } from '@markw65/fit-file-writer';
import { BaseBuilder, buildGPX } from 'gpx-builder';

/** When every ride of these files starts. */
export const START = Date.parse('2026-05-10T08:00:00.000Z');
const { Point, Track, Segment, Metadata } = BaseBuilder.MODELS;
/** Degrees of latitude of seven metres. */
export const LAT_STEP = 7 / 111_320;

/** A GPX file by an independent writer (npm gpx-builder): `count` points a second and 7 m apart. */
export function gpx(count: number, name = 'Round the marsh', start = START, type = 'cycling') {
  const points = Array.from(
    { length: count },
    (_, i) => new Point(54 + i * LAT_STEP, -3, { time: new Date(start + i * 1000), ele: 12 }),
  );
  const builder = new BaseBuilder();
  builder.setMetadata(new Metadata({ name: 'A day out', time: new Date(start) }));
  builder.setTracks([new Track([new Segment(points)], { name, type })]);
  return buildGPX(builder.toObject());
}

/** A TCX file of one lap: the recorder says `metres`, the track goes 7 m a second. */
export const tcx = (metres: number, points = 601) => `<?xml version="1.0"?>
<TrainingCenterDatabase xmlns="http://example.org/tcx"><Activities><Activity Sport="Biking">
<Id>2026-05-10T08:00:00Z</Id><Lap StartTime="2026-05-10T08:00:00Z"><DistanceMeters>${metres}</DistanceMeters><Track>
${Array.from({ length: points }, (_, i) => `<Trackpoint><Time>${new Date(START + i * 1000).toISOString()}</Time><Position><LatitudeDegrees>${54 + i * LAT_STEP}</LatitudeDegrees><LongitudeDegrees>-3</LongitudeDegrees></Position><DistanceMeters>${i * 7}</DistanceMeters></Trackpoint>`).join('\n')}
</Track></Lap><Notes>Quay and back</Notes><Creator><Name>Quay computer</Name></Creator></Activity></Activities></TrainingCenterDatabase>`;

interface FitSession {
  start: number;
  seconds: number;
  sport?: 'cycling' | 'running';
  indoor?: boolean;
}

/** A FIT activity by an independent writer (npm @markw65/fit-file-writer): 7 m a second, northwards. */
export function fit(sessions: FitSession[] = [{ start: START, seconds: 600 }]): Uint8Array {
  const writer = new FitWriter();
  const radians = (degrees: number) => writer.latlng((degrees * Math.PI) / 180);
  const first = writer.time(new Date(sessions[0]?.start ?? START));
  const id = {
    type: 'activity',
    manufacturer: 'development',
    product: 1,
    serial_number: 7,
  } as const;
  writer.writeMessage('file_id', { ...id, time_created: first, product_name: 'Shed one' });
  for (const { start, seconds, indoor } of sessions)
    for (let i = 0; i <= seconds && !indoor; i++)
      writer.writeMessage('record', {
        timestamp: writer.time(new Date(start + i * 1000)),
        position_lat: radians(54 + i * LAT_STEP),
        position_long: radians(-3),
        altitude: 12 + i / 10,
      });
  sessions.forEach(({ start, seconds, sport = 'cycling', indoor }, i) =>
    writer.writeMessage('session', {
      timestamp: writer.time(new Date(start + seconds * 1000)),
      start_time: writer.time(new Date(start)),
      total_timer_time: seconds,
      total_elapsed_time: seconds,
      total_distance: seconds * 7,
      total_ascent: 61,
      sport,
      ...(indoor ? { sub_sport: 'indoor_cycling' as const } : {}),
      message_index: { value: i },
    }),
  );
  const { buffer, byteOffset, byteLength } = writer.finish();
  return new Uint8Array(buffer.slice(byteOffset, byteOffset + byteLength));
}
