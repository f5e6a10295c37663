import type { TrackPoint } from '../track/summary';
import { fitSum } from './fitSum';

/** A FIT file without its records, sound in itself, and the points that these were. */
export interface FitRecords {
  rest: Uint8Array;
  points: TrackPoint[];
}

/** Places in a header and a definition of messages, and marks of a message's first byte, as the FIT protocol has them. */
const DATA_SIZE_AT = 4;
const HEADER_SUM_AT = 12;
const SUM_BYTES = 2;
const COMPRESSED = 0x80;
const DEFINES = 0x40;
const WITH_OTHERS_FIELDS = 0x20;
const UNKNOWN_MARKS = 0x30;
const FIELDS_AT = 6;
const FIELD_BYTES = 3;
const RECORD = 20;
/** Moments count from the last day of 1989, UTC; places go round in 2³² steps; heights are fifths of a metre from 500 m below the sea. */
const EPOCH_MS = 631_065_600_000;
const DEGREES = 180 / 2 ** 31;
const HEIGHT_SCALE = 5;
const LOWEST_M = -500;
/** Base types, and the value of each that says there is none. */
const SINT32 = 0x85;
const UINT16 = 0x84;
const UINT32 = 0x86;

/** Where in a message of some kind stands what is read of it; -1: nowhere. */
interface Layout {
  size: number;
  isRecord: boolean;
  isLittle: boolean;
  at: Record<Known, number>;
}

type Known = 'moment' | 'lat' | 'lon' | 'height' | 'fineHeight';
const FIELDS = new Map<number, { is: Known; size: number; type: number }>([
  [253, { is: 'moment', size: 4, type: UINT32 }],
  [0, { is: 'lat', size: 4, type: SINT32 }],
  [1, { is: 'lon', size: 4, type: SINT32 }],
  [2, { is: 'height', size: 2, type: UINT16 }],
  [78, { is: 'fineHeight', size: 4, type: UINT32 }],
]);

/**
 * Reads the records of a FIT file straight from their bytes: nearly all of it is records, and the decoder finds every field of them
 * by its name. Null where a file is not whole, or its records are written in a way that is seldom met: then the decoder has it all.
 */
export function takeRecords(bytes: Uint8Array): FitRecords | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const start = bytes[0] ?? 0;
  if ((start !== 12 && start !== 14) || bytes.length < start) return null;
  const end = start + view.getUint32(DATA_SIZE_AT, true);
  if (!isWhole(view, bytes, start, end)) return null;
  const layouts: (Layout | undefined)[] = [];
  const points: TrackPoint[] = [];
  const kept: Uint8Array[] = [];
  let keptFrom = start;
  for (let at = start; at < end;) {
    const head = bytes[at]!;
    if (head & COMPRESSED) return null;
    const from = at;
    if (head & DEFINES) {
      const defined = layoutAt(view, at, end);
      if (!defined) return null;
      layouts[head & 15] = defined.layout;
      at = defined.next;
      continue;
    }
    const layout = layouts[head & 15];
    if (!layout || head & UNKNOWN_MARKS) return null;
    at += 1 + layout.size;
    if (at > end) return null;
    if (!layout.isRecord) continue;
    points.push(pointAt(view, from + 1, layout));
    if (keptFrom < from) kept.push(bytes.subarray(keptFrom, from));
    keptFrom = at;
  }
  kept.push(bytes.subarray(keptFrom, end));
  return points.length > 0 ? { rest: fileOf(bytes.subarray(0, start), kept), points } : null;
}

function isWhole(view: DataView, bytes: Uint8Array, start: number, end: number): boolean {
  if (end + SUM_BYTES > bytes.length) return false;
  const own = start > HEADER_SUM_AT ? view.getUint16(HEADER_SUM_AT, true) : 0;
  if (own !== 0 && own !== fitSum(bytes, HEADER_SUM_AT)) return false;
  return view.getUint16(end, true) === fitSum(bytes, end);
}

/** The layout a definition tells; null where it ends behind the data, or a record of it is none that is read here. */
function layoutAt(view: DataView, at: number, end: number) {
  const many = at + FIELDS_AT <= end ? view.getUint8(at + 5) : 0;
  const fieldsEnd = at + FIELDS_AT + many * FIELD_BYTES;
  const hasOthers = (view.getUint8(at) & WITH_OTHERS_FIELDS) !== 0;
  if (fieldsEnd + (hasOthers ? 1 : 0) > end) return null;
  const others = hasOthers ? view.getUint8(fieldsEnd) : 0;
  const next = hasOthers ? fieldsEnd + 1 + others * FIELD_BYTES : fieldsEnd;
  if (next > end) return null;
  const isLittle = view.getUint8(at + 2) === 0;
  const isRecord = view.getUint16(at + 3, isLittle) === RECORD;
  const layout: Layout = {
    size: 0,
    isRecord,
    isLittle,
    at: { moment: -1, lat: -1, lon: -1, height: -1, fineHeight: -1 },
  };
  for (let field = at + FIELDS_AT; field < fieldsEnd; field += FIELD_BYTES) {
    const size = view.getUint8(field + 1);
    const known = isRecord ? FIELDS.get(view.getUint8(field)) : undefined;
    if (known) {
      const isUsual = size === known.size && view.getUint8(field + 2) === known.type;
      if (!isUsual || layout.at[known.is] >= 0) return null;
      layout.at[known.is] = layout.size;
    }
    layout.size += size;
  }
  // Fields by others can go by any name, that of a height too.
  if (isRecord && others > 0) return null;
  for (let n = 0; n < others; n++)
    layout.size += view.getUint8(fieldsEnd + 1 + n * FIELD_BYTES + 1);
  return { layout, next };
}

function pointAt(view: DataView, at: number, { isLittle, at: places }: Layout): TrackPoint {
  const { moment, lat, lon, height, fineHeight } = places;
  const seconds = moment < 0 ? 0xffffffff : view.getUint32(at + moment, isLittle);
  const fine = fineHeight < 0 ? 0xffffffff : view.getUint32(at + fineHeight, isLittle);
  const rough = height < 0 ? 0xffff : view.getUint16(at + height, isLittle);
  return {
    lat: lat < 0 ? NaN : degrees(view.getInt32(at + lat, isLittle)),
    lon: lon < 0 ? NaN : degrees(view.getInt32(at + lon, isLittle)),
    // Until 2126: each is a moment that a ride can have.
    at: seconds === 0xffffffff ? null : seconds * 1000 + EPOCH_MS,
    elevationM: fine === 0xffffffff ? (rough === 0xffff ? null : metres(rough)) : metres(fine),
  };
}

const degrees = (steps: number): number => (steps === 0x7fffffff ? NaN : steps * DEGREES);
const metres = (fifths: number): number => fifths / HEIGHT_SCALE + LOWEST_M;

/** A file of some of its messages, with the sizes and sums of its own. */
function fileOf(header: Uint8Array, messages: readonly Uint8Array[]): Uint8Array {
  const size = messages.reduce((sum, part) => sum + part.length, 0);
  const file = new Uint8Array(header.length + size + SUM_BYTES);
  const view = new DataView(file.buffer);
  file.set(header);
  view.setUint32(DATA_SIZE_AT, size, true);
  // No sum of the header: it may go without.
  if (header.length > HEADER_SUM_AT) view.setUint16(HEADER_SUM_AT, 0, true);
  let at = header.length;
  for (const part of messages) {
    file.set(part, at);
    at += part.length;
  }
  view.setUint16(at, fitSum(file, at), true);
  return file;
}
