import { ANY_MACHINE, groundOf } from '@/test/faultyBikes';
import type { LogFacts } from '../facts';
import { NEW_SEARCH, type Search } from '../finder';
import { knownBy, movedBy } from '../known';
import { answerChance, oddsOf } from '../odds';
import { ANSWERS, QUESTIONS } from '../questions';
import { CAUSES } from '../../records/faults';
import { whyOf } from '../why';

const PLAIN: LogFacts = {
  film: 0.3,
  waxed: false,
  outside: 0.7,
  inside: 0.7,
  cogs: 0.7,
  rust: 0,
  wear: 0.7,
  kmSinceOpened: 300,
  kmOnChain: 300,
  kmOnCassette: null,
  kmSinceLubed: null,
  riddenUnset: false,
  kmSinceWet: null,
  jockeyDegreasings: 2,
};
const factors = (more: Partial<LogFacts>) =>
  movedBy({ ...PLAIN, ...more }).map(({ reason, factor }) => [reason.code, factor]);

describe('what the log moves', () => {
  it('is nothing where nothing stands out', () => expect(factors({})).toEqual([]));

  it.each<[string, Partial<LogFacts>, [string, number][]]>([
    ['a fresh coat', { film: 0.9 }, [['film', 0.12]]],
    ['a coat used up', { film: 0.1 }, [['film', 4]]],
    ['dirt past the standard', { inside: 1.1 }, [['grit', 3]]],
    ['a clean chain', { inside: 0.1, outside: 0.2 }, [['grit', 0.3]]],
    ['dirty cogs', { cogs: 1.2 }, [['cogs dirty', 2.5]]],
    ['rust', { rust: 0.3 }, [['rust', 5]]],
    ['a worn chain', { wear: 1.2 }, [['worn', 4]]],
    ['a chain opened yesterday', { kmSinceOpened: 40 }, [['opened', 6]]],
    ['one closed for long', { kmSinceOpened: 2000 }, [['long closed', 0.15]]],
    [
      'a new chain on an old cassette',
      { kmOnChain: 40, kmOnCassette: 5000, wear: 0.6 },
      [
        ['new chain', 5],
        ['new chain, old cogs', 6],
      ],
    ],
    [
      'lube that had not set',
      { riddenUnset: true, kmSinceLubed: 30 },
      [
        ['lubed', 3],
        ['rode unset', 4],
      ],
    ],
    ['rain and no rescue', { kmSinceWet: 12 }, [['rain, no rescue', 2]]],
    [
      'twelve degreasings of the jockey wheels',
      { jockeyDegreasings: 12 },
      [['degreased jockey wheels', 3]],
    ],
  ])('%s', (_, more, expected) => expect(factors(more)).toEqual(expected));

  it('multiplies where several bear on one cause', () => {
    const known = knownBy(movedBy({ ...PLAIN, film: 0.1, kmSinceWet: 12 }));
    expect(known.get('dry chain')).toBe(8);
    expect(known.get('rusted chain')).toBe(2);
  });
});

describe('chances of answers', () => {
  it('add up to one for every cause and question', () => {
    for (const cause of CAUSES)
      for (const question of QUESTIONS) {
        const sum = ANSWERS[question].reduce((all, a) => all + answerChance(cause, question, a), 0);
        expect([cause, question, sum]).toEqual([cause, question, expect.closeTo(1, 9)]);
      }
  });

  it('odds add up to one, and are the priors before anything is said', () => {
    const ask = {
      machine: ANY_MACHINE,
      known: new Map(),
      answers: {},
      counts: [],
      survived: () => 1,
    };
    const odds = [...oddsOf(ask).values()];
    expect(odds.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    // Bayes by hand of two: a dry chain squeaks 0.8 of its 190, a jockey wheel 0.8 of its 50.
    const squeaks = oddsOf({ ...ask, answers: { noise: 'squeak' } });
    expect(squeaks.get('dry chain')! / squeaks.get('dry jockey bearing')!).toBeCloseTo(190 / 50, 9);
  });
});

describe('why', () => {
  it('names what speaks for and against, the strongest first', () => {
    const moved = movedBy({ ...PLAIN, film: 0.9 });
    const ground = groundOf(ANY_MACHINE, { known: knownBy(moved) });
    const search: Search = { ...NEW_SEARCH, answers: { noise: 'squeak', load: null } };
    const weights = whyOf(ground, search, moved, 'dry chain');
    expect(weights.map((w) => w.speaks.kind)).toEqual(['log', 'answer']);
    expect(weights[0]!.times).toBe(0.12);
    expect(weights[1]!.times).toBeGreaterThan(2);
  });
});
