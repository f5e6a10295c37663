import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
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
  const folder = mkdtempSync(path.join(tmpdir(), 'spoke-bench-'));
  const file = path.join(folder, 'backup.json');
  writeFileSync(file, backup);
  await page.getByLabel('Backup file').setInputFiles(file);
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.getByText(/^Saved \d/).waitFor({ timeout: 120_000 });
  rmSync(folder, { recursive: true });
}
