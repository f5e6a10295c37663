import type { Page } from '@playwright/test';
import { twoLubes } from '../src/test/twoLubes';
import { expect, NOW, test, type Rider } from './rider';
import { goOnTo, step } from './steps';

/** A day goes by; then a ride of so many km. */
async function rides(rider: Rider, km: string): Promise<void> {
  await rider.page.clock.fastForward(24 * 3_600_000);
  await rider.logs(km, 'Dry');
  await expect(rider.page.getByText(/Ride logged|Ride saved/).first()).toBeVisible();
}

const hears = async (page: Page, sound: string) => {
  await page.getByRole('button', { name: 'Heard a noise' }).click();
  await page.getByRole('button', { name: sound }).click();
};

/** A top-up at the bench, from the trial's page, up to its end. */
async function putsOnACoat(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'To the bench' }).click();
  const turn = await page.getByText(/^In your trial the next coat is due with/).innerText();
  await page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(step(page)).toContainText('This coat is for your trial.');
  await goOnTo(page, /Done\./);
  return /“(.*)”/.exec(turn)![1]!;
}

test('a trial planned, three coats at the bench, its answer, the way set and taken back', async ({
  rider,
  page,
}) => {
  test.setTimeout(120_000);
  await rider.startsWith('Road bike', 'Dry', '140');
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /^Trials/ }).click();
  await page.getByRole('button', { name: 'Plan a trial' }).click();
  await rider.picks('The other', 'Top of the cog');
  await expect(
    page.getByText(/^It takes at most \d coats of each, about \d+ km a coat/),
  ).toBeVisible();
  await rider.picks('Which difference would make you change?', '15 %');
  await expect(page.getByText(/^It is not worth it\./).first()).toBeVisible();
  await rider.picks('Which difference would make you change?', '50 %');
  expect(await rider.axeFaults()).toEqual([]);
  await page.getByRole('radio', { name: /^Ride each coat until it squeaks/ }).click();
  await page.getByRole('button', { name: /^Begin (this trial|it all the same)/ }).click();
  await expect(page.getByText(/^There is no answer yet\./)).toBeVisible();

  const arms: string[] = [];
  const url = page.url();
  for (let n = 0; n < 3; n++) {
    const turn = await putsOnACoat(page);
    const drops = n === 1 ? (turn === 'Lower run' ? 'Top of the cog' : 'Lower run') : turn;
    // The second was put on the other way, and says so.
    if (n === 1) await rider.picks('How did you do it, for your trial?', drops);
    arms.push(drops);
    await page.getByRole('button', { name: 'Save to log' }).click();
    await expect(rider.verdict).toContainText(/Lube for/);
    await rides(rider, drops === 'Lower run' ? '110' : '150');
    await hears(page, n === 2 ? 'Still quiet' : 'Squeak');
    await expect(page.getByText(/^The next coat is due with/)).toBeVisible();
    await page.getByRole('button', { name: 'See the trial' }).click();
    await expect(page).toHaveURL(url);
  }
  expect(new Set(arms).size).toBeGreaterThan(0);
  await expect(page.getByText(/then it squeaked; \d+ km with the weather taken out/)).toHaveCount(
    2,
  );
  await expect(page.getByText(/on now; still quiet after \d+ km/)).toHaveCount(1);
  for (const arm of new Set(arms))
    await expect(page.getByText(new RegExp(`, ${arm}: \\d+ km`))).toHaveCount(
      arms.filter((a) => a === arm).length,
    );
  expect(await rider.axeFaults()).toEqual([]);

  await page.getByRole('button', { name: 'End it as it stands' }).click();
  await page.getByRole('button', { name: 'Make “Top of the cog” my way' }).click();
  await expect(page.getByText('Your way is set')).toBeVisible();
  const isMyWay = async (way: string) => {
    await rider.goesTo('Bench');
    await page.getByRole('button', { name: /Your way/ }).click();
    await expect(
      page
        .getByRole('radiogroup', { name: 'Where does the drop go?' })
        .getByRole('radio', { name: way }),
    ).toBeChecked();
  };
  await isMyWay('Top of the cog');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(
    page
      .getByRole('radiogroup', { name: 'Where does the drop go?' })
      .getByRole('radio', { name: 'Lower run' }),
  ).toBeChecked();
});

test('the island’s trials: one ended with its answer, one running, saved as a table, removed and brought back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/trials');
  await page.getByRole('link', { name: /^When is it wiped\?/ }).click();
  await expect(
    page.getByText(/^With “Only what looks wet” the chain gets dirty about \d+ % faster/),
  ).toBeVisible();
  await expect(
    page.getByText('does not count, as no rag was read near its distance', { exact: false }),
  ).toHaveCount(1);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the coats as a table (CSV)' }).click();
  expect((await download).suggestedFilename()).toBe('trial.csv');
  await page.getByRole('button', { name: 'Remove this trial' }).click();
  await expect(page.getByRole('link', { name: /^When is it wiped\?/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^When is it wiped\?/ })).toHaveCount(1);

  await page.getByRole('link', { name: /^Where does the drop go\?/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(
    page.getByText(/^In your trial the next coat is due with “Lower run”/),
  ).toBeVisible();
  await rider.goesOn('/book/trials/new');
  await rider.picks('Bike', 'Peat track gravel bike');
  await expect(page.getByText(/On this one a trial is running/)).toBeVisible();
  await rider.picks('Bike', 'Sunday racer');
  await rider.picks('What do you want to try?', 'A question of my own');
  await expect(page.getByText(/^Write down the question/)).toBeVisible();
  await page.getByLabel('Your question').fill('Does a warm chain take wax better?');
  await page.getByLabel('The one', { exact: true }).fill('Warmed by the stove');
  await page.getByLabel('The other').fill('Cold');
  await page.getByRole('button', { name: /^Begin/ }).click();
  await expect(
    page.getByRole('heading', { name: 'Does a warm chain take wax better?' }),
  ).toBeVisible();
  await rider.goesOn('/book/trials/gone');
  await expect(page.getByRole('heading', { name: 'No such trial' })).toBeVisible();
});

test('what the log holds of two lubes is told with its caution, and a trial is offered @once', async ({
  rider,
  page,
}) => {
  await rider.opens('/book/files');
  await page.getByLabel('Backup file').setInputFiles({
    name: 'two-lubes.json',
    mimeType: 'application/json',
    buffer: Buffer.from(twoLubes(NOW.getTime())),
  });
  await page.getByRole('button', { name: 'Restore', exact: true }).click();
  await rider.goesOn('/book/trials');
  const says = page.getByText(/^With “House wet lube” a coat goes about \d+ % farther/);
  await expect(says).toBeVisible();
  await expect(page.getByText(/^Nobody drew lots for this\./)).toBeVisible();
  await page.getByRole('button', { name: 'Settle it by a trial' }).click();
  await expect(page.getByRole('radio', { name: 'Two bottles' })).toBeChecked();
  await page.getByRole('button', { name: /^Begin/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  const turn = await page.getByText(/^In your trial the next coat is due with/).innerText();
  const bottle = /“(.*)”/.exec(turn)![1]!;
  await page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /one small drop/);
  await expect(page.getByText(new RegExp(`${bottle}, \\d`))).toBeVisible();
});
