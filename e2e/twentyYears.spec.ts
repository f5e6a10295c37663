import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { writeBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import { NOW, twentyYears } from '@/test/twentyYears';
import { expect, test } from './rider';

/** Some five years: long enough for a first look, short enough for a test. */
const EVENTS = 12_000;
/** The keys that lie in the rider's storage. */
const keysKept = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<string[]>((resolve) => {
        const open = indexedDB.open('dapper-spoke');
        open.onsuccess = () => {
          const db = open.result;
          const store = db.objectStoreNames[0];
          const all = db.transaction(store!).objectStore(store!).getAllKeys();
          all.onsuccess = () => {
            db.close();
            resolve(all.result.map(String));
          };
        };
      }),
  );

/**
 * Writes down each verdict that is ever on screen, whether a bike was still unread beside it, rides beside which older ones were,
 * and whether a ride was called missing.
 */
const watchVerdicts = (page: Page) =>
  page.addInitScript(() => {
    const seen = {
      verdicts: [] as string[],
      unread: false,
      counted: false,
      rides: 0,
      missing: false,
    };
    Object.assign(window, { seen });
    new MutationObserver(() => {
      seen.missing ||= document.body?.innerText.includes('No such ride');
      if (document.body?.innerText.includes('Older rides are still being read.'))
        seen.rides = document.querySelectorAll('#main a[href^="/rides/"]').length;
      const text = document.querySelector('[aria-label=Verdict] [role=heading]')?.textContent;
      if (text && seen.verdicts.at(-1) !== text) seen.verdicts.push(text);
      const bikes = document.querySelector('[aria-label=Bikes]')?.textContent ?? '';
      if (!text || !bikes.includes('…')) return;
      seen.unread = true;
      // What counts the log must wait for all of it.
      seen.counted ||= /entries are in this browser/.test(document.body.innerText);
    }).observe(document, { subtree: true, childList: true, characterData: true });
  });
const seen = (page: Page) =>
  page.evaluate(
    () =>
      (
        window as unknown as {
          seen: {
            verdicts: string[];
            unread: boolean;
            counted: boolean;
            rides: number;
            missing: boolean;
          };
        }
      ).seen,
  );

test('many years: a first look tells what the whole log tells; what is written meanwhile is kept @once', async ({
  rider,
  page,
}) => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'spoke-')), 'years.json');
  const years = twentyYears(EVENTS);
  writeFileSync(file, writeBackup(years, new Date(NOW).toISOString()));
  await rider.opens('/book/files');
  await page.getByLabel('Backup file').setInputFiles(file);
  await page.getByRole('button', { name: 'Restore' }).click();
  await rider.seesSaved();
  await page.clock.fastForward(20_000);
  await expect.poll(() => keysKept(page)).toContain('look');

  // A phone: the rest of the log takes a while to read.
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await watchVerdicts(page);
  await rider.opens();
  await page.getByRole('button', { name: 'Got wet' }).click();
  await page.getByRole('button', { name: 'Stood in rain' }).click();
  await expect(rider.verdict).toContainText('wet');
  await rider.seesSaved();
  await expect(page.getByRole('group', { name: 'Bikes' })).not.toContainText('…');
  const first = await seen(page);
  expect(first.unread).toBe(true);
  expect(first.counted).toBe(false);

  // The note is there again, and what is told at first is told to the end.
  await rider.opens();
  await expect(rider.verdict).toContainText('wet');
  await expect(page.getByRole('group', { name: 'Bikes' })).not.toContainText('…');
  await page.clock.fastForward(3_000);
  const { verdicts } = await seen(page);
  expect(verdicts).toEqual([first.verdicts.at(-1)]);

  // Who goes on before all is read comes where they went.
  await rider.opens();
  await rider.goesTo('Book');
  await expect(page.getByRole('heading', { name: 'Book', level: 1 })).toBeVisible();
  expect(new URL(page.url()).pathname).toBe('/book');
  await rider.opens();
  await rider.goesTo('Rides');
  const ride = page.locator('[data-index] a[href^="/rides/"]').nth(2);
  const way = await ride.getAttribute('href');
  await ride.click();
  await expect(page.getByLabel('Distance')).toBeVisible();
  expect(new URL(page.url()).pathname).toBe(way);
  // A ride older than what is read first is not called missing meanwhile.
  const rides = allEvents(years.log).filter(({ type }) => type === 'rideLogged');
  expect(rides.length).toBeGreaterThan(500);
  const [oldest] = rides;
  await page.goto(`/rides/${oldest?.id}`);
  await expect(page.getByLabel('Distance')).toBeVisible();
  expect((await seen(page)).missing).toBe(false);
  // A ride is logged as soon as there is a verdict, and is kept.
  await rider.opens();
  await rider.logs('23', 'Dry');
  await rider.seesSaved();
  await page.goto('/rides');
  await expect(page.getByText('23 km').first()).toBeVisible();

  // The newest rides stand before the others are read, and what looks at all of them waits.
  await page.goto('/rides');
  await expect(page.getByRole('button', { name: 'Select' })).toBeEnabled();
  expect((await seen(page)).rides).toBeGreaterThan(3);
  await expect(page.getByText('Older rides are still being read.')).toHaveCount(0);
  // Who picks rides far down stays there when done.
  const list = page.locator('[data-page]').first();
  const top = () => list.evaluate((node) => node.scrollTop);
  await page.getByRole('button', { name: 'Select' }).click();
  await expect
    .poll(() => list.evaluate((node) => (node.scrollTop = 50_000) && node.scrollTop))
    .toBe(50_000);
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: 'Done' })).toHaveCount(0);
  await page.waitForTimeout(500);
  expect(await top()).toBeGreaterThan(40_000);

  // Who comes back to the list finds it where it stood, and at its end the oldest ride.
  await page.reload();
  await expect
    .poll(async () => {
      await list.evaluate((node) => (node.scrollTop = node.scrollHeight));
      return page.locator(`#main a[href="/rides/${oldest?.id}"]`).count();
    })
    .toBe(1);
  await page.locator(`#main a[href="/rides/${oldest?.id}"]`).click();
  await expect(page.getByLabel('Distance')).toBeVisible();
  await rider.goesTo('Rides');
  await expect(page.locator(`#main a[href="/rides/${oldest?.id}"]`)).toBeInViewport();
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByLabel('Search').fill('2022-06');
  await expect(page.getByText(/^\d+ of \d+ rides\.$/)).toBeVisible();

  // A page that needs the whole log waits for it.
  await page.goto('/book/history');
  await expect(page.getByRole('button', { name: 'Delete' }).first()).toBeVisible();
});
