import { expect, test } from './rider';

test('a click is counted to a spot on the chain; the search outlives a reload', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  await page.getByRole('button', { name: 'Heard a noise' }).click();
  await page.getByRole('button', { name: 'Find where it comes from' }).click();
  await expect(page.getByRole('heading', { name: 'Find the noise' })).toBeVisible();
  await rider.picks('On which bike?', 'Sunday racer');
  await rider.picks('On which bike?', 'Quay commuter');
  await page.getByRole('button', { name: /^Click/ }).click();
  await expect(page.getByRole('heading', { name: 'First what could throw you' })).toBeVisible();
  await page.getByRole('button', { name: 'Nothing wrong there' }).click();

  await expect(page.getByRole('heading', { name: 'Count it' })).toBeVisible();
  await page.getByRole('button', { name: 'That is my count' }).click();
  await expect(page.getByText('Enter from 1 to 500 turns of the cranks.')).toBeVisible();
  await page.getByRole('button', { name: 'A turn', exact: true }).click();
  await expect(page.getByLabel('Turns of the cranks')).toHaveValue('1');
  await page.getByLabel('Turns of the cranks').fill('30');
  await page.getByLabel('Times it came').fill('11');
  await expect(
    page.getByText(/^0\.4 in a turn, .* that fits one spot on the chain\.$/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'That is my count' }).click();

  const likely = page.getByRole('button', { name: 'Why: Stiff link' });
  await expect(likely).toBeVisible();
  await likely.click();
  await expect(page.getByText('11 in 30 turns: strongly for it.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Quay commuter')).toBeVisible();
  for (let n = 0; n < 8; n++) {
    const found = page.getByRole('button', { name: 'Found: Stiff link' });
    const on = page.getByRole('button', { name: /^(I cannot tell|Nothing wrong there)$/ });
    await expect(found.or(on).first()).toBeVisible();
    if (await found.isVisible()) break;
    await on.click();
  }
  await page.getByRole('button', { name: 'Found: Stiff link' }).click();
  await expect(page.getByRole('heading', { name: 'Stiff link' })).toBeVisible();
  await page.getByRole('button', { name: 'One back' }).click();
  await expect(page.getByRole('button', { name: 'Found: Stiff link' })).toBeVisible();
  await page.getByRole('button', { name: 'Found: Stiff link' }).click();
  const links = page.getByLabel('Links on from the quick link or joining pin');
  await links.fill('400');
  await page.getByRole('button', { name: 'Save to log' }).click();
  await expect(page.getByText(/^This chain has \d+ links: enter 0 to \d+/)).toBeVisible();
  await links.fill('37');
  await page.getByRole('button', { name: 'Save to log' }).click();

  await expect(page.getByText('Found: stiff link', { exact: true })).toBeVisible();
  const asked = page.getByText(/^Stiff link, found on 24 November, .* Is the click gone\?$/);
  await expect(rider.verdict).toBeVisible();
  await expect(asked).toBeHidden();
  await page.clock.setFixedTime(new Date('2026-11-24T18:00:00Z'));
  await rider.logs('20', 'Dry');
  await page.getByRole('button', { name: 'Gone', exact: true }).click();
  await expect(asked).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(asked).toBeVisible();
  await page.getByRole('button', { name: 'It sounds the same' }).click();
  await expect(page.getByRole('heading', { name: 'What is it like?' })).toBeVisible();
});

test('by keyboard alone a loose wheel is found before anything is asked @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/bench/noise');
  const press = async (name: string) => {
    for (let n = 0; n < 60; n++) {
      await page.keyboard.press('Tab');
      const here = await page.evaluate(() => document.activeElement?.textContent ?? '');
      if (here.startsWith(name)) return page.keyboard.press('Enter');
    }
    throw new Error(`No way to “${name}” by Tab`);
  };
  await press('Creak');
  await press('Found: Loose wheel');
  await expect(page.getByText('Do not ride until it is put right.')).toBeVisible();
  await page.getByRole('radio', { name: 'It is put right' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Still to do' })).toBeChecked();
  await press('Save to log');
  await expect(rider.verdict).toContainText('Do not ride: a wheel is not tight.');
  await press('It is put right');
  await expect(rider.verdict).not.toContainText('Do not ride');
});

test('an answer tapped twice is given once', async ({ rider, page }) => {
  await rider.opensDemo('/bench/noise');
  await page.getByRole('button', { name: /^Click/ }).click();
  const nothing = page.getByRole('button', { name: 'Nothing wrong there' });
  // As quick as a finger that trembles: the answer is still being worked out.
  await nothing.evaluate(async (button: HTMLElement) => {
    button.click();
    await Promise.resolve();
    await Promise.resolve();
    button.click();
  });
  await expect(page.getByLabel('Turns of the cranks')).toBeVisible();
  await page.getByRole('button', { name: 'One back' }).click();
  await expect(nothing).toBeVisible();
  await expect(page.getByLabel('Turns of the cranks')).toHaveCount(0);
});

test('a ride’s note that tells of a noise leads to the search, and that to the handbook @once', async ({
  rider,
  page,
}) => {
  await rider.startsWith();
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Distance').fill('30');
  await page.getByLabel('Note').fill('Clicking all the way home');
  await page.getByRole('button', { name: 'Save ride' }).click();
  await rider.goesTo('Rides');
  await page.getByRole('link', { name: /Clicking all the way home/ }).click();
  await page.getByRole('button', { name: 'It made a noise: find where it comes from' }).click();
  await expect(page.getByRole('heading', { name: 'First what could throw you' })).toBeVisible();

  await page.getByRole('button', { name: 'Note something you saw' }).click();
  await rider.picks('What did you see?', 'Lower jockey wheel gritty');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(
    page.getByText('Lower jockey wheel gritty, noted on 24 November.', { exact: true }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Put right: Lower jockey wheel gritty' }).click();
  await expect(page.getByText('Nothing yet. What you note here counts')).toBeVisible();

  await page.getByRole('button', { name: 'Handbook of noises' }).click();
  await rider.picks('What is it like?', 'Grinding');
  await expect(page.getByRole('img', { name: /inside the tab/ })).toBeVisible();
  await page.getByRole('button', { name: 'Find yours, step by step' }).click();
  await expect(page.getByRole('heading', { name: 'Find the noise' })).toBeVisible();
});
