import { expect, Rider, test } from './rider';

test('keys: places, the list of keys, a list step by step, and Escape back @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  const sheet = page.getByRole('dialog', { name: 'Keys' });
  // The keys come a moment after the first screen.
  await expect(async () => {
    await page.keyboard.press('?');
    await expect(sheet).toBeVisible({ timeout: 500 });
  }).toPass();
  await expect(sheet.getByText('Go to the bench')).toBeVisible();
  // The page beneath is out of reach.
  await page.keyboard.press('g');
  await page.keyboard.press('b');
  await expect(page).toHaveURL(/\/rides/);
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);

  const focused = () => page.evaluate(() => document.activeElement?.getAttribute('href') ?? '');
  await page.keyboard.press('j');
  const first = await focused();
  await page.keyboard.press('j');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('k');
  const second = await focused();
  expect(second).toMatch(/^\/rides\//);
  expect(second).not.toBe(first);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(second.replace(/\?.*/, ''));
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/\/rides(\?|$)/);

  for (const [keys, path] of [
    ['gb', '/bench'],
    ['gk', '/book'],
    ['gt', '/'],
    ['l', '/rides/log'],
  ] as const) {
    for (const key of keys) await page.keyboard.press(key);
    await expect.poll(() => new URL(page.url()).pathname).toBe(path);
  }
  // A field keeps every letter.
  await page.getByLabel('Distance').fill('');
  await page.getByLabel('Distance').press('g');
  await page.getByLabel('Distance').press('b');
  await expect(page).toHaveURL(/\/rides\/log/);
  // Whoever speaks to the device turns single letters off; Escape and the arrows stay.
  await rider.goesToSettings();
  await rider.picks('Single letters as keys', 'Off');
  await page.locator('body').press('l');
  await page.locator('body').press('?');
  await page.waitForTimeout(300);
  await expect(sheet).toHaveCount(0);
  await expect(page).toHaveURL(/\/book\/settings/);
  // The first closes what is said at the foot.
  await page.locator('body').press('Escape');
  await page.locator('body').press('Escape');
  await expect(page).toHaveURL(/\/book(\?|$)/);
});

test('one box finds a ride, a note, a noise and a word; each opens where it belongs', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/find');
  const box = page.getByLabel('Look for');
  await box.fill('squeak');
  await page
    .getByRole('link', { name: /^Heard: squeak/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/book\/history\?from=/);
  await expect(page.getByText('Heard: squeak').first()).toBeInViewport();
  await expect(page.getByRole('button', { name: /^Show \d+ newer/ })).toBeVisible();
  await page.goBack();
  await expect(box).toHaveValue('squeak');
  await box.fill('jockey');
  await page
    .getByRole('link', { name: /^Jockey wheels/ })
    .last()
    .click();
  await expect(page.getByRole('heading', { name: 'Jockey wheels' })).toBeInViewport();
  await page.goBack();
  await box.fill('racer september');
  await page.getByRole('link', { name: /km/ }).first().click();
  await expect(page).toHaveURL(/\/rides\/[^/]+$/);
  await page.goBack();
  await box.fill('zebra');
  await expect(page.getByText('Nothing was found. Fewer letters find more.')).toBeVisible();
});

test('a “?” opens what a measure means and rests on, and focus comes back to it', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  const mark = page.getByRole('button', { name: 'What is “Grit inside”?' });
  await mark.click();
  const sheet = page.getByRole('dialog', { name: 'Grit inside' });
  await expect(sheet.getByText(/^Way inwards: 580 km/)).toBeVisible();
  expect(await rider.axeFaults()).toEqual([]);
  // A word of the trade opens over it, and closes by itself.
  const word = sheet.getByRole('button', { name: 'rollers' });
  await word.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Roller' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Roller' })).toHaveCount(0);
  await expect(word).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await expect(mark).toBeFocused();
  await rider.goesOn('/book/money');
  await page.getByRole('button', { name: 'What does this mean?' }).first().click();
  await expect(
    page.getByRole('dialog', { name: 'What care costs' }).getByText(/^A ride takes the share/),
  ).toBeVisible();
});

test('shortcuts of the icon open what they name @once', async ({ page, request, rider }) => {
  const { shortcuts } = (await (await request.get('/manifest.webmanifest')).json()) as {
    shortcuts: { name: string; url: string }[];
  };
  expect(shortcuts.map(({ name }) => name)).toEqual(['Rode', 'Got wet', 'Rag check', 'Bench']);
  await rider.opensDemo('/rides');
  const shown = [
    page.getByRole('heading', { name: 'Log a ride' }),
    page.getByText('How did it get wet?'),
    page.getByText(/rag/i).first(),
    page.getByRole('heading', { name: 'Bench' }),
  ];
  for (const [n, { url }] of shortcuts.entries()) {
    await page.goto(url);
    await expect(shown[n]!).toBeVisible();
  }
});

