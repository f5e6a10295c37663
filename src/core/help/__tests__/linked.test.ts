import fc from 'fast-check';
import { CAUSE_WORDS } from '@/core/words/faults/causes';
import { linkedPieces } from '../linked';
import { TERMS } from '../terms';

const marked = (text: string) =>
  linkedPieces(text).flatMap(({ text: word, term }) => (term ? [[word, term]] : []));

it('marks a word of the trade where it is said first, in any form', () => {
  expect(marked('Jockey wheels and cassette. The jockey wheels again; pins, rollers.')).toEqual([
    ['Jockey wheels', 'jockey'],
    ['cassette', 'cassette'],
    ['pins', 'pin'],
    ['rollers', 'roller'],
  ]);
  expect(marked('A quick link, an outer plate, a wear checker.')).toEqual([
    ['quick link', 'joining link'],
    ['outer plate', 'inner plate'],
    ['wear checker', 'checker'],
  ]);
});

it('leaves parts of other words alone', () => {
  expect(marked('Spinning, pinch, controllers, reserved, degreasers’, pinpoint.')).toEqual([]);
});

it('loses no letter of any text', () => {
  const words = fc.constantFrom('pin', 'pins', 'roller', ' ', ', ', 'chain', 'Cassette', 'x');
  fc.assert(
    fc.property(fc.array(words), (list) => {
      const text = list.join('');
      const pieces = linkedPieces(text);
      expect(pieces.map((p) => p.text).join('')).toBe(text);
      const terms = pieces.flatMap((p) => p.term ?? []);
      expect(new Set(terms).size).toBe(terms.length);
      for (const { text: word, term } of pieces)
        if (term) expect(TERMS[term]).toBeDefined();
        else expect(word).not.toBe('');
    }),
  );
});

it('finds words in what the handbook says of noises', () => {
  const texts = Object.values(CAUSE_WORDS).flatMap(({ what, mend }) => [what, mend]);
  expect(texts.filter((text) => marked(text).length > 0).length).toBeGreaterThan(10);
});
