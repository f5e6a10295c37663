import { readFileSync } from 'node:fs';
import { CURRENT_VERSION } from '../src/core/logbook/versions';
import { fillDisk, putRaw } from './disk';
import { killAroundSaves } from './kill';
import { expect, test, Rider } from './rider';

test('backup and restore, with a preview and one undo @once', async ({ rider, page, browser }) => {
  await rider.startsWith();
  await rider.logs('33', 'Dry');
  await rider.seesSaved();
  await rider.opens('/book/files');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a backup file' }).click();
  const file = await (await download).path();
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({
    format: 'dapper-spoke-logbook',
    version: CURRENT_VERSION,
  });

  const context = await browser.newContext({ locale: 'en-GB' });
  const friend = await Rider.inTabOf(context);
  const other = friend.page;
  await friend.opens('/book/files');
  await other.getByLabel('Backup file').setInputFiles({
    name: 'holiday.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"something else"}'),
  });
  await expect(other.getByText('not a Dapper Spoke backup. Nothing was changed.')).toBeVisible();
  await other.getByLabel('Backup file').setInputFiles(file);
  await expect(other.getByText('Log: 2 entries added, 0 here already.')).toBeVisible();
  await expect(other.getByText('Bikes: 1 added, 0 changed')).toBeVisible();
  await other.getByRole('button', { name: 'Restore', exact: true }).click();
  await friend.goesTo('Rides');
  await expect(other.getByRole('link', { name: /Road bike/ })).toContainText('33 km');
  await other.getByRole('button', { name: 'Undo' }).click();
  await expect(other.getByRole('link', { name: /Road bike/ })).toHaveCount(0);
  await context.close();
});

test('what the app did is saved as a text, without what the rider wrote @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.logs('33', 'Dry');
  await rider.seesSaved();
  await rider.goesTo('Book');
  await page.getByText('Files', { exact: true }).first().click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what the app did' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  expect(text).toMatch(/^2026-11-24T10:.* session\/phaseChanged open$/m);
  expect(text).toMatch(/ session\/saveChanged saved$/m);
  expect(text).toMatch(/ logbook\/changed/);
  expect(text).not.toMatch(/Road bike|Dry/);
});

test('a damaged month is set aside and the rest opens @once', async ({ rider, page }) => {
  await rider.startsWith();
  await rider.seesSaved();
  await putRaw(page, { 'log/2026-10': '[{"type":"rideLog' });
  await page.reload();
  await expect(rider.verdict).toBeVisible();
  await expect(page.getByText('Some of the month 2026-10 could not be read')).toBeVisible();
  await page.getByRole('button', { name: 'Open Files' }).click();
  await expect(page.getByText('Some of “log/2026-10” could not be read')).toBeVisible();
  await page.getByRole('button', { name: 'Discard it' }).click();
  await expect(page.getByText('Some of “log/2026-10” could not be read')).toBeHidden();
});

test('a logbook of a newer version is left alone, and a stamp alone is no such thing @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await putRaw(page, { meta: `{"version":${CURRENT_VERSION + 1},"lastWrite":"x"}` });
  await page.reload();
  await expect(rider.verdict).toBeVisible();
  await putRaw(page, {
    meta: `{"version":${CURRENT_VERSION + 1},"lastWrite":"x"}`,
    garage: `{"part":"garage","version":${CURRENT_VERSION + 1},"sum":"00000000","shape":"of the future"}`,
  });
  await page.reload();
  await expect(page.getByText('A newer version of the app has saved here')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Reload' })).toBeVisible();
});

test('a full disk is told and the change kept until there is room @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await fillDisk(page, true);
  await rider.logs('21', 'Dry');
  await expect(page.getByText('Not saved yet')).toBeVisible();
  await fillDisk(page, false);
  await page.clock.fastForward(6000);
  await rider.seesSaved();
  await page.reload();
  await rider.goesTo('Rides');
  await expect(page.getByRole('link', { name: /Road bike/ })).toContainText('21 km');
});

test('two tabs: what one writes the other shows, and nothing is lost @once', async ({
  rider,
  page,
  context,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  const twin = await Rider.inTabOf(context, 60_000);
  const second = twin.page;
  await twin.opens();
  await rider.logs('11', 'Dry');
  await twin.goesTo('Rides');
  await expect(second.getByRole('link', { name: /11 km/ })).toBeVisible();
  await twin.logs('22', 'Dry');
  await rider.goesTo('Rides');
  await expect(page.getByRole('link', { name: /22 km/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /11 km/ })).toBeVisible();
});

test('a tab killed right after saving leaves a logbook that opens @once', async ({
  rider,
  context,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await rider.logs('17', 'Dry');
  await rider.page.close({ runBeforeUnload: false });
  const again = await Rider.inTabOf(context, 60_000);
  await again.opens();
  await expect(again.verdict).toBeVisible();
});

test('a short run of the campaign that kills renderers around a save @once', async ({
  context,
  baseURL,
}) => {
  const rider = await Rider.inTabOf(context);
  await rider.startsWith();
  await rider.seesSaved();
  await rider.page.close();
  const { counts, saved } = await killAroundSaves(context, `${baseURL}/`, 4);
  expect(saved).toBeGreaterThan(0);
  expect(counts).toEqual({ savedRidesLost: 0, doubled: 0, notOpened: 0 });
});
