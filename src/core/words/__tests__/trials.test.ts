import { IMPERIAL, METRIC } from '@/core/units/convert';
import type { Answer } from '../../trials/answer';
import type { Design } from '../../trials/designs';
import type { TrialReport } from '../../trials/report';
import type { Trial } from '../../records/trial';
import { howToRead } from '../trialPicture';
import {
  adoptLabel,
  answerSentence,
  armLabels,
  chanceParts,
  designSentence,
  dueSentence,
  inWords,
  ragDueSentence,
  standingSentence,
  trialTitle,
  turnLine,
  worthSentence,
} from '../trials';

const LABELS = { a: 'Lower run', b: 'Top of the cog' };
const ANSWER: Answer = {
  ratio: { mid: 1.38, low: 1.28, high: 1.49, least: 1.1, most: 1.7 },
  chance: { a: 0.99, aClearly: 0.95, bClearly: 0.001, equal: 0.049, less: 0.8 },
  coats: { a: 5, b: 5 },
  settled: 'a',
};
const trial = (more: Partial<Trial> = {}): Trial => ({
  id: 't',
  bikeId: 'b1',
  question: { kind: 'way', way: 'where', a: 'lower run', b: 'top of the cog' },
  measure: 'squeak',
  ragKm: 100,
  again: false,
  careFor: 0.5,
  coatsAnArm: 8,
  startedAt: '2026-05-01T00:00:00.000Z',
  endedAt: null,
  retired: false,
  changedAt: '2026-05-01T00:00:00.000Z',
  ...more,
});
const report = (answer: Partial<Answer> = {}, more: Partial<TrialReport> = {}): TrialReport => ({
  trial: trial(),
  coats: [],
  points: [],
  answer: { ...ANSWER, ...answer },
  due: 'b',
  taken: { a: 5, b: 5 },
  ...more,
});
const says = (answer?: Partial<Answer>, more?: Partial<TrialReport>) =>
  answerSentence(report(answer, more), LABELS);

describe('what a trial says', () => {
  it('is how much farther the better way goes, and how likely it is the better', () => {
    expect(says()).toBe(
      'With “Lower run” a coat goes about 38 % farther than with “Top of the cog” (half the time 28 to 49 %). The chance that “Lower run” is the better way is 99 in 100.',
    );
    // Turned round, by its own figures: 1 / 0.5 is twice as far.
    const b = says({
      ratio: { mid: 0.5, low: 0.4, high: 0.625, least: 0.3, most: 0.8 },
      chance: { ...ANSWER.chance, a: 0.02 },
      settled: 'b',
    });
    expect(b).toMatch(
      /^With “Top of the cog” a coat goes about 100 % farther than with “Lower run” \(half the time 60 to 150 %\)/,
    );
  });

  it('by rag is how much faster the worse way gets dirty', () => {
    const dirtier = {
      ratio: { mid: 0.5, low: 0.4, high: 0.8, least: 0.3, most: 0.9 },
      settled: 'a' as const,
    };
    expect(says(dirtier, { trial: trial({ measure: 'rag' }) })).toMatch(
      /^With “Top of the cog” the chain gets dirty about 100 % faster than with “Lower run” \(half the time 25 to 150 %\)\. The chance that “Lower run”/,
    );
  });

  it('of a tie is a tie, and of a small difference that it is small', () => {
    expect(says({ settled: 'equal', chance: { ...ANSWER.chance, equal: 0.92 } })).toBe(
      'Both ways come to the same. The chance that they differ by less than 10 % is 9 in 10.',
    );
    expect(says({ settled: 'less', chance: { ...ANSWER.chance, less: 0.96 } })).toContain(
      'it is by less than 50 %, the difference you care for. The chance of that is 96 in 100.',
    );
  });

  it('is told as open while it is, and when it was ended before it was settled', () => {
    const open = { settled: null, chance: { ...ANSWER.chance, a: 0.88 } };
    expect(says(open)).toBe(
      'So far “Lower run” looks better, and the chance that it is stands at 9 in 10. That is not enough to go by.',
    );
    expect(says(open, { trial: trial({ endedAt: '2026-06-01T00:00:00.000Z' }), due: null })).toBe(
      'It is not settled. By these coats “Lower run” looks better, and the chance that it is stands at 9 in 10.',
    );
    expect(says({ settled: null, chance: { ...ANSWER.chance, a: 0.6 } })).toContain(
      'So far neither looks better.',
    );
    expect(says({ settled: null, coats: { a: 0, b: 3 } })).toContain('There is no answer yet.');
  });

  it('has its chances written out, and they add up', () => {
    const parts = chanceParts(ANSWER, LABELS);
    expect(parts.reduce((sum, p) => sum + p.share, 0)).toBeCloseTo(1, 6);
    expect(parts[0]!.line).toBe('“Lower run” is better by more than 10 %: 95 in 100');
    expect([0.5, 0.88, 0.97, 0.999, 0.01].map(inWords)).toEqual([
      '5 in 10',
      '9 in 10',
      '97 in 100',
      'more than 99 in 100',
      '1 in 10',
    ]);
  });

  it('is whose turn it is, and when the rag is to be read', () => {
    expect(dueSentence(report(), LABELS)).toBe(
      'The next coat is due with “Top of the cog”. Coat 11 of at most 16.',
    );
    expect(dueSentence(report({}, { due: null }), LABELS)).toMatch(/^All 16 coats are on\./);
    expect(turnLine({ trial: trial() }, 'Lower run')).toMatch(/Wait for the squeak if you can/);
    expect(turnLine({ trial: trial({ measure: 'rag' }) }, 'Lower run')).toBe(
      'For your trial, put it on the way “Lower run”.',
    );
    const on = (km: number) =>
      report(
        {},
        {
          trial: trial({ measure: 'rag' }),
          coats: [{ coat: { end: 'on', km }, uncounted: null, evidence: null }] as never,
        },
      );
    expect(ragDueSentence(on(40), METRIC)).toMatch(/read the rag in about 60 km, before you wipe/);
    expect(ragDueSentence(on(40), IMPERIAL)).toMatch(/about \d+ mi/);
    expect(ragDueSentence(on(120), METRIC)).toMatch(/^For your trial, read the rag now,/);
    expect(ragDueSentence(report(), METRIC)).toBeNull();
  });

  it('names its question and its ways', () => {
    const products = { p1: { name: 'House wet' }, p2: { name: 'Quay dry' } } as never;
    expect(trialTitle(trial().question, {})).toBe('Where does the drop go?');
    expect(trialTitle({ kind: 'product', a: 'p1', b: 'p2' }, products)).toBe(
      'House wet or Quay dry?',
    );
    expect(armLabels({ kind: 'product', a: 'p1', b: 'gone' }, products)).toEqual({
      a: 'House wet',
      b: 'A bottle no longer kept',
    });
    expect(trialTitle({ kind: 'own', ask: 'Warm or cold?', a: 'x', b: 'y' }, {})).toBe(
      'Warm or cold?',
    );
    expect(adoptLabel(trial().question, 'Lower run')).toBe('Make “Lower run” my way');
    expect(adoptLabel({ kind: 'own', ask: 'q', a: 'x', b: 'y' }, 'x')).toBeNull();
  });
});

