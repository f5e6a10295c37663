import { readFileSync } from 'node:fs';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import { create as createCode } from 'qrcode';
import fc from 'fast-check';
import { Chance } from '@/core/chance/chance';
import { demoLogbook } from '@/core/demo/scenario';
import { EMPTY_GARAGE } from '@/core/garage/empty';
import { addEvents, allEvents } from '@/core/logbook/chunks';
import { mergeLogbooks, type Logbook } from '@/core/logbook/logbook';
import { readBackup } from '@/core/formats/backup';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import * as validation from '@/core/validation/validate';
import { logbookEvents, TEST_GARAGE } from '@/test/arbitraries';
import { cases } from '@/test/cases';
import { Gathering, pieceOf } from '../fountain';
import { holdingsOf, isNothing, lackingIn, readHoldings, writeHoldings } from '../lacking';
import { packed, unpacked } from '../packed';
import { parcelOf, PIECE_BYTES, piecesIn, readCode, writeAsk, writePiece } from '../frame';

const NOW = Date.parse('2026-11-24T10:00:00Z');

/** Bytes that do not pack. */
const anyBytes = (length: number, seed: number): Uint8Array => {
  const chance = new Chance(seed);
  return Uint8Array.from({ length }, () => chance.uniform() * 256);
};

/** Shows a parcel from its first piece on, of which a share is lost, until it is whole. */
function carried(bytes: Uint8Array, lost: number, seed: number) {
  const chance = new Chance(seed);
  const parcel = parcelOf(bytes);
  const gathering = new Gathering();
  let [shown, read] = [0, 0];
  for (; !gathering.gathered()?.bytes; shown++) {
    if (chance.uniform() < lost) continue;
    const code = readCode(writePiece(pieceOf(parcel, shown)));
    if (code?.kind !== 'piece') throw new Error('not read');
    gathering.take(code.piece);
    read++;
  }
  return { bytes: gathering.gathered()?.bytes, shown, read };
}

/** A logbook whose backup is at least so long. */
function longLogbook(length: number): Logbook {
  const demo = demoLogbook(NOW, 'Europe/London');
  let logbook = demo;
  for (let years = 1; JSON.stringify(logbook).length < length; years++)
    logbook = {
      ...logbook,
      log: addEvents(
        logbook.log,
        allEvents(demo.log)
          .filter((event) => event.type === 'rideLogged')
          .map((event, n) => ({
            ...event,
            id: `${event.id}-${years}`,
            distanceKm: event.distanceKm + (n % 7) / 10,
            at: event.at.replace(/^\d{4}/, (year) => String(Number(year) - years)),
          })),
      ),
    };
  return logbook;
}

describe('a parcel', () => {
  it('carries a logbook of 400 kB with a fifth of the codes lost, and little more than it is long', () => {
    const logbook = longLogbook(400_000);
    const bytes = packed(logbook);
    const { bytes: arrived, read } = carried(bytes, 0.2, 7);
    expect(read).toBeLessThanOrEqual(piecesIn(bytes.length) + 12);
    const text = unpacked(arrived!);
    expect(text!.length).toBeGreaterThan(400_000);
    const backup = readBackup(text!, NOW, validation);
    if (!backup.ok) throw new Error(backup.problem.code);
    expect(backup.value).toMatchObject({ altered: false, refused: [] });
    expect(mergeLogbooks(emptyLogbook(), backup.value.logbook)).toEqual(
      mergeLogbooks(emptyLogbook(), logbook),
    );
  });

  it('needs no piece twice where none is lost', () => {
    for (const length of [1, 399, 400, 401, 12_800, 12_801, 40_000]) {
      const { bytes, shown } = carried(anyBytes(length, length), 0, 1);
      expect(bytes).toEqual(anyBytes(length, length));
      expect(shown).toBe(piecesIn(length));
    }
  });

  it('is whole after a dozen pieces more than it has blocks, whichever were missed', () => {
    let most = 0;
    for (let n = 0; n < cases(80); n++) {
      const chance = new Chance(n);
      const bytes = anyBytes(1 + Math.floor(chance.uniform() * 30_000), n);
      const { bytes: arrived, read } = carried(bytes, chance.uniform() * 0.6, n);
      expect(arrived).toEqual(bytes);
      most = Math.max(most, read - piecesIn(bytes.length));
    }
    expect(most).toBeLessThanOrEqual(12);
  });

  it('goes on with what came before, in any order, and begins anew with another', () => {
    const [one, other] = [parcelOf(anyBytes(4000, 1)), parcelOf(anyBytes(4000, 2))];
    const gathering = new Gathering();
    for (const number of [9, 3, 3, 14, 0, 1]) gathering.take(pieceOf(one, number));
    expect(gathering.gathered()).toMatchObject({ have: 5, need: 10, bytes: null });
    expect(gathering.take(pieceOf(one, 9))).toBe(false);
    expect(gathering.take(pieceOf(other, 0))).toBe(true);
    expect(gathering.gathered()).toMatchObject({ have: 1, need: 10 });
  });

  it('is dropped where its sum is wrong, and comes anew', () => {
    const parcel = parcelOf(anyBytes(700, 3));
    const gathering = new Gathering();
    gathering.take(pieceOf(parcel, 0));
    gathering.take({ ...pieceOf(parcel, 1), data: new Uint8Array(PIECE_BYTES) });
    expect(gathering.gathered()).toBeNull();
    gathering.take(pieceOf(parcel, 1));
    gathering.take(pieceOf(parcel, 0));
    expect(gathering.gathered()?.bytes).toEqual(parcel.bytes);
  });
});

