import jpeg from 'jpeg-js';
import type { Page } from '@playwright/test';
import { addClicks, addSpeech, addSqueak, pinkNoise } from '../src/test/chainSound';
import { PLAIN_RAG, ragPicture, type RagScene } from '../src/test/ragPicture';
import { NOW, Rider, expect, test } from './rider';
import { wavBytes, withDevices } from './devices';
import { goOnTo, step } from './steps';

/** A rag whose dirt is known: R 0.25 is K/S 1.125, by the table 40 % dirt outside. */
const RAG: RagScene = {
  ...PLAIN_RAG,
  width: 800,
  height: 600,
  quality: null,
  clothWide: 1.05,
  clothHigh: 0.8,
  marks: [{ x: 0, y: 0, wide: 0.3, high: 0.24, reflectance: 0.25 }],
};
const fileOf = (change: Partial<RagScene>) => {
  const { width, height, rgba } = ragPicture({ ...RAG, ...change });
  const buffer = jpeg.encode({ width, height, data: rgba as unknown as Buffer }, 88).data;
  return { name: 'rag.jpg', mimeType: 'image/jpeg', buffer };
};
const picture = (page: Page) => page.locator('input[aria-label="Picture of the rag"]');
const said = (page: Page) => page.getByText(/^The chain is \d+ % dirty outside/);
const percent = async (page: Page): Promise<number> =>
  Number(/is (\d+) %/.exec(await said(page).innerText())?.[1]);

const openRag = async (page: Page) => {
  await page.getByRole('button', { name: 'Rag check' }).click();
  await page.getByRole('button', { name: 'Photograph it instead' }).click();
  await expect(page.getByRole('button', { name: 'Open the camera' })).toBeVisible();
};

/** Every track that was ever opened on a page, and whether it was given back. */
const watchTracks = (page: Page) =>
  page.addInitScript(() => {
    const opened: MediaStreamTrack[] = [];
    Object.assign(window, { opened });
    const own = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
    navigator.mediaDevices.getUserMedia = async (what) => {
      const stream = await own(what);
      opened.push(...stream.getTracks());
      return stream;
    };
  });
const tracks = (page: Page) =>
  page.evaluate(() =>
    (window as unknown as { opened: MediaStreamTrack[] }).opened.map((t) => t.readyState),
  );

test('a rag by the camera: the light changes, the reading does not; the camera is given back', async ({
  viewport,
  baseURL,
}) => {
  const [bright, dim] = [ragPicture(RAG), ragPicture({ ...RAG, ev: -1.2, kelvin: 3200 })];
  const film = [bright, bright, bright, bright, bright, dim, dim, dim, dim, dim];
  await withDevices({ film }, { viewport, baseURL }, async (page) => {
    await page.clock.install({ time: NOW });
    await watchTracks(page);
    const sent: string[] = [];
    page.on('request', (r) => r.method() !== 'GET' && sent.push(r.url()));
    const rider = new Rider(page);
    await rider.opensDemo();
    await openRag(page);
    expect(await tracks(page)).toEqual([]);
    const read: number[] = [];
    for (const wait of [300, 1300]) {
      await page.getByRole('button', { name: 'Open the camera' }).click();
      const take = page.getByRole('button', { name: 'Take it' });
      await expect(take).toBeVisible();
      await page.waitForTimeout(wait);
      await take.click();
      await page.getByRole('button', { name: 'Just tell me' }).click();
      read.push(await percent(page));
      expect(await tracks(page)).not.toContain('live');
      if (read.length === 1) await page.getByRole('button', { name: 'Take it again' }).click();
    }
    for (const value of read) expect(Math.abs(value - 40)).toBeLessThanOrEqual(4);
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText('Rag check noted')).toBeVisible();
    await page.getByRole('button', { name: 'Show working' }).click();
    await expect(page.getByText('Your photographed rag')).toBeVisible();
    expect(sent).toEqual([]);
  });
});

