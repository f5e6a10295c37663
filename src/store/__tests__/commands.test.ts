import { rideEntries } from '@/core/rides/entries';
import { NEW_CHAIN } from '@/core/care/model/state';
import type { NewChainFields } from '@/core/entry/newChain';
import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { allEvents } from '@/core/logbook/chunks';
import { NOT_RECORDED } from '@/core/logbook/events';
import { USED_CHAIN } from '@/test/chains';
import { testEdge } from '@/test/edge';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { amend, record, recordAmending, strike, type NewEvent } from '../commands/perform';
import { changeSettings } from '../commands/settings';
import { redo, undo } from '../commands/history';
import {
  boxedChain,
  fitBoxed,
  retireBike,
  retireChain,
  saveBike,
  saveChain,
} from '../commands/garage';
import { changeMany, deleteMany } from '../commands/manyRides';
import { noteRoadRepair } from '../commands/road';
import { startWithBike } from '../commands/start';
import {
  selectBikes,
  selectEvents,
  selectMainReport,
  selectReplay,
  selectRides,
} from '../selectors';
import { restoreBackup } from '../commands/arrivals';
import { merged } from '../logbookSlice';
import { ticked } from '../sessionSlice';
import { createStore } from '../store';

function started() {
  const edge = testEdge();
  const store = createStore(edge);
  store.dispatch(startWithBike(PRESETS.road, USED_CHAIN));
  edge.at += 3_600_000;
  store.dispatch(ticked(edge.at));
  const bikeId = selectBikes(store.getState())[0]?.id ?? '';
  const ride: NewEvent = {
    type: 'rideLogged',
    at: new Date(edge.at - 60_000).toISOString(),
    bikeId,
    distanceKm: 42,
    durationH: null,
    weather: 'wet',
    surface: 'paved',
    mud: false,
    salted: false,
    note: '',
    ...NOT_RECORDED,
  };
  const film = () => selectMainReport(store.getState())?.state.film ?? NaN;
  return { edge, store, ride, film };
}

