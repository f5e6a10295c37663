import { transfer, wrap, type Remote } from 'comlink';
import type { ReadFile } from '@/core/entry';
import { fail, type Result } from '@/core/problem';
import type { RideFromFile } from '@/core/formats';
import type { RideFilesApi } from './rideFiles.worker';

export interface Reading {
  /** Resolves with what was read until the end or until it was cancelled. */
  done: Promise<{ files: ReadFile[]; cancelled: boolean }>;
  cancel: () => void;
}

/** A file that keeps the worker longer than this is given up. */
const MOST_MS = 30_000;

/**
 * Reads files one after another in a worker. Each gets its own result; a file that hangs the worker is
 * given up and the rest goes on in a new one.
 */
export function readRideFiles(
  files: readonly File[],
  onProgress: (read: number, of: number) => void,
): Reading {
  const stop = new AbortController();
  const run = async () => {
    const read: ReadFile[] = [];
    let reader = startReader();
    for (const file of files) {
      const rides = await readOne(reader, file, stop.signal);
      if (stop.signal.aborted) break;
      if (!rides.ok && rides.problem.code === 'file/timed-out') {
        reader.worker.terminate();
        reader = startReader();
      }
      read.push({ name: file.name, rides });
      onProgress(read.length, files.length);
    }
    reader.worker.terminate();
    return { files: read, cancelled: stop.signal.aborted };
  };
  return { done: run(), cancel: () => stop.abort() };
}

interface Reader {
  worker: Worker;
  api: Remote<RideFilesApi>;
}

function startReader(): Reader {
  const worker = new Worker(new URL('./rideFiles.worker.ts', window.location.href));
  return { worker, api: wrap<RideFilesApi>(worker) };
}

async function readOne(
  { worker, api }: Reader,
  file: File,
  stop: AbortSignal,
): Promise<Result<RideFromFile[]>> {
  const over = new AbortController();
  const givenUp = new Promise<never>((_, reject) => {
    const timer = setTimeout(reject, MOST_MS);
    worker.onerror = reject;
    stop.addEventListener('abort', reject, { signal: over.signal });
    over.signal.addEventListener('abort', () => clearTimeout(timer));
  });
  try {
    const reading = file.arrayBuffer().then(async (bytes) => api.read(transfer(bytes, [bytes])));
    return await Promise.race([reading, givenUp]);
  } catch {
    return fail('file/timed-out');
  } finally {
    over.abort();
  }
}
