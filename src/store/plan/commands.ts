import type { PlanMark, PlanSettings } from '@/core/records/plan';
import { perform } from '../commands/perform';
import { changeSettings } from '../commands/settings';
import { enter } from '../enter';
import { selectSettings } from '../selectors';
import type { AppThunk } from '../store';

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
export const changePlanSettings =
  (label: string, part: Partial<PlanSettings>): AppThunk =>
  (dispatch, getState) => {
    const { plan } = selectSettings(getState());
    dispatch(changeSettings(label, { plan: { ...plan, ...part } }));
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
export const markDueSeen = (): AppThunk => (dispatch, getState) =>
  void dispatch(note({ seenUntil: new Date(getState().session.now).toISOString() }));

/** So many jobs of each chain went out to a calendar. */
export const sentOut = (calendar: PlanSettings['calendar']): AppThunk => note({ calendar });