describe('a code', () => {
  it('is written by one library and read by another, bent and in noise', async () => {
    prepareZXingModule({
      overrides: {
        wasmBinary: Uint8Array.from(
          readFileSync('node_modules/zxing-wasm/dist/reader/zxing_reader.wasm'),
        ).buffer,
      },
    });
    const parcel = parcelOf(anyBytes(9000, 4));
    for (const number of [0, 5, 22, 23, 90]) {
      const bytes = writePiece(pieceOf(parcel, number));
      const [found] = await readBarcodes(photographed(bytes, number), { formats: ['QRCode'] });
      expect(readCode(Uint8Array.from(found!.bytes))).toEqual({
        kind: 'piece',
        piece: pieceOf(parcel, number),
      });
    }
  });

  it('that was misread, or is none of ours, says nothing', () => {
    const bytes = writePiece(pieceOf(parcelOf(anyBytes(900, 5)), 1));
    for (let n = 0; n < bytes.length; n++) {
      const wrong = bytes.slice();
      wrong[n]! ^= 1 << (n % 8);
      expect(readCode(wrong)).toBeNull();
    }
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 600 }), (other) => {
        expect(readCode(other)).toBeNull();
      }),
    );
  });
});

describe('what the other lacks', () => {
  it('merged, leaves both with the same events, and sends no month both have', () => {
    fc.assert(
      fc.property(logbookEvents, fc.array(fc.boolean(), { maxLength: 120 }), (events, mine) => {
        const a = logbookOf(events.filter((_, n) => mine[n] ?? true));
        const b = logbookOf(events.filter((_, n) => !(mine[n] ?? false)));
        const ask = readHoldings(writeHoldings(holdingsOf(b)))!;
        const part = lackingIn(a, ask);
        expect(mergeLogbooks(b, part)).toEqual(mergeLogbooks(b, a));
        const same = Object.keys(a.log).filter(
          (month) => JSON.stringify(a.log[month]) === JSON.stringify(b.log[month]),
        );
        const years = ask.spans.some((span) => span.to - span.from > 1);
        if (!years) expect(Object.keys(part.log)).not.toContain(same[0] ?? 'none');
        expect(isNothing(lackingIn(b, ask))).toBe(true);
      }),
      { numRuns: cases(400) },
    );
  });

  it('is told in one code for sixty years', () => {
    const days = Array.from({ length: 720 }, (_, n) => {
      const at = new Date(Date.UTC(1967, n, 3)).toISOString();
      return { id: `ride ${n}`, at } as never;
    });
    const ask = writeHoldings(holdingsOf(logbookOf(days)));
    expect(writeAsk(ask).length).toBeLessThan(1000);
    expect(readHoldings(ask)!.spans).toHaveLength(82);
  });

  it('is refused where it is no such thing', () => {
    expect(readHoldings(new Uint8Array(7))).toBeNull();
    expect(readHoldings(new Uint8Array(13))).toBeNull();
    expect(readHoldings(new Uint8Array(8 + 8 * 401))).toBeNull();
  });

  it('three devices end the same, in whatever order they read each other', () => {
    fc.assert(
      fc.property(
        logbookEvents,
        fc.array(fc.nat(2), { minLength: 120, maxLength: 120 }),
        fc.array(fc.tuple(fc.nat(2), fc.nat(2)), { maxLength: 8 }),
        (events, owner, meetings) => {
          const devices = [0, 1, 2].map((d) =>
            logbookOf(events.filter((_, n) => owner[n] === d || n % 5 === 0)),
          );
          const reads = (to: number, from: number) => {
            const part = lackingIn(devices[from]!, holdingsOf(devices[to]!));
            devices[to] = mergeLogbooks(devices[to]!, part);
          };
          for (const [to, from] of meetings) reads(to, from);
          for (const [to, from] of [
            [0, 1],
            [0, 2],
            [1, 0],
            [2, 0],
          ] as const)
            reads(to, from);
          expect(devices[1]).toEqual(devices[0]);
          expect(devices[2]).toEqual(devices[0]);
        },
      ),
      { numRuns: cases(300) },
    );
  });
});

it('what is no packed text is none', () => {
  expect(unpacked(anyBytes(500, 9))).toBeNull();
});

const emptyLogbook = (): Logbook => ({ garage: EMPTY_GARAGE, settings: DEFAULT_SETTINGS, log: {} });

const logbookOf = (events: Parameters<typeof addEvents>[1]): Logbook => ({
  garage: TEST_GARAGE,
  settings: DEFAULT_SETTINGS,
  log: addEvents({}, events),
});

/** A code as a camera sees it: 5 px a square, turned by 7 degrees, grey and grainy. */
function photographed(bytes: Uint8Array, seed: number) {
  const { modules } = createCode([{ data: bytes as never, mode: 'byte' }], {
    errorCorrectionLevel: 'L',
  });
  const chance = new Chance(seed);
  const size = 5 * modules.size + 160;
  const rgba = new Uint8ClampedArray(4 * size * size);
  const [cos, sin] = [Math.cos(0.12), Math.sin(0.12)];
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const [dx, dy] = [x - size / 2, y - size / 2];
      const column = Math.floor((cos * dx + sin * dy) / 5 + modules.size / 2);
      const row = Math.floor((cos * dy - sin * dx) / 5 + modules.size / 2);
      const inside = Math.min(row, column) >= 0 && Math.max(row, column) < modules.size;
      const light = inside && modules.get(row, column) ? 40 : 200;
      const grey = light + 20 * chance.normal();
      rgba.set([grey, grey, grey, 255], 4 * (y * size + x));
    }
  return { data: rgba, width: size, height: size, colorSpace: 'srgb' } as ImageData;
}
