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
