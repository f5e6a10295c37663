import { addClicks, pinkNoise } from '../src/test/chainSound';
import { wavBytes } from './devices';
import { islandGpx } from './files';
import { expect, test } from './rider';

test.use({ serviceWorkers: 'allow' });

test('the bench works with the server out of reach, after a reload too @once', async ({
  rider,
  page,
  context,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await page.clock.fastForward(5000);
  // Installed and in charge: everything the app is made of is kept.
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller) await new Promise((r) => requestAnimationFrame(r));
  });
  await rider.seesSaved();
  await context.setOffline(true);
  await page.reload();
  await expect(rider.verdict).toContainText(/Lube for|Wax for/);
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Put on gloves.');
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Put on gloves.');
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Put on gloves.');
});

test('a rag is read and a chain heard with the server out of reach @once', async ({
  rider,
  page,
  context,
}) => {
  await rider.opensDemo();
  await page.clock.fastForward(5000);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller) await new Promise((r) => requestAnimationFrame(r));
  });
  await context.setOffline(true);
  await page.reload();
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: 'Photograph it instead' }).click();
  await page.getByRole('button', { name: 'Try it on a practice rag' }).click();
  await page.getByRole('button', { name: 'Just tell me' }).click();
  await expect(page.getByText(/^The chain is \d+ % dirty outside/)).toBeVisible();
  await rider.goesOn('/bench/listen');
  const chain = addClicks(pinkNoise(10, 0.01, 1), { period: 1.3, rms: 0.05, seed: 2 });
  await page
    .getByLabel('Recording of the chain')
    .setInputFiles({ name: 'chain.wav', mimeType: 'audio/wav', buffer: wavBytes(chain) });
  await expect(page.getByText(/^Something comes/)).toBeVisible();
  expect(await page.evaluate(async () => (await fetch('/hear.js')).ok)).toBe(true);
});

test('it can be installed: manifest, icons of its own @once', async ({ page, request }) => {
  await page.goto('/');
  const href = await page.locator('link[rel=manifest]').getAttribute('href');
  const manifest = (await (await request.get(href ?? '')).json()) as {
    name: string;
    display: string;
    icons: { src: string; sizes: string }[];
  };
  expect(manifest).toMatchObject({ name: 'Dapper Spoke', display: 'standalone' });
  for (const { src } of manifest.icons) expect((await request.get(src)).ok()).toBe(true);
});

test('ride files shared to the installed app are read in the import, once @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller) await new Promise((r) => requestAnimationFrame(r));
  });
  await rider.seesSaved();
  // What a phone does when a file is shared: it posts a form to the address of the manifest.
  await page.evaluate(
    (text) => {
      const form = document.createElement('form');
      Object.assign(form, {
        method: 'POST',
        action: '/rides/shared',
        enctype: 'multipart/form-data',
      });
      const field = document.createElement('input');
      const files = new DataTransfer();
      files.items.add(new File([text], 'Quay läp.gpx'));
      Object.assign(field, { type: 'file', name: 'rides', files: files.files });
      form.append(field);
      document.body.append(form);
      form.submit();
    },
    islandGpx('2026-11-23T13:00:00Z', 'Mill lap', 600),
  );
  await expect(page).toHaveURL(/\/rides\/import/);
  await expect(page.getByText('Quay läp.gpx')).toBeVisible();
  await page.getByRole('button', { name: 'Add this ride' }).click();
  await expect(page.getByRole('heading', { name: 'What we understood' })).toBeVisible();
  await rider.opens('/rides/import');
  await expect(page.getByText('Quay läp.gpx')).toHaveCount(0);
});
