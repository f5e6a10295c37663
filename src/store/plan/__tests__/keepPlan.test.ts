import { PRESETS } from '@/core/garage/presets';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { USED_CHAIN } from '@/test/chains';
import { testEdge } from '@/test/edge';
import type { Ended } from '@/work/runInWorker';
import { changeSettings } from '../../commands/settings';
import { startWithBike } from '../../commands/start';
import { phaseChanged, ticked } from '../../sessionSlice';
import { createStore } from '../../store';
import { savePlanned } from '../plannedRides';
import { keepPlan } from '../keepPlan';
import {
  planGivenUp,
  planUnwatched,
  planWanted,
  planWatched,
  progressOf,
  supposed,
  whyOld,
} from '../planSlice';

/** The plans that were asked of the worker: each ends when the test says so. */
const asked: {
  makesWay: boolean;
  signal: AbortSignal;
  progress: (share: number) => void | Promise<void>;
  end: (ended: Ended<PlanAnswer>) => void;
}[] = [];
const mockPlan = (
  _: unknown,
  makesWay: boolean,
  progress: (share: number) => void | Promise<void>,
  signal: AbortSignal,
) => new Promise<Ended<PlanAnswer>>((end) => asked.push({ makesWay, signal, progress, end }));
let mockFault: Error | null = null;
const mockFails = () => mockFault;

jest.mock('@/work/clients', () => {
  const real = jest.requireActual('@/core/plan/ask');
  return {
    plan: (...args: Parameters<typeof mockPlan>) => mockPlan(...args),
    planRequest: (basis: unknown) => {
      const fault = mockFails();
      if (fault) throw fault;
      return real.planRequest(basis);
    },
    dueSentence: () => 'due',
    overlapSentence: () => 'overlap',
  };
});

const ANSWER = { agenda: [], lines: { b: 'Wipe it' } } as unknown as PlanAnswer;
const made: Ended<PlanAnswer> = { how: 'done', value: ANSWER };

function started() {
  asked.length = 0;
  mockFault = null;
  const edge = testEdge();
  const store = createStore(edge);
  store.dispatch(ticked(edge.at));
  store.dispatch(phaseChanged({ phase: 'open', problem: null }));
  store.dispatch(startWithBike(PRESETS.road, USED_CHAIN));
  keepPlan(store);
  const plan = () => store.getState().plan;
  const settled = () => new Promise((resolve) => setTimeout(resolve, 250));
  const until = async (at: string) => {
    for (let n = 0; n < 200 && plan().phase.at !== at; n++)
      await new Promise((resolve) => setTimeout(resolve, 10));
    expect(plan().phase.at).toBe(at);
  };
  /** Waits until the worker has its plan number `n`. */
  const planning = async (n: number) => {
    for (let k = 0; k < 200 && asked.length < n; k++)
      await new Promise((resolve) => setTimeout(resolve, 10));
    expect([plan().phase.at, asked.length]).toEqual(['planning', n]);
  };
  return { store, plan, settled, until, planning };
}

