import type { HoursOfFile } from '@/core/formats/weatherFile';
import { fail, type Result } from '@/core/problem';
import { startReader } from './readRideFiles';
import { runInWorker } from './runInWorker';

/** A file that takes longer than this is given up. */
const MOST_MS = 10_000;

/** Reads a file of hourly weather in a worker. */
export async function readWeather(file: File): Promise<Result<HoursOfFile>> {
  const reader = startReader();
  const ended = await runInWorker(reader, async (api) => api.readWeather(await file.text()), {
    timeoutMs: MOST_MS,
  });
  reader.worker.terminate();
  if (ended.how === 'done') return ended.value;
  return fail(ended.how === 'timed out' ? 'file/timed-out' : 'file/damaged');
}
