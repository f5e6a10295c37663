import { chromium, type Page } from '@playwright/test';
import { launch, serve } from '../bench/browser';
import { wavBytes } from '../e2e/devices';
import { addClicks, addSqueak, pinkNoise, type Made } from '../src/test/chainSound';

interface Shot {
  file: string;
  path: string;
  size: [number, number];
  dark?: boolean;
  before?: (page: Page) => Promise<void>;
}

const NOW = new Date('2026-11-24T10:00:00Z');
const PHONE: [number, number] = [390, 844];
const WIDE: [number, number] = [1280, 800];

const sync = async (page: Page) => {
  await page.getByRole('button', { name: 'Sync' }).click();
  await page.getByText('rides added').waitFor();
  await page.getByRole('button', { name: 'Close this line' }).click();
};

const openWear = async (page: Page) => {
  await page.getByRole('link', { name: /^Commuter chain/ }).click();
  await page.getByRole('img', { name: /^Chart of wear/ }).waitFor();
};

/** A table and rides by other writers, one of them with a ferry in it; scrolled to what is asked. */
const dropFiles = async (page: Page) => {
  const files = ['tables/german.csv', 'tracks/plain.gpx', 'tracks/ferry.gpx'];
  await page.getByLabel('Ride files').setInputFiles(files.map((file) => `src/test/corpus/${file}`));
  await page.getByText(/^Columns of/).waitFor();
  await page.mouse.move(200, 500);
  await page.mouse.wheel(0, 190);
};

const answered = async (page: Page) => {
  await page.getByRole('region', { name: 'Answer' }).waitFor();
  await page.getByRole('progressbar').waitFor({ state: 'detached' });
  await page.mouse.move(800, 500);
  await page.mouse.wheel(0, 250);
};

/** Does what is asked at the bench until the step's text matches. */
async function untilStep(page: Page, heading: RegExp): Promise<void> {
  const button = (name: string | RegExp) => page.getByRole('button', { name, exact: true });
  for (let n = 0; n < 60; n++) {
    const h1 = page.getByRole('heading', { level: 1 });
    await h1.filter({ hasNotText: /^(Bench|A new chain for .*)$/ }).waitFor();
    if (heading.test(await h1.innerText())) return;
    for (const name of ['Understood', 'Go on without waiting', 'Yes', /^Swatch 1/, 'Done'])
      if (await button(name).first().isVisible()) {
        await button(name).first().click();
        break;
      }
  }
  throw new Error(`No way to ${heading}`);
}

/** A job of the plan, as Today names it. */
const PLANNED = /: (top|wipe|clean|reset)/;

/** The practice rag, read. */
const photographed = async (page: Page) => {
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: 'Photograph it instead' }).click();
  await page.getByRole('button', { name: 'Try it on a practice rag' }).click();
  await page.getByRole('button', { name: 'Just tell me' }).click();
  // What the plan adds above comes first: it would push the picture out of sight.
  await page.getByText(PLANNED).first().waitFor({ timeout: 30_000 });
  await page
    .getByRole('heading', { name: 'Photograph the rag' })
    .evaluate((heading) => heading.scrollIntoView({ block: 'start' }));
  await page.mouse.move(200, 500);
  await page.mouse.wheel(0, -60);
};

/** A chain that has run dry beside its quiet, both from files made by rule. */
const listened = async (page: Page) => {
  const give = (sound: Made) =>
    page
      .getByLabel('Recording of the chain')
      .setInputFiles({ name: 'chain.wav', mimeType: 'audio/wav', buffer: wavBytes(sound) });
  await give(pinkNoise(14, 0.01, 3));
  await page.getByRole('button', { name: 'Keep it as its quiet' }).click();
  await page.getByText('Its quiet is kept').waitFor();
  await page.goto(page.url().replace(/\/[^/]*$/, '/bench/listen'));
  await give(addSqueak(addClicks(pinkNoise(14, 0.01, 5), CLICKS), 0.01, 50, 6));
  await page.getByText('Over time').scrollIntoViewIfNeeded();
  await page.mouse.move(200, 500);
  await page.mouse.wheel(0, 420);
};
const CLICKS = { period: 2.62, rms: 0.05, seed: 4 };

/** A new chain at the bench, where the teeth it will run on are looked at. */
const atTeeth = async (page: Page) => {
  await page.getByRole('button', { name: 'Begin at the bench' }).click();
  await untilStep(page, /Are the teeth even/);
};

