import { PRESETS } from '@/core/garage/presets';
import { USED_CHAIN } from '@/test/chains';
import { testEdge } from '@/test/edge';
import { undo } from '../../commands/history';
import { startWithBike } from '../../commands/start';
import { markPlan, changePlanSettings } from '../commands';
import { dropPlanned, savePlanned, takeCalendar } from '../plannedRides';
import { selectBikes, selectGarage, selectSettings } from '../../selectors';
import { createStore } from '../../store';

function started() {
  const edge = testEdge();
  const store = createStore(edge);
  store.dispatch(startWithBike(PRESETS.road, USED_CHAIN));
  const bikeId = selectBikes(store.getState())[0]?.id ?? '';
  const ride = {
    bikeId,
    title: 'To the quay',
    date: '2026-05-12',
    time: '07:30',
    distanceKm: 20,
    surface: 'paved' as const,
    weight: 'ordinary' as const,
    repeat: null,
    except: [],
    calendarId: null,
  };
  const planned = () =>
    Object.values(selectGarage(store.getState()).planned).filter((r) => !r.retired);
  const marks = () =>
    Object.values(selectGarage(store.getState()).planMarks).filter((m) => !m.retired);
  return { store, bikeId, ride, planned, marks };
}

describe('the rider’s plans', () => {
  it('are put, changed, taken out, and each is one step to undo', () => {
    const { store, ride, planned } = started();
    store.dispatch(savePlanned('Ride planned', [ride]));
    const [first] = planned();
    expect(first).toMatchObject({ title: 'To the quay', retired: false });
    store.dispatch(savePlanned('Changed', [{ ...first!, weight: 'race' }]));
    expect(planned()[0]?.weight).toBe('race');
    store.dispatch(undo());
    expect(planned()[0]?.weight).toBe('ordinary');
    store.dispatch(dropPlanned('Out', planned()));
    expect(planned()).toEqual([]);
    store.dispatch(undo());
    expect(planned()).toHaveLength(1);
    store.dispatch(undo());
    store.dispatch(undo());
    expect(planned()).toEqual([]);
  });

  it('take a calendar in and what it moved away out, as one step', () => {
    const { store, ride, planned } = started();
    store.dispatch(savePlanned('Ride planned', [{ ...ride, id: 'cal a', calendarId: 'a#1' }]));
    const put = [{ ...ride, id: 'cal b', calendarId: 'a#2', date: '2026-05-13' }];
    store.dispatch(takeCalendar({ put, drop: planned(), unchanged: 0 }));
    expect(planned().map((r) => r.id)).toEqual(['cal b']);
    store.dispatch(undo());
    expect(planned().map((r) => r.id)).toEqual(['cal a']);
  });

  it('are marked, a new mark in the place of an old one', () => {
    const { store, bikeId, marks } = started();
    const pin = {
      bikeId,
      kind: 'pin' as const,
      date: '2026-05-12',
      until: '2026-05-12',
      depth: 'top-up' as const,
    };
    store.dispatch(markPlan('Pinned', [pin]));
    const before = marks();
    store.dispatch(
      markPlan('Moved', [{ ...pin, date: '2026-05-14', until: '2026-05-14' }], before),
    );
    expect(marks().map((m) => m.date)).toEqual(['2026-05-14']);
    store.dispatch(undo());
    expect(marks().map((m) => m.date)).toEqual(['2026-05-12']);
  });

  it('weigh what the rider says they weigh', () => {
    const { store } = started();
    store.dispatch(changePlanSettings('An hour', { hourPrice: 0 }));
    expect(selectSettings(store.getState()).plan).toMatchObject({ hourPrice: 0, chainPrice: 30 });
  });
});
