import { transfer, wrap, type Remote } from 'comlink';
import type { CarryApi, Code, Seen } from './carry.worker';

export type { Code, Seen } from './carry.worker';

/** Along its longer side, px: a code of 69 squares a side stays readable, and is read some ten times a second. */
const LOOKED_AT = 960;

/** Writes and reads the codes that carry a logbook, in a worker, until it is ended. */
export interface Carrier {
  /** Takes bytes to be shown; returns in how many codes they are, at least. */
  show: (bytes: Uint8Array) => Promise<number>;
  piece: (number: number) => Promise<Code | null>;
  code: (bytes: Uint8Array) => Promise<Code>;
  /** Reads what a video shows just now; null where it shows nothing yet. */
  look: (video: HTMLVideoElement) => Promise<Seen | null>;
  resume: (codes: readonly Uint8Array[]) => Promise<Seen>;
  kept: () => Promise<readonly Uint8Array[]>;
  end: () => void;
}

export function hireCarrier(onFailed: () => void): Carrier {
  const worker = new Worker(new URL('./carry.worker.ts', window.location.href));
  worker.onerror = onFailed;
  const api: Remote<CarryApi> = wrap<CarryApi>(worker);
  return {
    show: (bytes) => api.show(bytes),
    piece: (number) => api.piece(number),
    code: (bytes) => api.code(bytes),
    look: async (video) => {
      const { videoWidth: width, videoHeight: height } = video;
      if (!width || !height) return null;
      const scale = Math.min(1, LOOKED_AT / Math.max(width, height));
      const picture = await createImageBitmap(video, {
        resizeWidth: Math.round(width * scale),
        resizeHeight: Math.round(height * scale),
      });
      return api.look(transfer(picture, [picture]));
    },
    resume: (codes) => api.resume([...codes]),
    kept: () => api.kept(),
    end: () => worker.terminate(),
  };
}
