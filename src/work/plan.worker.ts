import { expose } from 'comlink';
import { KeptForPlans } from '@/core/plan/kept';
import { makePlan } from '@/core/plan/planner';
import { planAnswer, type PlanAnswer } from '@/core/words/planAnswer';
import type { PlanRequest } from '@/core/plan/agenda/request';

/** A worker makes one plan after the other. */
const kept = new KeptForPlans();

const api = {
  /** Makes a plan; tells how much is done. `makesWay`: it waits each time until the page has heard it. */
  plan: async (
    request: PlanRequest,
    makesWay: boolean,
    onProgress: (share: number) => void | Promise<void>,
  ): Promise<PlanAnswer> => {
    const tell = (share: number) => {
      const heard = onProgress(share);
      return makesWay ? heard : undefined;
    };
    return planAnswer(request, await makePlan(request, tell, kept));
  },
};

export type PlanApi = typeof api;

expose(api);
