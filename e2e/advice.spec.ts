import { expect, test } from './rider';

test('a rusted chain is looked at, and what was found settles it @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Town bike', 'None, bare', '0');
  await page.getByRole('button', { name: 'Got wet' }).click();
  await page.getByRole('button', { name: 'Stood in rain' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  await rider.seesSaved();
  await page.clock.fastForward(72 * 3_600_000);
  await page.reload();
  await expect(rider.verdict).toContainText('The chain has rusted');
  await page.getByRole('button', { name: 'Stiff links' }).click();
  await expect(rider.verdict).toContainText('Links are stiff with rust');
  await page.getByRole('button', { name: 'Pits' }).click();
  await expect(rider.verdict).toContainText('Rust has pitted the chain');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'All fine' }).click();
  await expect(rider.verdict).toContainText('The chain is bare');
  await rider.seesSaved();
  await page.reload();
  await expect(rider.verdict).toContainText('The chain is bare');
});

test('a ride on the trainer brings no weather and hardly any dirt @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  const outside = await rider.reads('Dirt outside');
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Distance').fill('60');
  await page.getByRole('checkbox', { name: 'Mud' }).click();
  await rider.picks('Surface', 'Indoors');
  await expect(page.getByRole('checkbox', { name: 'Mud' })).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'Weather' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Save ride' }).click();
  await expect(page.getByText('Ride logged')).toBeVisible();
  expect(await rider.reads('Dirt outside')).toBeLessThanOrEqual(outside + 2);
  await rider.goesTo('Rides');
  await expect(page.getByRole('link', { name: /Road bike/ })).toContainText('60 km');
});

test('a bike with a full chain case says so, and stays so @once', async ({ rider, page }) => {
  await rider.startsWith('Town bike');
  await rider.goesTo('Book');
  await page.getByText('Garage', { exact: true }).first().click();
  await page
    .getByRole('link', { name: /^Town bike/ })
    .first()
    .click();
  const chainCase = page.getByRole('checkbox', { name: 'A full chain case' });
  await chainCase.click();
  await page.getByRole('button', { name: 'Save' }).first().click();
  await rider.seesSaved();
  await page
    .getByRole('link', { name: /^Town bike/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/book\/bike\//);
  await page.reload();
  await expect(chainCase).toBeChecked();
});
