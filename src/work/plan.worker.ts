import { expose } from 'comlink';
import { readCalendar } from '@/core/formats/calendarIn';
import { makePlan, type PlanAnswer } from '@/core/plan/planner';
import type { PlanRequest } from '@/core/plan/request';

const api = {
  /** Makes a plan; tells how much is done. */
  plan: (
    request: PlanRequest,
    onProgress: (share: number) => void | Promise<void>,
  ): Promise<PlanAnswer> => makePlan(request, onProgress),
  /** Reads a calendar file: of ten thousand entries that takes a while. */
  calendar: readCalendar,
};

export type PlanApi = typeof api;

expose(api);
