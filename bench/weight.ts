import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { launch, serve } from './browser';
import { report } from './report';

/** Gzipped bytes of every script a page loads, by address. */
async function scriptBytes(address: string): Promise<number> {
  const browser = await launch(chromium);
  const page = await browser.newPage({ serviceWorkers: 'block' });
  const bodies: Promise<Buffer>[] = [];
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script') bodies.push(response.body());
  });
  await page.goto(address, { waitUntil: 'networkidle' });
  // Scripts asked for by scripts come after the network was idle for a moment.
  await page.waitForTimeout(2000);
  const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body, { level: 9 }).length);
  await browser.close();
  return sizes.reduce((sum, size) => sum + size, 0);
}

async function main(): Promise<void> {
  const ours = await serve('dist');
  const bare = await serve('.bench/bare');
  const first = await scriptBytes(ours.address);
  const floor = await scriptBytes(bare.address);
  const kB = (bytes: number) => `${(bytes / 1000).toFixed(0)} kB`;
  report(
    'Script of the first route, gzipped, times a bare app',
    first / floor,
    1.35,
    `${kB(first)} against ${kB(floor)}, every script Chromium loads at /, gzip -9`,
  );
  ours.close();
  bare.close();
}

void main();
