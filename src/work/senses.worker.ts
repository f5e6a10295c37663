import { expose } from 'comlink';
// Past the folders' faces: what sees and listens is the worker's alone, and the page shall not load it.
import {
  cellsOf,
  isSharp,
  readRag,
  seeRag,
  type Cells,
  type Outlines,
  type Picture,
  type RagReading,
  type RagSeen,
} from '@/core/senses/rag/sight';
import { refuse, type Measured } from '@/core/senses/refusal';
import { type Recording, listen } from '@/core/senses/sound/listen';
import type { Sound } from '@/core/senses/sound/frames';
import type { Turn } from '@/core/senses/sound/turn';

/** A picture larger than this along its longer side tells no more. */
const LONGEST = 1200;

/** The picture that is looked at, in squares: all that is kept of it, and only while the worker lives. */
let cells: Cells | null = null;

const api = {
  /** Opens a picture, finds the rag and reads it, or says why not; with a smaller one to be shown. */
  async open(file: Blob): Promise<Opened> {
    cells = null;
    const pixels = await pixelsOf(file);
    if (!pixels) return unseen('rag/not-picture', null);
    const { picture, shown } = pixels;
    if (!isSharp(picture)) return unseen('rag/blurred', shown);
    cells = cellsOf(picture);
    return { ...seeRag(cells), shown };
  },
  /** Reads the picture that was opened, by outlines. */
  read: (outlines: Outlines): Measured<RagReading> =>
    cells ? readRag(cells, outlines) : refuse({ code: 'device/failed' }),
  /** Listens to a turning chain. */
  listen: (sound: Sound, turn: Turn): Measured<Recording> => listen(sound, turn),
};

export type SensesApi = typeof api;

/** A picture that was opened. */
export interface Opened extends RagSeen {
  /** Null: it is no picture. */
  shown: Blob | null;
}

const unseen = (code: 'rag/not-picture' | 'rag/blurred', shown: Blob | null): Opened => ({
  outlines: null,
  reading: refuse({ code }),
  shown,
});

/** No camera of a phone writes larger files. */
const MOST_BYTES = 60e6;
/** As large as a picture is shown, along its longer side. */
const SHOWN = 900;

/** Pixels of a picture file, made smaller where it is large, and a file to show; null where the browser cannot open it. */
async function pixelsOf(file: Blob): Promise<{ picture: Picture; shown: Blob } | null> {
  if (file.size > MOST_BYTES) return null;
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const [canvas, pen] = drawn(bitmap, LONGEST);
  bitmap.close();
  if (!pen) return null;
  const { width, height } = canvas;
  const picture = { width, height, rgba: pen.getImageData(0, 0, width, height).data };
  const [small] = drawn(canvas, SHOWN);
  return { picture, shown: await small.convertToBlob({ type: 'image/jpeg', quality: 0.85 }) };
}

/** A picture on a canvas, at most so long. */
function drawn(from: ImageBitmap | OffscreenCanvas, longest: number) {
  const scale = Math.min(1, longest / Math.max(from.width, from.height));
  const [width, height] = [from.width, from.height].map((n) => Math.max(1, Math.round(n * scale)));
  const canvas = new OffscreenCanvas(width as number, height as number);
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  pen?.drawImage(from, 0, 0, canvas.width, canvas.height);
  return [canvas, pen] as const;
}

expose(api);
