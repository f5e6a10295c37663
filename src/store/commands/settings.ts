import type { Settings } from '@/core/records/settings';
import type { AppThunk } from '../store';
import { perform } from './perform';

/** Changes some of the settings. */
export const changeSettings =
  (label: string, settings: Partial<Omit<Settings, 'changedAt'>>): AppThunk =>
  (dispatch, getState, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    dispatch(
      perform(label, { settings: { ...getState().logbook.settings, ...settings, changedAt } }),
    );
  };
