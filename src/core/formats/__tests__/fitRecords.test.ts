import fc from 'fast-check';
import FitParser from 'fit-file-parser';
import { readFit, readFitPlainly } from '../fit';
import { takeRecords } from '../fitRecords';
import { pointOf, type FitRecord } from '../fitTrack';
import { fitSum } from '../fitSum';
import { cases } from '@/test/cases';
import { fit, START } from '@/test/rideFiles';

const EPOCH = 631_065_600;
const SECONDS = START / 1000 - EPOCH;
const steps = (degrees: number) => Math.round((degrees / 180) * 2 ** 31);

/** A field as a definition tells it, and how its value at a second of the ride is written. */
interface Field {
  number: number;
  size: number;
  type: number;
  value: (n: number) => number;
}
const moment: Field = { number: 253, size: 4, type: 0x86, value: (n) => SECONDS + n * 5 };
const lat: Field = { number: 0, size: 4, type: 0x85, value: (n) => steps(54 + n * 4e-4) };
const lon: Field = { number: 1, size: 4, type: 0x85, value: (n) => steps(-3 - n * 1e-6) };
const height: Field = { number: 2, size: 2, type: 0x84, value: (n) => (512 + n) * 5 };
const fine: Field = { number: 78, size: 4, type: 0x86, value: (n) => (530 + (n % 40)) * 5 };
const speed: Field = { number: 6, size: 2, type: 0x84, value: () => 7000 };
const heart: Field = { number: 3, size: 1, type: 0x02, value: () => 140 };
const unknown: Field = { number: 200, size: 3, type: 0x0d, value: (n) => n };
const usual = fc.subarray([lat, lon, height, fine, speed, heart, unknown], { minLength: 3 });
const odd = fc.constantFrom<Field[]>(
  [{ ...lat, size: 8 }],
  [{ ...lon, type: 0x86 }],
  [{ ...height, size: 4, type: 0x86 }],
  [{ ...fine, size: 2, type: 0x84 }],
  [{ ...moment, size: 2, type: 0x84 }],
  [{ ...moment, size: 2 }],
  [{ ...height, size: 1 }],
  [lat, { ...lat, value: (n) => steps(50 + n * 1e-3) }],
  [{ ...heart, size: 0 }],
);
/** Values that say there is none, or that are none a ride can have. */
const strange = fc.constantFrom(0xffffffff, 0x7fffffff, 0xffff, 0, 12, 0x80000000);

class Writer {
  readonly bytes: number[] = [];
  readonly defined: ({ fields: Field[]; others: number; isLittle: boolean } | undefined)[] = [];

  put(value: number, size: number, isLittle: boolean): void {
    const part = Array.from({ length: size }, (_, n) => (n < 4 ? (value >>> (8 * n)) & 0xff : 0));
    this.bytes.push(...(isLittle ? part : part.reverse()));
  }

  define(local: number, global: number, fields: Field[], isLittle: boolean, others = 0): void {
    this.bytes.push(0x40 | local | (others > 0 ? 0x20 : 0), 0, isLittle ? 0 : 1);
    this.put(global, 2, isLittle);
    this.bytes.push(fields.length);
    for (const { number, size, type } of fields) this.bytes.push(number, size, type);
    if (others > 0) this.bytes.push(1, 0, others, 0);
    this.defined[local] = { fields, others, isLittle };
  }

  data(local: number, n: number, own: ReadonlyMap<number, number> = new Map(), mark = 0): void {
    const { fields, others, isLittle } = this.defined[local]!;
    this.bytes.push(mark | local);
    for (const { number, size, value } of fields)
      this.put(own.get(number) ?? value(n), size, isLittle);
    for (let k = 0; k < others; k++) this.bytes.push(1);
  }

  /** A record whose moment is told in its first byte, seconds after the last. */
  compressed(local: number, n: number): void {
    const { fields, isLittle } = this.defined[local]!;
    this.bytes.push(0x80 | (local << 5) | (n % 32));
    for (const { size, value } of fields.slice(1)) this.put(value(n), size, isLittle);
  }

