import type { Page } from '@playwright/test';
import { expect, test } from './rider';

/** By hand and by keyboard: links, focus, titles, typed text, undo, printing. */

const ROUTES = [
  ['/', 'Today'],
  ['/rides', 'Rides'],
  ['/rides/log', 'Log a ride'],
  ['/rides/arrived', 'What we understood'],
  ['/plan', 'The plan'],
  ['/plan/rides', 'Planned rides'],
  ['/bench', 'Bench'],
  ['/bench/road', 'On the road'],
  ['/bench/listen', 'Listen to the chain'],
  ['/bench/noises', 'Handbook of noises'],
  ['/bench/rounds', 'Slower rounds'],
  ['/shelf/choose', 'Which lube?'],
  ['/shelf/handbook', 'Handbook'],
  ['/book/new-chain/demo-bike-racer', 'A new chain'],
  ['/book/history', 'History'],
  ['/book/trials', 'Trials'],
  ['/book/trials/new', 'Plan a trial'],
  ['/book/trials/demo-trial-wiping', 'A trial'],
  ['/book/money', 'Money'],
  ['/book/watts', 'Watts'],
  ['/book/words', 'Words and measures'],
  ['/find', 'Find'],
  ['/book/settings', 'Settings'],
] as const;

test('by keyboard alone to every place; focus follows to the heading, the tab has its title', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused();
  for (const place of ['Rides', 'Bench', 'Shelf', 'Book', 'Today'] as const) {
    await page.getByRole('navigation').getByRole('link', { name: place }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeFocused();
    await expect(page).toHaveTitle(new RegExp(`^${place}`));
  }
});

test('the ring around what the keyboard reaches at the edges of the window is whole', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  await page.keyboard.press('Tab');
  const links = page.locator('[role=navigation] a, [role=banner] a');
  await expect(links).toHaveCount(6);
  for (const link of await links.all()) {
    await link.focus();
    const cut = await link.evaluate((node) => {
      const { outlineOffset, outlineWidth, outlineStyle } = getComputedStyle(node);
      const beyond = parseFloat(outlineOffset) + parseFloat(outlineWidth);
      const { left, top, right, bottom } = node.getBoundingClientRect();
      const { innerWidth, innerHeight } = window;
      const room = Math.min(left, top, innerWidth - right, innerHeight - bottom);
      return outlineStyle === 'solid' ? Math.max(0, beyond - room) : NaN;
    });
    expect(cut).toBe(0);
  }
});

test('a place opened by its address takes no focus, however late its scripts come', async ({
  rider,
  page,
}) => {
  // What lies around the place comes after the logbook was opened: the router then goes by the place around it.
  for (const [script, ms] of [
    [/scenario-[^/]*\.js$/, 500],
    [/_layout-[^/]*\.js$/, 1500],
  ] as const)
    await page.route(script, async (route) => {
      await new Promise((resolve) => setTimeout(resolve, ms));
      await route.continue();
    });
  await page.addInitScript(() =>
    document.addEventListener('focusin', ({ target }) => {
      document.documentElement.dataset.focused = (target as HTMLElement).textContent ?? '';
    }),
  );
  await rider.opensDemo('/book/years');
  await expect(page.getByRole('heading', { level: 1, name: 'Years' })).toBeVisible();
  await expect(page).toHaveTitle(/^Years/);
  await expect(page.getByText('Every way was ridden')).toBeVisible();
  await expect(page.locator('html')).not.toHaveAttribute('data-focused');
});

test('beside a list that stays, focus follows to what was opened', async ({ rider, page }) => {
  await rider.opensDemo('/book/trials');
  for (const [link, heading] of [
    [/^When is it wiped/, 'When is it wiped?'],
    ...(page.viewportSize()!.width > 900 ? ([[/^Settings/, 'Settings']] as const) : []),
  ] as const) {
    await page.getByRole('link', { name: link }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeFocused();
  }
});

test('places and lists are links a browser can open in a new tab @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  // Those beyond the screen's edge come once it is painted.
  await expect.poll(() => page.locator('#main a[href^="/rides/"]').count()).toBeGreaterThan(5);
  const hrefs = await page
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => link.getAttribute('href')));
  expect(hrefs.slice(0, 3)).not.toContain(null);
  expect(hrefs.filter((href) => href?.startsWith('/rides/')).length).toBeGreaterThan(5);
  const opened = page.context().waitForEvent('page');
  await page
    .getByRole('navigation')
    .getByRole('link', { name: 'Book' })
    .click({ modifiers: ['Control'] });
  const tab = await opened;
  await expect(tab).toHaveURL(/\/book$/);
  await expect(page).toHaveURL(/\/rides/);
});

