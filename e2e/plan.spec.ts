import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import type { Download, Page } from '@playwright/test';
import { watchDrawings } from './drawn';
import { expect, test } from './rider';

const agenda = (page: Page) => page.getByRole('list', { name: 'Agenda' });
const cards = (page: Page) => agenda(page).getByRole('group');
/** A plan is made, and none is being made. */
const settled = async (page: Page) => {
  await expect(agenda(page)).toBeVisible({ timeout: 20_000 });
  await page.waitForTimeout(400);
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 20_000 });
};
const textOf = async (download: Download) => readFileSync(await download.path(), 'utf8');
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((c) => new ICAL.Event(c));

test('the plan: a storm ahead, a job moved, the plan re-formed, taken back', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan');
  await settled(page);
  await expect(page.getByText(/Compared with “Every Sunday”, the plan saves/)).toBeVisible();
  const racerTopUp = cards(page)
    .filter({ hasText: 'Sunday racer' })
    .filter({ hasText: /Top up with/ })
    .first();
  await page.getByRole('radio', { name: 'What if dry?' }).click();
  await settled(page);
  await expect(racerTopUp).not.toHaveAttribute('aria-label', / Nov$/);
  await page.getByRole('radio', { name: 'What if a storm?' }).click();
  await settled(page);
  // The storm lasts from the night to the 27th to the evening of the 30th.
  await expect(racerTopUp).toHaveAttribute('aria-label', / (2[4-9]|30) Nov$/);
  await expect(
    agenda(page)
      .getByText(/^Dry it, then /)
      .first(),
  ).toBeVisible();
  await expect(
    agenda(page)
      .getByText(/It will probably come home wet .* Dry and lube it/)
      .first(),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'Forecast' }).click();
  await settled(page);

  const first = cards(page).first();
  const name = await first.getAttribute('aria-label');
  await first.getByRole('button', { name: 'Why, and if not' }).click();
  await expect(first.getByText(/^(Wait a week|It can wait a week)/)).toBeVisible();
  await expect(
    first.getByText(/Likely to fall about then \(\d in 10\)|Nearly certain|Still open/),
  ).toBeVisible();
  await first.getByRole('button', { name: 'Move', exact: true }).click();
  const days = first.getByRole('group', { name: 'To which day?' }).getByRole('button');
  const to = await days.nth(1).innerText();
  await days.nth(1).click();
  await expect(page.getByText(`Moved to ${to}`)).toBeVisible();
  await settled(page);
  await expect(page.getByText(/Your own changes/)).toBeVisible();
  await expect(cards(page).filter({ hasText: 'set by you' })).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await settled(page);
  await expect(page.getByText(/Your own changes/)).toHaveCount(0);
  await expect(cards(page).first()).toHaveAttribute('aria-label', name ?? '');
});

test('a job done from the agenda: the bench knows what is wanted, and the plan goes on @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan');
  await settled(page);
  const topUps = cards(page)
    .filter({ hasText: 'Quay commuter' })
    .filter({ hasText: /Top up with/ });
  const day = (await topUps.first().getAttribute('aria-label')) ?? '';
  const words = await topUps
    .first()
    .getByText(/^Top up with/)
    .innerText();
  const lube = /with (.+)\./.exec(words)?.[1] ?? '';
  await topUps.first().getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByRole('radio', { name: 'Quay commuter' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Top-up: wipe, lube, wipe' })).toBeChecked();
  await expect(page.getByText(new RegExp(lube)).first()).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await worksToTheEnd(page);
  await expect(page.getByText('Work recorded')).toBeVisible();
  await page.getByRole('button', { name: 'The plan', exact: true }).click();
  await settled(page);
  // A fresh coat today: the one of that day has gone, or is a later one.
  const again = cards(page).and(page.getByRole('group', { name: day, exact: true }));
  await expect(again.filter({ hasText: words })).toHaveCount(0);
  await rider.seesSaved();
});

/** Does every step of the bench as a rider with a clean rag and nothing wrong, and finishes. */
async function worksToTheEnd(page: Page): Promise<void> {
  const button = (name: string | RegExp) => page.getByRole('button', { name, exact: true });
  const answers = ['Understood', /^Shade 1/, 'Yes', 'Done', /^Finish|^Save to log/];
  for (let n = 0; n < 80; n++) {
    if (await page.getByText('Work recorded').isVisible()) return;
    let answered = false;
    for (const answer of answers)
      if (await button(answer).first().isVisible()) {
        await button(answer).first().click();
        answered = true;
        break;
      }
    // What must be waited for, is: the clock is ours.
    if (!answered) await page.clock.fastForward(300_000);
    await page.waitForTimeout(60);
  }
  throw new Error('The bench did not come to its end.');
}

