/** @jest-environment node */
import { BaseBuilder, buildGPX } from 'gpx-builder';
import fc from 'fast-check';
import { say } from '@/core/messages';
import { readRideFile } from '../rideFile';

const START = Date.parse('2026-05-10T08:00:00.000Z');
const { Point, Track, Segment, Metadata } = BaseBuilder.MODELS;

/** A GPX file by an independent writer (npm gpx-builder): `count` points a second and 7 m apart. */
function gpx(count: number, name = 'Round the marsh', start = START): string {
  const points = Array.from(
    { length: count },
    (_, i) => new Point(54 + (i * 7) / 111_320, -3, { time: new Date(start + i * 1000), ele: 12 }),
  );
  const builder = new BaseBuilder();
  builder.setMetadata(new Metadata({ name: 'A day out', time: new Date(start) }));
  builder.setTracks([new Track([new Segment(points)], { name })]);
  return buildGPX(builder.toObject());
}

const tcx = (metres: number) => `<?xml version="1.0"?>
<TrainingCenterDatabase xmlns="http://example.org/tcx"><Activities><Activity Sport="Biking">
<Id>2026-05-10T08:00:00Z</Id><Lap StartTime="2026-05-10T08:00:00Z"><DistanceMeters>${metres}</DistanceMeters><Track>
${Array.from({ length: 601 }, (_, i) => `<Trackpoint><Time>${new Date(START + i * 1000).toISOString()}</Time><Position><LatitudeDegrees>${54 + (i * 7) / 111_320}</LatitudeDegrees><LongitudeDegrees>-3</LongitudeDegrees></Position><DistanceMeters>${i * 7}</DistanceMeters></Trackpoint>`).join('\n')}
</Track></Lap><Notes>Quay and back</Notes></Activity></Activities></TrainingCenterDatabase>`;

const read = (text: string) => readRideFile(new TextEncoder().encode(text));

describe('ride files', () => {
  it('GPX by an independent writer reads back to what was put in', () => {
    const file = read(gpx(1801));
    if (!file.ok) throw new Error(say(file.problem));
    const [ride] = file.value;
    expect(file.value).toHaveLength(1);
    expect(ride).toMatchObject({
      startedAt: new Date(START).toISOString(),
      name: 'Round the marsh',
    });
    expect(Math.abs((ride?.distanceKm ?? 0) / 12.6 - 1)).toBeLessThan(0.003);
    expect(ride?.movingH).toBeCloseTo(0.5, 3);
  });

  it('two tracks in a file are two rides', () => {
    const one = gpx(600, 'Out');
    const two = gpx(600, 'Home', START + 7_200_000);
    const track = /<trk>[\s\S]*<\/trk>/.exec(two)?.[0] ?? '';
    const file = read(one.replace('</gpx>', `${track}</gpx>`));
    expect(file.ok && file.value.map((r) => r.name)).toEqual(['Out', 'Home']);
  });

  it('TCX takes the recorder’s distance, and says when it differs from the track by more than 3 %', () => {
    const near = read(tcx(4240));
    expect(near.ok && near.value[0]).toMatchObject({
      distanceKm: 4.24,
      disagrees: false,
      name: 'Quay and back',
    });
    const far = read(tcx(5000));
    expect(far.ok && far.value[0]).toMatchObject({ distanceKm: 5, disagrees: true });
  });

  it.each([
    ['an empty file', '', 'file/empty'],
    ['something else', 'hello', 'file/unknown'],
    ['bytes in XML clothes', '<gpx>\u0000\u0001\u0002</gpx>', 'file/not-xml'],
    ['a file cut off', gpx(100).slice(0, 4000), 'file/not-xml'],
    [
      'a bomb of entities',
      '<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><gpx><trk><name>&b;</name></trk></gpx>',
      'file/not-xml',
    ],
    ['a route without times', gpx(100).replace(/<time>[^<]*<\/time>/g, ''), 'track/no-times'],
    ['no track', '<gpx version="1.1"></gpx>', 'track/empty'],
  ])('%s is refused with a sentence', (_, text, code) => {
    const file = read(text);
    expect(file).toMatchObject({ ok: false, problem: { code } });
    if (!file.ok) expect(say(file.problem)).toMatch(/\.$/);
  });

  it.each([
    ['GPX', gpx(60)],
    ['TCX', tcx(420)],
  ])('never throws and never gives nonsense, however a %s file is spoilt', (_, text) => {
    fc.assert(
      fc.property(fc.nat(text.length), fc.nat(60), fc.string({ maxLength: 10 }), (at, cut, put) => {
        const file = read(text.slice(0, at) + put + text.slice(at + cut));
        if (!file.ok) return;
        for (const ride of file.value) {
          expect(ride.distanceKm).toBeGreaterThan(0);
          expect(Number.isFinite(ride.movingH)).toBe(true);
        }
      }),
      { numRuns: 1000 },
    );
  });
});
