import { reportOn } from '@/core/care/verdict/report';
import { dayReached } from '@/core/plan/rides/coming';
import { demoLogbook } from '@/core/demo/scenario';
import { DEMO_NOW } from '@/test/demoPlan';
import { testEdge } from '@/test/edge';
import { selectComing, selectLikelyDays } from '../likelyDays';
import { opened } from '../logbookSlice';
import {
  selectBikesOnChain,
  selectMainReport,
  selectReplay,
  selectReportOf,
  selectReports,
} from '../selectors';
import { bikeChosen, ticked } from '../sessionSlice';
import { createStore } from '../store';

const logbook = demoLogbook(DEMO_NOW, 'UTC');
function opening() {
  const store = createStore(testEdge(DEMO_NOW));
  store.dispatch(ticked(DEMO_NOW));
  store.dispatch(opened(logbook));
  return store;
}

it('the bikes on a chain are those with a report, the one ridden last first, and each says what it says alone', () => {
  const state = opening().getState();
  const { replay } = selectReplay(state);
  const lastRide = (bikeId: string) =>
    replay.steps.findLastIndex(
      ({ event }) => event.type === 'rideLogged' && event.bikeId === bikeId,
    );
  const alone = Object.values(logbook.garage.bikes)
    .filter(({ retired }) => !retired)
    .sort((a, b) => lastRide(b.id) - lastRide(a.id))
    .flatMap(({ id }) => reportOn(replay, id, logbook.settings, DEMO_NOW) ?? []);
  expect(alone.length).toBeGreaterThan(1);
  expect(selectReports(state)).toEqual(alone);
  expect(selectBikesOnChain(state).map(({ id }) => id)).toEqual(alone.map(({ bike }) => bike.id));
});

it('a report is made once, for whoever asks', () => {
  const store = opening();
  const main = selectMainReport(store.getState());
  expect(selectReports(store.getState())[0]).toBe(main);
  store.dispatch(bikeChosen(selectReports(store.getState())[1]!.bike.id));
  expect(selectMainReport(store.getState())).toBe(selectReports(store.getState())[1]);
  // Of a bike that is gone the one ridden last is spoken.
  store.dispatch(bikeChosen('none'));
  expect(selectMainReport(store.getState())).toBe(main);
  expect(selectReportOf(store.getState())('none')).toBeNull();
});

it('of the minutes gone by nothing is kept: a page may be left open for days', () => {
  const store = opening();
  const before = store.getState();
  // Another state of the same: only what goes into a report can tell them apart.
  const again = () => ({ ...before });
  const { bike } = selectMainReport(before)!;
  const ofThen = [
    selectReportOf(again()),
    selectLikelyDays(again(), 'UTC', selectMainReport(before)!),
  ];
  expect(selectReportOf(again())).toBe(ofThen[0]);
  store.dispatch(ticked(DEMO_NOW + 60_000));
  const later = store.getState();
  selectLikelyDays(later, 'UTC', selectReportOf(later)(bike.id)!);
  expect(selectReportOf(again())).not.toBe(ofThen[0]);
  expect(selectLikelyDays(again(), 'UTC', selectMainReport(before)!)).not.toBe(ofThen[1]);
});

it('a minute later it is made anew', () => {
  const store = opening();
  const before = selectMainReport(store.getState());
  store.dispatch(ticked(DEMO_NOW + 60_000));
  expect(selectMainReport(store.getState())).not.toBe(before);
});

it('the likely days of a bike are those its rides among all rides to come tell', () => {
  const state = opening().getState();
  const rides = selectComing(state, 'UTC');
  const days = selectReports(state).map((report) => {
    const { lube, dirt } = report.verdict;
    const said = selectLikelyDays(state, 'UTC', report);
    const day = ({ km }: typeof lube) => km && dayReached(rides, report.bike.id, km.mid);
    expect(said).toEqual({ lube: day(lube), dirt: day(dirt), today: '2026-11-24' });
    return said;
  });
  expect(new Set(rides.map(({ bikeId }) => bikeId)).size).toBeGreaterThan(1);
  expect(days.some(({ dirt }) => dirt !== null)).toBe(true);
});
