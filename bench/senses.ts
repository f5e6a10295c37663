import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import jpeg from 'jpeg-js';
import { chromium, type Page } from '@playwright/test';
import { wavBytes } from '../e2e/devices';
import { addClicks, pinkNoise } from '../src/test/chainSound';
import { ragPicture, randomScene } from '../src/test/ragPicture';
import { launch, serve } from './browser';
import { median, report } from './report';

const NOW = new Date('2026-11-24T10:00:00Z');
const RUNS = 5;

/** A rag of 12 megapixels: rendered at a fifth of its width, each pixel five times five. */
function largeRag(): Buffer {
  const { width, height, rgba } = ragPicture({
    ...randomScene(4, [800, 600]),
    ev: 0,
    quality: null,
  });
  const [wide, high, times] = [5 * width, 5 * height, 5];
  const small = new Uint32Array(rgba.buffer);
  const large = new Uint32Array(wide * high);
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++)
      large[y * wide + x] = small[Math.floor(y / times) * width + Math.floor(x / times)] as number;
  return jpeg.encode({ width: wide, height: high, data: Buffer.from(large.buffer) }, 90).data;
}

/** Milliseconds from a file's choice to its answer, and the longest silence of the page in between. */
async function answered(page: Page, give: () => Promise<void>, text: RegExp) {
  await page.evaluate(() => {
    const told = { longest: 0, last: performance.now() };
    Object.assign(window, { told });
    // A timer, not frames: without a screen these wait for the worker's core.
    setInterval(() => {
      const now = performance.now();
      told.longest = Math.max(told.longest, now - told.last);
      told.last = now;
    }, 4);
  });
  const start = Date.now();
  await give();
  await page.getByText(text).first().waitFor();
  const ms = Date.now() - start;
  const gap = await page.evaluate(
    () => (window as unknown as { told: { longest: number } }).told.longest,
  );
  return { ms, gap };
}

async function main(): Promise<void> {
  const { address, close } = await serve('dist', () => NOW.getTime());
  const browser = await launch(chromium);
  const page = await browser.newPage({ serviceWorkers: 'block' });
  await page.goto(`${address}?logbook=demo`);
  await page.getByText('Next jobs').first().waitFor();
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: 'Photograph it instead' }).click();
  const folder = mkdtempSync(path.join(tmpdir(), 'spoke-bench-'));
  const file = (name: string, bytes: Buffer) => {
    writeFileSync(path.join(folder, name), bytes);
    return path.join(folder, name);
  };
  const rag = file('rag.jpg', largeRag());
  const rags = [];
  for (let n = 0; n < RUNS; n++) {
    const field = page.getByLabel('Picture of the rag');
    await field.waitFor({ state: 'attached' });
    rags.push(await answered(page, () => field.setInputFiles(rag), /^Before we say/));
    await page.getByRole('button', { name: 'Take it again' }).click();
  }
  await page.goto(`${address}bench/listen?logbook=demo`);
  const click = { period: 2.1, rms: 0.05, seed: 2 };
  const sound = file('chain.wav', wavBytes(addClicks(pinkNoise(15, 0.01, 1), click)));
  const sounds = [];
  for (let n = 0; n < RUNS; n++) {
    const field = page.getByLabel('Recording of the chain');
    await field.waitFor({ state: 'attached' });
    sounds.push(await answered(page, () => field.setInputFiles(sound), /^Over time/));
    await page.getByRole('button', { name: 'Record again' }).click();
  }
  const ms = (of: { ms: number }[]) => median(of.map((r) => r.ms)) / 1000;
  const gap = Math.max(...[...rags, ...sounds].map((r) => r.gap));
  const gaps = (of: { gap: number }[]) => of.map((r) => r.gap.toFixed(0)).join(', ');
  report('Picture of a rag, 12 MP, to its value, s', ms(rags), 1.5, `median of ${RUNS}`);
  report('Sound of 15 s to what it says, s', ms(sounds), 1, `median of ${RUNS}`);
  report(
    'Longest silence of the page meanwhile, ms',
    gap,
    50,
    `pictures ${gaps(rags)}; sounds ${gaps(sounds)}`,
  );
  await browser.close();
  close();
}

void main();
