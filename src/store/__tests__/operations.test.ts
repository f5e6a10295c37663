import { PRESETS } from '@/core/garage/presets';
import { USED_CHAIN } from '@/test/chains';
import { testEdge } from '@/test/edge';
import { changeSettings } from '../commands/settings';
import { record } from '../commands/perform';
import { startWithBike } from '../commands/start';
import { noteFaults, Operations } from '../operations';
import { bikeChosen, phaseChanged, saveChanged, ticked } from '../sessionSlice';
import { createStore } from '../store';

function started() {
  const edge = testEdge();
  const operations = new Operations();
  return { edge, operations, store: createStore(edge, operations) };
}

describe('the list of operations', () => {
  it('names what was done and how it ended, in order, and leaves the clock out', () => {
    const { store, operations } = started();
    store.dispatch(ticked(1));
    store.dispatch(phaseChanged({ phase: 'open', problem: null }));
    store.dispatch(saveChanged({ kind: 'failed', problem: { code: 'storage/unavailable' } }));
    expect(operations.text().split('\n')).toEqual([
      '2026-05-10T12:00:00.000Z session/phaseChanged open',
      '2026-05-10T12:00:00.000Z session/saveChanged failed storage/unavailable',
    ]);
  });

  it('holds nothing a rider wrote, named or did where', () => {
    const { store, operations } = started();
    store.dispatch(startWithBike(PRESETS.road, USED_CHAIN));
    store.dispatch(changeSettings('SECRET label', { bikeRules: { SECRET: 'SECRET' } }));
    const bikeId = Object.keys(store.getState().logbook.garage.bikes)[0] ?? '';
    store.dispatch(bikeChosen('SECRET bike'));
    store.dispatch(
      record('SECRET undo', [
        { type: 'gotWet', at: '2026-05-10T11:00:00.000Z', bikeId, how: 'washed' },
      ]),
    );
    store.dispatch(
      saveChanged({
        kind: 'failed',
        problem: { code: 'storage/damaged', part: 'SECRET part' },
      }),
    );
    expect(operations.text()).toMatch(/logbook\/changed/);
    expect(operations.text()).not.toMatch(/SECRET|washed|gotWet|id0/);
  });

  it('keeps the last two hundred', () => {
    const { store, operations } = started();
    for (let n = 0; n < 250; n++) store.dispatch(bikeChosen(`b${n}`));
    store.dispatch(phaseChanged({ phase: 'open', problem: null }));
    const lines = operations.text().split('\n');
    expect(lines).toHaveLength(200);
    expect(lines.at(-1)).toMatch(/phaseChanged/);
  });

  it('notes a fault by its kind, not by its words', () => {
    const { edge, operations } = started();
    noteFaults(operations, edge.now);
    window.dispatchEvent(new ErrorEvent('error', { error: new TypeError('SECRET') }));
    expect(operations.text()).toBe('2026-05-10T12:00:00.000Z fault TypeError');
  });
});
