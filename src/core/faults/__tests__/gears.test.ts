import { likelyCogs, middleCog } from '../../garage/cogs';
import { countAsked } from '../gears';
import { beatShapes } from '../ruler';
import { countedGear, readCount } from '../rhythm';
import { shownBy, hitOf } from '../steps';

const cassette = (smallestCog: number, largestCog: number, speeds: number) =>
  likelyCogs({ smallestCog, largestCog, speeds, gear: 'derailleur', cogs: null });

describe('the cogs a bike likely has', () => {
  it('are within two teeth of cassettes as they are sold (common practice, from memory)', () => {
    const sold = [
      [11, 13, 15, 17, 19, 21, 23, 25, 27, 30, 34],
      [11, 12, 13, 14, 15, 17, 19, 21, 23, 25, 28],
      [10, 12, 14, 16, 18, 21, 24, 28, 33, 39, 45, 51],
      [11, 13, 15, 17, 20, 23, 26, 30, 34],
    ];
    for (const cogs of sold) {
      const guessed = cassette(cogs[0]!, cogs.at(-1)!, cogs.length);
      expect(guessed).toHaveLength(cogs.length);
      cogs.forEach((cog, n) => expect(Math.abs(guessed[n]! - cog)).toBeLessThanOrEqual(2));
    }
  });

  it('rise by a tooth at least, however narrow the cassette', () => {
    expect(cassette(11, 21, 11)).toEqual([11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21]);
    const narrow = cassette(11, 25, 10);
    expect(new Set(narrow).size).toBe(10);
  });

  it('are one where there is no derailleur', () => {
    expect(
      likelyCogs({ smallestCog: 18, largestCog: 18, speeds: 8, gear: 'hub', cogs: null }),
    ).toEqual([18]);
    // As the rider wrote them down, however odd.
    expect(
      likelyCogs({
        smallestCog: 11,
        largestCog: 34,
        speeds: 3,
        gear: 'derailleur',
        cogs: [34, 11, 17],
      }),
    ).toEqual([11, 17, 34]);
    expect(middleCog([18])).toBe(18);
    expect(middleCog([11, 13, 15])).toBe(13);
  });
});

describe('how far to count', () => {
  const gear = countedGear({ gear: 'derailleur' }, { ring: 42, cog: 20, links: 112 });

  it('is as many turns as the nearest two of the likeliest need', () => {
    // 0.375 and 1 a turn: three apart after 4.8, but never fewer than six.
    expect(countAsked(gear, ['stiff link', 'loose crank parts'], [20])).toEqual({ turns: 6 });
    // The wheel 2.1 times, the pedals twice.
    expect(countAsked(gear, ['brake rubs', 'loose crank parts'], [20])).toEqual({ turns: 30 });
    expect(countAsked(gear, ['stiff link', 'dry jockey bearing'], [20])).toEqual({ turns: 6 });
  });

  it('asks for another cog where two turn alike, the one that needs fewest turns', () => {
    const alike = { ...gear, cog: 21 };
    const asked = countAsked(alike, ['brake rubs', 'loose crank parts'], [17, 19, 21, 23]);
    // The wheel turns 2.47 times on 17 teeth, furthest from the pedals’ two.
    expect(asked).toEqual({ alike: true, better: 17 });
    expect(countAsked(alike, ['brake rubs', 'loose crank parts'], [21])).toEqual({
      alike: true,
      better: null,
    });
  });
});

describe('the ruler', () => {
  const gear = countedGear({ gear: 'derailleur' }, { ring: 50, cog: 17, links: 114 });

  it('has a mark for each thing that turns, in order, and the band of the count within it', () => {
    const { marks, band, ticks } = beatShapes(readCount({ turns: 20, events: 9, gear }), 300);
    expect(marks.map((m) => m.beat)).toEqual([
      'chain',
      'crank',
      'both pedals',
      'wheel',
      'jockey wheel',
    ]);
    const at = marks.map((m) => m.x);
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(at.at(-1)).toBeLessThanOrEqual(290);
    const chain = marks[0]!;
    expect(band.x).toBeLessThan(chain.x);
    expect(band.x + band.width).toBeGreaterThan(chain.x);
    expect(marks.map((m) => m.end)).toEqual([false, false, false, true, true]);
    expect(ticks[0]).toEqual({ x: 10, label: '0' });
  });

  it('keeps the band of a count near nothing on the ruler', () => {
    expect(beatShapes(readCount({ turns: 6, events: 0, gear }), 300).band.x).toBe(10);
  });
});

it('of what a look may show the surest stands first, and what it hardly shows not at all', () => {
  const shown = shownBy('bend each link', [
    'unseated link',
    'moved pin',
    'stiff link',
    'dry chain',
  ]);
  expect(shown).toEqual(['stiff link', 'moved pin', 'unseated link']);
  expect(hitOf('spin the wheel', 'dry chain')).toBe(0);
});
