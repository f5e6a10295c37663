import type { Page } from '@playwright/test';

/** What a ride that is logged takes, ms from the tap: until the page has answered, and until the ride is on disk. */
export interface Logged {
  answer: number;
  disk: number;
}

/** Logs a ride of so many km from Today, as a rider does. */
export async function logRide(page: Page, km: number): Promise<Logged> {
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Distance').fill(String(km));
  // Seen from within the page: no trip to the test runner is measured.
  await page.evaluate(() => {
    const seen = { from: 0, answer: 0, disk: 0 };
    (window as unknown as { seen: typeof seen }).seen = seen;
    document.addEventListener('click', () => (seen.from ||= performance.now()), {
      capture: true,
      once: true,
    });
    let wasSaving = false;
    new MutationObserver((_, observer) => {
      // Only the lines that tell: the text of the whole page would be read for longer than it is written.
      const text = Array.from(
        document.querySelectorAll('[role=status]'),
        (e) => e.textContent,
      ).join();
      if (!seen.answer && text.includes('Ride logged'))
        requestAnimationFrame(() => (seen.answer = performance.now()));
      if (text.includes('Saving')) wasSaving = true;
      else if (wasSaving && /Saved \d/.test(text)) {
        seen.disk = performance.now();
        observer.disconnect();
      }
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await page.getByRole('button', { name: 'Save ride' }).click();
  const handle = await page.waitForFunction(() => {
    const { seen } = window as unknown as {
      seen: { from: number; answer: number; disk: number };
    };
    return seen.disk && seen.answer
      ? { answer: seen.answer - seen.from, disk: seen.disk - seen.from }
      : null;
  });
  const took = (await handle.jsonValue()) ?? { answer: NaN, disk: NaN };
  await page.getByRole('button', { name: 'Close this line' }).click();
  return took;
}
