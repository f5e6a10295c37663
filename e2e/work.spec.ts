import { expect, test } from './rider';

test('work is recorded, changes the chain, and can be undone @once', async ({ rider, page }) => {
  await rider.startsWith('Road bike', 'Dry', '140');
  await expect(rider.verdict).toContainText('lube is used up');
  await rider.writesDownWork();
  await expect(page.getByRole('radio', { name: 'Top-up', exact: true })).toBeChecked();
  await expect(page.getByText(/Lube \d+ % to 100 %/)).toBeVisible();
  await page.getByRole('button', { name: 'Save work' }).click();
  await expect(rider.verdict).toContainText(/Lube for|Wax for/);
  expect(await rider.reads('Lube left')).toBe(100);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rider.verdict).toContainText('lube is used up');
});

test('a clean without lube ends bare; the working adds up on screen @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.writesDownWork();
  await rider.picks('Which job', 'Clean');
  await rider.picks('Lube put on', 'None yet');
  await page.getByRole('button', { name: 'Save work' }).click();
  await expect(rider.verdict).toContainText('The chain is bare');
  await page.getByRole('button', { name: 'Show working' }).click();
  await expect(page.getByText('There is no lube on the chain.')).toBeVisible();
  await expect(page.getByText(/common practice/).first()).toBeVisible();
});

test('quick notes: wet, a squeak, a rag @once', async ({ rider, page }) => {
  await rider.opensDemo();
  const outside = await rider.reads('Dirt outside');
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: 'Shade 5 of 5: Black' }).click();
  await expect(page.getByText('Rag check noted')).toBeVisible();
  expect(await rider.reads('Dirt outside')).toBeGreaterThan(outside + 10);
  await page.getByRole('button', { name: 'Heard a noise' }).click();
  await page.getByRole('button', { name: 'Squeak' }).click();
  await expect(rider.verdict).toContainText('You heard a squeak');
  await page.getByRole('button', { name: 'Got wet' }).click();
  await page.getByRole('button', { name: 'Stood in rain' }).click();
  await expect(rider.verdict).toContainText('The chain is wet');
  await rider.goesTo('Book');
  await page.getByText('History', { exact: true }).first().click();
  await expect(page.getByText('Rag check: black').first()).toBeVisible();
});
