import { Chance } from '../chance/chance';
import { parcelOf, PIECE_BYTES, piecesIn, type Parcel, type Piece } from './frame';

/**
 * A parcel as an endless run of pieces, of which any few more than it has blocks are enough, whichever were missed.
 * The first are its blocks themselves; each later one is the sum (exclusive or) of a random half of them, drawn by its
 * number. Reading is Gaussian elimination over two elements. Source: Byers, Luby, Mitzenmacher, Rege 1998 (a digital
 * fountain); that k + 10 random sums fail with a chance below 1 in 1,000 is theirs and ours (tests).
 */

/** Which blocks the piece of a number is the sum of: a bit each, 32 to a word. Bits beyond the last block mean nothing. */
function blocksOf(parcel: number, number: number, count: number): Uint32Array {
  const bits = new Uint32Array(Math.ceil(count / 32));
  if (number < count) {
    (bits[number >>> 5] as number) |= 1 << (number & 31);
    return bits;
  }
  const chance = new Chance(parcel, number);
  for (let word = 0; word < bits.length; word++) bits[word] = chance.uniform() * 2 ** 32;
  return bits;
}

/** The piece of a number, from 0 on without an end. */
export function pieceOf({ id, bytes }: Parcel, number: number): Piece {
  const count = piecesIn(bytes.length);
  const bits = blocksOf(id, number, count);
  const data = new Uint8Array(PIECE_BYTES);
  for (let block = 0; block < count; block++)
    if (has(bits, block)) {
      const from = block * PIECE_BYTES;
      add(data, bytes.subarray(from, from + PIECE_BYTES));
    }
  return { parcel: id, length: bytes.length, number, data };
}

/** How far a parcel has come. */
export interface Gathered {
  /** Blocks that are known, of so many. */
  have: number;
  need: number;
  /** Set once it is all there, and is what was sent. */
  bytes: Uint8Array | null;
}

interface Row {
  bits: Uint32Array;
  data: Uint8Array;
}

/** What gathers the pieces of one parcel; a piece of another begins anew with that one. */
export class Gathering {
  private parcel: number | null = null;
  private length = 0;
  private count = 0;
  /** By its first block, each row holding none of the first blocks of rows before it. */
  private rows = new Map<number, Row>();

  /** The parcel that is gathered; null: none yet. */
  get of(): number | null {
    return this.parcel;
  }

  /** Takes a piece; returns whether it said anything new. */
  take(piece: Piece): boolean {
    if (piece.parcel !== this.parcel || piece.length !== this.length) this.begin(piece);
    if (this.rows.size === this.count) return false;
    const row = {
      bits: blocksOf(piece.parcel, piece.number, this.count),
      data: piece.data.slice(),
    };
    for (let block = 0; block < this.count; block++) {
      if (!has(row.bits, block)) continue;
      const known = this.rows.get(block);
      if (!known) {
        this.rows.set(block, row);
        return true;
      }
      addRow(row, known);
    }
    return false;
  }

  /** How far it has come; null: nothing was taken yet. A parcel whose sum is wrong is dropped. */
  gathered(): Gathered | null {
    if (this.parcel === null) return null;
    const far = { have: this.rows.size, need: this.count, bytes: null };
    if (far.have < far.need) return far;
    const { id, bytes } = parcelOf(this.solved());
    if (id === this.parcel) return { ...far, bytes };
    this.parcel = null;
    return null;
  }

  private begin({ parcel, length }: Piece): void {
    this.parcel = parcel;
    this.length = length;
    this.count = piecesIn(length);
    this.rows = new Map();
  }

  /** The blocks, from the last back to the first: a row is cleared of all later ones. */
  private solved(): Uint8Array {
    const bytes = new Uint8Array(this.count * PIECE_BYTES);
    for (let block = this.count - 1; block >= 0; block--) {
      const row = this.rows.get(block) as Row;
      for (let later = block + 1; later < this.count; later++)
        if (has(row.bits, later)) addRow(row, this.rows.get(later) as Row);
      bytes.set(row.data, block * PIECE_BYTES);
    }
    return bytes.subarray(0, this.length);
  }
}

const has = (bits: Uint32Array, block: number): boolean =>
  (((bits[block >>> 5] as number) >>> (block & 31)) & 1) === 1;

function add(to: Uint8Array | Uint32Array, from: Uint8Array | Uint32Array): void {
  for (let n = 0; n < from.length; n++) (to[n] as number) ^= from[n] as number;
}

function addRow(to: Row, from: Row): void {
  add(to.bits, from.bits);
  add(to.data, from.data);
}
