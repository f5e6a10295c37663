import { transfer, wrap } from 'comlink';
import type { Outlines, RagReading } from '@/core/senses/rag/read';
import { refuse, type Measured } from '@/core/senses/refusal';
import type { Recording } from '@/core/senses/sound/listen';
import type { Sound } from '@/core/senses/sound/frames';
import type { Turn } from '@/core/senses/sound/turn';
import { runInWorker, type Hired } from './runInWorker';
import type { Opened, SensesApi } from './senses.worker';

/** What takes longer than this does not come. */
const MOST_MS = 20_000;

/** A worker that stands ready: it takes longer to begin than to read. */
let ready: Hired<SensesApi> | null = null;

function hire(): Hired<SensesApi> {
  const worker = new Worker(new URL('./senses.worker.ts', window.location.href));
  return { worker, api: wrap<SensesApi>(worker) };
}

/** Has a worker begin before it is needed; returns what ends it again. */
export function standBy(): () => void {
  ready ??= hire();
  return () => {
    ready?.worker.terminate();
    ready = null;
  };
}

/** The worker that stands ready, or a new one. */
function taken(): Hired<SensesApi> {
  const hired = ready ?? hire();
  ready = null;
  return hired;
}

/** A picture that is being read: opened once, read as often as its outlines are dragged. */
export interface RagSight extends Opened {
  read: (outlines: Outlines) => Promise<Measured<RagReading>>;
  /** The picture is forgotten. */
  end: () => void;
}

const FAILED = refuse({ code: 'device/failed' });

/** Opens a picture of a rag in a worker, where it stays. */
export async function lookAtRag(picture: Blob): Promise<RagSight> {
  const hired = taken();
  const asked = async <T>(
    call: (api: Hired<SensesApi>['api']) => Promise<T>,
  ): Promise<T | null> => {
    const ended = await runInWorker(hired, call, { timeoutMs: MOST_MS });
    return ended.how === 'done' ? ended.value : null;
  };
  const opened = await asked<Opened>((api) => api.open(picture));
  return {
    ...(opened ?? { outlines: null, reading: FAILED, shown: null }),
    read: async (outlines) =>
      (await asked<Measured<RagReading>>((api) => api.read(outlines))) ?? FAILED,
    end: () => hired.worker.terminate(),
  };
}

/** Listens to a turning chain in a worker. */
export async function listenTo(sound: Sound, turn: Turn): Promise<Measured<Recording>> {
  const hired = taken();
  const call = async (api: Hired<SensesApi>['api']): Promise<Measured<Recording>> =>
    api.listen(transfer(sound, [sound.samples.buffer]), turn);
  const ended = await runInWorker(hired, call, { timeoutMs: MOST_MS });
  hired.worker.terminate();
  return ended.how === 'done' ? ended.value : FAILED;
}
