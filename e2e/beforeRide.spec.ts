import { expect, test } from './rider';
import { goOn, goOnTo, step } from './steps';

test('the evening before a ride: start by, or take the bottle; without an evening a thin coat in the morning', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '380');
  await page.getByRole('button', { name: 'The plan', exact: true }).click();
  await page.getByRole('button', { name: 'Planned rides' }).click();
  await page.getByRole('button', { name: 'Plan a ride' }).click();
  await page.getByLabel('Distance').fill('80');
  await page.getByLabel('Day').fill('2026-11-25');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Ride planned')).toBeVisible();
  await rider.goesTo('Today');
  const eve = page.getByText(
    /^(Start by \d\d:\d\d, so that it is set by \d\d:\d\d|Do it this evening), or take a small bottle of wet lube along\.$/,
  );
  await expect(eve.first()).toBeVisible();
  expect(await rider.axeFaults()).toEqual([]);
  await page.getByRole('button', { name: 'The plan', exact: true }).click();
  await page.getByRole('checkbox', { name: 'Tue 24 Nov' }).click();
  const morning = page.getByRole('group', { name: /thin coat, Wed 25 Nov/ });
  await expect(morning).toContainText(
    /Tomorrow at 0\d:\d[05], half an hour before the ride, put on a thin coat/,
  );
  await expect(morning).toContainText('The lube would run out on that ride');
  expect(await rider.axeFaults()).toEqual([]);
  await morning.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByRole('radio', { name: 'Thin coat before a ride' })).toBeChecked();
});

test('a jockey wheel noted gritty at the bench is offered again with the next job, and put right', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'On-bike clean and lube' }).click();
  await expect(page.getByText(/^Due, and quickly done along with it/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /against each jockey wheel/);
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await page.getByRole('button', { name: 'Go on all the same' }).click();
  await goOnTo(page, /^Done\./);
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(page.getByText('A jockey wheel turns stiffly. Replace it soon.')).toBeVisible();

  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Wipe-down' }).click();
  await page.getByRole('checkbox', { name: 'Jockey wheel bearings, 15 min' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /flick each jockey wheel/);
  await goOnTo(page, /^Jockey wheel bearings: is all of it/);
  await page.getByRole('button', { name: 'No', exact: true }).click();
  // Back to the word on it; this time it is well.
  await expect(step(page)).toContainText('Jockey wheel bearings: is all of it');
  await goOn(page);
  await goOnTo(page, /^Done\./);
  await expect(page.getByText('Jockey wheel bearings: looked at and put right.')).toBeVisible();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  await rider.goesTo('Today');
  await expect(page.getByText('A jockey wheel turns stiffly. Replace it soon.')).toHaveCount(0);
  await rider.goesTo('Bench');
  await expect(page.getByText(/^Due, and quickly done along with it/)).toHaveCount(0);
});
