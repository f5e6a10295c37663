import type { Trial } from '@/core/records/trial';
import type { Arm } from '@/core/records/trialKinds';
import { settingsWith } from '@/core/trials/setup';
import type { AppThunk } from '../store';
import { perform } from './perform';

/** A trial as its plan hands it over. */
export type NewTrial = Omit<
  Trial,
  'id' | 'startedAt' | 'endedAt' | 'retired' | 'changedAt' | 'stamps'
>;

/** Begins a trial. Returns its id. */
export const beginTrial =
  (trial: NewTrial): AppThunk<string> =>
  (dispatch, _, edge) => {
    const now = new Date(edge.now()).toISOString();
    const id = edge.newId();
    const whole: Trial = {
      ...trial,
      id,
      startedAt: now,
      endedAt: null,
      retired: false,
      changedAt: now,
    };
    dispatch(perform('Trial begun', { trials: [whole] }));
    return id;
  };

/** Ends a trial; with a habit it becomes the rider's own, as one step. */
export const endTrial =
  (trial: Trial, adopted: Arm | null): AppThunk =>
  (dispatch, getState, edge) => {
    const endedAt = trial.endedAt ?? new Date(edge.now()).toISOString();
    const trials = [{ ...trial, endedAt }];
    if (adopted === null) return dispatch(perform('Trial ended', { trials }));
    const { settings, garage } = getState().logbook;
    const { question } = trial;
    const bike = garage.bikes[trial.bikeId];
    if (question.kind === 'product') {
      const bikes = bike ? [{ ...bike, usualBottle: question[adopted] }] : [];
      return dispatch(perform('The usual bottle is set', { trials, bikes }));
    }
    return dispatch(
      perform('Your way is set', { trials, settings: settingsWith(settings, question, adopted) }),
    );
  };

/** Takes a trial out of the list; its coats stay in the log. */
export const removeTrial =
  (trial: Trial): AppThunk =>
  (dispatch) =>
    dispatch(perform('Trial removed', { trials: [{ ...trial, retired: true }] }));
