import { fileOf as file, islandGpx as gpx } from './files';
import { expect, test } from './rider';

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
  await page.evaluate(() => {
    const real = File.prototype.arrayBuffer;
    File.prototype.arrayBuffer = function (this: File) {
      return this.name === 'stuck.gpx' ? new Promise(() => undefined) : real.call(this);
    };
  });
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
  // A file that never arrives, as from a card pulled out of its slot.
  await page.evaluate(() => {
    const real = File.prototype.arrayBuffer;
    File.prototype.arrayBuffer = function (this: File) {
      return this.name === 'stuck.gpx' ? new Promise(() => undefined) : real.call(this);
    };
  });
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