test('the icon says what is due, and installing is offered once @once', async ({ page, rider }) => {
  await page.addInitScript(() => {
    Object.assign(navigator, {
      setAppBadge: (due: number) => Promise.resolve(void Object.assign(window, { badge: due })),
      clearAppBadge: () => Promise.resolve(void Object.assign(window, { badge: 0 })),
    });
    const offer = () =>
      dispatchEvent(
        Object.assign(new Event('beforeinstallprompt', { cancelable: true }), {
          prompt: () => Promise.resolve(void Object.assign(window, { asked: true })),
        }),
      );
    // A browser offers it some time after the page has loaded.
    addEventListener('load', () => setTimeout(offer, 1000));
  });
  const badge = () => page.evaluate(() => (window as unknown as { badge?: number }).badge);
  await rider.startsWith('Road bike', 'Wet', '20');
  await expect.poll(badge).toBe(0);
  const offer = page.getByRole('region', { name: 'Install' });
  await expect(offer).toHaveCount(0);
  for (const km of ['150', '150', '150', '150']) {
    await rider.logs(km, 'Wet');
    await expect(page.getByText('Ride logged')).toBeVisible();
  }
  await expect.poll(badge).toBe(1);
  await expect(offer).toBeVisible();
  await offer.getByRole('button', { name: 'Install' }).click();
  expect(await page.evaluate(() => (window as unknown as { asked?: boolean }).asked)).toBe(true);
  await expect(offer).toHaveCount(0);
  await page.reload();
  await expect(rider.verdict).toBeVisible();
  await page.waitForTimeout(2500);
  await expect(offer).toHaveCount(0);
});

test('a job is swiped left to move it, right to begin it; a slip while scrolling does nothing @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan');
  const job = page.getByRole('group', { name: /commuter/ }).first();
  await expect(job).toBeVisible({ timeout: 60_000 });
  const swipe = (by: number) =>
    job.evaluate((card, dx) => {
      const { x, y, width } = card.getBoundingClientRect();
      const touch = (type: string, at: number) => {
        const point = new Touch({ identifier: 1, target: card, clientX: at, clientY: y + 20 });
        const points = type === 'touchend' ? [] : [point];
        card.dispatchEvent(
          new TouchEvent(type, {
            bubbles: true,
            cancelable: true,
            touches: points,
            changedTouches: [point],
          }),
        );
      };
      const from = x + width / 2;
      touch('touchstart', from);
      for (let step = 1; step <= 5; step++) touch('touchmove', from + (dx * step) / 5);
      touch('touchend', from + dx);
    }, by);
  const move = job.getByRole('button', { name: 'Move', exact: true });
  await swipe(-50);
  await expect(move).toHaveAttribute('aria-expanded', 'false');
  await swipe(-120);
  await expect(move).toHaveAttribute('aria-expanded', 'true');
  await swipe(120);
  await expect(page).toHaveURL(/\/bench/);
});

test('clock, weeks and each unit are the rider’s own; a device of another region begins in its own @once', async ({
  rider,
  page,
  browser,
}) => {
  await rider.opensDemo('/book/settings');
  await rider.picks('Distances', 'Miles');
  await rider.picks('Clock', '6:30 pm');
  await rider.picks('Weeks begin on', 'Sunday');
  await expect(page.getByText(/^Saved \d+:\d\d [ap]m$/)).toBeVisible();
  await rider.goesOn('/plan/rides');
  await expect(page.getByText(/ at \d+:\d\d [ap]m/).first()).toBeVisible();
  await expect(page.getByText(/\d mi, /).first()).toBeVisible();
  await rider.goesOn('/plan');
  const days = page.getByRole('group', { name: /, minutes$/ });
  await expect(days.first()).toHaveAttribute('aria-label', 'Sun, minutes');

  const abroad = await browser.newContext({ locale: 'en-US' });
  const american = await Rider.inTabOf(abroad);
  await american.opens();
  await expect(american.page.getByRole('radio', { name: 'Miles' })).toBeChecked();
  await american.page.getByLabel('Ridden since it was lubed').fill('50');
  await american.page.getByRole('button', { name: 'Show my chain' }).click();
  await expect(american.verdict).toContainText(/ mi\./);
  await american.goesOn('/book/settings');
  for (const name of ['°F', 'Feet', 'Inches', '6:30 pm', 'Sunday'])
    await expect(american.page.getByRole('radio', { name })).toBeChecked();
  await abroad.close();
});
