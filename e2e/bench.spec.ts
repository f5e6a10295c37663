import { expect, test } from './rider';
import { done, goOn, goOnTo, step } from './steps';

test('a top-up from start to end: a dark rag loops back, a reload changes nothing, undo', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Dry', '140');
  await page.getByRole('button', { name: 'Do it now' }).click();
  const topUp = page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' });
  await expect(topUp).toBeChecked();
  await expect(page.getByText(/^Next\. /)).toBeVisible();
  await expect(page.getByText(/Ready by \d\d:\d\d/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(step(page)).toHaveText('Put on gloves.');
  await expect(page.getByRole('navigation')).toHaveCount(0);
  await goOnTo(page, /fresh patch of rag/);
  await page.getByRole('button', { name: /^Shade 4/ }).click();
  await expect(page.getByText(/Still darker than your standard/)).toBeVisible();
  await expect(step(page)).toContainText('Wipe the chain');
  await page.reload();
  await expect(step(page)).toContainText('Wipe the chain');
  await expect(page.getByText(/Still darker than your standard/)).toBeVisible();
  await goOn(page);
  await page.getByRole('button', { name: /^Shade 2/ }).click();
  await goOnTo(page, /^Shake/);
  await goOnTo(page, /one small drop on each roller/);
  await expect(page.getByText('114 drops')).toBeVisible();
  await goOnTo(page, /Let it sink in/);
  await goOn(page);
  // Twenty minutes, by the class; the rider reads on and comes back.
  await expect(page.getByRole('button', { name: /^Sinks in: (20|19):/ })).toBeDisabled();
  await page.clock.fastForward(20 * 60_000);
  await goOnTo(page, /Done\./);
  await expect(page.getByText(/Let it set until/)).toBeVisible();
  await expect(page.getByText('Rag shades: 4, 2.')).toBeVisible();
  await page.getByLabel('Note').fill('Second rag was the old towel');
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(rider.verdict).toContainText(/Lube for|Wax for/);
  await expect(rider.verdict).toContainText('Let it set until');
  expect(await rider.reads('Lube left')).toBe(100);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rider.verdict).toContainText('lube is used up');
  await rider.goesTo('Bench');
  await expect(page.getByText(/Left open/)).toHaveCount(0);
});

test('an off-bike clean: cogs while it soaks, closing checks that loop, written to the log @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  // Nobody has said what closes this chain: it stays on until they do.
  const offBike = page.getByRole('radio', { name: 'Off-bike clean and lube' });
  await expect(offBike).toBeDisabled();
  await page.getByRole('radio', { name: 'Quick link, reusable' }).click();
  await offBike.click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /Hook a wire into the chain/);
  await expect(page.getByRole('img', { name: /hooked into the chain/ })).toBeVisible();
  await goOnTo(page, /First bath/);
  await goOn(page);
  // The bath goes on by itself while the jockey wheels are done; the bike says how it stands.
  await expect(page.getByRole('group', { name: 'Timers' })).toContainText('First bath');
  await expect(step(page)).toContainText('jockey wheels, turning them by hand');
  await expect(page.getByText('The bike now: chain in the jar, degreaser on.')).toBeVisible();
  await goOnTo(page, /Bath 2/);
  await goOnTo(page, /Bath 3/);
  await page.getByRole('button', { name: 'Skip' }).click();
  await page.getByRole('button', { name: 'No time' }).click();
  await goOnTo(page, /inside the tab of the cage/);
  // Closing checks cannot be skipped, and this one comes before anything is closed.
  await expect(page.getByRole('button', { name: 'Skip' })).toHaveCount(0);
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await expect(page.getByText(/Draw the chain back out of the cage/)).toBeVisible();
  await expect(step(page)).toContainText('Lay the chain over the smallest cog');
  await goOnTo(page, /Join the ends with the quick link/);
  await goOnTo(page, /Pull both levers/);
  await goOnTo(page, /Done\./);
  await expect(page.getByRole('checkbox', { name: 'Bath 3' })).not.toBeChecked();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(rider.verdict).toContainText(/Lube for|Wax for/);
  // Two baths leave a tenth of the grit.
  const grit = await rider.reads('Grit inside');
  expect(grit).toBeGreaterThan(0);
  expect(grit).toBeLessThan(8);
  await rider.goesTo('Book');
  await page.getByText('History', { exact: true }).first().click();
  await expect(page.getByText(/Off the bike, in baths, with cassette, wet lube/)).toBeVisible();
});

