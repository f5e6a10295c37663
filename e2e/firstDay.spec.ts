import { expect, test } from './rider';

/** What a newcomer does on the first day: the past, a new chain, the demo, a wrong address. */

test('lube and dirt are answered apart, with the answers that decided @once', async ({
  rider,
  page,
}) => {
  for (const [since, lube] of [
    ['0', /Lube for about \d+\skm/],
    ['120', /Lube for about \d+\skm/],
    ['250', /Lube for about \d+\skm/],
    ['400', /The lube is used up/],
  ] as const) {
    await rider.startsWith('Road bike', 'Wet', since);
    await expect(rider.verdict).toContainText(lube);
    await expect(rider.verdict).toContainText(/Wipe in about \d+\skm/);
    await expect(rider.verdict).toContainText('because it looks grey');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Show my chain' })).toBeVisible();
    // A page that is left before has asked first.
    await rider.seesSaved();
  }
});

test('the past is entered: yesterday’s ride and work, and what was said stays @once', async ({
  rider,
  page,
}) => {
  await rider.opens();
  await page.getByLabel('Ridden since it was lubed').fill('120');
  await page.getByLabel('Ridden since it was new').fill('1500');
  await page.getByRole('button', { name: 'Show my chain' }).click();
  const wear = await rider.reads('Chain wear');
  expect(wear).toBeGreaterThan(0.1);
  await rider.writesDownWork();
  await rider.picks('Which job', 'Top-up');
  await page.getByLabel('Done').fill('2026-11-23T18:00');
  await expect(page.getByText(/Lube 6\d % to 100 %/)).toBeVisible();
  await page.getByRole('button', { name: 'Save work' }).click();
  await expect(
    page.getByText(/Work recorded. The chain counts as fitted on 23 November/),
  ).toBeVisible();
  expect(await rider.reads('Lube left')).toBeGreaterThan(95);
  expect(await rider.reads('Chain wear')).toBe(wear);
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Distance').fill('40');
  await page.getByLabel('Started').fill('2026-11-22T09:00');
  await page.getByRole('button', { name: 'Save ride' }).click();
  await expect(page.getByText(/The chain counts as fitted on 22 November/)).toBeVisible();
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /Garage/ }).click();
  // 1,460 km before, and 40 on that ride.
  await expect(page.getByRole('link', { name: /Road bike chain/ })).toContainText('1,500 km');
});

test('a new chain starts where the bike is, and takes the old one off @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /Garage/ }).click();
  await page
    .getByRole('link', { name: /^Road bike/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Fit a new chain' }).click();
  await rider.picks('The old one, Road bike chain', 'It is worn out');
  await page.getByRole('button', { name: 'It is on: write it down' }).click();
  await expect(page.getByText('New chain fitted')).toBeVisible();
  await expect(page.getByText(/Road bike chain 2, on it since/)).toBeVisible();
  await rider.goesTo('Today');
  expect(await rider.reads('Lube left')).toBe(100);
  expect(await rider.reads('Chain wear')).toBe(0);
});

test('the demo opens from Book and is left there; an unknown address has a page @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await rider.seesSaved();
  await rider.goesTo('Book');
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await expect(page.getByText('Quay commuter').first()).toBeVisible();
  await rider.goesTo('Book');
  await page.getByRole('button', { name: 'Back to my logbook' }).click();
  await expect(page.getByText('Road bike chain').first()).toBeVisible();
  await rider.opens('/nowhere/at/all');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('There is no such page');
  await page.getByRole('button', { name: 'To Today' }).click();
  await expect(rider.verdict).toBeVisible();
});
