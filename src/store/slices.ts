/** A way of doing work that yields now and then. */
export type Pace = <T>(work: Generator<void, T>) => T | Promise<T>;

/** A rider's tap is answered within this: work that can wait stops as often. */
const SLICE_MS = 40;
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

/** Lets the browser do all that waits: load, draw, answer a tap. Safari tells of no rest. */
export const breath = (): Promise<void> =>
  new Promise((resolve) => {
    if (typeof requestIdleCallback === 'undefined') setTimeout(resolve, 0);
    else requestIdleCallback(() => resolve(), { timeout: LONGEST_BREATH_MS });
  });

/** A pace for a page that is in use meanwhile: it gets a breath every few milliseconds, unless the rider waits for the work. */
export function inSlices(): { pace: Pace; hurry: () => void } {
  let isWaitedFor = false;
  const pace: Pace = async (work) => {
    await breath();
    let since = performance.now();
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      if (isWaitedFor || performance.now() - since < SLICE_MS) continue;
      await breath();
      since = performance.now();
    }
  };
  return { pace, hurry: () => void (isWaitedFor = true) };
}
