import { proxy, wrap } from 'comlink';
import { planRequest } from '@/core/plan/ask';
import type { CalendarRead } from '@/core/formats/calendarIn';
import type { PlanAnswer } from '@/core/words/planAnswer';
import type { PlanRequest } from '@/core/plan/agenda/request';
import { fail, type Result } from '@/core/problem';
import type { PlanApi } from './plan.worker';
import { runInWorker, type Hired } from './runInWorker';

export interface Planning {
  /** Null when it was cancelled or the worker failed. */
  done: Promise<PlanAnswer | null>;
  cancel: () => void;
}

/** What the planner is asked, from the logbook; its text tells whether anything has changed. */
export { planRequest };
export { dueSentence, overlapSentence } from '@/core/words/plan';

type Planner = Hired<PlanApi>;

function newPlanner(): Planner {
  const worker = new Worker(new URL('./plan.worker.ts', window.location.href));
  return { worker, api: wrap<PlanApi>(worker) };
}

/** A planner that has nothing to do is kept: the second plan comes quicker than the first. */
let idle: Planner | null = null;

/** A planner that is silent for longer than this is given up. */
const TIMEOUT_MS = 60_000;

/** Makes a plan in a worker. */
export function plan(request: PlanRequest, onProgress: (share: number) => void): Planning {
  const planner = idle ?? newPlanner();
  idle = null;
  const stop = new AbortController();
  const call = (api: Planner['api'], alive: () => void) =>
    api.plan(
      request,
      proxy((share: number) => {
        alive();
        onProgress(share);
      }),
    );
  const done = runInWorker(planner, call, { timeoutMs: TIMEOUT_MS, signal: stop.signal });
  return {
    done: done.then(({ value }) => {
      if (value === undefined) return null;
      if (idle) planner.worker.terminate();
      else idle = planner;
      return value;
    }),
    cancel: () => stop.abort(),
  };
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
  const planner = newPlanner();
  const read = async ({ calendar }: Planner['api']): Promise<Result<CalendarRead>> =>
    calendar(text, zone, from, to);
  const ended = await runInWorker(planner, read, {
    timeoutMs: MOST_MS,
  });
  planner.worker.terminate();
  if (ended.how === 'done') return ended.value;
  return fail(ended.how === 'timed out' ? 'file/timed-out' : 'calendar/damaged');
}
