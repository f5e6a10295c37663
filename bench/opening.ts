import type { BrowserContext } from '@playwright/test';

/**
 * Milliseconds from navigation until the verdict's sentence is painted, in a new page of a browser that holds a
 * logbook: with an empty script cache, and without what a service worker keeps.
 */
export async function verdictIn(context: BrowserContext, address: string): Promise<number> {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  // No named functions here: the page does not have the helper that our runner names them with.
  await page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (!document.querySelector('[aria-label=Verdict] [role=heading]')?.textContent) return;
      observer.disconnect();
      // The frame after the one that put it there has painted it.
      requestAnimationFrame(() =>
        requestAnimationFrame(() => {
          (window as unknown as { verdictAt: number }).verdictAt = performance.now();
        }),
      );
    }).observe(document, { subtree: true, childList: true });
  });
  await page.goto(address);
  const handle = await page.waitForFunction(
    () => (window as unknown as { verdictAt?: number }).verdictAt,
  );
  const ms = Number(await handle.jsonValue());
  await page.close();
  return ms;
}
