import { drained, inSlices, stillness } from '../slices';

function* counting(to: number, took: (n: number) => void): Generator<void, number> {
  for (let n = 0; n < to; n++) {
    took(n);
    yield;
  }
  return to;
}

describe('work that yields', () => {
  it('ends the same, at once or in slices', async () => {
    expect(drained(counting(50, () => undefined))).toBe(50);
    expect(await inSlices().pace(counting(50, () => undefined))).toBe(50);
  });

  it('lets others have their turn meanwhile', async () => {
    const order: string[] = [];
    const busy = (n: number) => {
      order.push(`work ${n}`);
      for (const until = performance.now() + 50; performance.now() < until;);
    };
    const work = inSlices().pace(counting(3, busy));
    setTimeout(() => order.push('tap'), 0);
    await work;
    expect(order.indexOf('tap')).toBeLessThan(order.indexOf('work 2'));
  });

  it('does all that is left in one go once it is waited for', async () => {
    const order: string[] = [];
    const { pace, hurry } = inSlices();
    const busy = (n: number) => {
      order.push(`work ${n}`);
      if (n === 0) hurry();
      for (const until = performance.now() + 50; performance.now() < until;);
    };
    const work = pace(counting(3, busy));
    setTimeout(() => setTimeout(() => order.push('tap'), 0), 0);
    await work;
    expect(order.slice(0, 3)).toEqual(['work 0', 'work 1', 'work 2']);
  });

  it('stops while the rider moves, though not for ever', async () => {
    const stop = { moves: true };
    const move = () => {
      window.dispatchEvent(new Event('wheel'));
      if (stop.moves) setTimeout(move, 20);
    };
    const seen: number[] = [];
    const busy = (n: number) => {
      seen.push(n);
      for (const until = performance.now() + 20; performance.now() < until;);
    };
    move();
    const work = inSlices().pace(counting(3, busy));
    await new Promise((resolve) => setTimeout(resolve, 600));
    expect(seen).toEqual([]);
    // Still moving: it is done all the same, once it has waited long enough.
    expect(await work).toBe(3);
    stop.moves = false;
  }, 20_000);

  it.each(['press', 'hurry'] as const)('goes on at once by a %s meanwhile', async (by) => {
    window.dispatchEvent(new Event('keydown'));
    const sliced = inSlices();
    const began = performance.now();
    const work = sliced.pace(counting(3, () => undefined));
    await new Promise((resolve) => setTimeout(resolve, 100));
    sliced[by]();
    await work;
    expect(performance.now() - began).toBeLessThan(200);
  });

  it('still lets others have their turn when something rests on it', async () => {
    const order: string[] = [];
    const busy = (n: number) => {
      order.push(`work ${n}`);
      for (const until = performance.now() + 50; performance.now() < until;);
    };
    const { pace, press } = inSlices();
    press();
    const work = pace(counting(3, busy));
    setTimeout(() => order.push('tap'), 0);
    await work;
    expect(order.indexOf('tap')).toBeLessThan(order.indexOf('work 2'));
  });

  it('passes on what the work throws', async () => {
    const failing = function* (): Generator<void, void> {
      yield;
      throw new Error('broken');
    };
    await expect(inSlices().pace(failing())).rejects.toThrow('broken');
    expect(() => drained(failing())).toThrow('broken');
  });
});

describe('stillness', () => {
  // By a clock of its own: while a machine stands still nobody moves, and that is stillness too.
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  /** How long it is waited for so many ms of stillness. */
  const took = async (ms: number) => {
    const began = performance.now();
    let ended = NaN;
    void stillness(ms).then(() => (ended = performance.now()));
    for (let n = 0; n < 200 && Number.isNaN(ended); n++) await jest.advanceTimersByTimeAsync(50);
    return ended - began;
  };

  it('comes so long after the last move, at once where that is past', async () => {
    window.dispatchEvent(new Event('keydown'));
    setTimeout(() => window.dispatchEvent(new Event('pointerdown')), 100);
    expect(await took(200)).toBe(300);
    expect(await took(200)).toBe(0);
  });

  it('is not waited for for ever', async () => {
    const moving = setInterval(() => window.dispatchEvent(new Event('wheel')), 50);
    window.dispatchEvent(new Event('wheel'));
    expect(await took(400)).toBe(5000);
    clearInterval(moving);
  });
});
