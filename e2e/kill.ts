import type { BrowserContext, Page } from '@playwright/test';
import { chanceOf, type Chance } from '../src/test/faults/chance';

/** Longest time from the tap on “Save ride” to the kill. */
const WITHIN_MS = 120;

/** What came of killing a renderer around saves; the counts should all be none. */
export interface Killed {
  counts: { savedRidesLost: number; doubled: number; notOpened: number };
  /** How many pages had said “Saved” before they were killed, and how many rides are in storage. */
  saved: number;
  kept: number;
}

/**
 * Logs a ride in a page of its own and kills its renderer at a random moment around the save, so many times in
 * one logbook, which is there already; then compares what had been said to be saved with what is stored.
 */
export async function killAroundSaves(
  context: BrowserContext,
  address: string,
  kills: number,
): Promise<Killed> {
  const counts = { savedRidesLost: 0, doubled: 0, notOpened: 0 };
  const saved: number[] = [];
  for (let n = 1; n <= kills; n++) {
    const km = 100 + n;
    const page = await context.newPage();
    try {
      await page.goto(address);
      await page.getByRole('region', { name: 'Verdict' }).waitFor({ timeout: 20_000 });
    } catch {
      counts.notOpened += 1;
      continue;
    }
    await page.getByRole('button', { name: 'Rode' }).click();
    await page.getByLabel('Distance').fill(String(km));
    if (await tapAndKill(context, page, chanceOf(n))) saved.push(km);
  }
  const last = await context.newPage();
  await last.goto(`${address}rides`);
  await last.getByRole('heading', { level: 1 }).first().waitFor();
  const kept = await ridesStored(last);
  for (const km of saved) if (!kept.includes(km)) counts.savedRidesLost += 1;
  counts.doubled = kept.length - new Set(kept).size;
  return { counts, saved: saved.length, kept: kept.length };
}

/**
 * Saves a ride and kills the renderer: at a random moment, or the moment the page says that it is saved. Returns
 * whether it had said so by then.
 */
async function tapAndKill(context: BrowserContext, page: Page, chance: Chance): Promise<boolean> {
  const session = await context.newCDPSession(page);
  const crashed = new Promise<void>((resolve) => page.once('crash', () => resolve()));
  let isSaved = false;
  let say: () => void = () => undefined;
  const said = new Promise<void>((resolve) => (say = resolve));
  // Called from within the page, as soon as the rider could see it.
  await page.exposeFunction('toldSaved', () => {
    isSaved = true;
    say();
  });
  await page.evaluate(() => {
    const told = (window as unknown as { toldSaved: () => void }).toldSaved;
    let wasSaving = false;
    new MutationObserver(() => {
      const text = document.querySelector('[role=status]')?.textContent ?? '';
      if (text.startsWith('Saving')) wasSaving = true;
      else if (wasSaving && /^Saved \d/.test(text)) told();
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await page.getByRole('button', { name: 'Save ride' }).click();
  await (chance.oneIn(2) ? said : page.waitForTimeout(chance.below(WITHIN_MS)));
  const wasSaved = isSaved;
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
  await page.close();
  return wasSaved;
}

/** Distances of the rides in the browser's storage. */
const ridesStored = (page: Page): Promise<number[]> =>
  page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const open = indexedDB.open('dapper-spoke');
        open.onsuccess = () => {
          const all = open.result.transaction('entries').objectStore('entries').getAll();
          all.onsuccess = () => {
            const found = (all.result as string[]).join().matchAll(/"distanceKm":(\d+)/g);
            resolve([...found].map(([, km]) => Number(km)));
          };
        };
      }),
  );
