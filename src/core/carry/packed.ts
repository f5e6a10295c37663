import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import { writeBackup } from '../formats/backup';
import type { Logbook } from '../logbook/logbook';

/** A text that unpacks to more is none of ours. */
const MOST_TEXT = 200e6;

/** A logbook, or a part of one, as the bytes that are carried: its backup, packed. The same logbook gives the same bytes, so that a run that was broken off goes on. */
export const packed = (logbook: Logbook): Uint8Array =>
  deflateSync(strToU8(writeBackup(logbook, new Date(0).toISOString())), { level: 9 });

/** The backup's text; null: the bytes are none. */
export function unpacked(bytes: Uint8Array): string | null {
  const parts: Uint8Array[] = [];
  let length = 0;
  const inflate = new Inflate((part) => {
    length += part.length;
    if (length > MOST_TEXT) throw new RangeError('too long');
    parts.push(part);
  });
  try {
    inflate.push(bytes, true);
  } catch {
    return null;
  }
  const all = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return strFromU8(all);
}
