import { byChecker, byDropIn, byRuler } from '../tools';
import { questionsOf, type KnownWear } from '../question';

const DAY = 86_400_000;
const known = (more: Partial<KnownWear> = {}): KnownWear => ({
  fittedAt: 0,
  at: 100 * DAY,
  wear: 0.3,
  wearSd: 0.05,
  readings: [],
  speeds: 11,
  ...more,
});
const read = (at: number, percent: number) => ({
  at: at * DAY,
  percent,
  sd: 0.05,
  between: null,
});

describe('a reading is asked about', () => {
  it('not where it is as expected, nor a little off', () => {
    for (const percent of [0.25, 0.3, 0.42])
      expect(questionsOf(byChecker([percent]), known({ readings: [read(50, 0.3)] }))).toEqual([]);
  });

  it('where the chain would have shrunk, before or after', () => {
    expect(questionsOf(byChecker([0.1]), known({ readings: [read(50, 0.4)] }))).toEqual([
      'shrinks',
    ]);
    expect(questionsOf(byChecker([0.4]), known({ readings: [read(150, 0.1)] }))).toContain(
      'shrinks',
    );
  });

  it('not where a new chain is as long as it may be made: 0 to +0.15 % (ISO 9633, from memory)', () => {
    const fresh = known({ wear: 0, wearSd: 0, at: 0, fittedAt: 0, readings: [] });
    for (const reading of [byChecker([0.15]), byRuler([304.8 * 1.0015])])
      expect(questionsOf(reading, fresh)).toEqual([]);
    expect(questionsOf(byChecker([0.4]), fresh)).toEqual(['leaps']);
    // Once it was read, how long it was made is known.
    const read0 = known({ wear: 0, wearSd: 0, readings: [read(0, 0)] });
    expect(questionsOf(byChecker([0.15]), read0)).toEqual(['leaps']);
  });

  it('where it leaps beyond what riding explains, or no chain was ever so long', () => {
    expect(questionsOf(byChecker([0.7]), known())).toEqual(['leaps']);
    expect(questionsOf(byChecker([2.5]), known())).toEqual(['past any chain']);
  });

  it('where it is older than the fitting', () => {
    expect(questionsOf(byChecker([0.3]), known({ fittedAt: 101 * DAY }))).toEqual([
      'before the fitting',
    ]);
  });

  it('where the checker does not suit the rollers', () => {
    expect(questionsOf(byDropIn('none'), known({ speeds: 12 }))).toEqual([
      'checker on narrow chain',
    ]);
    expect(questionsOf(byDropIn('none'), known({ speeds: 11 }))).toEqual([]);
    expect(questionsOf(byChecker([0.3]), known({ speeds: 12 }))).toEqual([]);
  });

  it('of a drop-in by what it leaves open: 0.5 to 0.75 does not contradict 0.7', () => {
    expect(questionsOf(byDropIn(0.5), known({ wear: 0.7, readings: [read(50, 0.7)] }))).toEqual([]);
    expect(questionsOf(byDropIn('none'), known({ readings: [read(50, 0.9)] }))).toEqual([
      'shrinks',
    ]);
    const under = { ...read(50, 0.25), between: [0, 0.5] as const };
    expect(questionsOf(byChecker([0.1]), known({ wear: 0.1, readings: [under] }))).toEqual([]);
    const over = { ...read(150, 0.625), between: [0.5, 0.75] as const };
    expect(questionsOf(byChecker([0.7]), known({ wear: 0.7, readings: [over] }))).toEqual([]);
    expect(questionsOf(byChecker([0.95]), known({ wear: 0.9, readings: [over] }))).toEqual([
      'shrinks',
    ]);
  });
});