/** A click, counted over thirty turns. */
const counted = async (page: Page) => {
  await page.getByRole('button', { name: /^Click/ }).click();
  await page.getByRole('button', { name: 'Nothing wrong there' }).click();
  await page.getByLabel('Turns of the cranks').fill('30');
  await page.getByLabel('Times it came').fill('11');
  await page.getByRole('img', { name: /that fits/ }).scrollIntoViewIfNeeded();
};

/** Until the plan is there. */
const planned = async (page: Page) => {
  await page.getByRole('list', { name: 'Agenda' }).waitFor({ timeout: 30_000 });
  await page.getByRole('progressbar').waitFor({ state: 'detached' });
};

/** The racer, scrolled to whether its care was worth it. */
const playedAgain = async (page: Page) => {
  await page.getByRole('radio', { name: 'Sunday racer' }).click();
  await page.getByText(/^Never cleaned or lubed/).waitFor();
  await page.mouse.move(900, 500);
  await page.mouse.wheel(0, 560);
};

const atGearMap = async (page: Page) => {
  await page.getByRole('radio', { name: 'Sunday racer' }).click();
  await page.getByRole('table').scrollIntoViewIfNeeded();
};

const playedThrough = async (page: Page) => {
  await page.getByText('As the plan says', { exact: true }).first().waitFor();
  await page.getByRole('progressbar').waitFor({ state: 'detached', timeout: 30_000 });
};

const SHOTS: Shot[] = [
  { file: 'today-phone', path: '/', size: PHONE },
  { file: 'today-wide', path: '/', size: WIDE },
  { file: 'rides-wide', path: '/rides', size: WIDE, before: sync },
  { file: 'choose', path: '/shelf/choose', size: WIDE, before: answered },
  { file: 'shelf', path: '/shelf', size: PHONE },
  { file: 'import', path: '/rides/import', size: PHONE, before: dropFiles },
  { file: 'trial', path: '/book/trials/demo-trial-wiping', size: WIDE },
  { file: 'wear', path: '/book/garage', size: PHONE, before: openWear },
  { file: 'bench', path: '/bench', size: PHONE },
  { file: 'rag', path: '/', size: PHONE, before: photographed },
  { file: 'listen', path: '/bench/listen', size: PHONE, dark: true, before: listened },
  { file: 'noise', path: '/bench/noise', size: PHONE, before: counted },
  { file: 'money', path: '/book/money', size: WIDE, dark: true, before: playedAgain },
  { file: 'watts', path: '/book/watts', size: PHONE, before: atGearMap },
  { file: 'years', path: '/book/years', size: WIDE, before: playedThrough },
  { file: 'plan', path: '/plan', size: PHONE, before: planned },
  {
    file: 'story',
    path: '/book/service/demo-bike-commuter',
    size: WIDE,
    before: async (page) => {
      await page.getByRole('radio', { name: 'Months' }).click();
      await page.getByRole('group', { name: 'The tape, oldest left' }).waitFor();
    },
  },
  { file: 'new-chain', path: '/bench/new/demo-bike-racer', size: PHONE, before: atTeeth },
  { file: 'first-run', path: '/?logbook=own', size: PHONE },
];

async function main(): Promise<void> {
  const { address, close } = await serve('dist', () => NOW.getTime());
  const browser = await launch(chromium);
  // Names after the command take those only.
  const wanted = process.argv.slice(2);
  const shots = SHOTS.filter(({ file }) => wanted.length === 0 || wanted.includes(file));
  for (const { file, path, size, dark, before } of shots) {
    const context = await browser.newContext({
      viewport: { width: size[0], height: size[1] },
      colorScheme: dark ? 'dark' : 'light',
      locale: 'en-GB',
      timezoneId: 'Europe/London',
    });
    const page = await context.newPage();
    await page.clock.install({ time: NOW });
    const own = path.includes('logbook=');
    await page.goto(new URL(own ? path : `${path}?logbook=demo`, address).href);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    await before?.(page);
    if (path === '/') await page.getByText(PLANNED).first().waitFor({ timeout: 30_000 });
    await page.waitForTimeout(400);
    await page.screenshot({ path: `docs/screenshots/${file}.png` });
    await context.close();
    console.log(`docs/screenshots/${file}.png`);
  }
  await browser.close();
  close();
}

void main();
