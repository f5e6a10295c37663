import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { launch, serve } from '../bench/browser';
import { chanceOf } from '@/test/faults/chance';
import { campaign } from './report';

/** The renderer is killed at a random moment around a save, so many times, in one logbook. */
const KILLS = Number(process.env.KILLS ?? 50);
/** Longest time from the tap on “Save ride” to the kill. */
const WITHIN_MS = 120;

async function main(): Promise<void> {
  const { address, close } = await serve('dist');
  const browser = await launch(chromium);
  const context = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const counts = { savedRidesLost: 0, doubled: 0, notOpened: 0 };
  await begin(await context.newPage(), address);
  const saved: number[] = [];
  for (let n = 1; n <= KILLS; n++) {
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
    if (await tapAndKill(context, page, chanceOf(n).below(WITHIN_MS))) saved.push(km);
  }
  const last = await context.newPage();
  await last.goto(`${address}rides`);
  await last.getByRole('heading', { level: 1 }).first().waitFor();
  const kept = await ridesStored(last);
  for (const km of saved) if (!kept.includes(km)) counts.savedRidesLost += 1;
  counts.doubled = kept.length - new Set(kept).size;
  await browser.close();
  close();
  console.log(`        ${saved.length} of ${KILLS} had been told “Saved”, ${kept.length} are kept`);
  campaign(`${KILLS} renderers killed around a save`, counts);
}

async function begin(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByLabel('Ridden since it was lubed').fill('50');
  await page.getByRole('button', { name: 'Tell me' }).click();
  await page.getByText(/^Saved \d/).waitFor();
  await page.close();
}

/** Saves a ride and kills the renderer some time later; true when the page had said by then that it is saved. */
async function tapAndKill(context: BrowserContext, page: Page, afterMs: number): Promise<boolean> {
  const session = await context.newCDPSession(page);
  const crashed = new Promise<void>((resolve) => page.once('crash', () => resolve()));
  let isSaved = false;
  // Told from within the page, as soon as the rider could see it.
  await page.exposeFunction('toldSaved', () => {
    isSaved = true;
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
  await page.waitForTimeout(afterMs);
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

void main();
