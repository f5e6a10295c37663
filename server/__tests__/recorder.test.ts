import { climbOf } from '@/core/demo/route';
import { diaryRides, type DiaryRide } from '@/core/demo/diary';
import { recorderReplySchema, type RecorderReply } from '@/core/formats/recorderReply';
import { readRideFiles } from '@/core/formats/rideFile';
import { dayOf } from '@/core/weather/hours';
import { served } from '@/test/served';
import { createApp } from '../app';
import { DEVICE } from '../recorder/files';

let now = Date.parse('2026-11-24T10:00:00Z');
const { get, close } = served(createApp('nowhere', () => now));
afterAll(close);

async function list(since?: string): Promise<RecorderReply> {
  const response = await get(`/api/recorder/rides${since ? `?since=${since}` : ''}`);
  return recorderReplySchema.parse(await response.json());
}

async function read(file: string, headers: Record<string, string> = {}) {
  const response = await get(`/api/recorder/rides/${file}`, headers);
  const bytes = new Uint8Array(await response.arrayBuffer());
  return [...readRideFiles(file, bytes, {})][0]!.rides;
}

const diary = () => {
  const today = dayOf(now);
  return new Map<string, DiaryRide>(diaryRides(today - 30, today).map((r) => [r.id, r]));
};

describe('the ride recorder stand-in', () => {
  it('lists the rides of the last thirty days, or since a moment', async () => {
    const all = await list();
    expect(all.rides.length).toBeGreaterThan(15);
    const few = await list('2026-11-20T00:00:00Z');
    expect(few.rides.length).toBeLessThan(all.rides.length);
    expect(few.rides.every((r) => r.startedAt >= '2026-11-20')).toBe(true);
  });

  it('hands out FIT, GPX and TCX files that read back to what the rider rode', async () => {
    const { rides } = await list();
    const seen = new Set<string>();
    for (const { id, file } of rides.slice(0, 12)) {
      const kind = file.split('.')[1] ?? '';
      const rode = diary().get(id)!;
      const result = await read(file);
      const ride = result.ok && result.value[0]?.ok ? result.value[0].value : null;
      if (!ride) throw new Error(`${file} could not be read`);
      seen.add(kind);
      expect(ride.startedAt).toBe(new Date(rode.startedAt).toISOString());
      // A GPX has the track’s own distance, the others the recorder’s.
      expect(Math.abs(ride.distanceKm / rode.loop.km - 1)).toBeLessThan(
        kind === 'gpx' ? 0.01 : 1e-4,
      );
      expect(Math.abs(ride.distanceKm / (ride.trackKm ?? ride.distanceKm) - 1)).toBeLessThan(0.03);
      expect(Math.abs((ride.movingH ?? 0) / rode.hours - 1)).toBeLessThan(0.02);
      expect(ride.zone).not.toBeNull();
      if (kind === 'fit') expect(ride.climbM).toBe(climbOf(rode.loop));
      if (kind !== 'gpx') expect(ride.clues.device).toBe(DEVICE);
      if (kind !== 'fit') expect(ride.name).toBe(rode.name);
    }
    expect([...seen].sort()).toEqual(['fit', 'gpx', 'tcx']);
  });

  it('has new rides as time goes by, none before it is over', async () => {
    const before = new Set((await list()).rides.map((r) => r.id));
    now += 2 * 86_400_000;
    const fresh = (await list()).rides.filter((r) => !before.has(r.id));
    expect(fresh.length).toBeGreaterThan(0);
    for (const { id } of fresh) {
      const rode = diary().get(id)!;
      expect(rode.startedAt + rode.hours * 3_600_000).toBeLessThanOrEqual(now);
    }
    now -= 2 * 86_400_000;
  });

  it('fails on purpose when asked to: offline, cut off', async () => {
    const [first] = (await list()).rides;
    const offline = await get('/api/recorder/rides', { 'Recorder-Fault': 'offline' });
    expect(offline.status).toBe(503);
    expect(offline.headers.get('content-type')).toMatch('application/problem+json');
    const cut = await read(first!.file, { 'Recorder-Fault': 'truncated' });
    expect(cut.ok && cut.value.every((r) => r.ok)).toBe(false);
  });

  it('knows no ride it does not hold', async () => {
    for (const file of ['nothing.fit', '1-1.gpx', '../app.ts'])
      expect((await get(`/api/recorder/rides/${encodeURIComponent(file)}`)).status).toBe(404);
  });
});
