import fc from 'fast-check';
import { startState } from '@/core/care/model/state';
import { byChecker, byDropIn, byRuler } from '@/core/wear/tools';
import { foresee } from '@/core/wear/foresee';
import { wearStory } from '@/core/wear/story';
import type { WearOutlook } from '@/core/wear/outlook';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import {
  againstLimit,
  careSentence,
  cassetteSentence,
  readingSentence,
  wearSentences,
  WEAR_QUESTION,
} from '../wear';

const NOW = Date.parse('2026-11-24T10:00:00.000Z');
const state = {
  ...startState({ lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 }, NOW),
  km: 2000,
  wear: 0.3,
  wearSd: 0.05,
};
const rate = { perKm: 0.1e-3, sigma: 0.3 };
const outlook = (more: Partial<WearOutlook> = {}): WearOutlook => ({
  state,
  limit: 0.5,
  rate,
  story: wearStory([], 'c1'),
  foresight: foresee(state, rate, 0.5),
  cassette: foresee(state, rate, 1),
  better: 3000,
  worse: 1000,
  past: 0,
  kmPerWeek: 100,
  coming: [],
  ...more,
});

describe('what is said of wear', () => {
  it('says level, end with its day and spread, and when to measure again', () => {
    const [level, end, again] = wearSentences(outlook(), METRIC, NOW);
    expect(level).toBe('We put it at 0.30 % after 2,000 km, give or take 0.05 %.');
    expect(end).toMatch(
      /^It reaches 0\.50 % in about 1,950 km, in April 2027\. Half the time it takes [\d,]+ km to [\d,]+ km, eight times in ten [\d,]+ km to [\d,]+ km\.$/,
    );
    expect(again).toMatch(
      /^Measure it again in about [\d,]+ km, (about \d+ \w+|in \w+) 202[67]\.$/,
    );
  });

  it('is told in miles to who rides in miles, the wear the same', () => {
    const [level, end] = wearSentences(outlook(), IMPERIAL, NOW);
    expect(level).toBe('We put it at 0.30 % after 1,240 mi, give or take 0.05 %.');
    expect(end).toMatch(/^It reaches 0\.50 % in about 1,210 mi, in April 2027\./);
    expect(careSentence(outlook(), IMPERIAL)).toMatch(/1,860 mi, with twice the grit for 620 mi/);
  });

  it('gives the same verdict, days and percents in either units, whatever the chain', () => {
    const bare = (text: string) => text.replace(/(more than )?[\d,]+ (km|mi)\b/g, '·');
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 0, max: 400 }),
        (wear, past, kmPerWeek) => {
          const known = { ...state, wear };
          const of = outlook({
            state: known,
            past,
            kmPerWeek,
            foresight: foresee(known, rate, 0.5),
          });
          const [metric, imperial] = [METRIC, IMPERIAL].map((units) =>
            wearSentences(of, units, NOW).map(bare),
          );
          expect(imperial).toEqual(metric);
        },
      ),
    );
  });

  it('says what riding on would cost: the cassette, at 1 %', () => {
    expect(cassetteSentence(outlook(), METRIC)).toMatch(
      /^Ridden on to 1\.00 %, in about [67],\d50 km \(half the time [\d,]+ km to [\d,]+ km\), it uses up a new cassette\.$|^Ridden on to 1\.00 %, in about [67],\d00 km/,
    );
    expect(cassetteSentence(outlook({ past: 0.6 }), METRIC)).toBeNull();
  });

  it('names no day for a chain in the drawer, and no end for one that is past it', () => {
    expect(wearSentences(outlook({ kmPerWeek: 0 }), METRIC, NOW)[1]).toMatch(
      /in about 1,950 km\. Half/,
    );
    const worn = outlook({ past: 0.8 });
    expect(wearSentences(worn, METRIC, NOW)[1]).toMatch(/^It is worn out: past its 0\.50 %/);
    expect(careSentence(worn, METRIC)).toBeNull();
  });

  it('says of a chain that hardly wears that its end is far off', () => {
    const far = outlook({ foresight: foresee(state, { perKm: 1e-9, sigma: 0.1 }, 0.5) });
    expect(wearSentences(far, METRIC, NOW)[1]).toMatch(
      /^It reaches 0\.50 % in more than 40,000 km/,
    );
  });

  it('says now where a tenth of futures is past already', () => {
    const close = outlook({ foresight: { ...outlook().foresight, measureIn: 10 } });
    expect(wearSentences(close, METRIC, NOW)[2]).toBe(
      'Measure it now: it may be past its limit (1 in 10, and it was never read).',
    );
  });

  it('says a reading by length as a ruler shows it, by a drop-in what it leaves open', () => {
    expect(readingSentence(byRuler([306.3]))).toBe(
      '0.49 %, give or take 0.16 %. Over 12 full links that is 306.3 mm, or 0.9 sixteenths past 12 in.',
    );
    expect(readingSentence(byDropIn('none'))).toBe('Under 0.50 %.');
    expect(readingSentence(byDropIn(0.5))).toBe('0.50 % to 0.75 %.');
    expect(readingSentence(byDropIn(1))).toBe('Over 1.00 %.');
    expect(againstLimit(byDropIn(0.5), 0.5)).toMatch(/It is due/);
    expect(againstLimit(byChecker([0.49]), 0.5)).not.toMatch(/due/);
  });

  it('ends each question with a verb and no blame', () => {
    for (const said of Object.values(WEAR_QUESTION))
      expect(said).not.toMatch(/you made|error|wrong/i);
  });
});