test('titles, names of controls and calm loading on every route @once', async ({ rider, page }) => {
  await page.addInitScript(() => {
    const shifts = { sum: 0 };
    Object.assign(window, { shifts });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & {
        value: number;
        hadRecentInput: boolean;
      })[])
        if (!entry.hadRecentInput) shifts.sum += entry.value;
    }).observe({ type: 'layout-shift', buffered: true });
  });
  for (const [path, title] of ROUTES) {
    await rider.opensDemo(path);
    await expect(page).toHaveTitle(`${title} · Dapper Spoke`);
    await page.waitForLoadState('networkidle');
    if (path === '/shelf/choose')
      await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
    const named = await page
      .getByRole('button')
      .evaluateAll((buttons) =>
        buttons
          .filter((b) => b.getBoundingClientRect().width > 0)
          .map((b) => b.getAttribute('aria-label') ?? b.textContent),
      );
    expect(
      named.filter((name) => !name || name === '+' || name === '−'),
      path,
    ).toEqual([]);
    expect(await tooSmall(page), path).toEqual([]);
    const shift = await page.evaluate(
      () => (window as unknown as { shifts: { sum: number } }).shifts.sum,
    );
    expect(shift, path).toBeLessThan(0.02);
  }
});

/** Controls smaller than a finger, 44 px, but for those the browser draws out of sight. */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    Array.from(
      document.querySelectorAll(
        'a[href], button, [role=button], [role=radio], [role=checkbox], input',
      ),
    )
      .map((e) => ({
        name: e.getAttribute('aria-label') ?? e.textContent,
        box: e.getBoundingClientRect(),
      }))
      .filter(({ box }) => box.width > 1 && box.right > 0 && box.bottom > 0)
      .filter(({ box }) => box.width < 43.5 || box.height < 43.5)
      .map(({ name, box }) => `${name} ${box.width} x ${box.height}`),
  );

test('the list of rides stands where it stood when one comes back to it', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  await page
    .getByRole('link', { name: /lube [−+]/ })
    .first()
    .waitFor();
  await page.mouse.move(200, 400);
  await page.mouse.wheel(0, 3500);
  await page.waitForTimeout(500);
  const top = () =>
    page.evaluate(() =>
      Math.max(...Array.from(document.querySelectorAll('[data-page]'), (e) => e.scrollTop)),
    );
  const before = await top();
  expect(before).toBeGreaterThan(1000);
  // A row that is in view: a click elsewhere would scroll first.
  const { x, y } = await page.evaluate(() => {
    const boxes = Array.from(document.querySelectorAll('a[href^="/rides/"]'), (e) =>
      e.getBoundingClientRect(),
    );
    const box = boxes.find((b) => b.top > 150 && b.bottom < 600)!;
    return { x: box.left + 30, y: box.top + 20 };
  });
  const opened = await page.evaluate(
    ([left, down]) =>
      document.elementFromPoint(left, down)!.closest<HTMLElement>('a[href^="/rides/"]')!.innerText,
    [x, y] as const,
  );
  await page.mouse.click(x, y);
  await expect(page).toHaveURL(/\/rides\/./);
  await expect(
    page.getByText('Weather on the way').or(page.getByLabel('Distance')).first(),
  ).toBeVisible();
  await page.goBack();
  await expect.poll(top).toBeGreaterThan(before - 200);
  await expect(page.getByRole('link', { name: opened.replaceAll('\n', ' ') })).toBeInViewport();
});

