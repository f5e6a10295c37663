import { readFileSync } from 'node:fs';
import { OLD_VERSIONS, storedAs } from '../src/test/storedLogbooks';
import { fillDisk, putRaw, readRaw, replaceRaw } from './disk';
import { expect, Rider, test } from './rider';

test('logbooks of all versions open after an update, are changed, and open again @once', async ({
  rider,
  page,
}) => {
  await rider.opens();
  for (const version of OLD_VERSIONS) {
    // An app that has gone away: on this address nothing of ours runs that could write its own back.
    await page.goto('/manifest.webmanifest');
    await replaceRaw(page, storedAs(version));
    await rider.opens('/book/garage');
    await expect(page.getByText('Shed bike').first(), `version ${version}`).toBeVisible();
    await page.getByText('Shed bike').first().click();
    await page.getByLabel('Name', { exact: true }).first().fill(`Shed bike ${version}`);
    await page.getByRole('button', { name: /^Save/ }).click();
    await rider.seesSaved();
    await page.reload();
    await rider.opens('/book/garage');
    await expect(page.getByText(`Shed bike ${version}`).first()).toBeVisible();
    await expect(page.getByText('could not be read')).toHaveCount(0);
  }
});

test('two tabs change different settings while the disk is full, and both are kept @once', async ({
  rider,
  page,
  context,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await rider.goesToSettings();
  const twin = await Rider.inTabOf(context, 60_000);
  const second = twin.page;
  await twin.opens();
  await twin.goesToSettings();
  await fillDisk(page, true);
  await fillDisk(second, true);
  await rider.picks('Distances', 'Miles');
  await twin.picks('Colours', 'Dark, for the shed');
  await expect(page.getByText('Not saved yet')).toBeVisible();
  await expect(second.getByText('Not saved yet')).toBeVisible();
  await fillDisk(page, false);
  await page.clock.runFor(6000);
  await rider.seesSaved();
  await fillDisk(second, false);
  await second.clock.runFor(6000);
  await twin.seesSaved();
  for (const tab of [page, second]) {
    await expect(tab.getByRole('radio', { name: 'Miles' })).toBeChecked();
    await expect(tab.getByRole('radio', { name: 'Dark, for the shed' })).toBeChecked();
    await tab.reload();
    await expect(tab.getByRole('radio', { name: 'Miles' })).toBeChecked();
    await expect(tab.getByRole('radio', { name: 'Dark, for the shed' })).toBeChecked();
  }
});

test('a change made with the clock set back a year wins over the one before it @once', async ({
  rider,
  page,
  context,
}) => {
  await rider.startsWith();
  await rider.goesToSettings();
  await rider.picks('Distances', 'Miles');
  await rider.seesSaved();
  await page.close();
  const back = await Rider.inTabOf(context, -365 * 86_400_000);
  const later = back.page;
  await back.opens('/book/settings');
  await expect(later.getByRole('radio', { name: 'Miles' })).toBeChecked();
  await back.picks('Distances', 'Kilometres');
  await back.seesSaved();
  await later.reload();
  await expect(later.getByRole('radio', { name: 'Kilometres' })).toBeChecked();
});

test('a logbook that cannot be read is never shown as empty; it can be saved and tried again @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await page.addInitScript(() => {
    const proto = IDBObjectStore.prototype as unknown as Record<string, unknown>;
    const real = Object.fromEntries(
      ['get', 'getAll', 'getAllKeys', 'openCursor', 'openKeyCursor', 'getKey'].map((name) => [
        name,
        proto[name],
      ]),
    );
    for (const name of Object.keys(real))
      proto[name] = () => {
        throw new Error('the disk fails');
      };
    Object.assign(window, { mend: () => Object.assign(proto, real) });
  });
  await page.reload();
  // Tries are some time apart.
  for (let n = 0; n < 8; n++) await page.clock.runFor(500);
  await expect(page.getByRole('heading', { name: 'The logbook stays shut' })).toBeVisible();
  await expect(page.getByText('Your bike')).toHaveCount(0);
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend());
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what can be read as a file' }).click();
  const saved = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as {
    events: unknown[];
  };
  expect(saved.events).toHaveLength(1);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(rider.verdict).toBeVisible();
});

