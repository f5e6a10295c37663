import { expose } from 'comlink';
// Past the folders' faces: what sees and listens is the worker's alone, and the page shall not load it.
import {
  cellsOf,
  findRag,
  isSharp,
  readRag,
  type Cells,
  type Outlines,
  type Picture,
  type RagReading,
} from '@/core/senses/rag/sight';
import { refuse, type Measured } from '@/core/senses/refusal';
import type { Recording, Sound, Turn } from '@/core/senses/sound';
import { listen } from '@/core/senses/sound/listen';

/** A picture larger than this along its longer side tells no more. */
const LONGEST = 1600;

/** The picture that is looked at, in squares: all that is kept of it, and only while the worker lives. */
let cells: Cells | null = null;

const api = {
  /** Opens a picture and finds the rag and its marks; a failure where there is none. */
  async open(file: Blob): Promise<Measured<Outlines>> {
    cells = null;
    const picture = await pixelsOf(file);
    if (!picture) return refuse({ code: 'rag/not-picture' });
    if (!isSharp(picture)) return refuse({ code: 'rag/blurred' });
    cells = cellsOf(picture);
    return findRag(cells);
  },
  /** Reads the picture that was opened, by outlines. */
  read: (outlines: Outlines): Measured<RagReading> =>
    cells ? readRag(cells, outlines) : refuse({ code: 'device/failed' }),
  /** Listens to a turning chain. */
  listen: (sound: Sound, turn: Turn): Measured<Recording> => listen(sound, turn),
};

export type SensesApi = typeof api;

/** Pixels of a picture file, made smaller where it is large; null where the browser cannot open it. */
async function pixelsOf(file: Blob): Promise<Picture | null> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return null;
  const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  pen?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const data = pen?.getImageData(0, 0, width, height);
  return data ? { width, height, rgba: data.data } : null;
}

expose(api);