test('typed text survives leaving, coming back and a reload @once', async ({ rider, page }) => {
  await rider.opensDemo();
  await page.getByRole('button', { name: 'Rode' }).click();
  await page.getByLabel('Note').fill('along the causeway');
  await page.goBack();
  await expect(rider.verdict).toBeVisible();
  await page.goForward();
  await expect(page.getByLabel('Note')).toHaveValue('along the causeway');
  await page.reload();
  await expect(page.getByLabel('Note')).toHaveValue('along the causeway');
  await page.getByRole('button', { name: 'Start afresh' }).click();
  await expect(page.getByLabel('Note')).toHaveValue('');
});

test('undo stays within reach, and focus stays where the work is', async ({ rider, page }) => {
  await rider.opensDemo();
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: /^Shade 5/ }).click();
  await page.getByRole('button', { name: 'Undo' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Undone: Rag check noted')).toBeVisible();
  const isSomewhere = () => page.evaluate(() => document.activeElement !== document.body);
  await expect.poll(isSomewhere).toBe(true);
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: /^Shade 5/ }).click();
  await page.getByRole('button', { name: 'Close this line' }).click();
  await rider.goesTo('Book');
  await page.getByRole('link', { name: /History/ }).click();
  await expect(page.getByText('Rag check: black').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo: Rag check noted' }).click();
  await expect(page.getByRole('button', { name: 'Do again: Rag check noted' })).toBeVisible();
});

test('a reload, as a new version needs one, keeps page, place and what was typed @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/book/words');
  const scrolled = page.locator('[data-page]').first();
  await scrolled.evaluate((node) => (node.scrollTop = 1500));
  await page.waitForTimeout(300);
  await page.reload();
  await expect
    .poll(() => scrolled.evaluate((node) => node.scrollTop), { timeout: 10_000 })
    .toBe(1500);
  await rider.goesOn('/rides/log');
  await page.getByLabel('Distance').fill('41.5');
  await page.reload();
  await expect(page.getByLabel('Distance')).toHaveValue('41.5');
  // Elsewhere a page begins at its top.
  await rider.goesOn('/book/files');
  expect(
    await page
      .locator('[data-page]')
      .last()
      .evaluate((node) => node.scrollTop),
  ).toBe(0);
});

test('panels open in view, and the line at the foot covers no control', async ({ rider, page }) => {
  await rider.opensDemo();
  await page.getByRole('button', { name: 'Heard a noise' }).click();
  await expect(page.getByRole('button', { name: 'Squeak' })).toBeInViewport({ ratio: 1 });
  await page.getByRole('button', { name: 'Squeak' }).click();
  const notice = await page.getByText('Noted: squeak').boundingBox();
  const main = await page.getByRole('main').boundingBox();
  expect(notice!.y).toBeGreaterThanOrEqual(main!.y + main!.height - 1);
});

test('printed, a page is as long as it is, without the frame @once', async ({ rider, page }) => {
  await rider.opensDemo('/shelf/handbook');
  await expect(page.getByText('Hot wax').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation')).toBeHidden();
  const height = await page.evaluate(() => document.body.scrollHeight);
  expect(height).toBeGreaterThan(1500);
});

test.describe('in German', () => {
  test.use({ locale: 'de-DE' });
  test('1.250 is asked about, and dates stay in the language of the app @once', async ({
    rider,
    page,
  }) => {
    await rider.startsWith();
    await page.getByRole('button', { name: 'Rode' }).click();
    await page.getByLabel('Distance').fill('1.250');
    await page.getByRole('button', { name: 'Save ride' }).click();
    await expect(page.getByText(/Is that 1250 or 1,25\?/)).toBeVisible();
    await page.getByLabel('Distance').fill('42,5');
    await page.getByRole('button', { name: 'Save ride' }).click();
    await expect(page.getByText('Ride logged')).toBeVisible();
    await rider.goesTo('Rides');
    await expect(page.getByRole('link', { name: /Tue 24 Nov/ })).toContainText('42,5 km');
  });
});

test('a row of a long list keeps the focus however far the list is scrolled', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/rides');
  const row = page.getByRole('link', { name: /lube [−+]/ }).first();
  await row.focus();
  const href = await row.getAttribute('href');
  await page.mouse.move(200, 400);
  await page.mouse.wheel(0, 9000);
  await expect(page.locator(`#main a[href="${href}"]`)).not.toBeInViewport();
  await expect(page.locator(`#main a[href="${href}"]`)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(`${href}$`));
});
