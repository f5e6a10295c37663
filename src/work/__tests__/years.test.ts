/** @jest-environment jsdom */
import type { YearsAsked } from '@/core/years/years';
import { playYears } from '../years';

type Part = (numbers: readonly number[], part: object) => void;

class FakeWorker {
  static made: FakeWorker[] = [];
  readonly terminate = jest.fn();
  onerror: (() => void) | null = null;
  numbers: readonly number[] = [];
  /** What it is asked goes on until the test ends it. */
  end: () => void = () => undefined;
  tell: Part = () => undefined;
  readonly api = {
    years: (_: unknown, numbers: readonly number[], onPart: Part) => {
      this.numbers = numbers;
      this.tell = onPart;
      return new Promise<void>((resolve) => (this.end = resolve));
    },
  };
  constructor() {
    FakeWorker.made.push(this);
  }
}
jest.mock('comlink', () => ({
  proxy: (f: unknown) => f,
  wrap: ({ api }: FakeWorker) => api,
}));

const FUTURES = 100;
const asked = { futures: FUTURES } as YearsAsked;

function playOn(cores: number, onFigures: (figures: object, share: number) => void = () => {}) {
  jest.spyOn(navigator, 'hardwareConcurrency', 'get').mockReturnValue(cores);
  FakeWorker.made = [];
  const years = playYears(asked, onFigures);
  return { years, workers: FakeWorker.made };
}

describe('the players of years', () => {
  beforeAll(() => Object.assign(globalThis, { Worker: FakeWorker }));

  it('leave the page a core, and play each future once, the first ones first', async () => {
    for (const [cores, many] of [
      [0, 1],
      [1, 1],
      [2, 1],
      [4, 3],
      [16, 4],
    ] as const) {
      const { years, workers } = playOn(cores);
      expect([cores, workers.length]).toEqual([cores, many]);
      const all = workers.flatMap((w) => w.numbers);
      expect([...all].sort((a, b) => a - b)).toEqual(Array.from({ length: FUTURES }, (_, k) => k));
      expect(workers.map((w) => w.numbers[0])).toEqual(Array.from({ length: many }, (_, k) => k));
      for (const worker of workers) worker.end();
      expect(await years.done).toEqual({});
      expect(workers.every((w) => w.terminate.mock.calls.length > 0)).toBe(true);
    }
  });

  it('tell how much is played', async () => {
    const shares: number[] = [];
    const { years, workers } = playOn(3, (_, share) => shares.push(share));
    workers[0]!.tell([0], {});
    workers[1]!.tell([1, 3, 5], {});
    expect(shares).toEqual([0.01, 0.04]);
    for (const worker of workers) worker.end();
    await years.done;
  });

  it('all end when they are cancelled, or when one of them fails', async () => {
    for (const end of ['cancelled', 'failed'] as const) {
      const { years, workers } = playOn(4);
      if (end === 'cancelled') years.cancel();
      else workers[1]!.onerror?.();
      expect(await years.done).toBeNull();
      expect(workers.every((w) => w.terminate.mock.calls.length > 0)).toBe(true);
    }
  });
});
