import type { BrowserContext } from '@playwright/test';

/** A plan of all bikes, asked for anew in a new page by a rider who came for it: s. */
export async function planIn(context: BrowserContext, address: string): Promise<number> {
  const page = await context.newPage();
  await page.goto(`${address}plan`);
  const made = await page.waitForFunction(
    () => performance.getEntriesByName('plan')[0]?.duration,
    undefined,
    { timeout: 60_000 },
  );
  const ms = Number(await made.jsonValue());
  await page.close();
  return ms / 1000;
}
