import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import type { PlanRequest } from '@/core/plan/agenda/request';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { testEdge } from '@/test/edge';
import { createStore } from '../../store';
import {
  planAsked,
  planMade,
  planOutdated,
  planProgressed,
  progressOf,
  supposed,
} from '../planSlice';
import { usePlan, usePlanProgress } from '../usePlan';

jest.mock('../keepPlan', () => ({ keepPlan: () => undefined }));

const ANSWER = { agenda: [], lines: { b: 'Wipe it' } } as unknown as PlanAnswer;
const beside = { rides: [], habits: [], overlaps: [], due: [] };
const ask = () => planAsked({ asked: {} as PlanRequest, beside });

function shown() {
  const store = createStore(testEdge());
  const wrapper = ({ children }: { children: ReactNode }) => (
    <Provider store={store}>{children}</Provider>
  );
  const drawn = { plan: 0, progress: 0 };
  const plan = renderHook(() => ((drawn.plan += 1), usePlan({ waits: true })), { wrapper });
  const progress = renderHook(() => ((drawn.progress += 1), usePlanProgress()), { wrapper });
  const send = (action: Parameters<typeof store.dispatch>[0]) => act(() => store.dispatch(action));
  return { plan: plan.result, progress: progress.result, drawn, send };
}

describe('a screen that shows the plan', () => {
  it('is not drawn anew for each step of a new one', () => {
    const { plan, progress, drawn, send } = shown();
    send(ask());
    expect(plan.current.phase.at).toBe('planning');
    const { plan: before } = drawn;
    for (const share of [0.2, 0.4, 0.9]) {
      send(planProgressed(share));
      expect(progress.current).toBe(share);
    }
    expect(drawn.plan).toBe(before);
    expect(progressOf(plan.current.phase)).toBe(0);
    // Made: the bar stays full until the new plan is drawn.
    send(planMade(ANSWER));
    expect(progress.current).toBe(1);
  });

  it('shows all else that becomes of it: asked, made, supposed', () => {
    const { plan, send } = shown();
    expect(plan.current.answer).toBeNull();
    send(ask());
    send(planProgressed(0.9));
    send(planMade(ANSWER));
    expect([plan.current.phase.at, plan.current.answer]).toEqual(['idle', ANSWER]);
    send(planOutdated());
    expect(plan.current.phase.at).toBe('stale');
    send(supposed('dry'));
    expect(plan.current.whatIf).toBe('dry');
    send(ask());
    expect([plan.current.phase.at, plan.current.answer]).toEqual(['planning', ANSWER]);
  });
});
