import { PRESETS } from '@/core/garage/presets';
import { runningOn } from '@/core/garage/trials';
import { USED_CHAIN } from '@/test/chains';
import { testEdge } from '@/test/edge';
import { METRIC } from '@/core/units/convert';
import { record } from '../commands/perform';
import { redo, undo } from '../commands/history';
import { startWithBike } from '../commands/start';
import { beginTrial, endTrial, removeTrial, type NewTrial } from '../commands/trials';
import { selectBikes, selectMainReport, selectReplay } from '../selectors';
import { createStore } from '../store';
import { trialSaid } from '../trialSaid';

function started(question: NewTrial['question']) {
  const edge = testEdge();
  const store = createStore(edge);
  store.dispatch(startWithBike(PRESETS.road, USED_CHAIN));
  const bikeId = selectBikes(store.getState())[0]!.id;
  const id = store.dispatch(
    beginTrial({
      bikeId,
      question,
      measure: 'squeak',
      ragKm: 100,
      again: false,
      careFor: 0.5,
      coatsAnArm: 6,
    }),
  );
  const trial = () => store.getState().logbook.garage.trials[id]!;
  const said = () => trialSaid(selectReplay(store.getState()).replay, bikeId, METRIC);
  return { edge, store, bikeId, trial, said };
}

const WHERE = { kind: 'way', way: 'where', a: 'lower run', b: 'top of the cog' } as const;

describe('trials in the store', () => {
  it('run from their beginning, and say whose turn it is', () => {
    const { store, bikeId, trial, said } = started(WHERE);
    expect(trial()).toMatchObject({ bikeId, endedAt: null, retired: false });
    expect(runningOn(store.getState().logbook.garage.trials, bikeId)).toEqual(trial());
    expect(said()!.lines[0]).toMatch(/^The next coat is due with “(Lower run|Top of the cog)”\./);
    store.dispatch(undo());
    expect(said()).toBeNull();
    store.dispatch(redo());
    expect(said()).not.toBeNull();
  });

  it('turn with the coats that are written down', () => {
    const { store, edge, said, trial } = started(WHERE);
    const chainId = selectMainReport(store.getState())!.chain.id;
    const first = said()!.turn!.includes('Lower run') ? 'a' : 'b';
    edge.at += 3_600_000;
    store.dispatch(
      record('Work', [
        {
          type: 'workDone',
          at: new Date(edge.at).toISOString(),
          chainId,
          method: 'solvent wipe',
          cogsCleaned: false,
          baths: { count: 3, ml: 150 },
          drying: 'towel',
          lube: { lubeClass: 'wet', coat: 1, wiped: true },
          used: [],
          minutes: null,
          depth: 'top-up',
          swatches: [],
          note: '',
          trial: { id: trial().id, arm: first },
        },
      ]),
    );
    expect(said()!.turn).toContain(first === 'a' ? 'Top of the cog' : 'Lower run');
  });

  it('end with a habit as the rider’s own in one step, taken back in one', () => {
    const { store, trial } = started(WHERE);
    store.dispatch(endTrial(trial(), 'b'));
    const where = () => store.getState().logbook.settings.workshop.schools.where;
    expect([where(), trial().endedAt === null]).toEqual(['top of the cog', false]);
    store.dispatch(undo());
    expect([where(), trial().endedAt]).toEqual(['lower run', null]);
    store.dispatch(endTrial(trial(), null));
    expect([where(), trial().endedAt === null]).toEqual(['lower run', false]);
  });

  it('of bottles end with the usual bottle of the bike; ended before, they keep their end', () => {
    const { store, edge, trial, bikeId } = started({ kind: 'product', a: 'p1', b: 'p2' });
    store.dispatch(endTrial(trial(), null));
    const { endedAt } = trial();
    edge.at += 86_400_000;
    store.dispatch(endTrial(trial(), 'a'));
    expect(store.getState().logbook.garage.bikes[bikeId]!.usualBottle).toBe('p1');
    expect(trial().endedAt).toBe(endedAt);
  });

  it('are removed, and come back by undo', () => {
    const { store, trial, said } = started(WHERE);
    store.dispatch(removeTrial(trial()));
    expect(said()).toBeNull();
    store.dispatch(undo());
    expect(said()).not.toBeNull();
  });

  it('of two begun on two devices the one begun first runs', () => {
    const { store, bikeId, trial } = started(WHERE);
    const later = { ...trial(), id: 'a', startedAt: '2099-01-01T00:00:00.000Z' };
    const { trials } = store.getState().logbook.garage;
    expect(runningOn({ ...trials, a: later }, bikeId)).toEqual(trial());
    expect(runningOn({ a: { ...later, retired: true } }, bikeId)).toBeNull();
    expect(runningOn({ a: { ...later, endedAt: later.startedAt } }, bikeId)).toBeNull();
  });

  it('of a way that this app does not know are left alone', () => {
    const { said } = started({ kind: 'way', way: 'where', a: 'lower run', b: 'on the moon' });
    expect(said()).toBeNull();
  });
});
