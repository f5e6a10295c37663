import { say } from '@/core/words/problems';
import { METRIC } from '@/core/units/convert';
import { readSpareLink } from '../spareLink';

describe('a spare link', () => {
  it('for 12 speeds does not close a chain for 8, and says so', () => {
    const read = readSpareLink('12', { speeds: 8 });
    expect(!read.ok && say(read.problem, METRIC)).toBe(
      'A link for 12 speeds does not close a chain for 8. Take one for 8 speeds.',
    );
    expect(readSpareLink('7', { speeds: 8 })).toEqual({ ok: true, value: 7 });
    expect(readSpareLink('', { speeds: 8 }).ok).toBe(false);
    expect(readSpareLink('40', { speeds: 8 }).ok).toBe(false);
  });
});