  file(headerSize: 12 | 14, headerSum: 'right' | 'wrong' | 'none'): Uint8Array {
    const size = this.bytes.length;
    const file = new Uint8Array(headerSize + size + 2);
    const view = new DataView(file.buffer);
    file.set([headerSize, 0x20, 0, 0, 0, 0, 0, 0, 0x2e, 0x46, 0x49, 0x54]);
    view.setUint32(4, size, true);
    const own = { right: fitSum(file, 12), wrong: 7, none: 0 }[headerSum];
    if (headerSize === 14) view.setUint16(12, own, true);
    file.set(this.bytes, headerSize);
    view.setUint16(headerSize + size, fitSum(file, headerSize + size), true);
    return file;
  }
}

const plain = (number: number, size: number, type: number, value: number): Field => ({
  number,
  size,
  type,
  value: () => value,
});
const timer = (kind: number): Field[] => [moment, plain(0, 1, 0x00, 0), plain(1, 1, 0x00, kind)];
const session: Field[] = [
  moment,
  plain(2, 4, 0x86, SECONDS),
  plain(5, 1, 0x00, 2),
  plain(9, 4, 0x86, 1_234_500),
];

const deed = fc.oneof(
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('marked' as const),
      mark: fc.constantFrom(0x10, 0x20, 0x30),
    }),
  },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('compressed' as const) }) },
  {
    weight: 30,
    arbitrary: fc.record({
      do: fc.constant('ride' as const),
      many: fc.integer({ min: 1, max: 40 }),
    }),
  },
  {
    weight: 4,
    arbitrary: fc.record({
      do: fc.constant('define' as const),
      fields: usual,
      isLittle: fc.boolean(),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ do: fc.constant('oddly' as const), fields: odd, more: usual }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('others' as const),
      fields: usual,
      size: fc.integer({ min: 1, max: 5 }),
    }),
  },
  {
    weight: 4,
    arbitrary: fc.record({
      do: fc.constant('strange' as const),
      value: strange,
      number: fc.constantFrom(253, 0, 1, 2, 78),
    }),
  },
  {
    weight: 3,
    arbitrary: fc.record({
      do: fc.constant('timer' as const),
      kind: fc.constantFrom(0, 1, 4),
      others: fc.nat(3),
    }),
  },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('byte' as const), byte: fc.nat(255) }) },
);

const file = fc
  .record({
    fields: usual,
    isLittle: fc.boolean(),
    deeds: fc.array(deed, { minLength: 3, maxLength: 14 }),
    header: fc.constantFrom<12 | 14>(12, 14),
    headerSum: fc.constantFrom(
      'right' as const,
      'right' as const,
      'none' as const,
      'wrong' as const,
    ),
    lost: fc.oneof({ weight: 9, arbitrary: fc.constant(0) }, fc.integer({ min: 1, max: 30 })),
    kind: fc.constantFrom(4, 4, 4, 4, 6, 2),
    hasSession: fc.boolean(),
    spoilt: fc.oneof({ weight: 5, arbitrary: fc.constant(null) }, fc.tuple(fc.nat(), fc.nat(255))),
    cut: fc.oneof({ weight: 9, arbitrary: fc.constant(null) }, fc.nat()),
  })
  .map(({ fields, isLittle, deeds, header, headerSum, kind, hasSession, spoilt, cut, lost }) => {
    const to = new Writer();
    let n = 0;
    to.define(0, 0, [plain(0, 1, 0x00, kind)], isLittle);
    to.data(0, 0);
    to.define(1, 20, [moment, ...fields], isLittle);
    for (const what of deeds) {
      if (what.do === 'ride') for (let k = 0; k < what.many; k++) to.data(1, n++);
      else if (what.do === 'define') to.define(1, 20, [moment, ...what.fields], what.isLittle);
      else if (what.do === 'oddly')
        to.define(1, 20, [moment, ...what.more, ...what.fields], isLittle);
      else if (what.do === 'others')
        to.define(1, 20, [moment, ...what.fields], isLittle, what.size);
      else if (what.do === 'strange') to.data(1, n++, new Map([[what.number, what.value]]));
      else if (what.do === 'byte') to.bytes.push(what.byte);
      else if (what.do === 'marked') to.data(1, n++, new Map(), what.mark);
      else if (what.do === 'compressed') to.compressed(1, n++);
      else {
        to.define(2, 21, timer(what.kind), isLittle, what.others);
        to.data(2, n++);
      }
    }
    if (hasSession) {
      to.define(3, 18, session, isLittle);
      to.data(3, n);
    }
    to.bytes.length -= Math.min(lost, to.bytes.length);
    const bytes = to.file(header, headerSum);
    if (spoilt) bytes[spoilt[0] % bytes.length] = spoilt[1];
    return cut === null ? bytes : bytes.slice(0, 13 + (cut % bytes.length));
  });

