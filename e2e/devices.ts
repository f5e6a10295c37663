import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_ARGS } from '../playwright.config';
import type { Picture } from '../src/core/senses/rag/sight';

/** What a browser’s camera and microphone are fed with: files that tests make. */
export interface Fed {
  /** Frames of the camera, five a second. */
  film?: readonly Picture[];
  sound?: { samples: Float32Array; rate: number };
  /** Camera and microphone are refused, as a page's Permissions-Policy does it. */
  refused?: true;
}

const folder = () => mkdtempSync(path.join(tmpdir(), 'spoke-devices-'));

/** Frames as YUV4MPEG2: full-range BT.601 without subsampled colour, as Chromium’s fake camera reads it. */
export function filmFile(frames: readonly Picture[]): string {
  const { width, height } = frames[0] as Picture;
  const parts: Buffer[] = [Buffer.from(`YUV4MPEG2 W${width} H${height} F5:1 Ip A1:1 C420jpeg\n`)];
  for (const { rgba } of frames) {
    const [y, u, v] = [width * height, (width * height) / 4, (width * height) / 4].map((n) =>
      Buffer.alloc(n),
    ) as [Buffer, Buffer, Buffer];
    for (let row = 0; row < height; row++)
      for (let column = 0; column < width; column++) {
        const at = 4 * (row * width + column);
        const [r, g, b] = [rgba[at]!, rgba[at + 1]!, rgba[at + 2]!];
        // ITU-R BT.601, limited range: what Chromium takes such a film for.
        y[row * width + column] = Math.round(16 + (65.481 * r + 128.553 * g + 24.966 * b) / 255);
        if (row % 2 || column % 2) continue;
        const small = (row / 2) * (width / 2) + column / 2;
        u[small] = Math.round(128 + (-37.797 * r - 74.203 * g + 112 * b) / 255);
        v[small] = Math.round(128 + (112 * r - 93.786 * g - 18.214 * b) / 255);
      }
    parts.push(Buffer.from('FRAME\n'), y, u, v);
  }
  const file = path.join(folder(), 'film.y4m');
  writeFileSync(file, Buffer.concat(parts));
  return file;
}

/** A sound as a WAV file: one channel, sixteen bits. */
export function wavBytes({ samples, rate }: NonNullable<Fed['sound']>): Buffer {
  const head = Buffer.alloc(44);
  head.write('RIFF', 0);
  head.writeUInt32LE(36 + 2 * samples.length, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(rate, 24);
  head.writeUInt32LE(2 * rate, 28);
  head.writeUInt16LE(2, 32);
  head.writeUInt16LE(16, 34);
  head.write('data', 36);
  head.writeUInt32LE(2 * samples.length, 40);
  const body = Buffer.alloc(2 * samples.length);
  samples.forEach((v, n) =>
    body.writeInt16LE(Math.round(32767 * Math.max(-1, Math.min(1, v))), 2 * n),
  );
  return Buffer.concat([head, body]);
}

function soundFile(sound: NonNullable<Fed['sound']>): string {
  const file = path.join(folder(), 'sound.wav');
  writeFileSync(file, wavBytes(sound));
  return file;
}

/** Runs a test in a browser of its own whose camera and microphone are fed so. */
export async function withDevices(
  { film, sound, refused }: Fed,
  {
    viewport,
    baseURL,
  }: { viewport: { width: number; height: number } | null; baseURL: string | undefined },
  test: (page: Page) => Promise<void>,
): Promise<void> {
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: [
      ...CHROMIUM_ARGS,
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      ...(film ? [`--use-file-for-fake-video-capture=${filmFile(film)}`] : []),
      ...(sound ? [`--use-file-for-fake-audio-capture=${soundFile(sound)}`] : []),
    ],
  });
  try {
    const context = await browser.newContext({
      viewport,
      baseURL: baseURL ?? '',
      locale: 'en-GB',
      timezoneId: 'Europe/London',
      serviceWorkers: 'block',
    });
    if (refused)
      await context.route('**/*', async (route) => {
        if (route.request().resourceType() !== 'document') return route.continue();
        const response = await route.fetch();
        const headers = { ...response.headers(), 'permissions-policy': 'camera=(), microphone=()' };
        await route.fulfill({ response, headers });
      });
    await test(await context.newPage());
  } finally {
    await browser.close();
  }
}
