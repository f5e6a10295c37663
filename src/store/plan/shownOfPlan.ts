import { useMemo } from 'react';
import { isPlanComing, type PlanState } from './planSlice';

/** What Today shows of a plan beside its lines. `isComing`: one is being made, or will be. */
export interface ShownOfPlan extends Pick<PlanState, 'answer' | 'forecasts'> {
  due: PlanState['beside']['due'];
  isComing: boolean;
}

/** The same object while what it tells is the same: the plan's state changes with each step of making one. */
export function useShownOfPlan(plan: PlanState): ShownOfPlan {
  const { answer, forecasts } = plan;
  const { due } = plan.beside;
  const isComing = isPlanComing(plan);
  return useMemo(() => ({ answer, forecasts, due, isComing }), [answer, forecasts, due, isComing]);
}