test('a rag from a file: refused in words, outlines moved by keys, pairs asked for, noted and taken back', async ({
  rider,
  page,
}) => {
  await rider.opensDemo();
  await openRag(page);
  await picture(page).setInputFiles({
    name: 'not.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText(/cannot open this file as a picture/)).toBeVisible();
  await picture(page).setInputFiles(fileOf({ gradient: 0.8, gradientWay: 0 }));
  await expect(page.getByText(/^The light falls unevenly on the rag\./)).toBeVisible();
  await page.getByRole('button', { name: 'Take it again' }).click();
  await picture(page).setInputFiles(fileOf({ blur: 30 }));
  await expect(page.getByText(/^The picture is blurred\./)).toBeVisible();
  await page.getByRole('button', { name: 'Take it again' }).click();

  await picture(page).setInputFiles(fileOf({}));
  await expect(page.getByText('Before we say, which shade does it look like?')).toBeVisible();
  expect(await rider.axeFaults()).toEqual([]);
  await page.getByRole('button', { name: 'Shade 3 of 5: Grey' }).click();
  await expect(page.getByText('You picked “Grey”.')).toBeVisible();
  expect(Math.abs((await percent(page)) - 40)).toBeLessThanOrEqual(3);

  await page.getByRole('button', { name: 'Move the outlines' }).click();
  const corner = page.getByRole('slider', { name: 'Left side of mark 1' });
  await corner.focus();
  const before = await corner.getAttribute('aria-valuetext');
  for (let n = 0; n < 6; n++) await page.keyboard.press('Shift+ArrowLeft');
  expect(await corner.getAttribute('aria-valuetext')).not.toBe(before);
  // Clean cloth taken into the mark makes it paler.
  await expect.poll(() => percent(page)).toBeLessThan(38);
  expect(await rider.axeFaults()).toEqual([]);
  // By mouse: a side is drawn out, and clean cloth comes with it.
  const side = page.getByRole('slider', { name: 'Right side of mark 1' });
  const from = (await side.boundingBox())!;
  const was = await percent(page);
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  const far = page.viewportSize()!.width > 900 ? 90 : 60;
  await page.mouse.move(from.x + far, from.y + 8, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => (await side.boundingBox())!.x).toBeGreaterThan(from.x + 30);
  await expect.poll(() => percent(page)).toBeLessThan(was);
  await page.getByRole('button', { name: 'One more mark here' }).click();
  await expect(page.getByRole('slider', { name: 'Left side of mark 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the last mark' }).click();
  await expect(page.getByRole('slider', { name: 'Left side of mark 2' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Outlines are right' }).click();

  await page.getByRole('button', { name: 'Note it' }).click();
  await rider.seesSaved();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Rag check noted')).toBeHidden();
});

test('a practice rag by keyboard alone', async ({ rider, page }) => {
  await rider.opensDemo();
  const press = async (name: string) => {
    await page.getByRole('button', { name }).focus();
    await page.keyboard.press('Enter');
  };
  await press('Rag check');
  await press('Photograph it instead');
  await press('Try it on a practice rag');
  await press('Just tell me');
  const value = await percent(page);
  expect(value).toBeGreaterThan(20);
  expect(value).toBeLessThan(60);
  await press('Note it');
  await expect(page.getByText('Rag check noted')).toBeVisible();
});

test('no camera, no microphone: said so, and files still work @once', async ({ rider, page }) => {
  await rider.opensDemo();
  await openRag(page);
  await page.getByRole('button', { name: 'Open the camera' }).click();
  await expect(page.getByText(/^No camera or microphone is connected\./)).toBeVisible();
  await picture(page).setInputFiles(fileOf({}));
  await expect(page.getByText(/^Before we say/)).toBeVisible();
  await rider.goesOn('/bench/listen');
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByText(/^No camera or microphone is connected\./)).toBeVisible();
});

test('camera and microphone refused: said how to allow them @once', async ({
  viewport,
  baseURL,
}) => {
  await withDevices({ refused: true }, { viewport, baseURL }, async (page) => {
    const rider = new Rider(page);
    await page.clock.install({ time: NOW });
    await rider.opensDemo();
    await openRag(page);
    await page.getByRole('button', { name: 'Open the camera' }).click();
    await expect(page.getByText(/^The browser keeps camera and microphone/)).toBeVisible();
    await page.getByRole('button', { name: 'Pick a shade instead' }).click();
    await expect(page.getByRole('button', { name: 'Shade 1 of 5: Clean' })).toBeVisible();
    await rider.goesOn('/bench/listen');
    await page.getByRole('button', { name: 'Record', exact: true }).click();
    await expect(page.getByText(/^The browser keeps camera and microphone/)).toBeVisible();
  });
});

test('a dark rag at the bench, photographed, loops back to the wiping', async ({ rider, page }) => {
  await rider.startsWith('Road bike', 'Dry', '140');
  await page.getByRole('button', { name: 'Do it now' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await goOnTo(page, /fresh patch of rag/);
  await page.getByRole('button', { name: 'Photograph it instead' }).click();
  await picture(page).setInputFiles(fileOf({ marks: [{ ...RAG.marks[0]!, reflectance: 0.08 }] }));
  await page.getByRole('button', { name: 'Just tell me' }).click();
  expect(await percent(page)).toBeGreaterThan(55);
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText(/Still darker than your standard/)).toBeVisible();
  await expect(step(page)).toContainText('Wipe the chain');
});

/** One spot of a chain of 110 links on a ring of 42, at 75 turns a minute. */
const CHAIN_PERIOD = (60 / 75) * (110 / 42);

test('a click is counted by the phone and named; the microphone is given back @once', async ({
  viewport,
  baseURL,
}) => {
  const sound = addClicks(pinkNoise(24, 0.004, 3), { period: CHAIN_PERIOD, rms: 0.08, seed: 4 });
  await withDevices({ sound }, { viewport, baseURL }, async (page) => {
    await page.clock.install({ time: NOW });
    await watchTracks(page);
    const rider = new Rider(page);
    await rider.opensDemo('/bench/noise');
    await rider.picks('On which bike?', 'Quay commuter');
    await page.getByRole('button', { name: /^Click/ }).click();
    await page.getByRole('button', { name: 'Nothing wrong there' }).click();
    await expect(page.getByRole('heading', { name: 'Count it' })).toBeVisible();
    await page.getByRole('button', { name: 'Let the phone listen' }).click();
    await rider.picks('Pace', '75 a minute');
    await page.getByRole('button', { name: 'Record', exact: true }).click();
    await expect(page.getByText('Recording. Keep to the beat.')).toBeVisible();
    expect(await tracks(page)).toEqual(['live']);
    await expect(page.getByText('Over time')).toBeVisible({ timeout: 60_000 });
    expect(await tracks(page)).toEqual(['ended']);
    await expect(page.getByText(/^Something comes 0\.\d+ times in a turn/).first()).toBeVisible();
    expect(await rider.axeFaults()).toEqual([]);
    await page
      .getByRole('button', { name: /^Take 0\.\d+ a turn as the count/ })
      .first()
      .click();
    await expect(page.getByLabel('Turns of the cranks')).not.toHaveValue('0');
    await expect(page.getByText(/that fits one spot on the chain\.$/)).toBeVisible();
  });
});

test('turns tapped by the rider give the rhythm; a dark rag at the edge is asked about @once', async ({
  viewport,
  baseURL,
}) => {
  const sound = addClicks(pinkNoise(24, 0.004, 3), { period: 1.4, rms: 0.08, seed: 4 });
  await withDevices({ sound }, { viewport, baseURL }, async (page) => {
    await page.clock.install({ time: NOW });
    const rider = new Rider(page);
    await rider.opensDemo('/bench/listen');
    await rider.picks('Pace', 'I tap each turn');
    await page.getByRole('button', { name: 'Record', exact: true }).click();
    const turn = page.getByRole('button', { name: 'A turn', exact: true });
    await expect(turn).toBeVisible();
    const began = Date.now();
    for (let n = 0; n < 16; n++) {
      await page.waitForTimeout(Math.max(0, began + 700 * n - Date.now()));
      await turn.click();
    }
    await page.getByRole('button', { name: 'That is enough' }).click();
    // A turn of 0.7 s, a click every 1.4: half a click a turn.
    await expect(
      page.getByText(/^Something comes 0\.(4[89]|5[012]) times in a turn/),
    ).toBeVisible();
    await expect(
      page.getByText(/^By your log this chain has \d+ % of its lube left/),
    ).toBeVisible();

    await rider.goesOn('/');
    await openRag(page);
    await picture(page).setInputFiles(
      fileOf({ marks: [{ x: 0.36, y: 0, wide: 0.5, high: 0.9, reflectance: 0.2 }] }),
    );
    await expect(page.getByText(/^Something dark lies at the edge of the rag/)).toBeVisible();
    await page.getByRole('button', { name: 'Move the outlines' }).click();
    await page.getByRole('button', { name: 'One more mark here' }).click();
    await expect(page.getByText(/^Something dark lies at the edge/)).toBeHidden();
  });
});

test('its quiet is kept, a dry chain is louder, speech is refused', async ({ rider, page }) => {
  await rider.opensDemo('/bench/listen');
  const give = (sound: Parameters<typeof wavBytes>[0]) =>
    page
      .locator('input[aria-label="Recording of the chain"]')
      .setInputFiles({ name: 'chain.wav', mimeType: 'audio/wav', buffer: wavBytes(sound) });
  await give(addSpeech(pinkNoise(9, 0.01, 1), 0.05, 2));
  await expect(page.getByText(/^Somebody speaks over the chain\./)).toBeVisible();
  await give({ samples: new Float32Array(44_100 * 3), rate: 44_100 });
  await expect(page.getByText(/^It holds fewer than 6 turns/)).toBeVisible();
  await page
    .locator('input[aria-label="Recording of the chain"]')
    .setInputFiles({ name: 'x.wav', mimeType: 'audio/wav', buffer: Buffer.from('no sound') });
  await expect(page.getByText(/cannot open this file as sound/)).toBeVisible();

  await give(pinkNoise(10, 0.01, 3));
  await expect(page.getByText(/^There is no quiet of this bike in this gear yet\./)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Note it' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Keep it as its quiet' }).click();
  await expect(page.getByText('Its quiet is kept')).toBeVisible();

  await rider.goesOn('/bench/listen');
  await give(addSqueak(pinkNoise(10, 0.01, 4), 0.02, 50, 5));
  await expect(
    page.getByText(
      /^Between 2 and 8 kHz it is \d+ ± \d dB louder than its quiet, recorded on 24 November 2026\./,
    ),
  ).toBeVisible();
  expect(await rider.axeFaults()).toEqual([]);
  await page.getByRole('button', { name: 'Note it' }).click();
  await rider.goesOn('/book/history');
  await expect(page.getByText(/Recorded: \d+ ± \d dB louder than its quiet/).first()).toBeVisible();
});
