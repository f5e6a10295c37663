import type { Page } from '@playwright/test';

/** Milliseconds from a tap on Rides to the frame with its first row, as the page itself sees it. */
export async function firstRows(page: Page): Promise<number> {
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  await page.evaluate(() => {
    const tapped = () => {
      const start = performance.now();
      const seen = new MutationObserver(() => {
        // Not the links of Today to the rides it names.
        if (!document.querySelector('[data-index] a[href^="/rides/"]')) return;
        seen.disconnect();
        requestAnimationFrame(() => setTimeout(() => performance.measure('first rows', { start })));
      });
      seen.observe(document.body, { childList: true, subtree: true });
    };
    document.addEventListener('click', tapped, { capture: true, once: true });
  });
  await page.getByRole('link', { name: 'Rides' }).click();
  await page.waitForFunction(() => performance.getEntriesByName('first rows').length > 0);
  return page.evaluate(() => performance.getEntriesByName('first rows')[0]?.duration ?? NaN);
}