describe('commands', () => {
  it('a finding and what it says of earlier notes are one step, undone as one', () => {
    const { store, edge } = started();
    const chainId = selectMainReport(store.getState())!.chain.id;
    const at = new Date(edge.at).toISOString();
    const squeak = { type: 'soundHeard', at, chainId, sound: 'squeak' } as const;
    store.dispatch(record('Heard', [squeak]));
    const sounds = () =>
      selectEvents(store.getState()).flatMap((e) => (e.type === 'soundHeard' ? e.sound : []));
    const target = selectEvents(store.getState()).find((e) => e.type === 'soundHeard')!;
    const found: NewEvent = {
      type: 'faultFound',
      at,
      bikeId: selectBikes(store.getState())[0]!.id,
      chainId: null,
      noise: 'squeak',
      cause: 'dry jockey bearing',
      place: null,
      showed: null,
      state: 'put right',
    };
    const replacement = { ...squeak, sound: 'not the chain' as const };
    store.dispatch(recordAmending('Found', [found], [{ target, replacement }]));
    expect(sounds()).toEqual(['not the chain']);
    expect(selectMainReport(store.getState())!.faults).toHaveLength(1);
    store.dispatch(undo());
    expect(sounds()).toEqual(['squeak']);
    expect(selectMainReport(store.getState())!.faults).toEqual([]);
  });

  it('a chain mended on the road is shorter, and a pin pushed back is not to be ridden on, undone as one', () => {
    const { store } = started();
    const { bike, chain } = selectMainReport(store.getState())!;
    const now = () => selectMainReport(store.getState())!;
    store.dispatch(noteRoadRepair({ bikeId: bike.id, chain, holds: 'spare link', shorter: 2 }));
    expect(now().chain).toMatchObject({ links: chain.links - 2, closure: 'not known' });
    expect(now().faults).toEqual([]);
    store.dispatch(undo());
    expect(now().chain.links).toBe(chain.links);
    store.dispatch(noteRoadRepair({ bikeId: bike.id, chain, holds: 'old pin', shorter: 0 }));
    expect(now().chain.links).toBe(chain.links);
    expect(now().faults).toMatchObject([{ found: { cause: 'moved pin', chainId: chain.id } }]);
    store.dispatch(undo());
    expect(now().faults).toEqual([]);
    const short = { ...chain, links: 41 };
    store.dispatch(
      noteRoadRepair({ bikeId: bike.id, chain: short, holds: 'spare link', shorter: 2 }),
    );
    expect(now().chain.links).toBe(40);
  });

  it('a chain out of its box comes with its fitting, retires the one it replaces and no other, as one step', () => {
    const { store, edge } = started();
    const { bike, chain: old } = selectMainReport(store.getState())!;
    const chains = () => store.getState().logbook.garage.chains;
    const fields: NewChainFields = {
      ...{ links: 112, speeds: 11, openingsAllowed: null, wearPercent: null },
      ...{ directional: true, price: 40 },
      closure: 'single-use link',
    };
    const { replay } = selectReplay(store.getState());
    const chain = boxedChain(bike, fields, replay, edge);
    expect(chain).toMatchObject({ name: `${bike.name} chain 2`, links: 112, price: 40 });
    expect(chain).not.toHaveProperty('wearPercent');
    const boxed = { bikeId: bike.id, chain, replaces: old.id, keepsOld: false };
    store.dispatch(fitBoxed(boxed, []));
    expect(Object.keys(chains())).toEqual([old.id]);
    const at = new Date(edge.at).toISOString();
    const fit: NewEvent = {
      ...{ type: 'chainFitted', at, bikeId: bike.id, chainId: chain.id, start: NEW_CHAIN },
    };
    store.dispatch(fitBoxed(boxed, [fit]));
    expect(selectMainReport(store.getState())!.chain.id).toBe(chain.id);
    expect(chains()[old.id]!.retired).toBe(true);
    store.dispatch(undo());
    expect(selectMainReport(store.getState())!.chain).toMatchObject({ id: old.id, retired: false });
    // Meanwhile another chain went on: the one that came off is retired, not what is on now.
    const other = { ...old, id: 'other', name: 'Other' };
    store.dispatch(saveChain('Other added', other));
    const on: NewEvent = {
      ...{ type: 'chainFitted', at, bikeId: bike.id, chainId: 'other', start: NEW_CHAIN },
    };
    store.dispatch(record('Other fitted', [on]));
    store.dispatch(fitBoxed(boxed, [{ ...fit, at: new Date(edge.at + 1000).toISOString() }]));
    expect([chains()[old.id]!.retired, chains().other!.retired]).toEqual([true, false]);
  });

  it('a ride moves the verdict; undo takes it back and redo brings it again', () => {
    const { store, ride, film } = started();
    const before = film();
    store.dispatch(record('Ride logged', [ride]));
    const after = film();
    expect(after).toBeLessThan(before - 0.1);
    store.dispatch(undo());
    expect(film()).toBeCloseTo(before, 6);
    store.dispatch(redo());
    expect(film()).toBeCloseTo(after, 6);
    store.dispatch(undo());
    store.dispatch(undo());
    expect(selectBikes(store.getState())).toEqual([]);
    store.dispatch(undo());
    expect(selectBikes(store.getState())).toEqual([]);
  });

  it('many rides change as one step; those for whose bike there was no chain are left, and it says so', () => {
    const { store, ride } = started();
    store.dispatch(record('Two', [ride, { ...ride, surface: 'trail' }]));
    const rides = () => rideEntries(selectRides(store.getState())).map((e) => e.ride);
    const says = () => store.getState().session.notice?.text;
    store.dispatch(changeMany(rides(), { surface: 'trail' }));
    expect(says()).toBe('1 ride changed');
    expect(rides().map((r) => r.surface)).toEqual(['trail', 'trail']);
    store.dispatch(changeMany(rides(), { bikeId: 'never had a chain' }));
    expect(says()).toBe('0 rides changed; 2 left, no chain was on that bike then');
    store.dispatch(deleteMany(rides()));
    expect([says(), rides()]).toEqual(['2 rides deleted', []]);
    store.dispatch(undo());
    store.dispatch(undo());
    expect(
      rides()
        .map((r) => r.surface)
        .sort(),
    ).toEqual(['paved', 'trail']);
  });

  it('the log only grows: undoing and deleting add corrections', () => {
    const { store, ride } = started();
    const [id] = store.dispatch(record('Ride logged', [ride]));
    store.dispatch(strike('Ride deleted', [id ?? '']));
    expect(selectRides(store.getState())).toHaveLength(0);
    store.dispatch(undo());
    expect(selectRides(store.getState())).toHaveLength(1);
    expect(allEvents(store.getState().logbook.log)).toHaveLength(4);
  });

  it('the later of two changes counts, even within one millisecond', () => {
    const { store, ride } = started();
    store.dispatch(record('Ride logged', [ride]));
    const event = selectRides(store.getState())[0]!.event;
    for (const distanceKm of [50, 60])
      store.dispatch(amend('Ride changed', event, { ...ride, distanceKm } as NewEvent));
    expect(selectRides(store.getState())[0]?.event).toMatchObject({ distanceKm: 60 });
    store.dispatch(undo());
    expect(selectRides(store.getState())[0]?.event).toMatchObject({ distanceKm: 50 });
  });

  it('settings and restored backups are undone as one step', () => {
    const { store, ride } = started();
    store.dispatch(changeSettings('Units changed', { units: IMPERIAL }));
    expect(store.getState().logbook.settings.units).toEqual(IMPERIAL);
    store.dispatch(undo());
    expect(store.getState().logbook.settings.units).toEqual(METRIC);

    store.dispatch(record('Ride logged', [ride]));
    const backup = store.getState().logbook;
    const other = createStore(testEdge());
    other.dispatch(restoreBackup(backup));
    expect(selectRides(other.getState())).toHaveLength(1);
    other.dispatch(undo());
    expect(selectRides(other.getState())).toHaveLength(0);
    expect(selectBikes(other.getState())).toEqual([]);
  });

  it('a bike taken out of use sets its chain free; a chain taken out of use comes off', () => {
    const { store } = started();
    const fitted = () => selectReplay(store.getState()).replay.book.fitted.size;
    store.dispatch(retireBike(selectBikes(store.getState())[0]!));
    expect(fitted()).toBe(0);
    expect(selectBikes(store.getState())).toEqual([]);
    store.dispatch(undo());
    expect(fitted()).toBe(1);
    store.dispatch(retireChain(Object.values(store.getState().logbook.garage.chains)[0]!));
    expect(fitted()).toBe(0);
    expect(selectMainReport(store.getState())).toBeNull();
  });

  it('selectors see each change though the replay is kept', () => {
    const { store, ride } = started();
    const first = selectReplay(store.getState());
    expect(selectReplay(store.getState())).toBe(first);
    store.dispatch(record('Ride logged', [ride]));
    const second = selectReplay(store.getState());
    expect(second).not.toBe(first);
    expect(second.replay).toBe(first.replay);
  });
});

