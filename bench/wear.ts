import { chromium, type Page } from '@playwright/test';
import { Replay } from '@/core/care/replay/replay';
import { readBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import type { LogEvent } from '@/core/records/event';
import * as validation from '@/core/validation/validate';
import { foresee } from '@/core/wear/foresee';
import { wearOutlook } from '@/core/wear/outlook';
import { wearRateOf } from '@/core/wear/rate';
import { launch, restore, serve } from './browser';
import { longestFrame } from './frames';
import { manyEvents } from './manyEvents';
import { median, report, timed } from './report';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const CHAIN = 'demo-chain-commuter';
const BIKE = 'demo-bike-commuter';
/** Of so many events, half are of the commuter. */
const EVENTS = 10_000;
const LIFE = 5000;
const READINGS = 10;
const RUNS = 5;

/** A chain of 5,000 events and more, ten readings among them. */
function longLife() {
  const read = readBackup(manyEvents(EVENTS), NOW, validation);
  if (!read.ok) throw new Error('The long logbook cannot be read.');
  const { garage, log } = read.value.logbook;
  const own = allEvents(log).filter((e) => e.type !== 'wearRead');
  const readings = Array.from({ length: READINGS }, (_, n): LogEvent => {
    const at = own[Math.floor(((n + 1) * own.length) / (READINGS + 1))]!;
    const common = { id: `read-${n}`, at: at.at, zone: at.zone, recordedAt: at.recordedAt };
    return { ...common, type: 'wearRead', chainId: CHAIN, tool: 'ruler', percent: 0.05 * (n + 1) };
  });
  return { garage, steps: new Replay(garage, [...own, ...readings]).steps };
}

function posterior(): void {
  const { garage, steps } = longLife();
  const chain = garage.chains[CHAIN]!;
  const bike = garage.bikes[BIKE]!;
  const outlook = wearOutlook(steps, chain, bike, NOW)!;
  const { state, limit, story } = outlook;
  const times = Array.from({ length: 30 }, () =>
    timed(() => foresee(state, wearRateOf(steps, CHAIN), limit)),
  );
  report(
    'Foresight of a chain with ten readings, ms',
    median(times),
    5,
    `median of 30, ${story.readings.length} readings; all that is said of the chain: ${median(
      Array.from({ length: 9 }, () => timed(() => wearOutlook(steps, chain, bike, NOW))),
    ).toFixed(1)} ms`,
  );
}

/** Milliseconds from asking for a history to its tape on screen. */
async function opening(page: Page): Promise<number> {
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('link', { name: /^Garage/ }).click();
  await page.getByRole('link', { name: /^Commuter chain/ }).click();
  const ask = page.getByRole('button', { name: 'Service history' });
  await ask.waitFor();
  const start = performance.now();
  await ask.click();
  await page.getByRole('group', { name: 'The tape, oldest left' }).waitFor();
  return performance.now() - start;
}

/** The longest frame, ms, while one looks closer, step by step, and moves along the tape. */
const lookingCloser = (page: Page): Promise<number> =>
  longestFrame(page, async () => {
    const tape = page.getByRole('group', { name: 'The tape, oldest left' });
    for (const zoom of ['Months', 'Weeks', 'Days', 'Years']) {
      await page.getByRole('radio', { name: zoom }).click();
      await tape.scrollIntoViewIfNeeded();
      const box = (await tape.boundingBox())!;
      await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
      for (let n = 0; n < 25; n++) {
        await page.mouse.wheel(-300, 0);
        await page.waitForTimeout(16);
      }
    }
  });

async function main(): Promise<void> {
  posterior();
  const ours = await serve('dist');
  const browser = await launch(chromium);
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await restore(page, ours.address, manyEvents(EVENTS));
  const opens: number[] = [];
  const frames: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    opens.push(await opening(page));
    frames.push(await lookingCloser(page));
  }
  const shown = await page.getByRole('button', { name: /^Show all [\d,]+$/ }).innerText();
  await browser.close();
  ours.close();
  if (Number(shown.replace(/\D/g, '')) < LIFE) throw new Error(`Too short a life: ${shown}`);
  const list = (values: number[]) => values.map((v) => v.toFixed(0)).join(', ');
  report(
    'First picture of a life of 5,000 events, ms',
    median(opens),
    500,
    `median of ${RUNS} openings: ${list(opens)} ms (${shown})`,
  );
  report(
    'Longest frame while looking closer and moving along it, ms',
    median(frames),
    100,
    `median of ${RUNS} walks through all four zooms: ${list(frames)} ms`,
  );
}

void main();
