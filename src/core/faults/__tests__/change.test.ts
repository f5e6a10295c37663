import { ANY_MACHINE, groundOf } from '@/test/faultyBikes';
import { changeText } from '../../words/faults/reasons';
import { changesOf } from '../change';
import { NEW_SEARCH, oddsIn, type Search } from '../finder';

const ground = groundOf(ANY_MACHINE);
const click: Search = { ...NEW_SEARCH, answers: { noise: 'click' } };
const oddsOf = (search: Search) => oddsIn(ground, search).get('stiff link')!;

describe('what would change the odds of a cause', () => {
  it('is the answer most for it, the one most against it, and the surest look: with the odds they lead to', () => {
    const changes = changesOf(ground, click, 'stiff link');
    expect(changes.map(({ kind }) => kind)).toEqual(['answer', 'answer', 'nothing seen']);
    const [most, least, look] = changes;
    expect(most!.odds).toBeGreaterThan(oddsOf(click));
    expect(least!.odds).toBeLessThan(oddsOf(click));
    for (const change of [most!, least!])
      if (change.kind === 'answer')
        expect(change.odds).toBe(
          oddsOf({ ...click, answers: { ...click.answers, [change.question]: change.answer } }),
        );
    expect(look).toMatchObject({ kind: 'nothing seen', step: 'bend each link' });
    expect(changeText(look!)).toMatch(
      /^Nothing seen at “Find a stiff link” would make it \d+\u00a0%\.$/,
    );
    expect(changeText(most!)).toMatch(/^“.*” would make it \d+\u00a0%\.$/);
  });

  it('is no question that was answered, nor one that means nothing on this bike', () => {
    const fixed = groundOf({ ...ANY_MACHINE, drive: 'fixed', gear: 'single' });
    const questions = (g: typeof ground, search: Search) =>
      changesOf(g, search, 'dry chain').flatMap((c) => (c.kind === 'answer' ? c.question : []));
    const squeak: Search = { ...NEW_SEARCH, answers: { noise: 'squeak', since: null, beat: null } };
    expect(questions(ground, squeak)).not.toContain('since');
    expect(questions(fixed, squeak)).not.toContain('coasting');
    expect(questions(fixed, squeak)).not.toContain('gears');
  });

  it('is nothing where little would', () => {
    const odds = oddsIn(ground, click);
    const changes = [...odds].map(([cause, now]) =>
      changesOf(ground, click, cause).map((change) => Math.abs(change.odds - now)),
    );
    expect(Math.min(...changes.flat())).toBeGreaterThanOrEqual(0.05);
    expect(changes.some((own) => own.length === 0)).toBe(true);
  });
});
