import { noiseSearchSchema } from '../../records/noiseSearch';
import { ANY_MACHINE, groundOf } from '@/test/faultyBikes';
import { readSearch, searchOf, type Act, type NoiseSearch, showedIn } from '../acts';
import { nextIn, oddsIn, foundIn, NEW_SEARCH, type Search } from '../finder';
import { ranked } from '../odds';
import { whyOf } from '../why';

const ground = groundOf(ANY_MACHINE);
const read = (text: string) => readSearch(text, { noiseSearchSchema });

describe('a search that is kept', () => {
  const count = { turns: 20, events: 9, gear: ground.gear };
  const acts: Act[] = [
    { kind: 'answer', question: 'noise', answer: 'click' },
    { kind: 'answer', question: 'where', answer: null },
    { kind: 'did', step: 'four things', outcome: 'nothing' },
    { kind: 'count', count },
    { kind: 'no count' },
    { kind: 'did', step: 'bend each link', outcome: { found: 'stiff link' } },
  ];

  it('is what was said, counted and done, in any order', () => {
    expect(searchOf(acts)).toEqual({
      answers: { noise: 'click', where: null },
      counts: [count],
      noCount: true,
      done: [
        { step: 'four things', outcome: 'nothing' },
        { step: 'bend each link', outcome: { found: 'stiff link' } },
      ],
    });
  });

  it('passes over what this app does not know', () => {
    const strange: Act[] = [
      { kind: 'answer', question: 'colour', answer: 'red' },
      { kind: 'answer', question: 'noise', answer: 'hum' },
      { kind: 'did', step: 'hit it', outcome: 'gone' },
    ];
    expect(searchOf(strange)).toEqual(NEW_SEARCH);
  });

  it('reads as it was written, and not at all where it is torn', () => {
    const whole: NoiseSearch = {
      version: 1,
      bikeId: 'b1',
      startedAt: '2026-11-24T10:00:00.000Z',
      acts,
    };
    expect(read(JSON.stringify(whole))).toEqual(whole);
    expect(read(JSON.stringify(whole).slice(0, -9))).toBeNull();
    expect(read('{"version":2}')).toBeNull();
  });
});

describe('what came of a remedy', () => {
  const tried = (outcome: 'same' | 'better' | 'gone'): Search => ({
    ...NEW_SEARCH,
    answers: { noise: 'squeak' },
    done: [{ step: 'wipe and lube', outcome }],
  });
  const dry = (search: Search) => oddsIn(ground, search).get('dry chain')!;

  it('the same speaks against what it cures, better for it, gone ends the search', () => {
    const before = dry({ ...NEW_SEARCH, answers: { noise: 'squeak' } });
    expect(dry(tried('same'))).toBeLessThan(0.2 * before);
    expect(dry(tried('better'))).toBeGreaterThan(before);
    expect(foundIn(ground, tried('gone'))).toBe('dry chain');
    expect(foundIn(ground, tried('better'))).toBeNull();
    expect([showedIn(tried('gone')), showedIn(tried('better'))]).toEqual(['wipe and lube', null]);
    const seen: Search = {
      ...NEW_SEARCH,
      done: [
        { step: 'see the way', outcome: 'nothing' },
        { step: 'bend each link', outcome: { found: 'stiff link' } },
      ],
    };
    expect(showedIn(seen)).toBe('bend each link');
  });

  it('better does not rule out what it cannot cure: it is said by hope too', () => {
    expect(oddsIn(ground, tried('better')).get('dry jockey bearing')).toBeGreaterThan(0.01);
  });
});

it('nothing is counted that does not beat', () => {
  for (const noise of ['click', 'skip', 'squeak'] as const) {
    let search: Search = { ...NEW_SEARCH, answers: { noise, beat: 'no beat' } };
    for (let n = 0; n < 60; n++) {
      const next = nextIn(ground, search);
      expect(next.kind).not.toBe('count');
      if (next.kind === 'ask')
        search = { ...search, answers: { ...search.answers, [next.question]: null } };
      else if (next.kind === 'do')
        search = { ...search, done: [...search.done, { step: next.step, outcome: 'nothing' }] };
      else break;
    }
  }
});

it('a sign is weighed against all other causes together', () => {
  const search: Search = { ...NEW_SEARCH, answers: { noise: 'squeak' } };
  const [weight] = whyOf(ground, search, [], 'dry chain');
  // By hand: odds for it rise from prior to posterior by just this factor.
  const odds = (s: Search) => {
    const p = oddsIn(ground, s).get('dry chain')!;
    return p / (1 - p);
  };
  expect(weight!.times).toBeCloseTo(odds(search) / odds(NEW_SEARCH), 9);
  expect(ranked(oddsIn(ground, search))[0]![0]).toBe('dry chain');
});