/** What the decoder makes of a file. */
function decoded(bytes: Uint8Array) {
  let made = {};
  new FitParser({ force: false, mode: 'list', lengthUnit: 'm' }).parse(
    bytes.slice().buffer,
    (error, data) => {
      if (error) throw new Error(error);
      made = data ?? {};
    },
  );
  const {
    records = [],
    messages,
    ...others
  } = made as {
    records?: FitRecord[];
    messages: { record?: unknown };
  };
  delete messages.record;
  return { records, others: { messages, ...others } };
}

describe('records read straight from a FIT file', () => {
  it('tell the same rides, and the same files are refused, as by the decoder', () => {
    let [taken, left, rides, refused] = [0, 0, 0, 0];
    fc.assert(
      fc.property(file, (bytes) => {
        const read = readFit(bytes);
        expect(read).toEqual(readFitPlainly(bytes));
        const found = takeRecords(bytes);
        if (found) {
          taken += 1;
          const { records, others } = decoded(bytes);
          expect(found.points).toEqual(records.map(pointOf));
          expect(decoded(found.rest)).toEqual({ records: [], others });
        } else left += 1;
        if (read.ok && read.value.some((r) => r.ok)) rides += 1;
        else refused += 1;
      }),
      { seed: 71, numRuns: cases(3000) },
    );
    expect(Math.min(taken, left, rides, refused)).toBeGreaterThan(cases(3000) / 10);
  });

  it('are all of them in a file by another writer (npm @markw65/fit-file-writer)', () => {
    const bytes = fit([{ start: START, seconds: 600 }]);
    const found = takeRecords(bytes);
    expect(found?.points).toHaveLength(601);
    expect(found?.rest.length).toBeLessThan(bytes.length - 601 * 14);
    expect(readFit(bytes)).toEqual(readFitPlainly(bytes));
  });

  it('are left to the decoder where fields by others stand in them, for one may be called a height', () => {
    const to = new Writer();
    to.define(0, 0, [plain(0, 1, 0x00, 4)], true);
    to.data(0, 0);
    const name = Array.from('altitude\0', (sign) => sign.charCodeAt(0));
    to.define(4, 206, [plain(0, 1, 0x02, 0), plain(1, 1, 0x02, 0), plain(2, 1, 0x02, 0x02)], true);
    // With a text behind, which a number cannot write.
    to.bytes[to.bytes.length - 10] = 4;
    to.bytes.push(3, name.length, 0x07, 4, 0, 0, 2, ...name);
    to.define(1, 20, [moment, lat, lon, height], true, 1);
    for (let n = 0; n < 50; n++) to.data(1, n);
    const bytes = to.file(14, 'right');
    expect(decoded(bytes).records[7]).toMatchObject({ altitude: 1 });
    expect(readFit(bytes)).toEqual(readFitPlainly(bytes));
  });

  it('are left where a definition ends behind the file', () => {
    const to = new Writer();
    to.define(1, 20, [moment, lat, lon, height], true, 1);
    to.bytes.length = 6;
    expect(takeRecords(to.file(14, 'right'))).toBeNull();
  });

  it('are taken only where the sum of the file holds, that of CRC-16/ARC (its published check value)', () => {
    const text = new TextEncoder().encode('123456789');
    expect(fitSum(text, text.length)).toBe(0xbb3d);
    const bytes = fit();
    for (const place of [20, bytes.length - 200, bytes.length - 1]) {
      const spoilt = bytes.slice();
      spoilt[place] = spoilt[place]! ^ 4;
      expect(takeRecords(spoilt)).toBeNull();
      expect(readFit(spoilt)).toEqual(readFitPlainly(spoilt));
    }
  });
});
