import type { Remote } from 'comlink';
import { runInWorker, type Hired } from '../runInWorker';

const hired = () => {
  const worker = { terminate: jest.fn(), onerror: null as (() => void) | null };
  const it = { worker: worker as unknown as Worker, api: {} as Remote<object> };
  return { worker, it: it satisfies Hired<object> };
};
const never = () => new Promise<never>(() => undefined);
const TERMS = { timeoutMs: 1000 };

describe('a call to a worker', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('that is answered returns its value, keeps the worker and leaves no timer', async () => {
    const { worker, it: planner } = hired();
    expect(await runInWorker(planner, async () => 7, TERMS)).toEqual({ how: 'done', value: 7 });
    expect(worker.terminate).not.toHaveBeenCalled();
    expect(worker.onerror).toBeNull();
    expect(jest.getTimerCount()).toBe(0);
  });

  it.each([
    ['that throws in the worker', async () => Promise.reject(new Error('no'))],
    [
      'that cannot even be sent',
      () => {
        throw new Error('not cloneable');
      },
    ],
  ])('%s has failed, and does not reject', async (_, call) => {
    const { worker, it: planner } = hired();
    expect(await runInWorker(planner, call, TERMS)).toEqual({ how: 'failed' });
    expect(worker.terminate).toHaveBeenCalledTimes(1);
    expect(jest.getTimerCount()).toBe(0);
  });

  it('of a worker that dies has failed', async () => {
    const { worker, it: planner } = hired();
    const ended = runInWorker(planner, never, TERMS);
    worker.onerror?.();
    expect(await ended).toEqual({ how: 'failed' });
    expect(worker.terminate).toHaveBeenCalledTimes(1);
  });

  it('is given up after so long a silence, and not while the worker is alive', async () => {
    const { worker, it: planner } = hired();
    let alive = () => undefined as void;
    const ended = runInWorker(
      planner,
      (_, isAlive) => {
        alive = isAlive;
        return never();
      },
      TERMS,
    );
    jest.advanceTimersByTime(900);
    alive();
    jest.advanceTimersByTime(900);
    expect(worker.terminate).not.toHaveBeenCalled();
    jest.advanceTimersByTime(100);
    expect(await ended).toEqual({ how: 'timed out' });
    expect(worker.terminate).toHaveBeenCalledTimes(1);
    alive();
    expect(jest.getTimerCount()).toBe(0);
  });

  it('can be cancelled, before it began too', async () => {
    const stop = new AbortController();
    const { worker, it: planner } = hired();
    const ended = runInWorker(planner, never, { ...TERMS, signal: stop.signal });
    stop.abort();
    expect(await ended).toEqual({ how: 'cancelled' });
    expect(worker.terminate).toHaveBeenCalledTimes(1);
    const late = runInWorker(hired().it, never, { ...TERMS, signal: stop.signal });
    expect(await late).toEqual({ how: 'cancelled' });
  });
});
