import { buf as crc32 } from 'crc-32';

/**
 * One picture of a run that carries a parcel: a head that says which parcel and which piece, the piece, and a CRC-32
 * of both. Whole numbers are big-endian.
 *
 * | bytes | what |
 * | --- | --- |
 * | 2 | `Ds`, in ASCII |
 * | 1 | what it is: 1, a piece of a parcel; 2, what the other has |
 * | 4 | the parcel's CRC-32: its name |
 * | 4 | the parcel's bytes |
 * | 4 | number of the piece |
 * | n | the piece |
 * | 4 | CRC-32 of all before |
 */
const HEAD = 15;
const TAIL = 4;
const SIGN = [0x44, 0x73] as const;
const PIECE = 1;
const ASK = 2;

/** Bytes of a piece. A code of some 69 squares a side (ISO/IEC 18004, version 13, level L): a webcam still reads it. */
export const PIECE_BYTES = 400;
/** A parcel of more is none of ours: some 60 years of riding. */
export const MOST_BYTES = 8e6;

export interface Parcel {
  id: number;
  bytes: Uint8Array;
}

export interface Piece {
  parcel: number;
  length: number;
  number: number;
  data: Uint8Array;
}

export const parcelOf = (bytes: Uint8Array): Parcel => ({ id: crc32(bytes) >>> 0, bytes });

/** Pieces a parcel of so many bytes is cut into. */
export const piecesIn = (length: number): number => Math.max(1, Math.ceil(length / PIECE_BYTES));

/** The bytes of a code that carries a piece. */
export function writePiece({ parcel, length, number, data }: Piece): Uint8Array {
  const body = new Uint8Array(HEAD + data.length);
  const view = new DataView(body.buffer);
  body.set([...SIGN, PIECE]);
  view.setUint32(3, parcel);
  view.setUint32(7, length);
  view.setUint32(11, number);
  body.set(data, HEAD);
  return sealed(body);
}

/** The bytes of a code that says what the other has. */
export const writeAsk = (ask: Uint8Array): Uint8Array =>
  sealed(Uint8Array.from([...SIGN, ASK, ...ask]));

/** What a code says; null: it is none of ours, or was misread. */
export function readCode(
  code: Uint8Array,
): { kind: 'piece'; piece: Piece } | { kind: 'ask'; ask: Uint8Array } | null {
  const body = opened(code);
  if (!body || body[0] !== SIGN[0] || body[1] !== SIGN[1]) return null;
  if (body[2] === ASK) return { kind: 'ask', ask: body.slice(3) };
  if (body[2] !== PIECE || body.length !== HEAD + PIECE_BYTES) return null;
  const view = new DataView(body.buffer, body.byteOffset);
  const [parcel, length, number] = [view.getUint32(3), view.getUint32(7), view.getUint32(11)];
  if (length === 0 || length > MOST_BYTES) return null;
  return { kind: 'piece', piece: { parcel, length, number, data: body.slice(HEAD) } };
}

function sealed(body: Uint8Array): Uint8Array {
  const code = new Uint8Array(body.length + TAIL);
  code.set(body);
  new DataView(code.buffer).setUint32(body.length, crc32(body) >>> 0);
  return code;
}

function opened(code: Uint8Array): Uint8Array | null {
  if (code.length <= TAIL + SIGN.length) return null;
  const body = code.slice(0, -TAIL);
  const sum = new DataView(code.buffer, code.byteOffset).getUint32(body.length);
  return sum === crc32(body) >>> 0 ? body : null;
}
