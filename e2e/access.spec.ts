import type { Page } from '@playwright/test';
import { expect, test } from './rider';

const PAGES = [
  '/',
  '/rides',
  '/rides/log',
  '/rides/import',
  '/rides/arrived',
  '/plan',
  '/plan/rides',
  '/bench',
  '/bench/record',
  '/bench/noise',
  '/bench/noises',
  '/bench/listen',
  '/bench/road',
  '/bench/rounds',
  '/bench/new/demo-bike-racer',
  '/shelf',
  '/shelf/choose',
  '/shelf/dose',
  '/shelf/handbook',
  '/book',
  '/book/garage',
  '/book/bike/demo-bike-racer',
  '/book/chain/demo-chain-commuter',
  '/book/part/demo-cassette-racer',
  '/book/wear/demo-chain-commuter',
  '/book/service/demo-bike-commuter',
  '/book/new-chain/demo-bike-commuter',
  '/book/history',
  '/book/trials',
  '/book/trials/new',
  '/book/trials/demo-trial-drops',
  '/book/money',
  '/book/watts',
  '/book/years',
  '/book/one-year',
  '/book/carry',
  '/book/files',
  '/book/settings',
  '/book/words',
  '/find',
];

/** Pages laid out in columns where there is room: one of each layout. */
const SIDE_BY_SIDE = ['/', '/rides', '/plan', '/bench/noise', '/shelf/choose', '/book/settings'];

test('axe finds no fault on any page, in light and in dark', async ({ rider, page }, {
  project,
}) => {
  // Colours are the same at both sizes, and so are pages of one column.
  const onPhone = project.name === 'phone';
  const schemes = onPhone ? (['light', 'dark'] as const) : (['light'] as const);
  const faults: Record<string, string[]> = {};
  const look = async (place: string) => {
    for (const colorScheme of schemes) {
      await page.emulateMedia({ colorScheme });
      // In the dark only colours differ.
      const found = await rider.axeFaults(colorScheme === 'dark' ? ['color-contrast'] : null);
      if (found.length) faults[`${place}, ${colorScheme}`] = found;
    }
  };
  await rider.opensDemo('/rides');
  for (const path of onPhone ? PAGES : SIDE_BY_SIDE) {
    await rider.goesOn(path);
    if (path === '/')
      for (const panel of ['Show working', 'Rag check', 'Heard a noise'])
        await page.getByRole('button', { name: panel }).click();
    if (path === '/plan') {
      await page.getByRole('button', { name: 'Move' }).first().click({ timeout: 60_000 });
      await page.getByRole('button', { name: 'Why, and if not' }).first().click();
    }
    await look(path);
  }
  await rider.goesOn('/bench');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { level: 1 }).first()).not.toHaveText('Bench');
  await look('a step');
  expect(faults).toEqual({});
});

test('axe finds no fault on the first page a rider sees', async ({ rider }) => {
  await rider.opens();
  expect(await rider.axeFaults()).toEqual([]);
});

test('by keyboard alone: first run, a ride, the tape, undo', async ({ rider, page }) => {
  await rider.opens();
  const tabTo = async (name: string) => {
    for (let n = 0; n < 60; n++) {
      await page.keyboard.press('Tab');
      const here = await page.evaluate(() => {
        const e = document.activeElement;
        if (e === document.body) return '';
        const by = e?.getAttribute('aria-labelledby');
        return `${e?.getAttribute('aria-label') ?? ''} ${by ? document.getElementById(by)?.textContent : ''} ${e?.textContent ?? ''}`;
      });
      if (here.includes(name)) return;
    }
    throw new Error(`No way to “${name}” by Tab`);
  };
  await tabTo('Road bike');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Gravel bike' })).toBeChecked();
  await tabTo('Ridden since it was lubed');
  await page.keyboard.type('30');
  await tabTo('Show my chain');
  await page.keyboard.press('Enter');
  await expect(rider.verdict).toContainText(/Lube for|Wax for/);

  await tabTo('Rode');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Distance')).toBeFocused();
  await page.keyboard.type('42');
  await tabTo('Dry');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Damp road' })).toBeChecked();
  await tabTo('Save ride');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Ride logged')).toBeVisible();

  await tabTo('Tape of');
  await page.keyboard.press('ArrowLeft');
  await expect(
    page.getByText(/42 km, damp road, gravel|42 km, damp road, paved/).first(),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Ride logged')).toBeVisible();
});

test('fits a narrow screen and large text without sideways scrolling, and axe finds no fault there @once', async ({
  rider,
  page,
}) => {
  await page.setViewportSize({ width: 320, height: 640 });
  const tooWide = async (withAxe: boolean) => {
    const found: Record<string, string[]> = {};
    for (const path of PAGES) {
      await rider.goesOn(path);
      const texts = await sideways(page);
      if (withAxe) {
        texts.push(...(await rider.axeFaults()));
        // In the dark only colours differ.
        await page.emulateMedia({ colorScheme: 'dark' });
        texts.push(...(await rider.axeFaults(['color-contrast'])));
        await page.emulateMedia({ colorScheme: 'light' });
      }
      if (texts.length) found[path] = texts;
    }
    return found;
  };
  await rider.opensDemo('/book/files');
  expect(await tooWide(false)).toEqual({});
  await page.addInitScript(() =>
    addEventListener('DOMContentLoaded', () => {
      document.documentElement.style.fontSize = '32px';
    }),
  );
  await rider.opensDemo('/book/files');
  expect(await fontSizeOf(page)).toBeGreaterThan(32);
  expect(await tooWide(true)).toEqual({});
});

/** Of the page's title, px. */
const fontSizeOf = (page: Page) =>
  page
    .getByRole('heading', { level: 1 })
    .first()
    .evaluate((h) => {
      const text = h.matches('[dir=auto]') ? h : (h.querySelector('[dir=auto]') ?? h);
      return parseFloat(getComputedStyle(text).fontSize);
    });

/** Texts that reach beyond the screen, outside of what may scroll sideways. */
const sideways = (page: Page) =>
  page.evaluate(() =>
    Array.from(document.querySelectorAll('[dir=auto], input, [role=button], [role=radio]'))
      .filter((e) => {
        const box = e.getBoundingClientRect();
        const scroller = e.closest(
          '[role=group][aria-label=Bikes], [role=group]:has(> * > [role=table])',
        );
        return !scroller && box.width > 0 && (box.right > innerWidth + 1 || box.left < -1);
      })
      .map((e) => (e.textContent || e.getAttribute('aria-label') || e.tagName).slice(0, 60)),
  );

test('a tap on a stitch reads that ride; dragging goes back in time', async ({ rider, page }) => {
  await rider.opensDemo();
  const tape = page.getByRole('figure', { name: /Tape of/ });
  const box = await tape.boundingBox();
  if (!box) throw new Error('no tape');
  await expect(tape.locator('svg')).toBeVisible();
  await page.mouse.click(box.x + box.width * 0.3, box.y + 126);
  await expect(page.getByText(/Lube \d+ % → \d+ %/)).toBeVisible();
  const before = await tape.locator('svg').innerHTML();
  await page.mouse.move(box.x + 100, box.y + 126);
  await page.mouse.down();
  await page.mouse.move(box.x + 300, box.y + 126, { steps: 8 });
  await page.mouse.up();
  expect(await tape.locator('svg').innerHTML()).not.toBe(before);
});
