import { demoLogbook } from '@/core/demo/scenario';
import { DEMO_NOW } from '@/test/demoPlan';
import { testEdge } from '@/test/edge';
import { selectCostLine, selectWattLine } from '../figures';
import { changeSettings } from '../commands/settings';
import { opened } from '../logbookSlice';
import { selectLastYear, selectLedger } from '../money';
import { selectMainReport } from '../selectors';
import { ticked } from '../sessionSlice';
import { createStore } from '../store';

const DAY = 24 * 3_600_000;
const store = createStore(testEdge(DEMO_NOW));
store.dispatch(opened(demoLogbook(DEMO_NOW, 'UTC')));
store.dispatch(ticked(DEMO_NOW));
const state = store.getState();

it('what care costs is what the ledger’s entries of the last twelve months come to, by a sum of its own', () => {
  const [from, to] = selectLastYear(state);
  expect(new Date(from).toISOString()).toBe('2025-11-25T00:00:00.000Z');
  expect(new Date(to).toISOString()).toBe('2026-11-25T00:00:00.000Z');
  const { entries } = selectLedger(state);
  const spent = entries
    .filter(({ at }) => Date.parse(at) >= from && Date.parse(at) < to)
    .reduce((sum, { minor }) => sum + minor, 0);
  const first = Math.min(...entries.map(({ at }) => Date.parse(at)));
  const year = (spent / 100 / ((DEMO_NOW - first) / DAY)) * 365;
  const said = Number(/about €([\d,.]+) a year/.exec(selectCostLine(state))![1]);
  expect(said / year).toBeGreaterThan(0.93);
  expect(said / year).toBeLessThan(1.07);
});

it('what the chain takes is said of the bike Today speaks of, at the rider’s power', () => {
  const { state: chain } = selectMainReport(state)!;
  const said = selectWattLine(state)!;
  const watts = Number(/about ([\d.]+) W of your (\d+) W/.exec(said)![1]);
  // Dirt, grit and wear alone, by the model's constants at 250 W, are the least of it at 200 W.
  const least = (10 * chain.outside + 4 * chain.inside + 3 * chain.wear) * (200 / 250);
  expect(watts).toBeGreaterThanOrEqual(Math.floor(least));
  expect(watts).toBeLessThan(least + 10);
  const strong = createStore(testEdge(DEMO_NOW));
  strong.dispatch(opened(state.logbook));
  strong.dispatch(ticked(DEMO_NOW));
  strong.dispatch(changeSettings('Power changed', { money: { currency: 'EUR', watts: 400 } }));
  const [, more, power] = /about ([\d.]+) W of your (\d+) W/.exec(
    selectWattLine(strong.getState())!,
  )!;
  expect(power).toBe('400');
  // Losses go with the pull on the chain; both are rounded to a watt.
  expect(Math.abs(Number(more) - 2 * watts)).toBeLessThanOrEqual(2);
});

it('an empty logbook has neither', () => {
  const nothing = createStore(testEdge(DEMO_NOW)).getState();
  expect(selectWattLine(nothing)).toBeNull();
  expect(selectCostLine(nothing)).toMatch(/^Too little is logged/);
});
