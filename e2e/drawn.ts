import type { Locator } from '@playwright/test';

/** How often an element was drawn, looked at frame by frame: React hands it new props each time. */
export interface Drawings {
  times: () => Promise<number>;
}

/** Watches an element from now on; its first look counts. */
export async function watchDrawings(of: Locator): Promise<Drawings> {
  const seen = await of.evaluateHandle((element) => {
    const drawn = new Set<unknown>();
    const look = () => {
      const key = Object.keys(element).find((name) => name.startsWith('__reactProps$')) ?? '';
      drawn.add((element as unknown as Record<string, unknown>)[key]);
      requestAnimationFrame(look);
    };
    look();
    return drawn;
  });
  return { times: () => seen.evaluate((drawn) => drawn.size) };
}