test('a new joining pin: looked at before it is pressed in, no quick-link words @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Joining pin' }).click();
  await page.getByRole('checkbox', { name: 'A new link or pin' }).click();
  await page.getByRole('radio', { name: 'Off-bike clean and lube' }).click();
  await expect(page.getByText(/new joining pin/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /Press out one pin with the chain tool/);
  await goOnTo(page, /inside the tab of the cage/);
  await goOnTo(page, /Press the new pin in .* snap off its guide/);
  await goOnTo(page, /Bend the new joint/);
  await goOnTo(page, /Done\./);
  await page.getByRole('button', { name: 'Save to log' }).click();
  await rider.seesSaved();
});

test('a wheel-out clean: chain on the keeper, levers left alone, wheel in before the coat @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  await page.getByRole('checkbox', { name: 'Chain keeper' }).click();
  await page.getByRole('checkbox', { name: 'Work stand' }).click();
  await page.getByRole('radio', { name: 'On-bike clean and lube' }).click();
  await page.getByRole('checkbox', { name: /Take it out/ }).click();
  await page.getByRole('checkbox', { name: 'Measure its wear' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /Fix the chain keeper/);
  await expect(page.getByText(/The bike now: wheel out/)).toBeVisible();
  await goOnTo(page, /Hold the wheel upright/);
  await goOnTo(page, /put the wheel in/);
  await goOnTo(page, /Is the wheel tight and straight/);
  // Clean and dry, before the coat: its figure is asked for at the end.
  await goOnTo(page, /measure its wear/);
  await goOnTo(page, /one small drop on each roller/);
  await goOnTo(page, /Done\./);
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(step(page)).toHaveText(/^Measure /);
});

test('an honest No at “listen” and at “brakes” has a way on, and Today keeps it until it is right @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const no = page.getByRole('button', { name: 'No', exact: true });
  await goOnTo(page, /Turn the cranks and listen/);
  await no.click();
  await page.getByRole('button', { name: 'Find where it comes from' }).click();
  await expect(page.getByRole('heading', { name: 'What is it like?' })).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: 'Go on, find it later' }).click();
  await goOnTo(page, /Do both brakes stop you/);
  await no.click();
  await expect(page.getByText(/Do not ride\./)).toBeVisible();
  await page.getByRole('button', { name: 'Go on, and do not ride yet' }).click();
  await expect(page.getByText(/A brake did not stop the bike/)).toBeVisible();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(page.getByRole('heading', { name: 'Left open at the bench' })).toBeVisible();
  await rider.seesSaved();
  await page.reload();
  await expect(rider.verdict).toContainText('Do not ride: a brake did not stop the bike.');
  await page.getByRole('button', { name: 'Both brakes stop me now' }).click();
  await expect(page.getByText(/A brake did not stop the bike/)).toHaveCount(0);
  await page.getByRole('button', { name: 'It is quiet now' }).click();
  await expect(page.getByRole('heading', { name: 'Left open at the bench' })).toHaveCount(0);
});

test('a fixed wheel: nothing is turned through a rag, and what was not done can be put right @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Book');
  await page.getByText('Garage', { exact: true }).first().click();
  await page
    .getByRole('link', { name: /^Road bike/ })
    .first()
    .click();
  await rider.picks('Gears', 'Single');
  await rider.picks('Drive', 'Fixed');
  await page.getByRole('button', { name: 'Save bike' }).click();
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /one stretch at a time, everything standing still/);
  await expect(page.getByText(/backwards/)).toHaveCount(0);
  await goOnTo(page, /Done\./);
  await page.getByRole('checkbox', { name: 'Lube put on' }).click();
  await expect(page.getByText(/no lube/)).toBeVisible();
  await page.getByRole('checkbox', { name: 'Lube put on' }).click();
  await page.getByRole('radio', { name: 'Half the chain' }).click();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect.poll(() => rider.reads('Lube left')).toBeLessThan(70);
});

