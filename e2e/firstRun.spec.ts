import { expect, test } from './rider';

test('from nothing to a verdict, and it is still there after a reload', async ({ rider, page }) => {
  await rider.opens();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/How far is your chain/);
  await rider.startsWith('Gravel bike', 'All-weather', '40');
  await expect(rider.verdict).toContainText(/Lube for about \d+\skm/);
  await rider.seesSaved();
  await page.reload();
  await expect(rider.verdict).toContainText(/Lube for about \d+\skm/);
});

test('the logbook is opened before the screens’ script is there, and what that needs waits for it @once', async ({
  rider,
  page,
}) => {
  await page.route(/\/entry-[^/]*\.js$/, async (route) => {
    await new Promise((later) => setTimeout(later, 1500));
    await route.continue();
  });
  // The demo’s own events are made by a script that is loaded when the logbook turns out to be empty.
  await rider.opensDemo();
  await rider.seesSaved();
  await expect(rider.verdict).toContainText(/Lube for about \d+\skm/);
});

test('says what is wrong beside the field and keeps what was entered @once', async ({
  rider,
  page,
}) => {
  await rider.opens();
  await page.getByLabel('Ridden since it was lubed').fill('a while');
  await page.getByLabel('Ridden since it was new').fill('2000');
  await page.getByRole('button', { name: 'Show my chain' }).click();
  await expect(page.getByText('“a while” is not a number')).toBeVisible();
  await expect(page.getByLabel('Ridden since it was new')).toHaveValue('2000');
  await page.getByLabel('Ridden since it was lubed').fill('60');
  await page.getByRole('button', { name: 'Show my chain' }).click();
  await expect(rider.verdict).toBeVisible();
});

test('opens the demo and leaves it, and neither touches the other @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await rider.opensDemo();
  await expect(page.getByText('Demo logbook')).toBeVisible();
  await expect(page.getByText('Quay commuter').first()).toBeVisible();
  await page.getByRole('button', { name: 'Leave the demo' }).click();
  await expect(page.getByText('Demo logbook')).toBeHidden();
  await rider.goesTo('Book');
  await page.getByText('Garage', { exact: true }).first().click();
  await expect(page.getByRole('link', { name: /Road bike/ }).first()).toBeVisible();
  await expect(page.getByText('Quay commuter')).toHaveCount(0);
});
