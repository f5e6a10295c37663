import { readFileSync } from 'node:fs';
import type { Browser } from '@playwright/test';

/** Memory of all pages' processes, workers among them, MB: what is shared counts in parts (PSS). */
export async function pagesMb(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = (await session.send('SystemInfo.getProcessInfo')) as {
    processInfo: { type: string; id: number }[];
  };
  await session.detach();
  let pages = 0;
  for (const { type, id } of processInfo) {
    if (type !== 'renderer') continue;
    const [, kB] = /^Pss: +(\d+)/m.exec(readFileSync(`/proc/${id}/smaps_rollup`, 'utf8')) ?? [];
    pages += Number(kB);
  }
  return pages / 1000;
}
