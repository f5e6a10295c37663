import { proxy, wrap } from 'comlink';
import { planRequest } from '@/core/plan/ask';
import type { PlanAnswer } from '@/core/words/planAnswer';
import type { PlanRequest } from '@/core/plan/agenda/request';
import { MS_PER_MINUTE } from '@/core/units/convert';
import type { PlanApi } from './plan.worker';
import { runInWorker, type Ended, type Hired } from './runInWorker';

/** What the planner is asked, from the logbook; its text tells whether anything has changed. */
export { planRequest };
export { dueSentence, overlapSentence } from '@/core/words/plan';

type Planner = Hired<PlanApi>;

function newPlanner(): Planner {
  const worker = new Worker(new URL('./plan.worker.ts', window.location.href));
  return { worker, api: wrap<PlanApi>(worker) };
}

/** A planner that has nothing to do is kept for a while: it knows the plan before, and needs some 30 MB for it. */
const IDLE_MS = MS_PER_MINUTE;
let idle: { planner: Planner; leaves: ReturnType<typeof setTimeout> } | null = null;

function takeIdle(): Planner | null {
  const planner = idle?.planner ?? null;
  clearTimeout(idle?.leaves);
  idle = null;
  return planner;
}

function keepIdle(planner: Planner): void {
  takeIdle()?.worker.terminate();
  const leaves = setTimeout(() => takeIdle()?.worker.terminate(), IDLE_MS);
  idle = { planner, leaves };
}

/** A planner that is silent for longer than this is given up. */
const TIMEOUT_MS = 60_000;

/**
 * Makes a plan in a worker; returns how that ended, and never rejects. `makesWay`: the planner waits at each step of its
 * progress for what `onProgress` returns.
 */
export async function plan(
  request: PlanRequest,
  makesWay: boolean,
  onProgress: (share: number) => void | Promise<void>,
  signal: AbortSignal,
): Promise<Ended<PlanAnswer>> {
  const planner = takeIdle() ?? newPlanner();
  const call = (api: Planner['api'], alive: () => void) =>
    api.plan(
      request,
      makesWay,
      proxy((share: number) => {
        alive();
        return onProgress(share);
      }),
    );
  const ended = await runInWorker(planner, call, { timeoutMs: TIMEOUT_MS, signal });
  if (ended.how === 'done') keepIdle(planner);
  return ended;
}
