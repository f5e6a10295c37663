import type { Page } from '@playwright/test';
import { expect, test, type Rider } from './rider';
import { goOnTo, step } from './steps';

/** Presses Tab until the focus lies on a control of that name. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let n = 0; n < 120; n++) {
    await page.keyboard.press('Tab');
    if ((await page.evaluate(() => document.activeElement?.textContent)) === name) return;
  }
  throw new Error(`No way to “${name}” by Tab`);
}

/** Goes on to the end of the work by Tab and Enter alone, and returns what was asked on the way, in order. */
async function toTheEndByKeys(page: Page): Promise<string[]> {
  const asked: string[] = [];
  for (let n = 0; n < 200; n++) {
    const heading = await step(page).innerText();
    if (heading !== asked.at(-1)) asked.push(heading);
    if (/^Done\./.test(heading)) return asked;
    // A check is answered, not passed: its Yes is gone to.
    const asks = await page.getByRole('button', { name: 'Yes', exact: true }).isVisible();
    if (asks) await tabTo(page, 'Yes');
    await page.keyboard.press('Enter');
    await page.clock.runFor(120);
  }
  throw new Error('The work does not end.');
}

/** Enters what the ruler showed at three places, by the form that comes after the work. */
async function reads(rider: Rider, page: Page, places: readonly string[]): Promise<void> {
  await rider.picks('What do you measure with?', 'Checker with a scale');
  const names = ['First place', 'Second place, if read', 'Third place, if read'];
  for (const [n, place] of places.entries()) await page.getByLabel(names[n]!).fill(place);
  await page.getByRole('button', { name: 'Save the reading' }).click();
}

const begin = (page: Page) => page.getByRole('button', { name: 'Begin at the bench' });

test('a new chain for twelve speeds: stripped, cut, one-use link, measured, first ride left open', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/bench');
  await rider.picks('Bike', 'Sunday racer');
  await page.getByRole('button', { name: 'A new chain: from the box to the first ride' }).click();
  await expect(page.getByRole('heading', { name: 'A new chain for Sunday racer' })).toBeVisible();
  // An eight-speed chain of 60 links goes on no bike of twelve; what was typed stays.
  await page.getByLabel('Links, once cut').fill('60');
  await page.getByLabel('Speeds it is made for').fill('8');
  await begin(page).click();
  await expect(page.getByText(/it takes at least/)).toBeVisible();
  await expect(page.getByText(/too wide between 12 cogs/)).toBeVisible();
  await page.getByRole('button', { name: 'Which chain, and how long?' }).click();
  await page.getByRole('button', { name: 'Fit a chain of 110 links' }).click();
  await expect(page.getByLabel('Links, once cut')).toHaveValue('110');
  await page.getByLabel('Speeds it is made for').fill('12');
  await page.getByLabel('Price').fill('48');
  await rider.picks('Closed by', 'Quick link, one use');
  await rider.picks('Which way it runs', 'One way only');
  // Without a pot nothing begins, and nothing typed is lost.
  await rider.picks('Lube you will ride it with', 'Hot wax');
  await begin(page).click();
  await expect(page.getByText(/Hot wax needs a pot/)).toBeVisible();
  await expect(page.getByLabel('Price')).toHaveValue('48');
  await rider.picks('Lube you will ride it with', 'Dry');
  await rider.picks('The old one, Racer chain B', 'It is worn out');
  await expect(page.getByText(/chain tool/).first()).toBeVisible();
  expect(await rider.axeFaults()).toEqual([]);
  await begin(page).click();
  await goOnTo(page, /measure its wear/);
  await goOnTo(page, /Are the teeth even/);
  await expect(page.getByRole('img', { name: /hooked/ })).toBeVisible();
  expect(await rider.axeFaults()).toEqual([]);
  await page.reload();
  await expect(step(page)).toContainText('Are the teeth even');
  await goOnTo(page, /^If it is longer, press out the pin behind link 109/);
  await goOnTo(page, /ten minutes near home/);
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await page.getByRole('button', { name: 'Not yet: remind me on Today' }).click();
  await expect(step(page)).toHaveText('Done.');
  await expect(page.getByText(/Sunday racer chain 3 is on/)).toBeVisible();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(page.getByRole('heading', { name: 'Measure Sunday racer chain 3' })).toBeVisible();
  await reads(rider, page, ['0.1', '0.12', '0.1']);
  await expect(page.getByRole('heading', { name: 'Measure Racer chain B' })).toBeVisible();
  await rider.goesTo('Today');
  await page.getByText('Sunday racer', { exact: true }).first().click();
  await expect(page.getByText(/has not been tried yet/)).toBeVisible();
  await page.getByRole('button', { name: 'I rode it, and it runs clean' }).click();
  await expect(page.getByText(/has not been tried yet/)).toHaveCount(0);
  expect(await rider.reads('Lube left')).toBe(100);
});

const OTHERS = [
  {
    bike: 'Road bike',
    hub: false,
    closure: 'Joining pin',
    asked: [/one end is narrow and the other wide/, /new pin in/, /Bend the new joint/],
    never: /tightest|click in/,
  },
  {
    bike: 'Town bike',
    hub: true,
    closure: 'Quick link, reusable',
    asked: [/hangs slack/, /front third of its slots/, /10 mm up and down/],
    never: /derailleur|jockey/,
  },
] as const;

for (const { bike, hub, closure, asked, never } of OTHERS)
  test(`a new chain from the box to the first ride: ${bike}, ${closure}`, async ({
    rider,
    page,
  }) => {
    await rider.startsWith(bike);
    if (hub) await hasHubGear(rider, page, bike);
    await fits(rider, page, closure);
    const all = await toTheEndByKeys(page);
    for (const words of asked) expect(all.some((heading) => words.test(heading))).toBe(true);
    expect(all.filter((heading) => never.test(heading))).toEqual([]);
    await tabTo(page, 'Save to log');
    await page.keyboard.press('Enter');
    await reads(rider, page, ['0.05']);
    await rider.goesTo('Today');
    // The grease within stays; a little goes with the rag.
    expect(await rider.reads('Lube left')).toBe(90);
    await rider.goesTo('Book');
    await page.getByRole('link', { name: /Garage/ }).click();
    await expect(page.getByText(/chain 2/).first()).toBeVisible();
  });

async function hasHubGear(rider: Rider, page: Page, bike: string): Promise<void> {
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /Garage/ }).click();
  await page
    .getByRole('link', { name: new RegExp(`^${bike}`) })
    .first()
    .click();
  await rider.picks('Gears', 'Hub');
  await page.getByRole('button', { name: 'Save bike' }).click();
  await expect(page.getByText(`${bike} changed`)).toBeVisible();
}

async function fits(rider: Rider, page: Page, closure: string): Promise<void> {
  await rider.goesTo('Bench');
  await page.getByRole('button', { name: 'A new chain: from the box to the first ride' }).click();
  await rider.picks('Closed by', closure);
  await tabTo(page, 'Begin at the bench');
  await page.keyboard.press('Enter');
  await expect(step(page)).toHaveText(/^Put on gloves/);
}
