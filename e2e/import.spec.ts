import type { Page } from '@playwright/test';
import { fileOf as file, islandGpx as gpx } from './files';
import { expect, test } from './rider';

/** From now on a file of this name never arrives, as from a card pulled out of its slot: whoever reads it waits for ever. */
const neverArrives = (page: Page, name: string) =>
  page.evaluate((stuck) => {
    const send = Worker.prototype.postMessage;
    Worker.prototype.postMessage = function (this: Worker, message: unknown, ...rest: never[]) {
      const { argumentList = [] } = message as { argumentList?: { value: unknown }[] };
      if (argumentList.some(({ value }) => value instanceof File && value.name === stuck)) return;
      send.call(this, message, ...rest);
    };
  }, name);

test('ride files: each gets its result, one tap adds them, one undo takes them back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides/import');
  await page
    .getByLabel('Ride files')
    .setInputFiles([
      file('lap.gpx', gpx('2026-11-23T13:00:00Z', 'Mill lap', 600)),
      file('lap-again.gpx', gpx('2026-11-23T13:00:30Z', 'Mill lap', 600)),
      file('cut-off.gpx', gpx('2026-11-23T15:00:00Z', 'Lost', 100).slice(0, 3000)),
      file('letter.txt', 'Dear all'),
    ]);
  await expect(page.getByText('1 ride to add')).toBeVisible();
  await expect(page.getByText('New', { exact: true })).toHaveCount(1);
  await expect(page.getByText('Here already')).toHaveCount(1);
  await expect(page.getByText(/damaged or cut off at line 1/)).toBeVisible();
  await expect(page.getByText('Not a ride file this app reads')).toBeVisible();
  await page.getByRole('button', { name: 'Add this ride' }).click();
  const row = page.getByRole('link', { name: /Mill lap/ });
  await expect(row).toContainText(/4\d(\.\d)? km/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toHaveCount(0);
});

test('files are dropped; while others are read, a drop neither adds them nor opens them @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides/import');
  const drop = (name: string, text: string) =>
    page.getByText(/FIT, GPX, TCX/).evaluate(
      (zone, [called, content]) => {
        const files = new DataTransfer();
        files.items.add(new File([content ?? ''], called ?? ''));
        const event = (type: string) =>
          new DragEvent(type, { dataTransfer: files, bubbles: true, cancelable: true });
        zone.dispatchEvent(event('dragenter'));
        zone.dispatchEvent(event('dragover'));
        // False: the page has taken it, and the browser does not open the file.
        return zone.dispatchEvent(event('drop'));
      },
      [name, text],
    );
  await neverArrives(page, 'stuck.gpx');
  expect(await drop('lap.gpx', gpx('2026-11-23T13:00:00Z', 'Mill lap', 600))).toBe(false);
  await expect(page.getByText('1 ride to add')).toBeVisible();
  expect(await drop('stuck.gpx', 'x')).toBe(false);
  await expect(page.getByText(/Reading 0 of 1/)).toBeVisible();
  expect(await drop('more.gpx', gpx('2026-11-22T13:00:00Z', 'Quay lap', 600))).toBe(false);
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Quay lap')).toHaveCount(0);
});

test('reading can be stopped, and what was read by then is shown @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides/import');
  await neverArrives(page, 'stuck.gpx');
  await page
    .getByLabel('Ride files')
    .setInputFiles([
      file('lap.gpx', gpx('2026-11-23T13:00:00Z', 'Mill lap', 600)),
      file('stuck.gpx', 'x'),
      file('never.gpx', gpx('2026-11-23T15:00:00Z', 'Never', 600)),
    ]);
  await expect(page.getByText('Reading 1 of 3')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('1 ride to add')).toBeVisible();
  await expect(page.getByText('never.gpx')).toHaveCount(0);
});