test('a thin coat before a ride: three minutes, and never less lube than there was @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Dry', '120');
  const before = await rider.reads('Lube left');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Thin coat before a ride' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /every second roller/);
  await goOnTo(page, /Done\./);
  await expect(page.getByRole('radio', { name: 'A thin coat' })).toBeChecked();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect.poll(() => rider.reads('Lube left')).toBeGreaterThan(before);
  await rider.logs('10', 'Dry');
  await expect(page.getByText('Ride logged')).toBeVisible();
  expect(await rider.reads('Lube left')).toBeGreaterThanOrEqual(before - 10);
});

test('left and taken up again, skipped with a reason, trouble and back @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'On-bike clean and lube' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /smallest cog/);
  await page.getByRole('button', { name: 'Trouble' }).click();
  await page.getByRole('button', { name: 'The bottle ran out half way' }).click();
  await page.getByRole('radio', { name: 'Half' }).click();
  await page.getByRole('button', { name: 'Back to the work' }).click();
  await expect(step(page)).toContainText('smallest cog');
  await page.getByRole('button', { name: 'Skip' }).click();
  await page.getByRole('button', { name: 'Clean already' }).click();
  await expect(step(page)).not.toContainText('smallest cog');
  await page.getByRole('button', { name: 'Leave' }).click();
  await expect(page.getByText(/Left open: \d+ of \d+ steps are done/)).toBeVisible();
  await page.clock.fastForward(18 * 3_600_000);
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(step(page)).toContainText('Lean the bike on a wall');
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(step(page)).toContainText('smallest cog');
});

test('a pot renewal: old wax boiled off, a hot pot asked about before the rider leaves @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith('Road bike', 'Hot wax', '600');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Quick link, reusable' }).click();
  await page.getByRole('checkbox', { name: 'Thermostat pot' }).click();
  await page.getByRole('radio', { name: 'Wax reset' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /water liner/);
  await goOnTo(page, /Lower the chain in/);
  await page.getByRole('button', { name: 'Leave' }).click();
  await expect(page.getByText(/Is the pot switched off/)).toBeVisible();
  await page.getByRole('button', { name: 'Stay at the bench' }).click();
  await expect(step(page)).toContainText('Lower the chain in');
});

test('by keyboard: Enter goes on, Backspace back; big text, big button, no fault by axe', async ({
  rider,
  page,
}) => {
  await page.addInitScript(() => {
    addEventListener('DOMContentLoaded', () => {
      document.documentElement.style.fontSize = '32px';
    });
  });
  await rider.startsWith('Road bike', 'Wet', '300');
  await rider.goesTo('Bench');
  await page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(step(page)).toHaveText('Put on gloves.');
  await page.locator('body').press('Enter');
  const box = await done(page).boundingBox();
  const height = page.viewportSize()?.height ?? 0;
  expect(box?.height).toBeGreaterThanOrEqual(72);
  expect(box?.y).toBeGreaterThan((height * 2) / 3 - 100);
  await page.locator('body').press('Enter');
  await expect(step(page)).not.toHaveText('Put on gloves.');
  await page.locator('body').press('Backspace');
  await expect(step(page)).toHaveText('Put on gloves.');
  await page.locator('body').press(' ');
  await goOnTo(page, /fresh patch of rag/);
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
  expect(await rider.axeFaults()).toEqual([]);
});

test('chains that take turns are swapped step by step; the plan then says to swap back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/bike/demo-bike-racer');
  await page.getByRole('button', { name: 'Swap them at the bench' }).click();
  await expect(page.getByRole('radio', { name: 'Swap chains' })).toBeChecked();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /^Take Racer chain A and its own link\. Count that it has 110 links/);
  await goOnTo(page, /Done\./);
  await expect(page.getByText('Swap chains, Sunday racer: Racer chain A is on.')).toBeVisible();
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /^Garage/ }).click();
  await page.getByRole('link', { name: /^Sunday racer/ }).click();
  await expect(page.getByText(/Racer chain A, on it since 24 November 2026/)).toBeVisible();
  await page.goto('/plan?logbook=demo');
  const swap = page.getByRole('group', { name: /^Sunday racer, swap/ });
  await expect(swap).toContainText('Racer chain B goes on, worn 0.11 % against 0.32 %.');
  await swap.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByRole('radio', { name: 'Swap chains' })).toBeChecked();
});
