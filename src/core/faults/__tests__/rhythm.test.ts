import { cases } from '@/test/cases';
import { rightlyNamed } from '@/test/countedNoises';
import {
  beatsOf,
  checkCount,
  countedGear,
  countLikelihood,
  readCount,
  turnsToTell,
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

it('names the right thing nine times in ten, off by one either way, at the turns asked for', () => {
  expect(rightlyNamed(cases(1000))).toBeGreaterThanOrEqual(0.9);
});
