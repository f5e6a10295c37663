import { chromium, type Page } from '@playwright/test';
import { launch, serve } from '../bench/browser';

interface Shot {
  file: string;
  path: string;
  size: [number, number];
  dark?: boolean;
  before?: (page: Page) => Promise<void>;
}

const PHONE: [number, number] = [390, 844];
const WIDE: [number, number] = [1280, 800];

const showWorking = async (page: Page) => {
  await page.getByRole('button', { name: 'Show working' }).click();
  await page.getByText('Working', { exact: true }).scrollIntoViewIfNeeded();
  await page.mouse.move(200, 500);
  await page.mouse.wheel(0, 560);
};

const SHOTS: Shot[] = [
  { file: 'today-phone', path: '/', size: PHONE },
  { file: 'today-wide', path: '/', size: WIDE },
  { file: 'today-dark', path: '/', size: PHONE, dark: true },
  { file: 'working', path: '/', size: PHONE, before: showWorking },
  {
    file: 'log-a-ride',
    path: '/rides/log',
    size: PHONE,
    before: async (page) => {
      await page.getByLabel('Distance').fill('42');
      await page.getByRole('radio', { name: 'Wet' }).click();
    },
  },
  { file: 'rides-wide', path: '/rides', size: WIDE },
  { file: 'record-work', path: '/bench', size: PHONE },
  { file: 'garage', path: '/book/garage', size: WIDE },
  { file: 'first-run', path: '/?logbook=own', size: PHONE },
];

async function main(): Promise<void> {
  const { address, close } = await serve('dist');
  const browser = await launch(chromium);
  for (const { file, path, size, dark, before } of SHOTS) {
    const context = await browser.newContext({
      viewport: { width: size[0], height: size[1] },
      colorScheme: dark ? 'dark' : 'light',
      locale: 'en-GB',
      timezoneId: 'Europe/London',
    });
    const page = await context.newPage();
    await page.clock.install({ time: new Date('2026-11-24T10:00:00Z') });
    const own = path.includes('logbook=');
    await page.goto(new URL(own ? path : `${path}?logbook=demo`, address).href);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    await before?.(page);
    await page.waitForTimeout(400);
    await page.screenshot({ path: `docs/screenshots/${file}.png` });
    await context.close();
    console.log(`docs/screenshots/${file}.png`);
  }
  await browser.close();
  close();
}

void main();
