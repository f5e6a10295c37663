import { ANY_MACHINE, groundOf } from '@/test/faultyBikes';
import { NOISES } from '../../records/faults';
import type { LogFacts } from '../facts';
import { nextIn, NEW_SEARCH, oddsIn, SAFETY, type Outcome, type Search } from '../finder';
import { knownBy, movedBy } from '../known';
import { ranked, type Machine } from '../odds';
import type { StepId } from '../steps';

/** A bike in the middle of its life: nothing in its log stands out. */
const USUAL: LogFacts = {
  film: 0.4,
  waxed: false,
  outside: 0.6,
  inside: 0.6,
  cogs: 0.5,
  rust: 0,
  wear: 0.7,
  kmSinceOpened: 400,
  kmOnChain: 1500,
  kmOnCassette: 2000,
  kmSinceLubed: 250,
  riddenUnset: false,
  kmSinceWet: null,
  jockeyDegreasings: 0,
};
const groundWith = (facts: Partial<LogFacts>, machine: Partial<Machine> = {}) =>
  groundOf(
    { ...ANY_MACHINE, waxed: false, ...machine },
    { known: knownBy(movedBy({ ...USUAL, ...facts })) },
  );
const safe = { step: SAFETY, outcome: 'nothing' as Outcome };
const searchWith = (answers: Search['answers'], more: Partial<Search> = {}): Search => ({
  ...NEW_SEARCH,
  answers,
  done: [safe],
  ...more,
});

/** The steps that are asked for when nothing is found and no question can be answered. */
function stepsOf(ground: ReturnType<typeof groundWith>, start: Search, most: number): StepId[] {
  let search = start;
  const steps: StepId[] = [];
  for (let n = 0; n < 40 && steps.length < most; n++) {
    const next = nextIn(ground, search);
    if (next.kind === 'ask')
      search = { ...search, answers: { ...search.answers, [next.question]: null } };
    else if (next.kind === 'count') search = { ...search, noCount: true };
    else if (next.kind === 'do') {
      steps.push(next.step);
      search = { ...search, done: [...search.done, { step: next.step, outcome: 'nothing' }] };
    } else break;
  }
  return steps;
}
const top = (ground: ReturnType<typeof groundWith>, search: Search) =>
  ranked(oddsIn(ground, search))[0]!;

describe('a worked story', () => {
  it('grind after a muddy weekend on a chain run past the wrong side of its tab: seen by the second step', () => {
    const ground = groundWith({ kmSinceOpened: 70, outside: 1.6, kmSinceWet: 60, kmOnChain: 70 });
    const steps = stepsOf(ground, searchWith({ noise: 'grind', coasting: 'only pedalling' }), 2);
    expect(steps).toContain('see the way');
  });

  it('click once a lap of the chain after a new pin: the links are looked at, one by one', () => {
    const ground = groundWith(
      { kmSinceOpened: 20 },
      { chain: { closure: 'connecting pin', directional: false } },
    );
    const count = { turns: 30, events: 13, gear: ground.gear };
    const search = searchWith({ noise: 'click', since: 'work on it' }, { counts: [count] });
    const [first, second] = ranked(oddsIn(ground, search)).map(([cause]) => cause);
    expect([first, second].sort()).toEqual(['moved pin', 'stiff link']);
    expect(stepsOf(ground, search, 1)).toEqual(['bend each link']);
  });

  it('squeak on a freshly waxed chain that is a jockey wheel: the chain is left alone', () => {
    const facts = { film: 0.95, kmSinceLubed: 20, jockeyDegreasings: 12 };
    const ground = groundWith(facts, { waxed: true });
    const count = { turns: 10, events: 45, gear: ground.gear };
    const search = searchWith({ noise: 'squeak', coasting: 'only pedalling' }, { counts: [count] });
    expect(top(ground, search)[0]).toBe('dry jockey bearing');
    expect(top(ground, search)[1]).toBeGreaterThan(0.8);
    expect(stepsOf(ground, search, 1)).toEqual(['flick the jockey wheels']);
    // Without a count the dry chain is no longer the likeliest either: the log has a fresh coat.
    expect(top(ground, searchWith({ noise: 'squeak' }))[0]).not.toBe('dry chain');
  });

  it('skip on one cog under a new chain: the cogs are worn', () => {
    const ground = groundWith({ kmOnChain: 40, kmOnCassette: 6000, kmSinceOpened: 40, wear: 0.02 });
    const search = searchWith({ noise: 'skip', gears: 'some cogs', load: 'pushing hard' });
    expect(top(ground, search)).toEqual(['worn cogs', expect.closeTo(0.97, 1)]);
  });

  it('rub only when rolling: brake and wheel, not the chain', () => {
    const ground = groundWith({});
    const search = searchWith({ noise: 'rub', coasting: 'only coasting' });
    const likely = ranked(oddsIn(ground, search)).slice(0, 3);
    expect(likely.map(([cause]) => cause)).toContain('brake rubs');
    expect(stepsOf(ground, search, 1)).toEqual(['spin the wheel']);
  });
});

