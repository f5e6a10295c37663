import type { Page } from '@playwright/test';
import { expect, test } from './rider';

/** Everything a rider does, by keyboard alone: not one click in here. */
class Keys {
  constructor(readonly page: Page) {}

  /** Presses Tab until what has focus is called so. */
  async to(name: string | RegExp): Promise<void> {
    for (let n = 0; n < 150; n++) {
      await this.page.keyboard.press('Tab');
      const here = await this.page.evaluate(() => {
        const e = document.activeElement;
        if (!e || e === document.body) return '';
        const by = document.getElementById(e.getAttribute('aria-labelledby') ?? '');
        return (e.getAttribute('aria-label') ?? by?.textContent ?? e.textContent ?? '').trim();
      });
      if (typeof name === 'string' ? here === name : name.test(here)) return;
    }
    throw new Error(`No way to “${String(name)}” by Tab`);
  }

  async press(name: string | RegExp): Promise<void> {
    await this.to(name);
    await this.page.keyboard.press('Enter');
  }
}

/** What the bench asks before it goes on. */
const ANSWERS = /^(Yes|Shade 1.*|Understood|Go on without waiting)$/;

test('first run, a ride, work at the bench, the plan, a backup, and restoring it', async ({
  rider,
  page,
}) => {
  const keys = new Keys(page);
  const heading = (name: string) =>
    expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
  await rider.opens();
  await keys.to('Ridden since it was lubed');
  await page.keyboard.type('300');
  await keys.press('Show my chain');
  await expect(rider.verdict).toBeVisible();

  await keys.press('Rode');
  await expect(page.getByLabel('Distance')).toBeFocused();
  await page.keyboard.type('42');
  await keys.press('Save ride');
  await expect(page.getByText('Ride logged')).toBeVisible();

  await keys.press('Bench');
  await heading('Bench');
  await keys.to('Wipe-down');
  // The recommended depth is chosen; on to the start.
  await keys.press('Begin');
  await expect(page.getByRole('heading', { level: 1 }).first()).not.toHaveText('Bench');
  // Enter goes on from step to step, and writes it down at the end.
  for (let n = 0; n < 60 && !(await rider.verdict.isVisible()); n++) {
    const question = page.getByRole('button', { name: ANSWERS });
    if (await question.first().isVisible()) await keys.press(ANSWERS);
    else await page.keyboard.press('Enter');
    await page.waitForTimeout(150);
  }
  await expect(rider.verdict).toBeVisible();

  await keys.press('The plan');
  await heading('The plan');
  await keys.press('Book');
  await keys.press(/^Files/);
  await heading('Files');
  const download = page.waitForEvent('download');
  await keys.press('Save a backup file');
  const file = await (await download).path();

  const chooser = page.waitForEvent('filechooser');
  await keys.press(/^Choose a backup/);
  await (await chooser).setFiles(file);
  await expect(page.getByText(/0 entries added|here already/).first()).toBeVisible();
  await keys.press('Restore');
  await expect(page.getByText('Backup restored')).toBeVisible();
});
