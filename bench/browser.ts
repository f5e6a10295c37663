import type { AddressInfo } from 'node:net';
import path from 'node:path';
import type { Browser, BrowserType, Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_ARGS } from '../playwright.config';
import { createApp } from '../server/app';

export const launch = (type: BrowserType): Promise<Browser> =>
  type.launch({
    executablePath: CHROMIUM,
    args: CHROMIUM_ARGS,
  });

/** Serves a built folder on a free port of this machine. */
export function serve(
  folder: string,
  now?: () => number,
): Promise<{ address: string; close: () => void }> {
  return new Promise((resolve) => {
    const server = createApp(path.resolve(folder), now).listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      resolve({ address: `http://localhost:${port}/`, close: () => server.close() });
    });
  });
}

/** Restores a backup into a page that has never seen the app, and waits until it is saved. */
export async function restore(page: Page, address: string, backup: string): Promise<void> {
  await page.goto(`${address}book/files`);
  const buffer = Buffer.from(backup);
  await page
    .getByLabel('Backup file')
    .setInputFiles({ name: 'backup.json', mimeType: 'application/json', buffer });
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.getByText(/^Saved \d/).waitFor();
}