test('one damaged event of the demo costs that event, not its month @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  await rider.seesSaved();
  const october = (await readRaw(page, 'dapper-spoke-demo'))['log/2026-10'] ?? '';
  const rides = october.split('"rideLogged"').length - 1;
  expect(rides).toBeGreaterThan(10);
  await putRaw(
    page,
    { 'log/2026-10': october.replace('"rideLogged"', '"rideLugged"') },
    'dapper-spoke-demo',
  );
  await page.reload();
  await expect(page.getByText('Some of the month 2026-10 could not be read')).toBeVisible();
  await rider.seesSaved();
  await expect
    .poll(async () => (await readRaw(page, 'dapper-spoke-demo'))['log/2026-10'])
    .not.toContain('rideLugged');
  const mended = (await readRaw(page, 'dapper-spoke-demo'))['log/2026-10'] ?? '';
  expect(mended.split('"rideLogged"').length - 1).toBe(rides - 1);
  await page.getByRole('button', { name: 'Open Files' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what was set aside' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('rideLugged');
});

test('a page that stumbles says so and offers ways out @once', async ({ page, browser }) => {
  const context = await browser.newContext({ locale: 'en-GB', acceptDownloads: true });
  const rider = await Rider.inTabOf(context);
  const tab = rider.page;
  await rider.startsWith();
  await rider.logs('31', 'Dry');
  await rider.seesSaved();
  await tab.evaluate(() => {
    const proto = Intl.DateTimeFormat.prototype;
    const real = Object.getOwnPropertyDescriptor(proto, 'format')!;
    const broken = {
      configurable: true,
      get(this: Intl.DateTimeFormat) {
        if (!this.resolvedOptions().hour) throw new Error('no dates today');
        return real.get!.call(this) as unknown;
      },
    };
    Object.defineProperty(proto, 'format', broken);
    Object.assign(window, { mend: () => Object.defineProperty(proto, 'format', real) });
  });
  await tab.getByRole('link', { name: 'Rides', exact: true }).click();
  await expect(tab.getByRole('heading', { name: 'This page stumbled' })).toBeVisible();
  await expect(tab.getByText('no dates today')).toBeVisible();
  const download = tab.waitForEvent('download');
  await tab.getByRole('button', { name: 'Save a backup file' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('"distanceKm": 31');
  await tab.evaluate(() => (window as unknown as { mend: () => void }).mend());
  await tab.getByRole('button', { name: 'Undo: Ride logged' }).click();
  await expect(tab.getByRole('heading', { name: 'This page stumbled' })).toHaveCount(0);
  await expect(tab.getByRole('link', { name: /31 km/ })).toHaveCount(0);
  await context.close();
  await page.close();
});

test('a backup keeps itself in a folder and can be restored from it @once', async ({
  rider,
  page,
  browser,
}) => {
  // The browser's own private folder stands for the one a rider picks.
  const pick = () =>
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  await page.addInitScript(pick);
  await rider.startsWith();
  await rider.seesSaved();
  await rider.goesTo('Book');
  await page.getByText('Files', { exact: true }).first().click();
  await page.getByRole('button', { name: 'Pick a folder' }).click();
  await expect(page.getByText(/Last written and checked at/)).toBeVisible();
  await rider.logs('48', 'Wet');
  await rider.seesSaved();
  const files = () =>
    page.evaluate(async () => {
      const folder = await navigator.storage.getDirectory();
      const found: Record<string, string> = {};
      const names = (folder as unknown as { keys(): AsyncIterable<string> }).keys();
      for await (const name of names)
        try {
          found[name] = await (await (await folder.getFileHandle(name)).getFile()).text();
        } catch {
          // Being written just now.
        }
      return found;
    });
  await page.clock.runFor(5000);
  await expect.poll(async () => JSON.stringify(await files())).toContain('"distanceKm\\": 48');
  const [name = '', text = ''] = Object.entries(await files())[0] ?? [];
  expect(name).toBe('dapper-spoke-2026-11-24.json');

  const context = await browser.newContext({ locale: 'en-GB' });
  const friend = await Rider.inTabOf(context);
  const other = friend.page;
  await friend.opens('/book/files');
  await other
    .getByLabel('Backup file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await other.getByRole('button', { name: 'Restore', exact: true }).click();
  await friend.goesTo('Rides');
  await expect(other.getByRole('link', { name: /48 km/ })).toBeVisible();
  await context.close();
});

test('a browser without locks and channels still loses nothing between two tabs @once', async ({
  browser,
}) => {
  const context = await browser.newContext({ locale: 'en-GB' });
  await context.addInitScript(() => {
    Object.defineProperty(navigator, 'locks', { value: undefined });
    Object.defineProperty(window, 'BroadcastChannel', { value: undefined });
  });
  const [page, second] = [await context.newPage(), await context.newPage()];
  const [rider, twin] = [new Rider(page), new Rider(second)];
  await rider.startsWith();
  await rider.seesSaved();
  await twin.opens();
  await rider.logs('11', 'Dry');
  await twin.logs('22', 'Dry');
  for (const one of [rider, twin]) {
    await one.seesSaved();
    await one.goesTo('Rides');
    await expect(one.page.getByRole('link', { name: /11 km/ })).toBeVisible();
    await expect(one.page.getByRole('link', { name: /22 km/ })).toBeVisible();
  }
  await context.close();
});

test('many entries without a backup are reminded of, and a backup ends it @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  const rides = Array.from({ length: 45 }, (_, n) => `${(n + 1) * 2026}`);
  const stored = await readRaw(page);
  const [bikeId = ''] = /"bikeId":"([^"]+)"/.exec(stored['log/2026-11'] ?? '')?.slice(1) ?? [];
  await putRaw(page, {
    'log/2026-12': JSON.stringify(
      rides.map((id) => ({
        type: 'gotWet',
        id,
        at: '2026-12-01T08:00:00.000Z',
        zone: 'UTC',
        recordedAt: '2026-12-01T08:00:00.000Z',
        bikeId,
        how: 'washed',
      })),
    ),
  });
  await page.reload();
  await expect(rider.verdict).toBeVisible();
  await page.clock.runFor(4000);
  await page.waitForLoadState('networkidle');
  // It would push the page from under a finger: it comes with the next place.
  const reminder = page.getByText(/46 entries are in this browser only/);
  await expect(reminder).toHaveCount(0);
  await rider.goesTo('Rides');
  await expect(reminder).toBeVisible();
  await page.getByRole('button', { name: 'Back up' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a backup file' }).click();
  await download;
  await expect(page.getByText('Last backup today. It holds everything.')).toBeVisible();
  await rider.goesTo('Today');
  await expect(page.getByText(/entries are in this browser only/)).toHaveCount(0);
});
