import { chromium } from '@playwright/test';
import { Replay } from '@/core/care/replay/replay';
import { demoLogbook } from '@/core/demo/scenario';
import { writeBackup } from '@/core/formats/backup';
import { allEvents } from '@/core/logbook/chunks';
import { launch, restore, serve } from './browser';
import { chooseForAll } from './chooseForAll';
import { eightLubes } from './eightLubes';
import { report, timed } from './report';
import { reportWaits } from './waits';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const REPLAYS = 200;
const demo = demoLogbook(NOW, 'Europe/London');
const log = allEvents(demo.log);
const { steps } = new Replay(demo.garage, log);
const choose = () => chooseForAll(demo.garage, steps, NOW);

function againstReplays(): void {
  choose();
  const ours = timed(choose);
  const replays = timed(() => {
    for (let n = 0; n < REPLAYS; n++) new Replay(demo.garage, log);
  });
  report(
    'The choice for three bikes and eight lubes over a season, times 200 replays of the demo log',
    ours / replays,
    1,
    `${(ours / 1000).toFixed(2)} s against ${(replays / 1000).toFixed(2)} s, the second run of each in one process`,
  );
}

/** The page beside it, while the choice for all bikes is made for a rider who asks, in new pages. */
async function inTheBrowser(): Promise<void> {
  const ours = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  const first = await context.newPage();
  await restore(first, ours.address, writeBackup(eightLubes(NOW), new Date(NOW).toISOString()));
  await first.close();
  await reportWaits('the choice for all bikes and eight lubes is made', {
    newPage: () => context.newPage(),
    address: `${ours.address}shelf/choose`,
    stands: (page) => page.getByRole('radio', { name: 'All bikes' }).waitFor(),
    job: async (page) => {
      await page.getByRole('radio', { name: 'All bikes' }).click();
      await page.getByText(/^(One lube for all: |\d+ lubes for )/).waitFor();
    },
  });
  await browser.close();
  ours.close();
}

againstReplays();
void inTheBrowser();
