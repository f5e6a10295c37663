import { proxy, transfer, wrap, type Remote } from 'comlink';
import type { CsvMappings, ReadFile } from '@/core/formats/rideFile';
import { fail } from '@/core/problem';
import type { RideFilesApi } from './rideFiles.worker';

export interface Progress {
  /** Files picked that are done, of how many; an archive counts as one. */
  read: number;
  of: number;
  /** Files found in them so far. */
  found: number;
}

export interface Reading {
  /** Resolves with what was read until the end or until it was cancelled. */
  done: Promise<{ files: ReadFile[]; cancelled: boolean }>;
  cancel: () => void;
}

/** A file that keeps the worker silent for longer than this is given up. */
const MOST_MS = 10_000;
/** Progress is told no more often than this, so that the page stays quick. */
const TELL_MS = 60;

/**
 * Reads files one after another in a worker. Each gets its own result; a file that hangs the worker is
 * given up and the rest goes on in a new one.
 */
export function readRideFiles(
  files: readonly File[],
  mappings: CsvMappings,
  onProgress: (progress: Progress) => void,
): Reading {
  const stop = new AbortController();
  const run = async () => {
    const read: ReadFile[] = [];
    let reader = startReader();
    let told = 0;
    for (const [index, file] of files.entries()) {
      const outcome = await readOne(reader, file, mappings, stop.signal, (found) => {
        read.push(found);
        if (Date.now() - told < TELL_MS) return;
        told = Date.now();
        onProgress({ read: index, of: files.length, found: read.length });
      });
      if (stop.signal.aborted) break;
      if (outcome === 'given up') {
        reader.worker.terminate();
        reader = startReader();
        read.push({ name: file.name, rides: fail('file/timed-out') });
      }
      onProgress({ read: index + 1, of: files.length, found: read.length });
    }
    reader.worker.terminate();
    return { files: read, cancelled: stop.signal.aborted };
  };
  return { done: run(), cancel: () => stop.abort() };
}

export interface Reader {
  worker: Worker;
  api: Remote<RideFilesApi>;
}

/** A reader of its own for each job, so that one that hangs holds up no other. */
export function startReader(): Reader {
  const worker = new Worker(new URL('./rideFiles.worker.ts', window.location.href));
  return { worker, api: wrap<RideFilesApi>(worker) };
}

async function readOne(
  { worker, api }: Reader,
  file: File,
  mappings: CsvMappings,
  stop: AbortSignal,
  onFile: (file: ReadFile) => void,
): Promise<'read' | 'given up'> {
  const over = new AbortController();
  let alive = () => undefined as void;
  const givenUp = new Promise<never>((_, reject) => {
    let timer = setTimeout(reject, MOST_MS);
    alive = () => {
      clearTimeout(timer);
      timer = setTimeout(reject, MOST_MS);
    };
    worker.onerror = reject;
    stop.addEventListener('abort', reject, { signal: over.signal });
    over.signal.addEventListener('abort', () => clearTimeout(timer));
  });
  const take = (found: ReadFile) => {
    if (over.signal.aborted) return;
    alive();
    onFile(found);
  };
  try {
    const reading = file
      .arrayBuffer()
      .then((bytes) => api.read(file.name, transfer(bytes, [bytes]), mappings, proxy(take)));
    await Promise.race([reading, givenUp]);
    return 'read';
  } catch {
    return 'given up';
  } finally {
    over.abort();
  }
}
