import { chromium } from '@playwright/test';
import { launch, serve } from '../bench/browser';
import { killAroundSaves } from '../e2e/kill';
import { campaign } from './report';

/** The renderer is killed at a random moment around a save, so many times, in one logbook. */
const KILLS = Number(process.env.KILLS ?? 50);

async function main(): Promise<void> {
  const { address, close } = await serve('dist');
  const browser = await launch(chromium);
  const context = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByLabel('Ridden since it was lubed').fill('50');
  await page.getByRole('button', { name: 'Show my chain' }).click();
  await page.getByText(/^Saved \d/).waitFor();
  await page.close();
  const { counts, saved, kept } = await killAroundSaves(context, address, KILLS);
  await browser.close();
  close();
  console.log(`        ${saved} of ${KILLS} had been told “Saved”, ${kept} are kept`);
  campaign(`${KILLS} renderers killed around a save`, counts);
}

void main();
