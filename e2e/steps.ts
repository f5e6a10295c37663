import type { Page } from '@playwright/test';
import { expect } from './rider';

/** What the bench asks now, as a heading. */
export const step = (page: Page) => page.getByRole('heading', { level: 1 });
export const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true });

/** Does what the step asks, as a rider with a clean rag and nothing wrong. */
export async function goOn(page: Page): Promise<void> {
  const mind = page.getByRole('button', { name: 'Understood' });
  const swatch = page.getByRole('button', { name: /^Shade 1/ });
  const yes = page.getByRole('button', { name: 'Yes', exact: true });
  const before = await page.getByText(/ · \d+ of \d+$/).innerText();
  if (await mind.isVisible()) await mind.click();
  if (await swatch.isVisible()) await swatch.click();
  else if (await yes.isVisible()) await yes.click();
  else {
    // What must be waited for, is: the clock is ours.
    for (let n = 0; n < 200 && !(await done(page).isVisible()); n++)
      await page.clock.fastForward(60_000);
    await done(page).click();
  }
  await expect(page.getByText(before, { exact: true })).toHaveCount(0);
}

/** Goes on until a step is asked. */
export async function goOnTo(page: Page, heading: RegExp): Promise<void> {
  for (let n = 0; n < 80; n++) {
    if (heading.test(await step(page).innerText())) return;
    await goOn(page);
  }
  throw new Error(`No way to ${heading}`);
}
