import type { Locator } from '@playwright/test';

/** How often an element was drawn: React hands it new props each time. */
export interface Drawings {
  times: () => Promise<number>;
}

/** Watches an element from now on; the drawing it stands by counts. */
export async function watchDrawings(of: Locator): Promise<Drawings> {
  const seen = await of.evaluateHandle((element) => {
    const key = Object.keys(element).find((name) => name.startsWith('__reactProps$')) ?? '';
    let props = (element as unknown as Record<string, unknown>)[key];
    const drawn = new Set([props]);
    Object.defineProperty(element, key, {
      get: () => props,
      set: (given: unknown) => {
        props = given;
        drawn.add(given);
      },
    });
    return drawn;
  });
  return { times: () => seen.evaluate((drawn) => drawn.size) };
}
