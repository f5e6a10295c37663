import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from '@playwright/test';

/** Google's own measuring of its Web Vitals, as a script for a page. */
const SOURCE = readFileSync(
  path.join(path.dirname(require.resolve('web-vitals')), 'web-vitals.iife.js'),
  'utf8',
);

/** What a page tells of itself so far. */
export interface Vitals {
  /** Layout shift, the worst five seconds; and the longest time from a tap to the paint that answers it, ms. */
  cls: number;
  inp: number;
}

/** Has a page measure itself from its start on. */
export async function watchVitals(page: Page): Promise<void> {
  await page.addInitScript(`${SOURCE};
    window.vitals = { cls: 0, inp: 0 };
    webVitals.onCLS(({ value }) => (vitals.cls = value), { reportAllChanges: true });
    webVitals.onINP(({ value }) => (vitals.inp = value), { reportAllChanges: true, durationThreshold: 16 });`);
}

export const vitalsOf = (page: Page): Promise<Vitals> =>
  page.evaluate(() => (window as unknown as { vitals: Vitals }).vitals);
