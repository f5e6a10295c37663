import type { HoursOfFile } from '@/core/formats';
import { fail, type Result } from '@/core/problem';
import { startReader } from './readRideFiles';

/** A file that takes longer than this is given up. */
const MOST_MS = 10_000;

/** Reads a file of hourly weather in a worker. */
export async function readWeather(file: File): Promise<Result<HoursOfFile>> {
  const { worker, api } = startReader();
  const givenUp = new Promise<Result<never>>((resolve) => {
    const giveUp = () => resolve(fail('file/timed-out'));
    setTimeout(giveUp, MOST_MS);
    worker.onerror = giveUp;
  });
  const read = async (): Promise<Result<HoursOfFile>> => api.readWeather(await file.text());
  try {
    return await Promise.race([read(), givenUp]);
  } catch {
    return fail('file/damaged');
  } finally {
    worker.terminate();
  }
}
