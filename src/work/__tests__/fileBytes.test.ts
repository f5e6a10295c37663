import fc from 'fast-check';
import { cases } from '@/test/cases';
import { FileBytes } from '../fileBytes';

const LENGTH = 9_500_000;
const ALL = Uint8Array.from({ length: LENGTH }, (_, n) => (n * 2_654_435_761) >>> 24);

/** A file as a browser has it, of which pieces are read at once; counts what was read. */
function picked() {
  const read: number[] = [];
  const slice = (from: number, to: number) => ALL.slice(from, to);
  const reader = class {
    readAsArrayBuffer(piece: Uint8Array): ArrayBuffer {
      read.push(piece.length);
      return piece.slice().buffer as ArrayBuffer;
    }
  };
  Object.assign(globalThis, { FileReaderSync: reader });
  return { bytes: new FileBytes({ size: LENGTH, slice } as unknown as Blob), read };
}

it('pieces read in any order are those of the file, up to its end', () => {
  const place = fc.nat(LENGTH + 100);
  fc.assert(
    fc.property(fc.array(fc.tuple(place, fc.nat(70_000)), { maxLength: 12 }), (pieces) => {
      const { bytes } = picked();
      for (const [from, length] of pieces) {
        const piece = bytes.subarray(from, from + length);
        expect(Buffer.compare(piece, ALL.subarray(from, from + length))).toBe(0);
      }
    }),
    { seed: 71, numRuns: cases(200) },
  );
});

it('many small pieces in a row are few readings, and one larger than usual is one', () => {
  const { bytes, read } = picked();
  for (let at = 0; at < 8_000_000; at += 1000) bytes.subarray(at, at + 1000);
  expect(read).toEqual([4_000_000, 4_000_000]);
  expect(bytes.subarray(0, LENGTH).length).toBe(LENGTH);
  expect(read.at(-1)).toBe(LENGTH);
});
