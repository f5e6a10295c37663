import { readFileSync } from 'node:fs';
import { drop, fileOf, islandGpx, mixedBatch } from './files';
import { expect, NOW, test } from './rider';

test('sync brings what is new with its weather, and then finds nothing', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  await page.getByRole('button', { name: 'Sync' }).click();
  await expect(page.getByText('3 rides added.')).toBeVisible();
  const row = page.getByRole('link', { name: /Sun 22 Nov · Sunday racer/ });
  await expect(row).toContainText(/Dry|Damp|Wet/);
  await expect(row).not.toContainText('Not known');
  await page.getByRole('button', { name: 'Sync' }).click();
  await expect(page.getByText('Nothing new.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Sync' }).click();
  await expect(page.getByText('3 rides you deleted are still in the recorder.')).toBeVisible();
  await page.getByRole('button', { name: 'Fetch again' }).click();
  await expect(row).toBeVisible();
});

test('a recorder that is away, or cuts its files off, is told and loses nothing @once', async ({
  rider,
  page,
}) => {
  const fault = async (kind: string | null) => {
    await page.unroute('**/api/recorder/**');
    if (kind)
      await page.route('**/api/recorder/**', (route) =>
        route.continue({ headers: { ...route.request().headers(), 'Recorder-Fault': kind } }),
      );
  };
  await rider.opensDemo('/rides');
  await fault('offline');
  await page.getByRole('button', { name: 'Sync' }).click();
  await expect(page.getByText(/The recorder does not answer/)).toBeVisible();
  await fault('truncated');
  await page.getByRole('button', { name: 'Sync' }).click();
  await expect(page.getByText(/tried again at the next sync/).first()).toBeVisible();
  await fault(null);
  await page.getByRole('button', { name: 'Sync' }).click();
  await expect(page.getByRole('link', { name: /Sun 22 Nov · Sunday racer/ })).toBeVisible();
});

test('thirty files at once: progress, a result each, one undo @once', async ({
  rider,
  page,
  viewport,
}) => {
  await rider.opensDemo('/rides/import');
  const files = mixedBatch();
  expect(files).toHaveLength(30);
  const wide = (viewport?.width ?? 0) > 900;
  // Progress is drawn while the worker reads: caught as it comes, it is gone soon after.
  await page.evaluate(() => {
    const seen: string[] = [];
    (window as unknown as { seen: string[] }).seen = seen;
    new MutationObserver(() => {
      const bar = document.querySelector('[role=progressbar]');
      if (bar) seen.push(bar.getAttribute('aria-valuenow') ?? '');
    }).observe(document.body, { subtree: true, childList: true, attributes: true });
  });
  if (wide) await drop(page, files);
  else await page.getByLabel('Ride files').setInputFiles(files);
  await expect(page.getByText(/^Columns of table\.csv/)).toBeVisible();
  const seen = await page.evaluate(() => (window as unknown as { seen: string[] }).seen);
  expect(new Set(seen).size).toBeGreaterThan(2);
  await page.getByRole('button', { name: 'Read with these columns' }).click();
  // Some were ridden while the demo's riders rode another bike.
  await expect(page.getByText(/^Another ride was recorded at that time/).first()).toBeVisible();
  await page
    .getByRole('button', { name: /^Add (it as it is|all as they are)$/ })
    .first()
    .click();
  await expect(page.getByText('23 rides to add')).toBeVisible();
  for (const failure of [
    'The file is empty.',
    /damaged or cut off at line/,
    'The file is damaged or cut off.',
    'Its points carry no times',
    'That is still to come',
    'It is not a bicycle ride but running.',
  ])
    await expect(page.getByText(failure).first()).toBeVisible();
  await expect(page.getByText('Failed', { exact: true })).toHaveCount(7);
  await expect(page.getByText('Passed over', { exact: true })).toHaveCount(2);
  await expect(page.getByText('Here already', { exact: true })).toHaveCount(1);
  await page.getByRole('button', { name: 'Add 23 rides' }).click();
  await expect(page.getByText('23 rides imported')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Undone: 23 rides imported')).toBeVisible();
});

test('a ride in worked-out rain finishes a dry lube, and the verdict says so @once', async ({
  rider,
  page,
}) => {
  await page.clock.setSystemTime(new Date('2026-11-09T18:00:00Z'));
  await rider.startsWith('Road bike', 'Dry', '0');
  await expect(rider.verdict).toContainText(/Lube for|Wax for/);
  await page.clock.setSystemTime(NOW);
  await rider.goesToSettings();
  await rider.picks('It comes from', 'The weather service');
  await rider.goesTo('Rides');
  await page.getByRole('button', { name: 'Import' }).click();
  await page
    .getByLabel('Ride files')
    .setInputFiles([fileOf('rain.gpx', islandGpx('2026-11-10T07:30:00Z', 'Into the rain'))]);
  await page.getByRole('button', { name: 'Add this ride' }).click();
  const row = page.getByRole('link', { name: /Into the rain/ });
  await expect(row).toContainText(/Wet|Downpour/);
  await row.click();
  await expect(page.getByRole('img', { name: /Hour by hour/ })).toBeVisible();
  await expect(page.getByText(/worked out from hourly weather: wet road for 100 %/)).toBeVisible();
  await rider.goesTo('Today');
  await expect(rider.verdict).toContainText('used up');
  expect(await rider.reads('Lube left')).toBe(0);
});

test('one tap puts the weather right, another takes the hourly one @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  const row = page.getByRole('link', { name: /Tue 17 Nov/ });
  await row.click();
  await expect(page.getByText(/^Wet, worked out from hourly weather/)).toBeVisible();
  await rider.picks('Not so? Say what it was', 'Dry');
  await expect(page.getByText(/^Dry: you said so\..*Hourly weather says: wet\./)).toBeVisible();
  await page.getByLabel('Note').fill('It was dry');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(row).toContainText('Dry, paved · It was dry');
  await row.click();
  await page.getByRole('button', { name: 'Use the hourly weather instead' }).click();
  await expect(page.getByText(/^Wet, worked out from hourly weather/)).toBeVisible();
});

