import { readFileSync } from 'node:fs';
import { expect, test } from './rider';

test('money: a currency, a bike, what it was worth, when to replace; a price of its own moves it', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/money');
  await expect(page.getByText(/It costs about €\d+ a year, or €\d+ for 1,000 km\./)).toBeVisible();
  await expect(
    page.getByText(/Never cleaned or lubed, the same rides would have cost/),
  ).toBeVisible();
  await page.getByLabel('Currency').selectOption('JPY');
  await expect(page.getByText(/It costs about JP¥\d+ a year/)).toBeVisible();
  await page.getByLabel('Currency').selectOption('EUR');
  await rider.picks('Bike', 'Sunday racer');
  await expect(page.getByRole('heading', { name: 'Was it worth it? Sunday racer' })).toBeVisible();
  await expect(page.getByText(/Replacing at \d\.\d\d % costs least/)).toBeVisible();
  const least = page.getByText(/costs least, about €\d+ for 1,000 km/);
  const before = await least.innerText();
  // A dearer chain costs more a kilometre.
  await page.goto('/book/chain/demo-chain-racer-b');
  await page.getByLabel('Price').fill('96');
  await page.getByRole('button', { name: 'Save chain' }).click();
  await rider.seesSaved();
  await page.goto('/book/money');
  await rider.picks('Bike', 'Sunday racer');
  await expect(least).toBeVisible();
  expect(await least.innerText()).not.toBe(before);
});

test('watts: the ledger goes with power, and a cog or a chainstay of its own redraws the gear map @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/watts');
  const total = page.getByText(/Your chain takes about \d+ W of your 200 W/);
  await expect(total).toBeVisible();
  await page.getByLabel('Your power').fill('20');
  await expect(page.getByText('Enter a number from 30 to 600.')).toBeVisible();
  await page.getByLabel('Your power').fill('400');
  await expect(page.getByText(/Your chain takes about \d+ W of your 400 W/)).toBeVisible();
  const minutes = page.getByText(/that is about .* if it is all flat/);
  const usual = await minutes.innerText();
  await page.getByLabel('Minutes over').selectOption({ index: 1 });
  await expect(minutes).toContainText('On this ride');
  expect(await minutes.innerText()).not.toBe(usual);
  await rider.picks('Bike', 'Sunday racer');
  const map = page.getByRole('table');
  await expect(map.getByRole('row')).toHaveCount(13);
  await expect(page.getByText(/Leave these gears alone/)).toBeVisible();
  await expect(page.getByText(/We assume .*the chainstay/)).toBeVisible();
  await page.goto('/book/bike/demo-bike-racer');
  await page.getByLabel('Chainstay').fill('410');
  await page.getByLabel('Chainline').fill('44.5');
  await page.getByLabel('All cogs').fill('11, 12, 13');
  await page.getByRole('button', { name: 'Save bike' }).click();
  await expect(page.getByText('Write the teeth of all 12 cogs, or leave it empty.')).toBeVisible();
  await page.getByLabel('All cogs').fill('11, 12, 13, 14, 15, 17, 19, 21, 24, 28, 30, 32');
  await page.getByRole('button', { name: 'Save bike' }).click();
  await rider.seesSaved();
  await page.goto('/book/watts');
  await rider.picks('Bike', 'Sunday racer');
  await expect(page.getByText(/We assume/)).toHaveCount(0);
  // By hand: 44.5 + 3.75 mm against 44.5 - 5.5 x 3.6 mm is 23.55 mm aside; on 410 mm that is 3.29 degrees.
  await expect(map.getByRole('row').last()).toContainText('3.3°');
});

test('years: a rough answer first, then all; two ways held together; cancelled and played again', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/years');
  await expect(page.getByText('As the plan says', { exact: true }).first()).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
  await expect(page.getByText(/“.*” costs €\d+ less than “.*”/)).toBeVisible();
  await page.getByLabel('Against').selectOption({ label: 'Never' });
  await expect(page.getByText(/“As the plan says” costs €[\d,]+ less than “Never”/)).toBeVisible();
  await page.getByLabel('Against').selectOption({ label: 'As the plan says' });
  await expect(page.getByText('Pick two different ones.')).toBeVisible();
  await rider.picks('Compare by', 'Chains');
  await rider.picks('How far ahead', '1 year');
  await page.getByLabel('Lube').selectOption('drip wax');
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
  await expect(page.getByText(/months so far/)).toBeVisible();
  await page.getByRole('button', { name: 'Compare the lubes' }).click();
  await expect(
    page.getByRole('heading', { name: 'The lubes, kept as the plan says' }),
  ).toBeVisible();
  await expect(page.getByText('Drip wax', { exact: true }).filter({ visible: true })).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
  await page.getByLabel('Lube').selectOption('dry');
  await page.getByRole('button', { name: 'Cancel' }).first().click({ timeout: 10_000 });
  await expect(page.getByText(/Cancelled/)).toBeVisible();
  await page.getByRole('button', { name: 'Play them again' }).click();
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
});

test('the year on one page is kept as a picture @once', async ({ rider, page }) => {
  await rider.opensDemo('/book/one-year');
  await expect(page.getByRole('img', { name: /Your year, .* ridden/ })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a picture' }).click();
  const file = readFileSync(await (await download).path());
  // PNG, ISO/IEC 15948: its signature, then the width and height of the header.
  expect(file.subarray(0, 8).toString('hex')).toBe('89504e470d0a1a0a');
  expect([file.readUInt32BE(16), file.readUInt32BE(20)]).toEqual([1440, 2000]);
  expect(file.length).toBeGreaterThan(30_000);
});

test('with nothing logged, money, watts, years and the year say what to do @once', async ({
  rider,
  page,
}) => {
  for (const place of ['money', 'watts', 'years'])
    await rider
      .opens(`/book/${place}`)
      .then(() => expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible());
  await rider.opens('/book/one-year');
  await expect(page.getByText(/Log rides, and a year of them stands here/)).toBeVisible();
  await rider.startsWith();
  await rider.logs('60', 'Dry');
  await rider.goesTo('Book');
  await page.getByText('Money', { exact: true }).click();
  await expect(page.getByText(/Too little is logged/)).toBeVisible();
  await expect(page.getByText(/count the plan’s usual price/)).toBeVisible();
  await rider.goesTo('Book');
  await page.getByText('Years', { exact: true }).click();
  await expect(page.getByText(/Too few rides are logged/)).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
});