test('a plan can be cancelled and made after all @once', async ({ rider, page }) => {
  // The planner comes late, as over a slow line, so that there is something to cancel.
  await page.route(/\/plan-[0-9a-f]+\.js$/, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 4000));
    await route.continue();
  });
  await rider.opensDemo('/plan');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('The plan was cancelled.')).toBeVisible();
  await page.getByRole('button', { name: 'Make it again' }).click();
  await settled(page);
  expect(await cards(page).count()).toBeGreaterThan(3);
});

test('a race marked moves the clean to two days before; a Sunday taken away re-plans @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan/rides');
  await page.getByRole('button', { name: 'Plan a ride' }).click();
  await page.getByLabel('Distance').fill('90');
  await rider.picks('Bike', 'Peat track gravel bike');
  await page.getByLabel('Day').fill('2026-12-02');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Ride planned')).toBeVisible();
  await page.getByRole('button', { name: 'To the plan' }).click();
  await settled(page);
  const gravel = cards(page).filter({ hasText: 'Peat track gravel bike' });
  await expect(gravel.filter({ hasText: /for the race on/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Planned rides' }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Wed 2 Dec' })
    .getByRole('button', { name: 'Change' })
    .click();
  await rider.picks('How much hangs on it', 'Race');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: 'To the plan' }).click();
  await settled(page);
  const clean = gravel.filter({ hasText: /for the race on Wed 2 Dec/ });
  await expect(clean.first()).toHaveAttribute('aria-label', /Mon 30 Nov/);
  await expect(clean.first()).toContainText(/Clean on the bike|Off the bike/);

  await page.getByRole('checkbox', { name: 'Mon 30 Nov' }).click();
  await settled(page);
  await expect(agenda(page).getByRole('group', { name: /Mon 30 Nov/ })).toHaveCount(0);
  await expect(gravel.filter({ hasText: /for the race on Wed 2 Dec/ }).first()).toHaveAttribute(
    'aria-label',
    /Sun 29 Nov/,
  );
  await page.getByRole('checkbox', { name: 'Sun 29 Nov' }).click();
  await settled(page);
  await expect(agenda(page).getByRole('group', { name: /Sun 29 Nov/ })).toHaveCount(0);
  await expect(gravel.filter({ hasText: /for the race on Wed 2 Dec/ }).first()).toHaveAttribute(
    'aria-label',
    /Sat 28 Nov/,
  );
});

test('the plan goes out as a calendar, a table and a sheet; a calendar comes in once @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan');
  await settled(page);
  const count = await cards(page).count();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ]);
  const first = eventsOf(await textOf(file));
  expect(first).toHaveLength(count);
  await settled(page);
  await page.getByRole('radio', { name: 'What if a storm?' }).click();
  await settled(page);
  const [again] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ]);
  const second = eventsOf(await textOf(again));
  const uids = new Set(second.map((e) => e.uid));
  expect(uids.size).toBe(second.length);
  // Every entry of the first file is in the second: moved, or called off.
  for (const event of first) expect(uids.has(event.uid)).toBe(true);

  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Table (CSV)' }).click(),
  ]);
  expect((await textOf(table)).split('\r\n')[0]).toContain('date,bike,depth');
  await page.evaluate(() => {
    const made = HTMLIFrameElement.prototype;
    Object.defineProperty(made, 'onload', { set() {}, configurable: true });
  });
  await page.getByRole('button', { name: 'Print the weeks' }).click();
  await expect(page.frameLocator('iframe[title="Sheet to print"]').locator('h1')).toHaveText(
    /Chain care, the next 28 days/,
  );

  await page.getByRole('button', { name: 'Planned rides' }).click();
  const ics = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'BEGIN:VEVENT',
    'UID:club',
    'DTSTAMP:20261101T000000Z',
    'DTSTART:20261201T180000',
    'DURATION:PT2H',
    'RRULE:FREQ=WEEKLY;COUNT=3',
    'SUMMARY:Club ride 55 km',
    'END:VEVENT',
    'BEGIN:VEVENT',
    'UID:dentist',
    'DTSTAMP:20261101T000000Z',
    'DTSTART;VALUE=DATE:20261203',
    'SUMMARY:Dentist',
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ].join('\r\n');
  const pick = () =>
    page
      .getByLabel('Calendar file')
      .setInputFiles({ name: 'club.ics', mimeType: 'text/calendar', buffer: Buffer.from(ics) });
  await pick();
  await expect(page.getByText('4 entries, 3 of them rides.')).toBeVisible();
  await page.getByRole('button', { name: 'Plan 3 rides' }).click();
  await expect(page.getByText('3 rides from the calendar')).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Club ride 55 km' })).toHaveCount(3);
  await pick();
  await expect(page.getByText(/Nothing new in it/)).toBeVisible();
  await page
    .getByLabel('Calendar file')
    .setInputFiles({ name: 'x.ics', mimeType: 'text/calendar', buffer: Buffer.from('hello') });
  await expect(page.getByText(/The file is no calendar/)).toBeVisible();
});

