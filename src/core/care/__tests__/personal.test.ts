import fc from 'fast-check';
import { TEST_GARAGE } from '@/test/arbitraries';
import { productOf } from '@/test/products';
import { fittedBody, rideBody, stamped, type Body, workBody } from '@/test/events';
import { CARE } from '../model/constants';
import { futuresOf, lifeShown, lifeSigmaOf, NOT_LEARNT } from '../model/personal';
import { learntFor } from '../replay/bookState';
import { Replay } from '../replay/replay';
import { startState, type ChainState } from '../model/state';
import { lessonsOn } from '../replay/lessons';
import { cases } from '@/test/cases';

const DAY = 86_400_000;
const start = Date.parse('2026-05-01T08:00:00.000Z');
const at = (day: number) => new Date(start + day * DAY).toISOString();

const fitted = fittedBody(at(0));
const rode = (day: number, distanceKm: number, bikeId = 'b1'): Body =>
  rideBody(at(day), bikeId, distanceKm);
/** A coat ridden in rides of 40 km, two a day. */
const rodeIn40s = (day: number, rides: number, bikeId = 'b1'): Body[] =>
  Array.from({ length: rides }, (_, n) => rode(day + n / 20, 40, bikeId));
const heard = (day: number, sound: 'squeak' | 'still quiet'): Body => ({
  type: 'soundHeard',
  at: at(day),
  chainId: 'c1',
  sound,
});
const lubed = (day: number, used: { productId: string; amount: number }[] = []): Body =>
  workBody(at(day), 'c1', {
    method: 'baths',
    cogsCleaned: true,
    lube: { lubeClass: 'wet', coat: 1, wiped: true },
    used,
  });
const played = (...bodies: Body[]) => new Replay(TEST_GARAGE, stamped(bodies));
const learnt = (replay: Replay, lube = 'wet') => learntFor(replay.book, 'b1', lube);

