import { expect, test } from './rider';

const CLEAN_HANDS = [
  ['Clean hands', '3'],
  ['Little time', '1'],
  ['Quiet and quick', '0'],
  ['Little money', '0'],
  ['Long chain life', '0'],
] as const;

test('which lube: an answer for each bike, moved by the weather at the printed crossing', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/shelf/choose');
  const answer = page.getByRole('region', { name: 'Answer' });
  const wet = page.getByRole('slider', { name: 'Share of riding on wet roads' });
  await rider.picks('Bike', 'Quay commuter');
  await rider.picks('For', 'Riding as last month');
  // A wet month: something that holds in rain.
  await expect(answer.getByRole('heading')).toHaveText(/^(House wet lube|Quay all-weather)\.$/);
  await expect(answer).toContainText(/than .*, the next best/);
  // For clean hands before all else, the dry side of the commuter's year has another answer.
  for (const [wish, weight] of CLEAN_HANDS)
    await page.getByRole('slider', { name: wish }).fill(weight);
  await expect(page.getByText(/^From \d+ % wet on/)).toBeVisible();
  const line = await page.getByText(/^From \d+ % wet on/).innerText();
  const [, share, then] = /^From (\d+) % wet on, (.+?) is the answer/.exec(line) ?? [];
  await wet.fill(String(Number(share) - 2));
  const before = await answer.getByRole('heading').innerText();
  expect(before).not.toContain(then ?? '');
  await wet.fill(String(Number(share) + 2));
  await expect(answer.getByRole('heading')).toHaveText(new RegExp(then ?? 'none', 'i'));

  await rider.picks('Bike', 'Sunday racer');
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await wet.fill('5');
  await expect(answer.getByRole('heading')).toHaveText(
    /^(Shell-sand dry lube|Chandler’s drip wax)\.$/,
  );
  await page.getByRole('button', { name: /^1\. / }).click();
  await expect(page.getByText('Hands-on minutes per 1,000 km')).toBeVisible();
  await expect(page.getByText('Money for lube and degreaser per 1,000 km')).toBeVisible();
  await page.getByRole('button', { name: /Heavy wet lube/ }).click();
  await expect(page.getByText('unknown', { exact: true })).toBeVisible();
});

test('which lube: forecast, wishes, habit and schools change the answer @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/shelf/choose');
  await rider.picks('For', 'The next ten days');
  await expect(page.getByText(/as the forecast has it/)).toBeVisible();
  const first = page.getByRole('button', { name: /^1\. / });
  await expect(first).toBeVisible();
  await rider.picks('You clean', 'Every month');
  await expect(page.getByText(/It rinses off easily, and cleaned once a month/)).toBeVisible();
  await expect(page.getByText('It needs a thermostat pot, used for nothing else.')).toBeVisible();
  await page.getByRole('checkbox', { name: 'A thermostat pot for wax' }).click();
  await expect(page.getByText('It needs a thermostat pot, used for nothing else.')).toHaveCount(0);
  await expect(page.getByText('You chose chain lube only (your way, below).')).toBeVisible();
  await rider.picks('Household oil on a chain?', 'Light oil will do');
  await expect(page.getByText('You chose chain lube only (your way, below).')).toHaveCount(0);
  await page.getByRole('slider', { name: 'Clean hands' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider', { name: 'Clean hands' })).toHaveAttribute(
    'aria-valuetext',
    'much',
  );
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Every month' })).toBeChecked();
});

test('doses: drops, turns, calibration; baths go to the bench @once', async ({ rider, page }) => {
  await rider.opensDemo('/shelf/dose');
  await rider.picks('Bike', 'Peat track gravel bike');
  await expect(page.getByText('114 drops from one side, 4.6 ml.')).toBeVisible();
  await expect(page.getByText(/Once round the chain is 2\.48 turns/)).toBeVisible();
  await page.getByLabel('Drops in 1 ml').fill('38');
  await expect(page.getByText('114 drops from one side, 3 ml.')).toBeVisible();
  await page.getByRole('button', { name: 'Remember 38 drops in 1 ml' }).click();
  await page.getByLabel('Links').fill('0');
  await expect(page.getByText('Enter a number from 40 to 250.')).toBeVisible();
  await page.getByLabel('Links').fill('114');
  await rider.picks('From one side or both?', 'Both');
  await expect(page.getByText('228 drops from both sides, 6 ml.')).toBeVisible();
  await page.getByLabel('Parts of water to one of degreaser').fill('9');
  await page.getByLabel('To make').fill('1000');
  await expect(page.getByText('100 ml of degreaser, 900 ml of water.')).toBeVisible();
  await page.getByLabel('Size of each bath').fill('200');
  await page.getByLabel('Dirt inside to be left').fill('10');
  await expect(page.getByText('2 baths, 400 ml in all.')).toBeVisible();
  await page.getByRole('button', { name: 'Use at the bench' }).click();
  await expect(page.getByRole('radio', { name: '200 ml' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Off the bike, in baths' })).toBeChecked();
});

test('the shelf: a bottle added, used at the bench, counted, taken off; its work stays', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '50');
  await rider.goesTo('Shelf');
  await page.getByRole('button', { name: 'Add a product' }).click();
  await page.getByLabel('Name').fill('Shed wet');
  await rider.picks('Class', 'Wet');
  await page.getByLabel('It held, when full').fill('0');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByText('Enter a number from 0.1 to 100000.')).toBeVisible();
  await page.getByLabel('It held, when full').fill('50');
  await page.getByLabel('It cost').fill('8');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  const row = page.getByRole('link', { name: /^Shed wet/ });
  await expect(row).toContainText('50 ml left, enough for about 10 coats');

  await rider.writesDownWork();
  await rider.picks('Which job', 'Top-up');
  await expect(page.getByRole('radio', { name: 'Shed wet' })).toBeChecked();
  await expect(page.getByText(/Off the shelf: 4\.6 ml of Shed wet/)).toBeVisible();
  await page.getByRole('button', { name: 'Save work' }).click();
  await rider.goesTo('Shelf');
  await expect(row).toContainText('45 ml left, enough for about 9 coats');

  await page.getByRole('link', { name: 'Which lube?' }).click();
  await page.getByRole('button', { name: /Shed wet/ }).click();
  await expect(page.getByText('Money for lube per 1,000 km')).toBeVisible();
  await rider.goesTo('Shelf');
  await row.click();
  await page.getByLabel('Left now').fill('3');
  await page.getByRole('button', { name: 'Save product' }).click();
  await expect(row).toContainText('running low');
  await row.click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText('running low');
});

