import type { CalendarChange } from '@/core/plan/rides/calendarRides';
import type { PlannedRide, PlanMark, PlanSettings } from '@/core/records/plan';
import { editOf } from '@/core/logbook';
import { perform, putSettings } from '../commands';
import { enter } from '../enter';
import { selectSettings } from '../selectors';
import type { AppThunk } from '../store';

export type NewPlannedRide = Omit<PlannedRide, 'id' | 'changedAt' | 'retired'> & {
  id?: string | undefined;
};

/**
 * Puts rides into the plan, or changes those of their ids, as one step. `opened`: the one ride as it was
 * when the rider began to change it, so that only what the rider changed is written.
 */
export const putPlanned =
  (label: string, rides: readonly NewPlannedRide[], opened: PlannedRide | null = null): AppThunk =>
  (dispatch, getState, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    const known = getState().logbook.garage.planned;
    const planned = rides.map((ride): PlannedRide => {
      const edited = { ...ride, id: ride.id ?? edge.newId(), retired: false, changedAt };
      const current = known[edited.id];
      return opened && current ? editOf(current, opened, edited) : edited;
    });
    dispatch(perform(label, { planned }));
  };

/** Takes the rides of a calendar in, and out what it has moved away, as one step. */
export const takeCalendar =
  ({ put, drop }: CalendarChange): AppThunk =>
  (dispatch, _, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    const planned: PlannedRide[] = [
      ...put.map((ride) => ({ ...ride, retired: false, changedAt })),
      ...drop.map((ride) => ({ ...ride, retired: true, changedAt })),
    ];
    const count = put.length === 1 ? '1 ride' : `${put.length} rides`;
    dispatch(perform(`${count} from the calendar`, { planned }));
  };

/** Takes planned rides out. */
export const dropPlanned =
  (label: string, rides: readonly PlannedRide[]): AppThunk =>
  (dispatch, _, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    dispatch(perform(label, { planned: rides.map((r) => ({ ...r, retired: true, changedAt })) }));
  };

export type NewMark = Omit<PlanMark, 'id' | 'changedAt' | 'retired'>;

/** The rider's word on a bike's plan: new marks, and those they take the place of. */
export const markPlan =
  (label: string, marks: readonly NewMark[], instead: readonly PlanMark[] = []): AppThunk =>
  (dispatch, _, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    const planMarks: PlanMark[] = [
      ...instead.map((m) => ({ ...m, retired: true, changedAt })),
      ...marks.map((m) => ({ ...m, id: edge.newId(), retired: false, changedAt })),
    ];
    dispatch(perform(label, { planMarks }));
  };

/** Changes what the planner weighs. */
export const putPlanSettings =
  (label: string, part: Partial<PlanSettings>): AppThunk =>
  (dispatch, getState) => {
    const { plan } = selectSettings(getState());
    dispatch(putSettings(label, { plan: { ...plan, ...part } }));
  };

/** Keeps what is no action of the rider's and so not to be undone. */
const note =
  (part: Partial<PlanSettings>): AppThunk =>
  (dispatch, getState, edge) => {
    const { settings } = getState().logbook;
    const plan = { ...settings.plan, ...part };
    const changedAt = new Date(edge.now()).toISOString();
    dispatch(enter({ settings: { ...settings, plan, changedAt } }));
  };

/** The rider has seen what fell due. */
export const seenDue = (): AppThunk => (dispatch, getState) =>
  void dispatch(note({ seenUntil: new Date(getState().session.now).toISOString() }));

/** So many jobs of each chain went out to a calendar. */
export const sentOut = (calendar: PlanSettings['calendar']): AppThunk => note({ calendar });
