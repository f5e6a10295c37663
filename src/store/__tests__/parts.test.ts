import * as fc from 'fast-check';
import { str as byCharacter } from 'crc-32';
import { readPart, sumOf, writePart } from '../parts';

/** The package's own reading of texts, character by character. */
const plainly = (text: string) => (byCharacter(text) >>> 0).toString(16).padStart(8, '0');

describe('the checksum of a text', () => {
  it('is that of the standard’s own example', () => {
    // CRC-32 of ISO 3309 and ITU-T V.42: check value of “123456789”.
    expect(sumOf('123456789')).toBe('cbf43926');
    expect(sumOf('')).toBe('00000000');
  });

  it('is the same over bytes and character by character, whatever was summed before', () => {
    const text = fc.string({ unit: 'grapheme', maxLength: 400 });
    fc.assert(
      fc.property(text, fc.nat(30), (some, many) => {
        const long = some.repeat(many);
        expect(sumOf(long)).toBe(plainly(long));
        expect(sumOf(some)).toBe(plainly(some));
      }),
    );
  });
});

describe('a part known to be as it was written', () => {
  const text = writePart('log/2026-11', [{ id: 'a' }, { id: 'b' }]);

  it('reads the same, checked or not', () => {
    expect(readPart(text, true)).toEqual(readPart(text));
    expect(readPart(text)?.rows).toEqual([{ id: 'a' }, { id: 'b' }]);
  });

  it('is looked at row by row where nothing is known of it', () => {
    const hurt = text.replace('"id":"b"', '"id":"c"');
    expect(readPart(hurt)?.rows).toEqual([{ id: 'a' }]);
    expect(readPart(hurt)?.damaged).toHaveLength(1);
  });
});
