import type { Tried } from '@/core/records/trialKinds';
import { dueArm, firstOf, seedOf } from '../due';
import type { TrialCoat } from '../judged';

const coats = (...arms: (Tried | 'spoilt a')[]): TrialCoat[] =>
  arms.map((arm) =>
    arm === 'spoilt a'
      ? ({ arm: 'a', uncounted: 'early' } as TrialCoat)
      : ({ arm, uncounted: arm === 'neither' ? 'neither' : null } as TrialCoat),
  );

describe('whose turn it is', () => {
  it('is drawn by lot for the first of a pair: half of the time each, and the same when asked again', () => {
    const first = Array.from({ length: 2000 }, (_, n) => firstOf(`trial ${n}`, 0));
    expect(Math.abs(first.filter((a) => a === 'a').length / 2000 - 0.5)).toBeLessThan(0.04);
    expect(first).toEqual(Array.from({ length: 2000 }, (_, n) => firstOf(`trial ${n}`, 0)));
    const pairs = Array.from({ length: 2000 }, (_, n) => firstOf('one', n));
    expect(Math.abs(pairs.filter((a) => a === 'a').length / 2000 - 0.5)).toBeLessThan(0.04);
  });

  it('is the other’s for the second of a pair, so that no habit is ever ahead by more than one', () => {
    for (let n = 0; n < 300; n++) {
      const done: ('a' | 'b')[] = [];
      for (let k = 0; k < 12; k++) {
        done.push(dueArm({ id: `t${n}` }, coats(...done)));
        const ahead = done.filter((a) => a === 'a').length - done.filter((a) => a === 'b').length;
        expect(Math.abs(ahead)).toBeLessThanOrEqual(1);
      }
    }
  });

  it('is drawn anew for each pair', () => {
    const firsts = Array.from({ length: 12 }, (_, pair) =>
      dueArm({ id: 't' }, coats(...Array.from({ length: pair }, () => ['a', 'b'] as const).flat())),
    );
    expect(firsts).toEqual(firsts.map((_, pair) => firstOf('t', pair)));
    expect(new Set(firsts).size).toBe(2);
  });

  it('makes up for coats that do not count, or were done the other way', () => {
    expect(dueArm({ id: 't' }, coats('a', 'a', 'b'))).toBe('b');
    expect(dueArm({ id: 't' }, coats('b', 'spoilt a'))).toBe('a');
    expect(dueArm({ id: 't' }, coats('neither'))).toBe(firstOf('t', 0));
  });

  it('has a seed of its own for each name: FNV-1a of "a" and "foobar", published values', () => {
    expect(seedOf('a') >>> 0).toBe(0xe40c292c);
    expect(seedOf('foobar') >>> 0).toBe(0xbf9cf968);
  });
});