describe('learning from the rider', () => {
  it('a squeak at 60 % of the handbook life shortens the life towards it, and sharpens it', () => {
    const { life } = learnt(played(fitted, ...rodeIn40s(1, 6), heard(2, 'squeak')));
    expect(life.seen).toBe(1);
    // The conjugate normal of one value at ln 0.55 (it squeaked between 0.5 and 0.6): weight 0.1 / (0.1 + 0.0225).
    const expected = Math.log(0.55) * (0.1 / 0.1225);
    expect(Math.abs(Math.log(life.mid) - expected)).toBeLessThan(0.12);
    expect(life.sd).toBeLessThan(0.75 * NOT_LEARNT.life.sd);
  });

  it('the next coat lasts as learnt, and its spread is narrower', () => {
    const before = played(fitted, rode(1, 240));
    const after = played(fitted, rode(1, 240), heard(2, 'squeak'), lubed(3), rode(4, 100));
    const spread = (r: Replay) => {
      const { low, high } = futuresOf(learnt(r));
      return high.life / low.life;
    };
    expect(spread(after)).toBeLessThan(spread(before));
    const film = after.book.chains.get('c1')?.film ?? 0;
    const { mid } = learnt(after).life;
    // Baths leave a little grit, which takes its share of the life.
    expect(1 - film).toBeGreaterThan(100 / 400 / mid);
    expect(1 - film).toBeLessThan((100 / 400 / mid) * 1.1);
  });

  it('still quiet past its life: the film is not used up after all, the life grows', () => {
    const silent = played(fitted, rode(1, 420));
    expect(silent.book.chains.get('c1')?.film).toBe(0);
    const quiet = played(fitted, rode(1, 420), heard(2, 'still quiet'));
    expect(learnt(quiet).life.mid).toBeGreaterThan(1.05);
    expect(quiet.book.chains.get('c1')?.film).toBeGreaterThan(0.05);
  });

  it('still quiet early in its life teaches next to nothing', () => {
    const { life } = learnt(played(fitted, rode(1, 60), heard(2, 'still quiet')));
    expect(life.mid).toBeCloseTo(1, 2);
  });

  it('two squeaks of one coat teach what the first did, and the lube is used up at once', () => {
    const wax = {
      ...fitted,
      start: { lube: 'drip wax', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
    } as Body;
    const once = played(wax, ...rodeIn40s(1, 6), heard(2, 'squeak'));
    const twice = played(
      wax,
      ...rodeIn40s(1, 6),
      heard(2, 'squeak'),
      rode(3, 40),
      heard(4, 'squeak'),
    );
    expect(once.book.chains.get('c1')?.film).toBeLessThanOrEqual(CARE.reserve.value);
    expect(learnt(twice, 'drip wax').life.mid).toBeCloseTo(learnt(once, 'drip wax').life.mid, 12);
    expect(learnt(twice, 'drip wax').life.seen).toBe(1);
    expect(lessonsOn(twice.steps, 'drip wax').map((l) => l.uncounted)).toEqual([null, 'same coat']);
  });

  it('one early squeak does not cut a life to a fifth: it may have been a jockey wheel', () => {
    const early = played(fitted, rode(1, 31), rode(2, 31), heard(3, 'squeak'));
    expect(early.book.chains.get('c1')?.film).toBeLessThanOrEqual(CARE.reserve.value);
    expect(learnt(early).life.mid).toBeGreaterThan(0.75);
  });

  it('ten quiet notes of one coat are one: the last', () => {
    const notes = (day: number, rides: number, noted: (n: number) => boolean) =>
      Array.from({ length: rides }, (_, n) => [
        rode(day + n, 40),
        ...(noted(n) ? [heard(day + n + 0.5, 'still quiet')] : []),
      ]).flat();
    const all = learnt(played(fitted, ...notes(1, 10, () => true)));
    const last = learnt(played(fitted, ...notes(1, 10, (n) => n === 9)));
    expect(all.life.seen).toBe(1);
    expect(all.life.mid / last.life.mid).toBeCloseTo(1, 2);
  });

  it('quiet after a squeak takes the squeak back', () => {
    const quiet = played(
      fitted,
      ...rodeIn40s(1, 5),
      heard(2, 'squeak'),
      rode(3, 40),
      heard(4, 'still quiet'),
    );
    const never = played(fitted, ...rodeIn40s(1, 5), rode(3, 40), heard(4, 'still quiet'));
    expect(learnt(quiet).life.mid).toBeCloseTo(learnt(never).life.mid, 2);
    expect(quiet.book.chains.get('c1')?.film).toBeGreaterThan(0.3);
  });

  it('a chain moved from another bike does not teach with the kilometres it had there', () => {
    const moved: Body[] = [
      { type: 'chainRemoved', at: at(2), chainId: 'c1' },
      { type: 'chainFitted', at: at(3), chainId: 'c1', bikeId: 'b2', start: null },
    ];
    const replay = played(
      fitted,
      ...rodeIn40s(1, 5),
      ...moved,
      rode(4, 40, 'b2'),
      heard(5, 'squeak'),
    );
    expect(learntFor(replay.book, 'b2', 'wet')).toBe(NOT_LEARNT);
    expect(lessonsOn(replay.steps, 'wet').map((l) => l.uncounted)).toEqual(['two bikes']);
    expect(replay.book.chains.get('c1')?.film).toBeLessThanOrEqual(CARE.reserve.value);
  });

  it('a coat heard quiet after each ride, then ridden on and renewed, has likely ended there', () => {
    const heardEach = (rides: number): Body[] =>
      Array.from({ length: rides }, (_, n) => [
        rode(1 + n, 60),
        heard(1.5 + n, 'still quiet'),
      ]).flat();
    const on = learnt(played(fitted, ...heardEach(4), rode(6, 60)));
    const renewed = learnt(played(fitted, ...heardEach(4), rode(6, 60), lubed(7)));
    const atOnce = learnt(played(fitted, ...heardEach(4), lubed(7)));
    expect(renewed.life.mid).toBeLessThan(0.95 * on.life.mid);
    expect(atOnce.life.mid).toBe(on.life.mid);
  });

  it('a coat that went on to another bike teaches nothing when it is renewed there', () => {
    const quiet: Body[] = Array.from({ length: 4 }, (_, n) => [
      rode(1 + n, 60),
      heard(1.5 + n, 'still quiet'),
    ]).flat();
    const moved: Body[] = [
      { type: 'chainRemoved', at: at(6), chainId: 'c1' },
      { type: 'chainFitted', at: at(7), chainId: 'c1', bikeId: 'b2', start: null },
      rode(8, 60, 'b2'),
      lubed(9),
    ];
    expect(learntFor(played(fitted, ...quiet, ...moved).book, 'b2', 'wet')).toBe(NOT_LEARNT);
  });

  it('who seldom listens and renews by the calendar is not taken to have heard anything', () => {
    const seldom = [fitted, ...rodeIn40s(1, 3), heard(2, 'still quiet'), ...rodeIn40s(3, 3)];
    const renewed = learnt(played(...seldom, lubed(5)));
    expect(renewed.life.mid).toBe(learnt(played(...seldom)).life.mid);
    expect(renewed.life.mid).toBeGreaterThan(0.99);
  });

  it('what is hardly possible is asked about and teaches nothing; withdrawn, it is as if never noted', () => {
    const soon = played(fitted, rode(1, 20), heard(2, 'squeak'));
    expect(learnt(soon)).toBe(NOT_LEARNT);
    expect(soon.book.chains.get('c1')?.heard?.odd).toBe(true);
    const late = played(fitted, rode(1, 900), rode(2, 900), heard(3, 'still quiet'));
    expect(learnt(late)).toBe(NOT_LEARNT);
    expect(late.book.chains.get('c1')?.heard?.odd).toBe(true);

    const replay = played(fitted, rode(1, 240), heard(2, 'squeak'));
    const [note] = lessonsOn(replay.steps, 'wet');
    expect(note).toMatchObject({ kind: 'spent', bikeId: 'b1', uncounted: null });
    expect(note?.shown).toBeCloseTo(0.6, 1);
    replay.add([
      {
        type: 'eventStruck',
        id: 'x',
        at: at(3),
        zone: 'UTC',
        recordedAt: at(3),
        target: note?.event.id ?? '',
      },
    ]);
    expect(learnt(replay)).toBe(NOT_LEARNT);
  });

  it('a coat washed off tells nothing of its life in the dry', () => {
    const washed: ChainState = {
      ...startState(
        { lube: 'dry', kmSinceLube: 30, look: 'clean', kmBefore: 0, wearPercent: null },
        0,
      ),
      lost: 0.85,
      film: 0,
    };
    expect(lifeShown(washed)).toBeNull();
    expect(lifeShown({ ...washed, lost: 0.5 })).toBeCloseTo(0.4, 2);
  });

  it('a bottle is learnt of by itself, starting from its label', () => {
    const bottle = productOf({ lifeKm: 800, setHours: 5, leftAt: at(0) });
    const garage = { ...TEST_GARAGE, products: { p1: bottle } };
    const replay = new Replay(
      garage,
      stamped([
        fitted,
        lubed(1, [{ productId: 'p1', amount: 5 }]),
        rode(2, 300),
        rode(3, 300),
        heard(4, 'squeak'),
      ]),
    );
    const coat = replay.steps.find((s) => s.event.type === 'workDone')?.after;
    expect(coat?.bottle).toBe('p1');
    expect(coat?.lifeKm).toBeCloseTo(800, -1);
    expect((coat?.setAt ?? 0) - (coat?.lubedAt ?? 0)).toBe(5 * 3_600_000);
    expect(learnt(replay).life.seen).toBe(0);
    expect(learntFor(replay.book, 'b1', 'p1').life.seen).toBe(1);
    expect(learntFor(replay.book, 'b1', 'p1').life.mid).toBeLessThan(0.9);
  });

  it('black rags on clean roads: grit is learnt to come faster, and narrows with each', () => {
    const rag = (day: number, swatch: number): Body => ({
      type: 'ragChecked',
      at: at(day),
      chainId: 'c1',
      swatch,
    });
    const replay = played(fitted, rode(1, 100), rag(2, 3));
    const { grit } = learnt(replay);
    expect(grit.mid).toBeGreaterThan(1.05);
    const again = played(fitted, rode(1, 100), rag(2, 3), lubed(3), rode(4, 100), rag(5, 3));
    expect(learnt(again).grit.sd).toBeLessThan(grit.sd);
    const white = played(fitted, rode(1, 150), rag(2, 1));
    expect(learnt(white).grit.mid).toBeLessThan(0.9);
    // Just wiped, a swatch shows the start, not how fast grit comes.
    expect(learnt(played(fitted, rode(1, 1), rag(2, 5))).grit).toBe(NOT_LEARNT.grit);
  });

  it('the same notes narrow the spread of the next coat, down to coat from coat', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 11 }).map((n) => 40 * n),
        (km) => {
          const cycle = (n: number): Body[] => [
            lubed(10 * n),
            ...rodeIn40s(10 * n + 1, km / 40),
            heard(10 * n + 2, 'squeak'),
          ];
          let last = lifeSigmaOf(NOT_LEARNT);
          for (const n of [2, 4, 8]) {
            const bodies = Array.from({ length: n }, (_, i) => cycle(i + 1)).flat();
            const sigma = lifeSigmaOf(learnt(played(fitted, ...bodies)));
            expect(sigma).toBeLessThan(last);
            expect(sigma).toBeGreaterThan(CARE.squeakNoise.value);
            last = sigma;
          }
        },
      ),
      { numRuns: cases(15) },
    );
  });
});
