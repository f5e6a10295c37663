/** @jest-environment node */
import { NOT_RECORDED } from '@/core/logbook/events';
import { allEvents } from '@/core/logbook/chunks';
import { readRideFiles } from '@/core/formats/rideFile';
import { fail, ok, type Result } from '@/core/problem';
import { PRESETS } from '@/core/garage/presets';
import { USED_CHAIN } from '@/test/chains';
import { testEdge } from '@/test/edge';
import { gpx } from '@/test/rideFiles';
import type { Recorder } from '@/work/recorder';
import { changeSettings } from '../commands/settings';
import { record, strike } from '../commands/perform';
import { undo } from '../commands/history';
import { startWithBike } from '../commands/start';
import { selectBikes, selectRideEvents } from '../selectors';
import { createStore } from '../store';
import { syncRides } from '../syncRides';

/** The very reader that the worker is a thin shell over: Node has no workers of the browser's kind. */
const read = async (files: File[]) =>
  (
    await Promise.all(
      files.map(async (f) => [...readRideFiles(f.name, new Uint8Array(await f.arrayBuffer()), {})]),
    )
  ).flat();

const sync = (withDeleted: boolean, from: Recorder) => syncRides(withDeleted, from, read);

const HELD = [1, 2, 3].map((n) => ({
  id: `r${n}`,
  startedAt: `2026-05-1${n}T08:00:00.000Z`,
  distanceKm: 4.2 * n,
  gear: n === 3 ? 'Second' : '',
  file: `r${n}.gpx`,
}));

/** A recorder with three rides of 4.2, 8.4 and 12.6 km, the third on “Second”. */
function recorder(broken: Record<string, Result<never>> = {}): Recorder & { asked: string[] } {
  const asked: string[] = [];
  return {
    asked,
    list: async () => ok({ device: 'Test', rides: HELD }),
    file: async (name) => {
      asked.push(name);
      const bad = broken[name];
      if (bad) return bad;
      const n = Number(/\d/.exec(name)?.[0]);
      return ok(new File([gpx(600 * n, `Ride ${n}`, Date.parse(HELD[n - 1]!.startedAt))], name));
    },
  };
}

function started() {
  const edge = testEdge(Date.parse('2026-05-01T12:00:00.000Z'));
  const store = createStore(edge);
  store.dispatch(startWithBike(PRESETS.road, USED_CHAIN));
  store.dispatch(startWithBike({ ...PRESETS.gravel, name: 'Second' }, USED_CHAIN));
  edge.at = Date.parse('2026-05-20T12:00:00.000Z');
  const rides = () => selectRideEvents(store.getState());
  const status = () => store.getState().session.sync;
  return { edge, store, rides, status };
}

describe('syncing', () => {
  it('adds what the recorder holds as one step, each ride to its bike, and only once', async () => {
    const { store, rides, status } = started();
    await store.dispatch(sync(false, recorder()));
    expect(status()).toMatchObject({ kind: 'done', added: 3, failed: [], deleted: 0 });
    expect(rides().map((r) => [r.recorderId, r.note, r.weather])).toEqual([
      ['r3', 'Ride 3', 'unknown'],
      ['r2', 'Ride 2', 'unknown'],
      ['r1', 'Ride 1', 'unknown'],
    ]);
    const second = selectBikes(store.getState()).find((b) => b.name === 'Second')?.id;
    expect(rides().filter((r) => r.bikeId === second)).toHaveLength(1);
    const again = recorder();
    await store.dispatch(sync(false, again));
    expect(again.asked).toEqual([]);
    expect(status()).toMatchObject({ kind: 'done', added: 0 });
    store.dispatch(undo());
    expect(rides()).toEqual([]);
  });

  it('does not fetch a ride that was logged by hand', async () => {
    const { store, rides } = started();
    const bikeId = selectBikes(store.getState())[0]!.id;
    store.dispatch(
      record('Ride logged', [
        {
          type: 'rideLogged',
          at: '2026-05-12T08:01:00.000Z',
          bikeId,
          distanceKm: 8.5,
          durationH: null,
          weather: 'wet',
          surface: 'paved',
          mud: false,
          salted: false,
          note: 'Mine',
          ...NOT_RECORDED,
        },
      ]),
    );
    const asked = recorder();
    await store.dispatch(sync(false, asked));
    expect(asked.asked).toEqual(['r1.gpx', 'r3.gpx']);
    expect(rides().map((r) => r.note)).toEqual(['Ride 3', 'Mine', 'Ride 1']);
  });

  it('leaves a ride deleted here deleted, and brings it back when asked', async () => {
    const { store, rides, status } = started();
    await store.dispatch(sync(false, recorder()));
    store.dispatch(strike('Ride deleted', [rides()[0]!.id]));
    await store.dispatch(sync(false, recorder()));
    expect(status()).toMatchObject({ kind: 'done', added: 0, deleted: 1 });
    await store.dispatch(sync(true, recorder()));
    expect(status()).toMatchObject({ kind: 'done', added: 1, deleted: 0 });
    expect(rides()).toHaveLength(3);
  });

  it('tells what failed and adds the rest; the next sync tries again', async () => {
    const { store, rides, status } = started();
    await store.dispatch(sync(false, recorder({ 'r2.gpx': fail('outside/offline') })));
    expect(rides().map((r) => r.recorderId)).toEqual(['r3', 'r1']);
    expect(status()).toMatchObject({ failed: [{ file: 'r2.gpx' }] });
    await store.dispatch(sync(false, recorder()));
    expect(rides()).toHaveLength(3);
  });

  it('changes nothing when the recorder does not answer', async () => {
    const { store, status } = started();
    const before = allEvents(store.getState().logbook.log);
    const deaf: Recorder = { ...recorder(), list: async () => fail('outside/offline') };
    await store.dispatch(sync(false, deaf));
    expect(status()).toMatchObject({ kind: 'failed', problem: { code: 'outside/offline' } });
    expect(allEvents(store.getState().logbook.log)).toEqual(before);
  });

  it('follows the rule for a bike that was remembered', async () => {
    const { store, rides } = started();
    const [first] = selectBikes(store.getState());
    store.dispatch(changeSettings('Rule', { bikeRules: { 'gear second': first!.id } }));
    await store.dispatch(sync(false, recorder()));
    expect(rides().every((r) => r.bikeId === first!.id)).toBe(true);
  });
});
