import { expose } from 'comlink';
import { readCalendar } from '@/core/formats/calendarIn';
import { KeptForPlans } from '@/core/plan/kept';
import { makePlan } from '@/core/plan/planner';
import { planAnswer, type PlanAnswer } from '@/core/words/planAnswer';
import type { PlanRequest } from '@/core/plan/agenda/request';

/** A worker makes one plan after the other. */
const kept = new KeptForPlans();

const api = {
  /** Makes a plan; tells how much is done. */
  plan: async (
    request: PlanRequest,
    onProgress: (share: number) => void | Promise<void>,
  ): Promise<PlanAnswer> => planAnswer(request, await makePlan(request, onProgress, kept)),
  /** Reads a calendar file: of ten thousand entries that takes a while. */
  calendar: readCalendar,
};

export type PlanApi = typeof api;

expose(api);