test('learning: squeaks and quiet move the life of a lube on that bike; what cannot be is asked and withdrawn @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '0');
  const hears = async (what: string) => {
    await rider.goesTo('Today');
    await page.getByRole('button', { name: 'Heard a noise' }).click();
    await page.getByRole('button', { name: what }).click();
  };
  const opensHandbook = async () => {
    await rider.goesTo('Shelf');
    await page.getByRole('link', { name: /^Handbook/ }).click();
  };
  // A squeak on a fresh coat is asked about, not learnt from.
  await hears('Squeak');
  await expect(page.getByText(/You heard a squeak, but the coat is fresh/)).toBeVisible();
  await opensHandbook();
  await expect(page.getByText(/Nothing noted yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await expect(page.getByRole('button', { name: 'Withdraw' })).toHaveCount(0);

  // A squeak lies anywhere in the ride before it: short rides tell more.
  for (const km of ['70', '70', '70']) await rider.logs(km, 'Dry');
  await hears('Squeak');
  await opensHandbook();
  const card = page.getByText(
    /Yours lasts \d+ % shorter than the handbook figure: \d+ km \(learnt from 1 coat\)/,
  );
  await expect(card).toBeVisible();
  await expect(
    page.getByText(/It squeaked at \d{3} km of dry use, where 400 km were expected/),
  ).toBeVisible();
  const spread = async () => {
    const text = await page
      .getByText(/Half the time the next coat lasts/)
      .first()
      .innerText();
    const [, low, high] = /lasts (\d+) to (\d+) km/.exec(text) ?? [];
    return Math.log(Number(high) / Number(low));
  };
  const once = await spread();
  expect(once).toBeLessThan(0.4);
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await expect(page.getByText(/Nothing noted yet/)).toBeVisible();
  expect(await spread()).toBeGreaterThan(once);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toBeVisible();
});

test('which lube for all bikes; too little time or too short a night refuses a lube @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/shelf/choose');
  await rider.picks('Bike', 'All bikes');
  await expect(page.getByText(/lubes? for (3 bikes|all)/)).toBeVisible();
  for (const bike of ['Quay commuter', 'Peat track gravel bike', 'Sunday racer'])
    await expect(page.getByRole('button', { name: `Show the ranking for ${bike}` })).toBeVisible();
  await rider.picks('From lubing to the ride', '0.5 h');
  await page.getByRole('button', { name: 'Show the ranking for Quay commuter' }).click();
  await expect(
    page.getByText(/It sets in .* where this bike stands; you have/).first(),
  ).toBeVisible();
  await rider.picks('Minutes a week for it', '5 min');
  await expect(
    page.getByText(/It takes [\d.]+ minutes a week; you give it 5/).first(),
  ).toBeVisible();
});

test('a calculator hands its result to the stock and to the bench @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/shelf/dose');
  await rider.picks('Bike', 'Quay commuter');
  await page.getByRole('button', { name: 'Take 4.5 ml off House wet lube' }).click();
  await expect(page.getByText('Taken off House wet lube')).toBeVisible();
  await page.getByRole('button', { name: 'Take this coat to the bench' }).click();
  await expect(page.getByRole('radio', { name: 'House wet lube' })).toBeChecked();
  await page.goBack();
  await page.getByRole('button', { name: 'Clean with it at the bench' }).click();
  await expect(page.getByRole('radio', { name: 'On-bike clean and lube' })).toBeChecked();
});

test('a label’s figures overwrite the class’s, in the units of the rider @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/shelf/product/demo-wet');
  await page.getByLabel('Sets by its label in').fill('6');
  await page.getByLabel('Not to be used below').fill('5');
  await page.getByLabel('Life by its label').fill('600');
  await page.getByRole('checkbox', { name: 'Shake before use' }).click();
  await page.getByLabel('Opened on').fill('2026-11-01');
  await page.getByRole('button', { name: 'Save product' }).click();
  await rider.goesToSettings();
  await rider.picks('Distances', 'Miles');
  await rider.picks('Temperatures', '°F');
  await rider.goesTo('Shelf');
  await page.getByRole('link', { name: /^House wet lube/ }).click();
  await expect(page.getByLabel('Not to be used below')).toHaveValue('41');
  await expect(page.getByLabel('Life by its label')).toHaveValue('373');
  await expect(page.getByLabel('Opened on')).toHaveValue('2026-11-01');
});
