import { countedRides } from '@/core/words/counted';
import type { CalendarChange } from '@/core/plan/rides/calendarRides';
import type { PlannedRide } from '@/core/records/plan';
import { editOf } from '@/core/logbook/fields';
import { perform } from '../commands/perform';
import type { AppThunk } from '../store';

export type NewPlannedRide = Omit<PlannedRide, 'id' | 'changedAt' | 'retired'> & {
  id?: string | undefined;
};

/**
 * Puts rides into the plan, or changes those of their ids, as one step. `opened`: the one ride as it was
 * when the rider began to change it, so that only what the rider changed is written.
 */
export const savePlanned =
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
    const count = countedRides(put.length);
    dispatch(perform(`${count} from the calendar`, { planned }));
  };

/** Takes planned rides out. */
export const dropPlanned =
  (label: string, rides: readonly PlannedRide[]): AppThunk =>
  (dispatch, _, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    dispatch(perform(label, { planned: rides.map((r) => ({ ...r, retired: true, changedAt })) }));
  };
