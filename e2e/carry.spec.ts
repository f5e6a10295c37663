import { decode } from 'jpeg-js';
import type { Locator } from '@playwright/test';
import type { Picture } from '../src/core/senses/rag/sight';
import { withDevices } from './devices';
import { expect, NOW, Rider, test } from './rider';

/** Size of a camera's picture, px. */
const [WIDE, HIGH] = [480, 360];

/** What a camera sees that is held before a screen: the code on grey, not quite filling the picture. */
async function seen(code: Locator): Promise<Picture> {
  const shot = decode(await pictureOf(code), { useTArray: true });
  const rgba = new Uint8ClampedArray(4 * WIDE * HIGH).fill(128);
  const side = HIGH - 20;
  const [left, top] = [(WIDE - side) / 2, (HIGH - side) / 2];
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const [column, row] = [x, y].map((at) => Math.floor((at / side) * shot.width));
      const from = 4 * (Math.min(row!, shot.height - 1) * shot.width + column!);
      rgba.set(shot.data.subarray(from, from + 4), 4 * ((top + y) * WIDE + left + x));
    }
  return { width: WIDE, height: HIGH, rgba };
}

const NOTHING_SEEN: Picture = {
  width: WIDE,
  height: HIGH,
  rgba: new Uint8ClampedArray(4 * WIDE * HIGH).fill(128),
};

/** By the browser itself: a screenshot of a part waits until the page is still, which a run of codes never is. */
async function pictureOf(code: Locator): Promise<Buffer> {
  const clip = await code.evaluate((element) => {
    element.scrollIntoView();
    const { x, y, width, height } = element.getBoundingClientRect();
    return { x, y, width, height };
  });
  const browser = await code.page().context().newCDPSession(code.page());
  const { data } = await browser.send('Page.captureScreenshot', {
    format: 'jpeg',
    quality: 70,
    clip: { ...clip, scale: 1 },
  });
  await browser.detach();
  return Buffer.from(data, 'base64');
}

test('a logbook goes from one device to another by camera, a fifth of the codes lost @once', async ({
  rider,
  page,
  viewport,
  baseURL,
}) => {
  await rider.startsWith('Gravel bike', 'Wet', '80');
  for (const km of ['31', '47']) {
    await rider.logs(km, 'Dry');
    await expect(page.getByText('Ride logged')).toBeVisible();
  }
  await rider.goesOn('/book/carry');
  await page.getByRole('button', { name: 'Show all of it' }).click();
  await expect(page.getByText(/^This shows \d+ entries and the garage/)).toBeVisible();
  const needed = Number(
    /About (\d+) are needed/.exec(
      (await page.getByText(/About \d+ are needed/).textContent())!,
    )![1],
  );
  const film: Picture[] = [];
  const names = new Set<string>();
  const code = page.getByRole('img', { name: /^Code \d+ of the run$/ });
  const nameOf = async () => (await code.getAttribute('aria-label'))!;
  // The run stands still while it is filmed.
  await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 100);
  while (names.size < needed + 6) {
    await page.clock.runFor(200);
    const name = await nameOf();
    if (names.has(name)) continue;
    names.add(name);
    if (names.size % 5 === 0) continue;
    const picture = await seen(code);
    film.push(picture, picture, picture);
    // Time to be called away.
    if (names.size === 2) film.push(...Array.from({ length: 20 }, () => NOTHING_SEEN));
  }

  await withDevices({ film }, { viewport, baseURL }, async (other) => {
    await other.clock.install({ time: NOW });
    const receiver = new Rider(other);
    await receiver.startsWith('Road bike', 'Dry', '10');
    await receiver.logs('12', 'Dry');
    await expect(other.getByText('Ride logged')).toBeVisible();
    await receiver.goesOn('/book/carry');
    await other.getByRole('button', { name: 'Open the camera' }).click();
    await expect(other.getByText(/^\d+ of \d+ codes read\./)).toBeVisible();
    // Broken off, it goes on where it stopped.
    await other.getByRole('button', { name: 'Stop reading' }).click();
    await expect(other.getByText(/^Part of a run was read before/)).toBeVisible();
    await other.getByRole('button', { name: 'Open the camera' }).click();
    await expect(other.getByText(/^Bikes: 1 added/)).toBeVisible({ timeout: 60_000 });
    await other.getByRole('button', { name: 'Take it in' }).click();
    await expect(other.getByText('The other device’s logbook taken in')).toBeVisible();
    await receiver.goesTo('Rides');
    await expect(other.getByText('47 km').first()).toBeVisible();
    await other.keyboard.press('Control+z');
    await expect(other.getByText('Undone: The other device’s logbook taken in')).toBeVisible();
    await expect(other.getByText('47 km')).toHaveCount(0);
    await expect(other.getByText('12 km').first()).toBeVisible();
  });
});

test('a device that says what it has is shown only what it lacks @once', async ({
  rider,
  page,
  viewport,
  baseURL,
}) => {
  await rider.opensDemo('/book/carry');
  const ask = await seen(page.getByRole('img', { name: 'Code of what this device has' }));
  await withDevices({ film: [ask] }, { viewport, baseURL }, async (other) => {
    await other.clock.install({ time: NOW });
    const same = new Rider(other);
    await same.opensDemo('/book/carry');
    await other.getByRole('button', { name: 'Show only what it lacks' }).click();
    await expect(other.getByText('The other device has everything that is here.')).toBeVisible();
    await same.goesOn('/rides/log');
    await other.getByLabel('Distance').fill('23');
    await other.getByRole('button', { name: 'Save ride' }).click();
    await expect(same.verdict).toBeVisible();
    await same.goesOn('/book/carry');
    await other.getByRole('button', { name: 'Show only what it lacks' }).click();
    await expect(other.getByText(/^This shows \d+ entries\.$/)).toBeVisible();
  });
});
