import { louderText } from '../louder';
import { besideQuietSentence, ragSentence, refusalSentence, rhythmSentence } from '../senses';

describe('what the phone measured, in words', () => {
  it('says how loud beside its quiet, and what to make of it', () => {
    expect(louderText({ db: 6.2, sd: 2.1 })).toBe('6 ± 2 dB louder than its quiet');
    expect(louderText({ db: -3.4, sd: 0.3 })).toBe('3 ± 1 dB quieter than its quiet');
    expect(louderText({ db: 0.2, sd: 2 })).toBe('as loud as its quiet, within 2 dB');
    const on = '1 May 2026';
    expect(besideQuietSentence({ db: 6, sd: 2 }, on)).toMatch(/hint, and look at the verdict\.$/);
    expect(besideQuietSentence({ db: 3, sd: 2 }, on)).toMatch(
      /no more than two recordings differ by\.$/,
    );
    expect(besideQuietSentence({ db: -8, sd: 2 }, on)).toMatch(/Then do not note it\.$/);
    expect(besideQuietSentence(null, on)).toMatch(/shares no pitch with its quiet/);
    expect(besideQuietSentence(null, null)).toMatch(/^There is no quiet of this bike/);
  });

  it('says how dirty a rag is, with its error', () => {
    const value = { absorber: 1, outside: 0.41, sd: 0.04, patches: 1, swatch: 3 };
    expect(ragSentence(value)).toBe(
      'The chain is 41 % dirty outside, give or take 4 %, like the swatch “Grey”.',
    );
    expect(ragSentence({ ...value, outside: 0, patches: 0, swatch: 1 })).toBe(
      'No mark stands out on this rag: the chain left it clean, like the swatch “Clean”. If you see one, add it under “Move the outlines”.',
    );
  });

  it('says how often something comes', () => {
    expect(rhythmSentence({ perTurn: 0.384, sd: 0.004, strength: 9 })).toBe(
      'Something comes 0.38 times in a turn of the cranks, give or take 0.01: once in 2.6 turns.',
    );
    expect(rhythmSentence({ perTurn: 4.55, sd: 0.02, strength: 9 })).toBe(
      'Something comes 4.55 times in a turn of the cranks, give or take 0.04.',
    );
  });

  it('says why nothing was measured, and what to do', () => {
    expect(refusalSentence({ code: 'sound/too-short', fewest: 6 })).toMatch(/fewer than 6 turns/);
    expect(refusalSentence({ code: 'sound/too-long', mostSeconds: 60 })).toMatch(/60 seconds/);
    expect(refusalSentence({ code: 'rag/blurred' })).toMatch(/^The picture is blurred\./);
  });
});