test('a mixed drop: odd rides are held back and mended; a table’s columns are asked once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides/import');
  const table = (day: string) =>
    [
      'Date,Distance (km),Time (h:mm),Title',
      `2026-11-${day} 08:15,42.5,1:45,Mill round`,
      `2026-11-${day} 14:00,20.4,52:10,Quay run`,
      '2026-11-12,,,rest',
      'Total,62.9,,',
    ].join('\n');
  await page
    .getByLabel('Ride files')
    .setInputFiles([
      file('lap.gpx', gpx('2026-11-23T13:00:00Z', 'Mill lap', 600)),
      file('table.csv', table('11')),
      file(
        'sky.csv',
        'time,rain_mm,temperature_c,humidity_percent,wind_m_s\n2026-11-01T00:00Z,0,9,80,3',
      ),
    ]);
  await expect(page.getByText(/This is a table of weather/)).toBeVisible();
  await expect(page.getByText(/11 November 2026.*42.5 km, riding 1 h 45 min/)).toBeVisible();
  await page.getByRole('button', { name: 'Read with these columns' }).click();
  const held = page.getByRole('group', { name: 'table.csv' });
  await expect(held).toContainText('20.4 km in 52 h 10 min is no faster than walking.');
  await expect(page.getByText('2 rides to add')).toBeVisible();
  await held.getByRole('button', { name: 'They were minutes: 52 min' }).click();
  await expect(page.getByText('3 rides to add')).toBeVisible();
  await page.getByRole('button', { name: 'Decide again' }).click();
  await expect(page.getByText('2 rides to add')).toBeVisible();
  await held.getByRole('button', { name: 'They were minutes: 52 min' }).click();
  await page.getByRole('button', { name: 'Add 3 rides' }).click();
  // Further down than the rows that are drawn.
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByLabel('Search').fill('Quay run');
  await page.getByRole('link', { name: /Quay run/ }).click();
  await expect(page.getByLabel('Riding time')).toHaveValue('0:52');
  // The same head again is known.
  await rider.goesTo('Rides');
  await page.getByRole('button', { name: 'Import' }).click();
  await page.getByLabel('Ride files').setInputFiles([file('next.csv', table('13'))]);
  await expect(page.getByText('Look at 1 ride')).toBeVisible();
  await expect(page.getByText('Read with these columns')).toHaveCount(0);
});

test('rides from before: the rider says since when the chain was on, and when it was lubed @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '50');
  await rider.seesSaved();
  await rider.goesTo('Rides');
  await page.getByRole('button', { name: 'Import' }).click();
  await page
    .getByLabel('Ride files')
    .setInputFiles([
      file('may.gpx', gpx('2026-05-10T08:00:00Z', 'May lap')),
      file('october.gpx', gpx('2026-10-10T08:00:00Z', 'October lap')),
    ]);
  await expect(page.getByText(/^2 rides, 100 km since 10 May 2026, are older than/)).toBeVisible();
  await rider.picks(/^Was .* on then\?$/, 'Since a day');
  await page.getByLabel(/rides since$/).fill('2026-06-01');
  await page.getByLabel(/^Lubed last/).fill('2026-09-30');
  await page.getByRole('button', { name: 'Add 2 rides' }).click();
  await expect(
    page.getByText(/The chain counts as fitted on 31 May|fitted on 1 June/),
  ).toBeVisible();
  await rider.goesTo('Book');
  await page.getByText('History', { exact: true }).first().click();
  await expect(page.getByText(/30 Sept? 2026/).first()).toBeVisible();
});

test('a folder of rides, picked once, is looked through for new ones @once', async ({
  rider,
  page,
}) => {
  // The browser's own private folder stands for the one a rider picks.
  await page.addInitScript(() =>
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() }),
  );
  const put = (name: string, text: string) =>
    page.evaluate(
      async ([called = '', content = '']) => {
        const root = await navigator.storage.getDirectory();
        const folder = await root.getDirectoryHandle('2026', { create: true });
        const file = await (await folder.getFileHandle(called, { create: true })).createWritable();
        await file.write(content);
        await file.close();
      },
      [name, text],
    );
  await rider.startsWith('Road bike', 'Wet', '50');
  await rider.seesSaved();
  await put('lap.gpx', gpx('2026-11-23T13:00:00Z', 'Mill lap', 600));
  await put('notes.txt', 'no ride');
  await rider.opens('/rides/import');
  await page.getByRole('button', { name: 'Pick a folder' }).click();
  await expect(page.getByText(/^1 new file in/)).toBeVisible();
  await page.getByRole('button', { name: 'Add this ride' }).click();
  await expect(page.getByRole('heading', { name: 'What we understood' })).toBeVisible();
  await rider.seesSaved();
  await rider.opens('/rides/import');
  await expect(page.getByText(/^Nothing new in/)).toBeVisible();
  await put('quay.gpx', gpx('2026-11-22T13:00:00Z', 'Quay lap', 600));
  await rider.opens('/');
  await page.clock.runFor(6000);
  await expect(page.getByText(/^1 new ride file in .*: Rides, Import$/)).toBeVisible();
  await rider.opens('/rides/import');
  await expect(page.getByText('1 ride to add')).toBeVisible();
});
