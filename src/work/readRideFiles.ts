import { proxy, wrap } from 'comlink';
import type { CsvMappings, ReadFile } from '@/core/formats/rideFile';
import { fail } from '@/core/problem';
import type { RideFilesApi } from './rideFiles.worker';
import { runInWorker, type Hired } from './runInWorker';

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
/** Progress is reported no more often than this, so that the page stays quick. */
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
    let told = -Infinity;
    for (const [index, file] of files.entries()) {
      const onFile = (found: ReadFile) => {
        read.push(found);
        if (performance.now() - told < TELL_MS) return;
        told = performance.now();
        onProgress({ read: index, of: files.length, found: read.length });
      };
      const how = await readOne(reader, { file, mappings, signal: stop.signal, onFile });
      if (stop.signal.aborted) break;
      if (how !== 'done') {
        reader = startReader();
        const code = how === 'timed out' ? 'file/timed-out' : 'file/damaged';
        read.push({ name: file.name, rides: fail(code) });
      }
      onProgress({ read: index + 1, of: files.length, found: read.length });
    }
    reader.worker.terminate();
    return { files: read, cancelled: stop.signal.aborted };
  };
  return { done: run(), cancel: () => stop.abort() };
}

export type Reader = Hired<RideFilesApi>;

/** A reader of its own for each job, so that one that hangs holds up no other. */
export function startReader(): Reader {
  const worker = new Worker(new URL('./rideFiles.worker.ts', window.location.href));
  return { worker, api: wrap<RideFilesApi>(worker) };
}

interface OneFile {
  file: File;
  mappings: CsvMappings;
  signal: AbortSignal;
  onFile: (file: ReadFile) => void;
}

/** Reads one file, an archive with all in it; returns how that ended. */
async function readOne(reader: Reader, { file, mappings, signal, onFile }: OneFile) {
  let isOver = false;
  const ended = await runInWorker(
    reader,
    async (api, alive) => {
      const take = (found: ReadFile) => {
        if (isOver) return;
        alive();
        onFile(found);
      };
      await api.read(file, mappings, proxy(take));
    },
    { timeoutMs: MOST_MS, signal },
  );
  isOver = true;
  return ended.how;
}
