import type { Persistence } from './persistence';
import { quarantineFound } from './sessionSlice';
import type { AppThunk } from './store';

/** Drops a part that was set aside, once the rider has no more use for it. */
export const discardQuarantined =
  (persistence: Persistence, key: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    await persistence.discard(key);
    dispatch(quarantineFound(await persistence.quarantined()));
  };
