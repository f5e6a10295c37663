import { transfer, wrap } from 'comlink';
import type { Outlines, RagReading } from '@/core/senses/rag';
import { refuse, type Measured } from '@/core/senses/refusal';
import type { Recording, Sound, Turn } from '@/core/senses/sound';
import { runInWorker, type Hired } from './runInWorker';
import type { SensesApi } from './senses.worker';

/** What takes longer than this does not come. */
const MOST_MS = 20_000;

function hire(): Hired<SensesApi> {
  const worker = new Worker(new URL('./senses.worker.ts', window.location.href));
  return { worker, api: wrap<SensesApi>(worker) };
}

/** A picture that is being read: found once, read as often as its outlines are dragged. */
export interface RagSight {
  found: Measured<Outlines>;
  read: (outlines: Outlines) => Promise<Measured<RagReading>>;
  /** The picture is forgotten. */
  end: () => void;
}

/** Opens a picture of a rag in a worker, where it stays. */
export async function lookAtRag(picture: Blob): Promise<RagSight> {
  const hired = hire();
  const asked = async <T>(call: (api: Hired<SensesApi>['api']) => Promise<Measured<T>>) => {
    const ended = await runInWorker(hired, call, { timeoutMs: MOST_MS });
    return ended.how === 'done' ? ended.value : refuse({ code: 'device/failed' });
  };
  return {
    found: await asked<Outlines>((api) => api.open(picture)),
    read: (outlines) => asked<RagReading>((api) => api.read(outlines)),
    end: () => hired.worker.terminate(),
  };
}

/** Listens to a turning chain in a worker. */
export async function listenTo(sound: Sound, turn: Turn): Promise<Measured<Recording>> {
  const hired = hire();
  const call = async (api: Hired<SensesApi>['api']): Promise<Measured<Recording>> =>
    api.listen(transfer(sound, [sound.samples.buffer]), turn);
  const ended = await runInWorker(hired, call, { timeoutMs: MOST_MS });
  hired.worker.terminate();
  return ended.how === 'done' ? ended.value : refuse({ code: 'device/failed' });
}
