import { CAUSES, NOISES } from '../../records/faults';
import { CAUSE_WORDS } from '../../words/faults/causes';
import { handbookLines } from '../../words/faults/handbook';
import { CAUSE_FACTS } from '../causes/causes';
import { causesFor, entryOf } from '../handbook';
import { noiseIn, noiseNamed } from '../heard';

describe('the handbook of noises', () => {
  it('has every cause under a noise of its own, the most heard first', () => {
    const under = new Set(NOISES.flatMap((noise) => causesFor(noise)));
    expect([...under].sort()).toEqual(causesFor(null));
    expect(causesFor(null)).toHaveLength(CAUSES.length);
    expect(causesFor('squeak')[0]).toBe('dry chain');
    expect(causesFor('creak')[0]).toBe('loose crank parts');
    for (const noise of NOISES) {
      const heard = causesFor(noise).map(
        (c) => CAUSE_FACTS[c].prior * (CAUSE_FACTS[c].noises[noise] ?? 0),
      );
      expect(heard).toEqual([...heard].sort((a, b) => b - a));
      expect(heard.length).toBeGreaterThan(1);
    }
  });

  it('tells what a cause is known by, and what shows it', () => {
    expect(handbookLines(entryOf('stiff link'))).toEqual([
      'Known by: only while pedalling; in an even beat.',
      'Beats with: one spot on the chain.',
      'To find or mend it: find a stiff link.',
    ]);
    expect(handbookLines(entryOf('dirty jockey wheels'))[0]).toBe(
      'Known by: only while pedalling; in all gears; below at the rear; in no beat.',
    );
  });

  it('has something to look at or to do for whatever no workshop must', () => {
    for (const cause of CAUSES) {
      const { steps } = entryOf(cause);
      if (!CAUSE_FACTS[cause].workshop)
        expect({ cause, steps: steps.length > 0 }).toEqual({ cause, steps: true });
      expect(CAUSE_WORDS[cause].mend).toMatch(/\.$/);
    }
  });
});

describe('a noise in what a rider wrote', () => {
  it.each([
    ['Home in the rain, squeaking like mad', 'squeak'],
    ['Rear mech clicking under load, then a creak', 'click'],
    ['Chain came off twice', 'drops off'],
    ['skipped on the steep bit', 'skip'],
    ['Rotor rubs', 'rub'],
    ['crunchy gravel', 'grind'],
  ])('%s', (note, noise) => expect(noiseIn(note)).toBe(noise));

  it.each([
    '',
    'Club ride, café at the harbour',
    'New tickets bought',
    'Scrubbed the chain',
    'Brubeck on the radio',
  ])('is not in “%s”', (note) => expect(noiseIn(note)).toBeNull());

  it('is known by its name only', () => {
    expect([noiseNamed('creak'), noiseNamed('drops off')]).toEqual(['creak', 'drops off']);
    for (const none of [undefined, '', 'Creak', '__proto__']) expect(noiseNamed(none)).toBeNull();
  });
});