test('Today’s line comes from the plan; with no time at all it says what gives way @once', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  await expect(rider.verdict).toContainText(/Planned (today|tomorrow|\w+day|\w{3} \d+ \w{3}): /, {
    timeout: 20_000,
  });
  await page.getByRole('button', { name: 'The plan', exact: true }).click();
  await settled(page);
  for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']) {
    const less = page
      .getByRole('group', { name: `${day}, minutes` })
      .getByRole('button')
      .first();
    while (await less.isEnabled()) await less.click({ clickCount: 4 });
  }
  await settled(page);
  await expect(page.getByText(/No evening has the \d+ minutes .* Free an evening/)).toBeVisible();
  // What is left is three minutes on the morning of a ride that would run dry.
  await expect(cards(page).filter({ hasNotText: 'thin coat' })).toHaveCount(0);
  await expect(cards(page).first()).toContainText(/half an hour before the ride/);
});

test('what fell due since the rider last looked is told once @once', async ({ rider, page }) => {
  await rider.opensDemo();
  await expect(page.getByText(/Planned .*: (top|wipe|clean)/).first()).toBeVisible({
    timeout: 20_000,
  });
  await rider.seesSaved();
  await page.clock.fastForward(3_600_000);
  await rider.logs('70', 'Downpour');
  await expect(page.getByText('Fell due since you last looked')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByText(/Quay commuter: the chain .*(wet|dirty|used)/)).toBeVisible();
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(page.getByText('Fell due since you last looked')).toHaveCount(0);
  await rider.seesSaved();
  await page.reload();
  await expect(rider.verdict).toBeVisible();
  await expect(page.getByText('Fell due since you last looked')).toHaveCount(0);
});

test('the agenda is drawn once for a new plan, however long that is made', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan');
  await settled(page);
  const drawings = await watchDrawings(agenda(page));
  await page.getByRole('radio', { name: 'What if a storm?' }).click();
  await settled(page);
  await expect(
    agenda(page)
      .getByText(/^Dry it, then /)
      .first(),
  ).toBeVisible();
  expect(await drawings.times()).toBe(2);
});

test('what lies far below the jobs is left to the browser until it comes near', async ({
  rider,
  page,
}) => {
  await rider.opensDemo('/plan');
  await settled(page);
  const last = page.getByRole('button', { name: 'Table (CSV)' });
  const isLaidOut = () =>
    last.evaluate((button) => button.checkVisibility({ contentVisibilityAuto: true }));
  expect(await isLaidOut()).toBe(false);
  await last.focus();
  await expect.poll(isLaidOut).toBe(true);
  await expect(last).toBeInViewport();
});

test('by keyboard alone: to the plan, a job’s reason, and the job moved', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  const tabTo = async (name: string) => {
    for (let n = 0; n < 80; n++) {
      await page.keyboard.press('Tab');
      if ((await page.evaluate(() => document.activeElement?.textContent)) === name) return;
    }
    throw new Error(`No way to “${name}” by Tab`);
  };
  await tabTo('The plan');
  await page.keyboard.press('Enter');
  await settled(page);
  await tabTo('Why, and if not');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^(Wait a week|It can wait a week)/)).toBeVisible();
  await tabTo('Move');
  await page.keyboard.press('Enter');
  // Past "Why, and if not" to the first day offered.
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  const day = await page.evaluate(() => document.activeElement?.textContent ?? '');
  expect(day).toMatch(/^\w{3} \d+ \w{3}$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText(`Moved to ${day}`)).toBeVisible();
});