describe('undo', () => {
  it('takes back the fields an action changed and no others', () => {
    const { store, edge } = started();
    const bike = () => selectBikes(store.getState())[0]!;
    const first = bike();
    store.dispatch(saveBike('Bike changed', { ...first, name: 'Renamed' }));
    // Another tab changes another field meanwhile, then the same one.
    const elsewhere = (part: Partial<Bike>, stamps: Record<string, number>) =>
      store.dispatch(
        merged({
          ...store.getState().logbook,
          garage: {
            ...store.getState().logbook.garage,
            bikes: { [first.id]: { ...bike(), ...part, stamps: { ...bike().stamps, ...stamps } } },
          },
        }),
      );
    elsewhere({ mudguards: !first.mudguards }, { mudguards: edge.at + 1 });
    store.dispatch(undo());
    expect(bike()).toMatchObject({ name: first.name, mudguards: !first.mudguards });
    store.dispatch(redo());
    expect(bike().name).toBe('Renamed');
    elsewhere({ name: 'Theirs' }, { name: edge.at + 9 });
    store.dispatch(undo());
    expect(bike().name).toBe('Theirs');
    expect(store.getState().session.notice?.text).toBe('Changed since, so it stays: Bike changed');
  });

  it('of a setting leaves the settings beside it', () => {
    const { store } = started();
    store.dispatch(changeSettings('Units', { units: IMPERIAL }));
    store.dispatch(changeSettings('Theme', { theme: 'dark' }));
    store.dispatch(undo());
    store.dispatch(undo());
    expect(store.getState().logbook.settings).toMatchObject({ units: METRIC, theme: 'system' });
    store.dispatch(redo());
    expect(store.getState().logbook.settings).toMatchObject({ units: IMPERIAL, theme: 'system' });
  });

  it('a form saves what was changed in it, not what it was opened with', () => {
    const { store } = started();
    const opened = selectBikes(store.getState())[0]!;
    store.dispatch(saveBike('Bike changed', { ...opened, mudguards: !opened.mudguards }));
    store.dispatch(saveBike('Bike changed', { ...opened, name: 'Renamed' }, opened));
    expect(selectBikes(store.getState())[0]).toMatchObject({
      name: 'Renamed',
      mudguards: !opened.mudguards,
    });
  });
});
