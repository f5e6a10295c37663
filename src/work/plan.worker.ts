import { expose } from 'comlink';
import { makePlan, type PlanAnswer } from '@/core/plan/planner';
import type { PlanRequest } from '@/core/plan/request';

const api = {
  /** Makes a plan; tells how much is done. */
  plan: (
    request: PlanRequest,
    onProgress: (share: number) => void | Promise<void>,
  ): Promise<PlanAnswer> => makePlan(request, onProgress),
};

export type PlanApi = typeof api;

expose(api);
