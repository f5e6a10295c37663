import { expose, transfer } from 'comlink';
import { create } from 'qrcode';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import { Gathering, pieceOf } from '@/core/carry/fountain';
import { parcelOf, piecesIn, readCode, writePiece, type Parcel } from '@/core/carry/frame';
import { unpacked } from '@/core/carry/packed';

prepareZXingModule({ overrides: { locateFile: () => '/codes.wasm' } });

let shown: Parcel | null = null;
let gathering = new Gathering();
/** The codes that brought something new: with them a reading that was broken off goes on. */
let kept: Uint8Array[] = [];

const api = {
  /** Takes the bytes that are to be shown; returns in how many codes they are, at least. */
  show(bytes: Uint8Array): number {
    shown = parcelOf(bytes);
    return piecesIn(bytes.length);
  },
  /** The code that carries a piece of them. */
  piece: (number: number): Code | null =>
    shown ? codeOf(writePiece(pieceOf(shown, number))) : null,
  /** A code of any bytes. */
  code: (bytes: Uint8Array): Code => codeOf(bytes),
  /** Reads what a camera saw. */
  async look(picture: ImageBitmap): Promise<Seen> {
    const found = await readBarcodes(pixelsOf(picture), {
      formats: ['QRCode'],
      maxNumberOfSymbols: 1,
    });
    const bytes = found[0]?.bytes;
    return bytes ? taken(Uint8Array.from(bytes)) : NOTHING;
  },
  /** Takes up what was kept of a reading that was broken off. */
  resume(codes: readonly Uint8Array[]): Seen {
    gathering = new Gathering();
    kept = [];
    return codes.reduce<Seen>((_, code) => taken(code), NOTHING);
  },
  /** What a reading needs to go on later. */
  kept: (): readonly Uint8Array[] => kept,
};

export type CarryApi = typeof api;

/** A code as squares: dark ones are 1, row by row. */
export interface Code {
  size: number;
  dark: Uint8Array;
}

/** What a picture held. */
export type Seen =
  | { kind: 'nothing' }
  | { kind: 'ask'; ask: Uint8Array }
  | { kind: 'part'; have: number; need: number }
  /** Null: it came whole, and is no logbook. */
  | { kind: 'whole'; text: string | null };

const NOTHING: Seen = { kind: 'nothing' };

function taken(bytes: Uint8Array): Seen {
  const code = readCode(bytes);
  if (!code) return NOTHING;
  if (code.kind === 'ask') return code;
  // Of another parcel nothing is worth keeping.
  if (code.piece.parcel !== gathering.of) kept = [];
  if (gathering.take(code.piece)) kept.push(bytes);
  const far = gathering.gathered();
  if (!far) {
    kept = [];
    return NOTHING;
  }
  if (far.bytes) return { kind: 'whole', text: unpacked(far.bytes) };
  return { kind: 'part', have: far.have, need: far.need };
}

function codeOf(bytes: Uint8Array): Code {
  const { modules } = create([{ data: bytes as never, mode: 'byte' }], {
    errorCorrectionLevel: 'L',
  });
  const dark = Uint8Array.from(modules.data);
  return transfer({ size: modules.size, dark }, [dark.buffer]);
}

function pixelsOf(picture: ImageBitmap): ImageData {
  const { width, height } = picture;
  const pen = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('This browser draws nothing in a worker.');
  pen.drawImage(picture, 0, 0);
  picture.close();
  return pen.getImageData(0, 0, width, height);
}

expose(api);
