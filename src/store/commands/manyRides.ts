import type { RideLogged } from '@/core/records/event';
import { changeRides, type RideChange } from '@/core/rides/bulk';
import { countedRides } from '@/core/words/counted';
import { selectFittings } from '../selectors';
import { noticed } from '../sessionSlice';
import type { AppThunk } from '../store';
import { amendAll, strike } from './perform';

/** Changes many rides as one step, and says how many could not be. */
export const changeMany =
  (rides: readonly RideLogged[], what: RideChange): AppThunk =>
  (dispatch, getState) => {
    const { changed, refused } = changeRides(rides, what, selectFittings(getState()));
    const kept = refused > 0 ? `; ${refused} left, no chain was on that bike then` : '';
    const text = `${countedRides(changed.length)} changed${kept}`;
    dispatch(changed.length > 0 ? amendAll(text, changed) : noticed({ text, undo: false }));
  };

/** Deletes many rides as one step. */
export const deleteMany = (rides: readonly RideLogged[]): AppThunk =>
  strike(
    `${countedRides(rides.length)} deleted`,
    rides.map((r) => r.id),
  );
