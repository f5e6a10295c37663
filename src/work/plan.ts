import { proxy, wrap, type Remote } from 'comlink';
import { planRequest } from '@/core/plan/ask';
import type { CalendarRead } from '@/core/formats/calendarIn';
import type { PlanAnswer } from '@/core/words/planAnswer';
import type { PlanRequest } from '@/core/plan/agenda/request';
import { fail, type Result } from '@/core/problem';
import type { PlanApi } from './plan.worker';

export interface Planning {
  /** Null when it was cancelled or the worker failed. */
  done: Promise<PlanAnswer | null>;
  cancel: () => void;
}

/** What the planner is asked, from the logbook; its text tells whether anything has changed. */
export { planRequest };
export { dueSentence, overlapSentence } from '@/core/words/plan';

interface Planner {
  worker: Worker;
  api: Remote<PlanApi>;
}

function newPlanner(): Planner {
  const worker = new Worker(new URL('./plan.worker.ts', window.location.href));
  return { worker, api: wrap<PlanApi>(worker) };
}

/** A planner that has nothing to do is kept: the second plan comes quicker than the first. */
let idle: Planner | null = null;

/** Makes a plan in a worker. */
export function plan(request: PlanRequest, onProgress: (share: number) => void): Planning {
  const planner = idle ?? newPlanner();
  const { worker, api } = planner;
  idle = null;
  let giveUp = () => undefined as void;
  const over = new Promise<null>((resolve) => {
    giveUp = () => resolve(null);
    worker.onerror = giveUp;
  });
  const done = Promise.race([api.plan(request, proxy(onProgress)), over]).then((answer) => {
    if (answer === null || idle) worker.terminate();
    else idle = planner;
    return answer;
  });
  return { done, cancel: giveUp };
}

/** A calendar takes no longer than this. */
const MOST_MS = 10_000;

/** Reads a calendar file in a worker: its entries from one day to another. */
export async function readCalendarFile(
  text: string,
  zone: string,
  from: string,
  to: string,
): Promise<Result<CalendarRead>> {
  const { worker, api } = newPlanner();
  const failed = new Promise<Result<CalendarRead>>((resolve) => {
    worker.onerror = () => resolve(fail('calendar/damaged'));
    setTimeout(() => resolve(fail('file/timed-out')), MOST_MS);
  });
  return Promise.race([api.calendar(text, zone, from, to), failed]).finally(() =>
    worker.terminate(),
  );
}
