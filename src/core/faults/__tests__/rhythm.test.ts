import { cases } from '@/test/cases';
import { Chance } from '../../chance';
import {
  beatsOf,
  checkCount,
  countedGear,
  countLikelihood,
  readCount,
  turnsToTell,
  type Beat,
  type CountedGear,
} from '../rhythm';

const derailleur = { gear: 'derailleur' } as const;
const gear = countedGear(derailleur, { ring: 50, cog: 17, links: 114 });

describe('events a turn of the cranks', () => {
  it('are teeth over links, cog and jockey wheel: arithmetic of gears', () => {
    const beats = beatsOf(gear);
    expect(beats.get('chain')).toBeCloseTo(50 / 114, 12);
    expect(beats.get('wheel')).toBeCloseTo(50 / 17, 12);
    expect(beats.get('jockey wheel')).toBeCloseTo(50 / 11, 12);
    expect([beats.get('crank'), beats.get('both pedals')]).toEqual([1, 2]);
  });

  it('of a single-speed have no jockey wheel, of a hub gear no wheel either', () => {
    const names = (kind: 'single' | 'hub') => [
      ...beatsOf(countedGear({ gear: kind }, { ring: 42, cog: 18, links: 106 })).keys(),
    ];
    expect(names('single')).toEqual(['chain', 'crank', 'both pedals', 'wheel']);
    expect(names('hub')).toEqual(['chain', 'crank', 'both pedals']);
  });
});

describe('how far to count', () => {
  it('is until three events lie between', () => {
    expect(turnsToTell(50 / 114, 1)).toBe(6);
    expect(turnsToTell(2, 50 / 22)).toBe(11);
    expect(turnsToTell(1, 1.25)).toBe(12);
    // A 42 ring on a 21 cog turns the wheel as often as two pedals pass.
    expect(turnsToTell(2, 2)).toBeNull();
    expect(turnsToTell(2, 2.04)).toBeNull();
  });
});

describe('a count', () => {
  const count = (turns: number, events: number) => checkCount({ turns, events, gear });

  it('has turns, and no more events than rollers that go by', () => {
    expect(count(0, 3)).toMatchObject({ problem: { code: 'count/turns' } });
    expect(count(NaN, 3)).toMatchObject({ problem: { code: 'count/turns' } });
    expect(count(10, 501)).toMatchObject({ problem: { code: 'count/events', most: 500 } });
    expect(count(10, -1)).toMatchObject({ problem: { code: 'count/events' } });
    expect(count(10, 0).ok).toBe(true);
    expect(count(10, 500).ok).toBe(true);
  });

  it('of nine in twenty turns is the chain, with its error', () => {
    const heard = readCount({ turns: 20, events: 9, gear });
    expect(heard.rate).toBeCloseTo(0.45, 9);
    expect(heard.sd).toBeCloseTo(Math.hypot(0.8, 0.045) / 20, 9);
    expect(heard.beats.filter((b) => b.fits).map((b) => b.beat)).toEqual(['chain']);
  });

  it('that is off from everything is still possible of a spoiled count', () => {
    const odd = { turns: 10, events: 33, gear };
    expect(countLikelihood(odd, 1)).toBeCloseTo(0.02 / 61, 9);
    expect(countLikelihood(odd, null)).toBeCloseTo(1 / 61, 9);
  });
});

/** A drivetrain as they are sold: common practice. */
function randomGear(chance: Chance): CountedGear {
  const ring = 28 + Math.floor(27 * chance.uniform());
  const cog = 10 + Math.floor(40 * chance.uniform());
  const links = 100 + 2 * Math.floor(13 * chance.uniform());
  return countedGear(derailleur, { ring, cog, links });
}

it('names the right thing nine times in ten, off by one either way, at the turns asked for', () => {
  const chance = new Chance(17, 3);
  let right = 0;
  let asked = 0;
  const drivetrains = cases(1000);
  while (asked < drivetrains) {
    const drivetrain = randomGear(chance);
    const beats = [...beatsOf(drivetrain)];
    const [name, rate] = beats[Math.floor(beats.length * chance.uniform())] as [Beat, number];
    const turns = beats.map(([other, r]) => (other === name ? 6 : turnsToTell(rate, r)));
    // Where two coincide another gear is asked for.
    if (turns.includes(null)) continue;
    asked += 1;
    const k = Math.max(...(turns as number[]));
    const off = Math.floor(3 * chance.uniform()) - 1;
    const heard = { turns: k, events: Math.max(0, Math.round(k * rate) + off), gear: drivetrain };
    const likeliest = beats
      .map(([beat, r]) => [beat, countLikelihood(heard, r)] as const)
      .sort((a, b) => b[1] - a[1])[0]!;
    if (likeliest[0] === name) right += 1;
  }
  expect(right / drivetrains).toBeGreaterThanOrEqual(0.9);
});
