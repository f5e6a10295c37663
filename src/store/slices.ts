/** A way of doing work that yields now and then. */
export type Pace = <T>(work: Generator<void, T>) => T | Promise<T>;

/** Work that can wait stops as often: a frame is not held up for longer. */
const SLICE_MS = 15;
/** A page that never rests goes on after this. */
const LONGEST_BREATH_MS = 40;

/** Does work that yields to its end. */
export function drained<T>(work: Generator<void, T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}

/** Nobody can do anything before it is done. */
export const atOnce: Pace = drained;

/** Lets the browser do all that waits: load, draw, answer a tap; for `longest` ms at most. Safari tells of no rest. */
export const breath = (longest = LONGEST_BREATH_MS): Promise<void> =>
  new Promise((resolve) => {
    if (typeof requestIdleCallback === 'undefined') setTimeout(resolve, 0);
    else requestIdleCallback(() => resolve(), { timeout: longest });
  });

/** Who has just moved goes on moving: so long after a tap, a key, a word dictated or a turn of the wheel work that can wait waits, ms. */
const STILL_MS = 250;
/** Of all the time a rider moves, it waits for this at most, ms. */
const PATIENCE_MS = 5000;
const MOVES = ['pointerdown', 'keydown', 'input', 'wheel', 'touchmove', 'scroll'];

let lastMove = -Infinity;
if (typeof window !== 'undefined')
  for (const move of MOVES)
    window.addEventListener(move, () => (lastMove = performance.now()), {
      capture: true,
      passive: true,
    });

/** What waits for the rider to be still: for how long it will yet, ms, and what ends the wait that is on. */
interface Held {
  patience: number;
  goOn: () => void;
}

async function untilStill(ms: number, held: Held): Promise<void> {
  while (held.patience > 0) {
    const wait = Math.min(held.patience, lastMove + ms - performance.now());
    if (wait <= 0) return;
    held.patience -= wait;
    await new Promise<void>((resolve) => {
      held.goOn = resolve;
      setTimeout(resolve, wait);
    });
  }
}

/** Waits until the rider has been still for so long, ms; not for ever. */
export const stillness = (ms: number): Promise<void> =>
  untilStill(ms, { patience: PATIENCE_MS, goOn: () => undefined });

/** Work of a page that is in use meanwhile: it stops every few milliseconds, and while the rider moves. */
export interface Sliced {
  pace: Pace;
  /** Something rests on its end: it waits for the rider's moves no longer. */
  press: () => void;
  /** The rider waits for its end: it stops no more. */
  hurry: () => void;
}

/** Returns the ways of such work. */
export function inSlices(): Sliced {
  let isWaitedFor = false;
  const held: Held = { patience: PATIENCE_MS, goOn: () => undefined };
  const rest = async () => {
    await breath();
    await untilStill(STILL_MS, held);
  };
  const pace: Pace = async (work) => {
    await rest();
    let since = performance.now();
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      if (isWaitedFor || performance.now() - since < SLICE_MS) continue;
      await rest();
      since = performance.now();
    }
  };
  const press = () => {
    held.patience = 0;
    held.goOn();
  };
  const hurry = () => {
    isWaitedFor = true;
    press();
  };
  return { pace, press, hurry };
}