describe('the plan’s keeper', () => {
  it('asks for nothing until a screen looks, then once', async () => {
    const { store, plan, settled, until, planning } = started();
    await settled();
    expect([plan().phase.at, asked.length]).toEqual(['idle', 0]);
    store.dispatch(planWatched({ waits: false }));
    expect(plan().phase).toEqual({ at: 'asking', making: null });
    await planning(1);
    asked[0]?.progress(0.5);
    expect(progressOf(plan().phase)).toBe(0.5);
    asked[0]?.end(made);
    await until('idle');
    expect(plan().lines).toEqual({ b: 'Wipe it' });
    store.dispatch(planWatched({ waits: false }));
    await settled();
    expect(asked).toHaveLength(1);
  });

  it('asks once however many screens look', async () => {
    const { store, settled, planning } = started();
    keepPlan(store);
    keepPlan(store);
    store.dispatch(planWatched({ waits: false }));
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    await settled();
    expect(asked).toHaveLength(1);
  });

  it('waits until the rider is still, unless they came for the plan', async () => {
    const { store, plan, settled, planning } = started();
    window.dispatchEvent(new Event('wheel'));
    store.dispatch(planWatched({ waits: false }));
    await settled();
    expect([plan().phase.at, asked.length]).toEqual(['asking', 0]);
    // They go to the plan, and the screen before is left.
    store.dispatch(planWatched({ waits: true }));
    store.dispatch(planUnwatched({ waits: false }));
    window.dispatchEvent(new Event('wheel'));
    await settled();
    expect([plan().phase.at, asked.length]).toEqual(['planning', 1]);
    expect(asked[0]?.makesWay).toBe(false);
    // Back on the other screen, they move once more and rest.
    store.dispatch(planWatched({ waits: false }));
    store.dispatch(planUnwatched({ waits: true }));
    window.dispatchEvent(new Event('keydown'));
    store.dispatch(changeSettings('Dark', { theme: 'dark' }));
    store.dispatch(startWithBike(PRESETS.gravel, USED_CHAIN));
    await settled();
    expect(asked).toHaveLength(1);
    await planning(2);
    expect(asked[1]?.makesWay).toBe(true);
  });

  it('holds the planner up while the rider moves, until they come for the plan', async () => {
    const { store, plan, settled, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    let goesOn = 0;
    const step = async (share: number) => {
      await asked[0]?.progress(share);
      goesOn = share;
    };
    void step(0.2);
    await settled();
    window.dispatchEvent(new Event('wheel'));
    void step(0.4);
    await settled();
    // What it has done is seen at once all the same.
    expect([goesOn, progressOf(plan().phase)]).toEqual([0.2, 0.4]);
    window.dispatchEvent(new Event('wheel'));
    store.dispatch(planWatched({ waits: true }));
    await settled();
    expect(goesOn).toBe(0.4);
  });

  it('lets go of a planner held up, and of one that is late, where its plan is given up', async () => {
    const { store, settled, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    window.dispatchEvent(new Event('wheel'));
    const held = asked[0]?.progress(0.2);
    await settled();
    store.dispatch(planGivenUp());
    // In the worker nobody would hear of a rejection.
    expect(await held).toBeUndefined();
    expect(await asked[0]?.progress(0.4)).toBeUndefined();
  });

  it('gives up a plan for a newer one, and hears no more of it', async () => {
    const { store, plan, until, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    asked[0]?.progress(0.4);
    store.dispatch(
      savePlanned('Ride planned', [
        {
          bikeId: Object.keys(store.getState().logbook.garage.bikes)[0] ?? '',
          title: 'To the quay',
          date: '2026-05-12',
          time: '07:30',
          distanceKm: 20,
          surface: 'paved',
          weight: 'ordinary',
          repeat: null,
          except: [],
          calendarId: null,
        },
      ]),
    );
    expect(plan().phase).toEqual({ at: 'asking', making: 0.4 });
    await planning(2);
    expect(asked.map((a) => a.signal.aborted)).toEqual([true, false]);
    asked[0]?.progress(0.9);
    asked[0]?.end({ how: 'cancelled' });
    expect(progressOf(plan().phase)).toBe(0);
    asked[1]?.end(made);
    await until('idle');
  });

  it('goes on with a plan when what changed does not touch what was asked', async () => {
    const { store, plan, settled, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    asked[0]?.progress(0.4);
    store.dispatch(changeSettings('Dark', { theme: 'dark' }));
    expect(plan().phase).toEqual({ at: 'asking', making: 0.4 });
    await settled();
    expect(plan().phase).toEqual({ at: 'planning', share: 0.4 });
    expect(asked.map((a) => a.signal.aborted)).toEqual([false]);
  });

  it('keeps what stands beside a plan as it is where another weather changes nothing of it', async () => {
    const { store, plan, planning } = started();
    store.dispatch(planWatched({ waits: true }));
    await planning(1);
    const { asked: request, beside } = plan();
    store.dispatch(supposed('dry'));
    await planning(2);
    expect(plan().asked).not.toBe(request);
    expect(plan().beside).toBe(beside);
  });

  it('stops at once when given up, also while asking, and begins anew when wanted', async () => {
    const { store, plan, settled, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    store.dispatch(planGivenUp());
    await settled();
    expect([plan().phase.at, asked.length]).toEqual(['stale', 0]);
    expect(whyOld(plan())).toBe('stale');
    store.dispatch(planWanted());
    await planning(1);
    store.dispatch(planGivenUp());
    expect(asked[0]?.signal.aborted).toBe(true);
    expect(progressOf(plan().phase)).toBeNull();
    store.dispatch(planWanted());
    await planning(2);
    expect(asked).toHaveLength(2);
  });

  it.each(['failed', 'timed out'] as const)('says so when the worker %s', async (how) => {
    const { store, until, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    asked[0]?.end({ how });
    await until('failed');
    store.dispatch(planWanted());
    await planning(2);
    asked[1]?.end(made);
    await until('idle');
  });

  it('says so when the request itself cannot be made, and is no longer busy', async () => {
    const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const { store, until, plan } = started();
    mockFault = new Error('a fault of ours');
    store.dispatch(planWatched({ waits: false }));
    await until('failed');
    expect(progressOf(plan().phase)).toBeNull();
    quiet.mockRestore();
  });

  it('makes none for nobody; who comes back gets one that fits', async () => {
    const { store, plan, settled, until, planning } = started();
    store.dispatch(planWatched({ waits: false }));
    await planning(1);
    asked[0]?.end(made);
    await until('idle');
    store.dispatch(planUnwatched({ waits: false }));
    store.dispatch(changeSettings('Dark', { theme: 'dark' }));
    expect(plan().phase.at).toBe('stale');
    // Nobody cancelled it: who comes back is not told so.
    expect(whyOld(plan())).toBeNull();
    await settled();
    expect(asked).toHaveLength(1);
    store.dispatch(planWatched({ waits: false }));
    await until('idle');
    expect(plan().answer).toBe(ANSWER);
  });
});