describe('safety', () => {
  it('is looked at first whatever the noise, and whatever the odds', () => {
    const ground = groundWith({});
    for (const noise of ['squeak', 'grind', 'shifts badly', 'skip'] as const)
      expect(nextIn(ground, { ...NEW_SEARCH, answers: { noise } })).toEqual({
        kind: 'do',
        step: SAFETY,
      });
  });

  it('ends the search where something is found', () => {
    const found = { step: SAFETY, outcome: { found: 'loose wheel' } } as const;
    const search = { ...NEW_SEARCH, answers: { noise: 'click' }, done: [found] } as Search;
    expect(nextIn(groundWith({}), search)).toEqual({ kind: 'found', cause: 'loose wheel' });
  });
});

describe('other drivetrains', () => {
  const causes = (machine: Partial<Machine>) => [
    ...oddsIn(groundWith({}, machine), NEW_SEARCH).keys(),
  ];

  it('without a derailleur have no jockey wheels, no tab, no indexing', () => {
    for (const gear of ['single', 'hub'] as const) {
      const can = causes({ gear, rings: [42] });
      for (const not of [
        'dirty jockey wheels',
        'dry jockey bearing',
        'wrong side of tab',
        'out of index',
        'cage rubs',
      ] as const)
        expect(can).not.toContain(not);
      expect(can).toEqual(expect.arrayContaining(['dry chain', 'slack chain']));
      const steps = stepsOf(
        groundWith({}, { gear, rings: [42] }),
        searchWith({ noise: 'drops off' }),
        30,
      );
      expect(steps).toContain('feel the slack');
      for (const not of ['swap the cog', 'both ends of the gears', 'turn the barrel'] as const)
        expect(steps).not.toContain(not);
    }
  });

  it('with a fixed wheel have no freehub, and are not asked about coasting or gears', () => {
    const fixed = { gear: 'single', drive: 'fixed' } as const;
    expect(causes(fixed)).not.toContain('dry freehub');
    /** Questions of all noises, none of which can be answered. */
    const asked = (machine: Partial<Machine>) =>
      NOISES.flatMap((noise) => {
        const ground = groundWith({}, machine);
        const questions: string[] = [];
        let search = searchWith({ noise });
        for (let n = 0; n < 60; n++) {
          const next = nextIn(ground, search);
          if (next.kind === 'ask') {
            questions.push(next.question);
            search = { ...search, answers: { ...search.answers, [next.question]: null } };
          } else if (next.kind === 'count') search = { ...search, noCount: true };
          else if (next.kind === 'do')
            search = { ...search, done: [...search.done, { step: next.step, outcome: 'nothing' }] };
        }
        return questions;
      });
    expect(asked({})).toContain('coasting');
    expect(asked({})).toContain('gears');
    expect(asked(fixed)).not.toContain('coasting');
    expect(asked(fixed)).not.toContain('gears');
  });
});

it('comes to an end: everything looked at, a workshop is told what is likeliest', () => {
  const ground = groundWith({});
  let search = searchWith({ noise: 'creak' });
  let next = nextIn(ground, search);
  for (let n = 0; n < 60 && next.kind !== 'workshop'; n++) {
    if (next.kind === 'ask')
      search = { ...search, answers: { ...search.answers, [next.question]: null } };
    else if (next.kind === 'count') search = { ...search, noCount: true };
    else if (next.kind === 'do')
      search = { ...search, done: [...search.done, { step: next.step, outcome: 'nothing' }] };
    next = nextIn(ground, search);
  }
  expect(next.kind).toBe('workshop');
  if (next.kind === 'workshop') expect(next.causes).toHaveLength(3);
});
