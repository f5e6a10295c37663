import { watchDrawings } from './drawn';
import { expect, Rider, test } from './rider';

test('42 km in rain moves film, grit and verdict, and stays after a reload @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  const before = {
    film: await rider.reads('Lube left'),
    outside: await rider.reads('Dirt outside'),
    inside: await rider.reads('Grit inside'),
    verdict: await rider.verdict.innerText(),
  };
  await rider.logs('42', 'Wet');
  await expect(rider.verdict).not.toHaveText(before.verdict);
  const film = await rider.reads('Lube left');
  expect(film).toBeLessThan(before.film - 5);
  expect(await rider.reads('Dirt outside')).toBeGreaterThan(before.outside);
  expect(await rider.reads('Grit inside')).toBeGreaterThan(before.inside);
  await expect(rider.verdict).toContainText('wet');
  await rider.seesSaved();
  await page.reload();
  await expect(rider.verdict).toBeVisible();
  expect(await rider.reads('Lube left')).toBe(film);
});

test('log, edit, delete and undo', async ({ rider, page }) => {
  await rider.startsWith();
  await rider.logs('30', 'Dry');
  await expect(page.getByText('Ride logged')).toBeVisible();
  await rider.goesTo('Rides');
  const row = page.getByRole('link', { name: /Road bike/ });
  await expect(row).toContainText('30 km');
  await row.click();
  await expect(page.getByLabel('Distance')).toHaveValue('30');
  await page.getByLabel('Distance').fill('55,5');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(row).toContainText('55.5 km');
  await row.click();
  await page.getByRole('button', { name: 'Delete ride' }).click();
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText('55.5 km');
  await page.keyboard.press('Control+z');
  await expect(row).toContainText('30 km');
  await page.keyboard.press('Control+Shift+z');
  await expect(row).toContainText('55.5 km');
});

test('the list is scrolled: rides come, and those that stay are not drawn again', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  const rows = page.locator('[data-index]');
  await expect(rows.nth(8)).toBeVisible();
  await page.waitForTimeout(1500);
  const last = await rows.count();
  const stays = rows.filter({ has: page.getByRole('link') }).nth(5);
  const drawings = await watchDrawings(stays);
  await stays.hover();
  await page.mouse.wheel(0, 150);
  await expect(page.locator(`[data-index="${last}"]`)).toBeAttached();
  expect(await drawings.times()).toBe(1);
});

test('the list is not drawn anew for a line that says nothing changed', async ({ rider, page }) => {
  await rider.opensDemo('/rides');
  await page.getByRole('button', { name: 'Select' }).click();
  await page.getByRole('checkbox').first().click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  const trail = page.getByRole('group', { name: 'Surface' }).getByRole('button', { name: 'Trail' });
  await trail.click();
  await expect(page.getByText('1 ride changed')).toBeVisible();
  await expect(page.getByRole('checkbox').first()).toContainText('trail');
  await rider.seesSaved();
  // What waits until the rider is still is done.
  await page.waitForTimeout(1500);
  const drawings = await watchDrawings(page.locator('[data-index]').nth(1));
  await trail.click();
  await expect(page.getByText('0 rides changed')).toBeVisible();
  expect(await drawings.times()).toBe(1);
});

test('bad input gets its sentence beside the field and loses nothing @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Note').fill('To the quay');
  const tries: [string, string][] = [
    ['0', 'longer than zero'],
    ['-3', 'longer than zero'],
    ['1200', 'More than 1,000 km'],
    ['far', '“far” is not a number'],
    ['', 'Enter a number'],
  ];
  for (const [distance, sentence] of tries) {
    await page.getByLabel('Distance').fill(distance);
    await page.getByRole('button', { name: 'Save ride' }).click();
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(page.getByLabel('Distance')).toHaveAttribute('aria-invalid', 'true');
  }
  await page.getByLabel('Distance').fill('20');
  await page.getByLabel('Started').fill('2026-12-24T08:00');
  await page.getByRole('button', { name: 'Save ride' }).click();
  await expect(page.getByText('still to come')).toBeVisible();
  await expect(page.getByLabel('Note')).toHaveValue('To the quay');
});

test('what is being typed stays when a ride comes in from another tab @once', async ({
  rider,
  page,
  context,
}) => {
  // The list beside the form shows that the ride has come in.
  await page.setViewportSize({ width: 1280, height: 800 });
  await rider.startsWith();
  await rider.seesSaved();
  const twin = await Rider.inTabOf(context, 60_000);
  await twin.opens();
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Distance').fill('33');
  await twin.logs('11', 'Dry');
  await twin.seesSaved();
  await expect(page.getByRole('link', { name: /11 km/ })).toBeVisible();
  await expect(page.getByLabel('Distance')).toHaveValue('33');
  await page.getByRole('button', { name: 'Save ride' }).click();
  await rider.goesTo('Rides');
  await expect(page.getByRole('link', { name: /33 km/ })).toBeVisible();
});