describe('what a trial would take', () => {
  const DESIGN: Design = {
    measure: 'squeak',
    photo: false,
    again: false,
    ragKm: 100,
    coatsAnArm: 6,
    kmACoat: 240,
    weeks: 20,
    rides: 58,
    minutes: 12,
    cost: 3,
    saves: 14,
    worth: 'worth it',
  };

  it('is said in coats, time and money', () => {
    expect(designSentence(DESIGN, METRIC, 'EUR')).toBe(
      'It takes at most 6 coats of each, about 240 km a coat. Riding as you do now that is about 5 months, 58 rides. On top of what you do anyway it costs 12 min, in all worth €3.',
    );
    expect(designSentence({ ...DESIGN, weeks: Infinity }, METRIC, null)).toContain(
      'You have logged no riding to say how long that is.',
    );
  });

  it('is said plainly where it is not worth it', () => {
    expect(worthSentence(DESIGN, 0.5, 'EUR')).toBe(
      'It is worth it. If the two differ by 50 %, knowing which is better saves about €14 in three years.',
    );
    expect(worthSentence({ ...DESIGN, worth: 'too long' }, 0.5, 'EUR')).toMatch(
      /^It is not worth it\./,
    );
    expect(worthSentence({ ...DESIGN, worth: 'costs more', cost: 20 }, 0.5, 'EUR')).toMatch(
      /^It is not worth the money\. .*and the trial costs €20\.$/,
    );
  });
});

describe('what the log shows anyway', () => {
  it('is said with its chance, or that they last alike', () => {
    expect(standingSentence(ANSWER, LABELS)).toContain(
      'The chance that it lasts longer at all is 99 in 100.',
    );
    expect(standingSentence({ ...ANSWER, chance: { ...ANSWER.chance, a: 0.6 } }, LABELS)).toBe(
      '“Lower run” and “Top of the cog” last about as long, as far as your notes tell.',
    );
    expect(howToRead('squeak', true)).toContain('An arrow is a coat');
    expect(howToRead('rag', false)).not.toContain('An arrow');
  });
});