test('with no server rides stay a guess, are marked so, and are filled when it is back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides/import');
  await page.route('**/api/**', (route) => route.abort());
  await page
    .getByLabel('Ride files')
    .setInputFiles([fileOf('away.gpx', islandGpx('2026-11-23T15:00:00Z', 'Off the map'))]);
  await page.getByRole('button', { name: 'Add this ride' }).click();
  const row = page.getByRole('link', { name: /Off the map/ });
  await expect(row).toContainText('Not known');
  await row.click();
  await expect(page.getByText(/Not known, so a middle is assumed/)).toContainText(
    'The weather source does not answer',
  );
  await page.unroute('**/api/**');
  await rider.goesToSettings();
  await expect(page.getByText(/The weather service does not answer/)).toBeVisible();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText(/The weather service does not answer/)).toHaveCount(0);
  await rider.goesTo('Rides');
  await expect(row).toContainText(/Dry|Damp|Wet/);
});

test('weather from a file: taken in, refused with its line, forgotten @once', async ({
  rider,
  page,
}) => {
  await page.clock.setSystemTime(new Date('2026-11-09T18:00:00Z'));
  await rider.startsWith('Road bike', 'Wet', '0');
  // Timers run on, as they would have.
  await page.clock.fastForward(NOW.getTime() - Date.parse('2026-11-09T18:00:00Z'));
  await rider.goesTo('Rides');
  await page.getByRole('button', { name: 'Import' }).click();
  await page
    .getByLabel('Ride files')
    .setInputFiles([fileOf('lap.gpx', islandGpx('2026-11-20T08:00:00Z', 'Mill lap'))]);
  await page.getByRole('button', { name: 'Add this ride' }).click();
  await expect(page.getByRole('link', { name: /Mill lap/ })).toContainText('Not known');
  await rider.goesToSettings();
  await rider.picks('It comes from', 'A file');
  const header = 'time,rain_mm,temperature_c,humidity_percent,wind_m_s';
  const rows = Array.from(
    { length: 120 },
    (_, h) =>
      `${new Date(Date.parse('2026-11-17T00:00Z') + h * 3_600_000).toISOString()},1.2,7,93,4`,
  );
  const pick = (text: string) =>
    page.getByLabel('Weather file').setInputFiles([fileOf('weather.csv', text)]);
  await pick(`${header}\n${rows[0]}\n2026-11-17T01:00,0,7,90,4\n`);
  await expect(page.getByText('weather.csv: Line 3 has no hour')).toBeVisible();
  await pick(`${header}\n${rows.join('\n')}\n`);
  await expect(page.getByText(/Weather of \d days taken in/)).toBeVisible();
  await rider.goesTo('Rides');
  await expect(page.getByRole('link', { name: /Mill lap/ })).toContainText('Wet');
  await rider.goesToSettings();
  await page.getByRole('button', { name: 'Forget the weather of files' }).click();
  await rider.goesTo('Rides');
  await expect(page.getByRole('link', { name: /Mill lap/ })).toContainText('Not known');
});

test('finding rides, changing many at once, taking them out as CSV', async ({ rider, page }) => {
  await rider.opensDemo('/rides');
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByLabel('Search').fill('baker');
  await rider.picks('Weather met', 'Dry');
  await expect(page.getByText(/^\d+ of \d+ rides\.$/)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save these \d+ as CSV/ }).click();
  const csv = readFileSync(await (await download).path(), 'utf8')
    .trim()
    .split('\r\n');
  expect(csv[0]).toMatch(/^start,zone,bike,distance_km/);
  expect(csv.slice(1).every((line) => /baker/.test(line) && /,dry,|,dusty,/.test(line))).toBe(true);
  await page.getByRole('button', { name: 'Select' }).click();
  await page.getByRole('button', { name: /^Tick all \d+/ }).click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByRole('group', { name: 'Surface' }).getByRole('button', { name: 'Trail' }).click();
  await expect(page.getByText(/^\d+ rides changed$/)).toBeVisible();
  await expect(page.getByRole('checkbox').first()).toContainText('trail');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('checkbox').first()).toContainText('paved');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Find' }).click();
  await expect(page.getByLabel('Search')).toHaveCount(0);
});

test('a table is explained once, and known the next time @once', async ({ rider, page }) => {
  await rider.opensDemo('/rides/import');
  const table = (day: number) =>
    fileOf('old.csv', `Datum;Strecke km;Rad\n${day}.05.2026 08:00;42,5;Sunday racer\n`);
  await page.getByLabel('Ride files').setInputFiles([table(4)]);
  await expect(page.getByText('Columns of old.csv')).toBeVisible();
  await page.getByRole('button', { name: 'Read with these columns' }).click();
  await expect(page.getByText('1 ride to add')).toBeVisible();
  await page.getByLabel('Ride files').setInputFiles([table(5)]);
  await expect(page.getByText(/5 May 2026/)).toBeVisible();
  await expect(page.getByText('Columns of old.csv')).toHaveCount(0);
  await rider.goesToSettings();
  await expect(
    page.getByText(/What the columns of a table with “datum,strecke km,rad”/),
  ).toBeVisible();
});
