import type { Page } from '@playwright/test';

/** The longest frame of a page, ms, while something is done on it. */
export async function longestFrame(page: Page, doing: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    const told = { longest: 0, on: true };
    (window as unknown as { frames: typeof told }).frames = told;
    let last = performance.now();
    // No named functions here: the page does not have the helper that our runner names them with.
    const loop = [
      (now: number) => {
        told.longest = Math.max(told.longest, now - last);
        last = now;
        if (told.on) requestAnimationFrame(loop[0] as FrameRequestCallback);
      },
    ];
    requestAnimationFrame(loop[0] as FrameRequestCallback);
  });
  await doing();
  return page.evaluate(() => {
    const { frames } = window as unknown as { frames: { longest: number; on: boolean } };
    frames.on = false;
    return frames.longest;
  });
}
