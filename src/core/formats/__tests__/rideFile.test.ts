import { gpx as toGeoJson } from '@tmcw/togeojson';
import { DOMParser } from '@xmldom/xmldom';
import { say } from '@/core/words/problems';
import { distanceKm } from '@/core/track/distance';
import { fit, gpx, START, tcx } from '@/test/rideFiles';
import { METRIC } from '@/core/units/convert';
import { readRideFiles, type CsvMappings } from '../rideFile';
import type { RideFromFile } from '../rideFromFile';

const bytesOf = (content: string | Uint8Array) =>
  typeof content === 'string' ? new TextEncoder().encode(content) : content;

const readAll = (content: string | Uint8Array, mappings: CsvMappings = {}, name = 'a.file') => [
  ...readRideFiles(name, bytesOf(content), mappings),
];

/** The rides of a file that must be read whole. */
function ridesOf(content: string | Uint8Array): RideFromFile[] {
  return readAll(content).flatMap(({ rides }) => {
    if (!rides.ok) throw new Error(say(rides.problem, METRIC));
    return rides.value.map((ride) => {
      if (!ride.ok) throw new Error(say(ride.problem, METRIC));
      return ride.value;
    });
  });
}

/** The first thing that went wrong in a file. */
function problemOf(content: string | Uint8Array) {
  const [file] = readAll(content);
  if (!file) return undefined;
  if (!file.rides.ok) return file.rides.problem;
  const bad = file.rides.value.find((r) => !r.ok);
  return bad && !bad.ok ? bad.problem : undefined;
}

describe('ride files', () => {
  it('GPX by an independent writer (gpx-builder) reads back to what was put in', () => {
    const [ride, ...more] = ridesOf(gpx(1801));
    expect(more).toEqual([]);
    expect(ride).toMatchObject({
      startedAt: new Date(START).toISOString(),
      zone: 'Europe/London',
      name: 'Round the marsh',
      climbM: 0,
      clues: { sport: 'cycling' },
    });
    expect(Math.abs((ride?.distanceKm ?? 0) / 12.6 - 1)).toBeLessThan(0.003);
    expect(ride?.movingH).toBeCloseTo(0.5, 3);
    expect(ride?.path?.[0]).toEqual([54, -3, 0]);
  });

  it('GPX tells the same track as @tmcw/togeojson', () => {
    const text = gpx(900);
    const parsed = new DOMParser().parseFromString(text, 'text/xml') as unknown as Document;
    const [line] = toGeoJson(parsed).features as unknown as {
      geometry: { coordinates: [number, number][] };
      properties: { coordinateProperties: { times: string[] } };
    }[];
    const points = line!.geometry.coordinates.map(([lon, lat]) => ({ lat, lon }));
    let km = 0;
    points.forEach((p, i) => (km += i > 0 ? distanceKm(points[i - 1]!, p) : 0));
    const [ride] = ridesOf(text);
    expect(Math.abs((ride?.distanceKm ?? 0) / km - 1)).toBeLessThan(1e-6);
    const [first] = line!.properties.coordinateProperties.times;
    expect(ride?.startedAt).toBe(new Date(first!).toISOString());
  });

  it('FIT by an independent writer (@markw65/fit-file-writer) reads back to what was put in', () => {
    const [ride, ...more] = ridesOf(fit());
    expect(more).toEqual([]);
    expect(ride).toMatchObject({
      startedAt: new Date(START).toISOString(),
      distanceKm: 4.2,
      climbM: 61,
      clues: { device: 'Shed one', sport: 'cycling', gear: '' },
    });
    expect(ride?.movingH).toBeCloseTo(600 / 3600, 3);
    expect(ride?.path?.at(-1)).toEqual([54.04, -3, 10]);
  });

  it('each track, activity and session of a file is a ride', () => {
    const track = /<trk>[\s\S]*<\/trk>/.exec(gpx(600, 'Home', START + 7_200_000))?.[0] ?? '';
    const both = gpx(600, 'Out').replace('</gpx>', `${track}</gpx>`);
    expect(ridesOf(both).map((r) => r.name)).toEqual(['Out', 'Home']);
    const sessions = ridesOf(
      fit([
        { start: START, seconds: 600 },
        { start: START + 3_600_000, seconds: 300 },
      ]),
    );
    expect(sessions.map((r) => r.distanceKm)).toEqual([4.2, 2.1]);
    expect(sessions[1]?.movingH).toBeCloseTo(300 / 3600, 3);
  });

  it('takes the recorder’s distance, and keeps the track’s beside it', () => {
    expect(ridesOf(tcx(4240))).toMatchObject([
      {
        distanceKm: 4.24,
        name: 'Quay and back',
        clues: { device: 'Quay computer', sport: 'Biking' },
      },
    ]);
    expect(ridesOf(tcx(5000))).toMatchObject([{ distanceKm: 5 }]);
    for (const metres of [4240, 5000]) expect(ridesOf(tcx(metres))[0]?.trackKm).toBeCloseTo(4.2, 1);
  });

  it('knows a ride on the spot, without a way and without weather', () => {
    const [ride] = ridesOf(fit([{ start: START, seconds: 1800, indoor: true }]));
    expect(ride).toMatchObject({ indoors: true, path: null, distanceKm: 12.6 });
  });

  it('rides through a change of the clocks take the time they take', () => {
    const [ride] = ridesOf(gpx(3601, 'Spring forward', Date.parse('2026-03-29T00:30:00Z')));
    expect(ride?.movingH).toBeCloseTo(1, 2);
    expect(ride?.startedAt).toBe('2026-03-29T00:30:00.000Z');
  });

  it.each([
    ['an empty file', '', 'file/empty'],
    ['something else', 'hello', 'file/unknown'],
    ['bytes in XML clothes', '<gpx>\u0001\u0002</gpx>', 'file/not-xml'],
    ['a file cut off', gpx(100).slice(0, 4000), 'file/not-xml'],
    [
      'a bomb of entities',
      '<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><gpx><trk><name>&b;</name></trk></gpx>',
      'file/not-xml',
    ],
    ['a route without times', gpx(100).replace(/<time>[^<]*<\/time>/g, ''), 'track/no-times'],
    ['no track', '<gpx version="1.1"></gpx>', 'track/empty'],
    ['a run', gpx(600, 'Along the quay', START, 'running'), 'track/not-cycling'],
    ['a run in FIT', fit([{ start: START, seconds: 600, sport: 'running' }]), 'track/not-cycling'],
    ['FIT cut off', fit().slice(0, 3000), 'file/damaged'],
    ['FIT with a byte changed', fit().map((b, i) => (i === 3000 ? b ^ 1 : b)), 'file/damaged'],
    ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 0, 0, 0, 0]), 'file/kind'],
    ['bytes of nothing', new Uint8Array([1, 2, 0, 0, 7, 0, 0, 0, 9, 9, 9, 9]), 'file/unknown'],
  ])('%s is refused with a sentence', (_, content, code) => {
    const problem = problemOf(content);
    expect(problem?.code).toBe(code);
    expect(problem && say(problem, METRIC)).toMatch(/\.$/);
  });
});
