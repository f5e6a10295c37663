/** @jest-environment jsdom */
import { demoPlan } from '@/test/demoPlan';
import { plan } from '../plan';

class FakeWorker {
  static readonly made: FakeWorker[] = [];
  readonly terminate = jest.fn();
  readonly api = { plan: async () => 'a plan' };
  onerror = null;
  constructor() {
    FakeWorker.made.push(this);
  }
}
jest.mock('comlink', () => ({
  proxy: (f: unknown) => f,
  wrap: ({ api }: FakeWorker) => api,
}));
const { request } = demoPlan();
const ask = () => plan(request, false, () => undefined, new AbortController().signal);
const alive = () => FakeWorker.made.filter((w) => w.terminate.mock.calls.length === 0).length;

describe('the planner’s worker', () => {
  beforeAll(() => Object.assign(globalThis, { Worker: FakeWorker }));
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('is asked again while it is there, and leaves when nothing is asked for a minute', async () => {
    expect(await ask()).toEqual({ how: 'done', value: 'a plan' });
    jest.advanceTimersByTime(50_000);
    await ask();
    jest.advanceTimersByTime(50_000);
    expect([FakeWorker.made.length, alive()]).toEqual([1, 1]);
    jest.advanceTimersByTime(11_000);
    expect(alive()).toBe(0);
    expect(jest.getTimerCount()).toBe(0);
    await ask();
    expect([FakeWorker.made.length, alive()]).toEqual([2, 1]);
  });

  it('is one when two plans were made at once', async () => {
    await Promise.all([ask(), ask()]);
    expect(alive()).toBe(1);
    expect(jest.getTimerCount()).toBe(1);
  });
});
