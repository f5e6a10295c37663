import { TEST_GARAGE } from '@/test/arbitraries';
import { fittedBody, rideBody, stamped, workBody, type Body } from '@/test/events';
import { recordedBody } from '@/test/recordedRiders';
import { GRID, likelihoodOf, normalShare, priorBelief } from '@/core/learn/belief';
import { ownQuantile } from '@/core/learn/own';
import { CARE } from '../model/constants';
import { futuresOf, NOT_LEARNT } from '../model/personal';
import { learntFor } from '../replay/bookState';
import { ragReadOf, ragSeen } from '../model/observe';
import { Replay } from '../replay/replay';
import { startState } from '../model/state';
import { bill } from '../bill/bill';
import { coatLikelihood, louderWith, NOTHING_NOTED } from '../model/coatNotes';
import { lessonsOn } from '../replay/lessons';
import { inFull } from '../replay/step';
import { lessonSentence } from '@/core/words/learnt';
import { billLabel } from '@/core/words/bill';
import { METRIC } from '@/core/units/convert';

const at = (day: number) =>
  new Date(Date.parse('2026-05-01T08:00:00.000Z') + day * 86_400_000).toISOString();
const rode = (rides: number): Body[] =>
  Array.from({ length: rides }, (_, n) => rideBody(at(1 + n / 20), 'b1', 40));
const played = (...bodies: Body[]) =>
  new Replay(TEST_GARAGE, stamped([fittedBody(at(0)), ...bodies]));
const chain = (replay: Replay) => replay.book.chains.get('c1')!;

describe('a recording beside its quiet', () => {
  const before = chain(played(...rode(5)));

  it('takes film away where it is much louder, and gives some back where it is not', () => {
    const loud = chain(played(...rode(5), recordedBody(2, { db: 12, sd: 2 })));
    const still = chain(played(...rode(5), recordedBody(2, { db: -3, sd: 2 })));
    expect(loud.film).toBeLessThan(before.film - 0.05);
    expect(still.film).toBeGreaterThan(before.film);
    // The wide error keeps either from saying all.
    expect(loud.film).toBeGreaterThan(0.2);
    expect(still.film).toBeLessThan(0.75);
  });

  it('says less with a wider error, and nothing as a baseline', () => {
    const by = (sd: number) =>
      before.film - chain(played(...rode(5), recordedBody(2, { db: 10, sd }))).film;
    expect(by(1)).toBeGreaterThan(by(8));
    expect(by(8)).toBeGreaterThan(0);
    expect(chain(played(...rode(5), recordedBody(2, null))).film).toBeCloseTo(before.film, 2);
  });

  it('never calls for a job by itself, however loud', () => {
    for (let rides = 1; rides < 10; rides++) {
      const alone = chain(played(...rode(rides)));
      const loud = chain(played(...rode(rides), recordedBody(2, { db: 60, sd: 0.1 })));
      if (alone.film > CARE.reserve.value) expect(loud.film).toBeGreaterThan(CARE.reserve.value);
    }
  });

  it('leaves as little as it may, and what is far off says nothing', () => {
    const films = [10, 14, 18].flatMap((db) =>
      [6, 7, 8].map(
        (rides) => chain(played(...rode(rides), recordedBody(2, { db, sd: 0.1 }))).film,
      ),
    );
    expect(Math.min(...films)).toBeCloseTo(CARE.reserve.value + 0.03, 6);
    // 60 dB is no chain: somebody dropped a spanner.
    expect(chain(played(...rode(5), recordedBody(2, { db: 60, sd: 0.1 }))).film).toBeCloseTo(
      before.film,
      1,
    );
  });

  it('is how likely a coat’s own life makes it, over the noise from coat to coat, summed finely', () => {
    const recording = { worn: 0.5, forDistance: 1, db: 4, sd: 2 };
    const told = coatLikelihood({ ...NOTHING_NOTED, recording });
    const none = coatLikelihood(NOTHING_NOTED);
    const byHand = (ln: number) => {
      let [sum, all] = [0, 0];
      for (let z = -4; z <= 4; z += 0.05) {
        const film = Math.min(1, Math.max(0, 1 - 0.5 / Math.exp(ln + 0.15 * z)));
        const w = Math.exp(-0.5 * z * z);
        const fits = Math.exp(-0.5 * ((4 - 9 * (1 - film) ** 3) ** 2 / (4 + 16))) / Math.sqrt(20);
        // One in twenty says nothing: any level between 40 dB is as likely.
        sum += w * (0.95 * fits + (0.05 * Math.sqrt(2 * Math.PI)) / 40);
        all += w;
      }
      return sum / all;
    };
    const at = (n: number) => told[n]! / none[n]! / (told[90]! / none[90]!);
    for (const n of [50, 60, 66, 70, 80, 100, 130])
      expect(at(n) / (byHand(GRID[n]!) / byHand(GRID[90]!))).toBeCloseTo(1, 1);
  });

  it('stays known when the chain is then heard quiet', () => {
    const quiet: Body = { type: 'soundHeard', at: at(2.1), chainId: 'c1', sound: 'still quiet' };
    const both = chain(played(...rode(5), recordedBody(2, { db: 9, sd: 2 }), quiet));
    expect(both.notes).toMatchObject({ recording: { db: 9, sd: 2 } });
    expect(both.notes?.quietTo).toBeGreaterThan(0);
  });

  it('counts once a coat, the last of them, and is forgotten with it', () => {
    const twice = played(
      ...rode(5),
      recordedBody(2, { db: 12, sd: 2 }),
      recordedBody(2.1, { db: 3, sd: 2 }),
    );
    const once = played(...rode(5), recordedBody(2.1, { db: 3, sd: 2 }));
    expect(learntFor(twice.book, 'b1', 'wet').life.mid).toBeCloseTo(
      learntFor(once.book, 'b1', 'wet').life.mid,
      9,
    );
    expect(learntFor(twice.book, 'b1', 'wet').life.seen).toBe(1);
    const renewed = played(
      ...rode(5),
      recordedBody(2, { db: 12, sd: 2 }),
      workBody(at(3), 'c1', { lube: { lubeClass: 'wet', coat: 1, wiped: true } }),
    );
    expect(chain(renewed).notes?.recording ?? null).toBeNull();
  });

  it('teaches nothing after a squeak, of a coat hardly ridden, or where nobody rode it', () => {
    const squeak: Body = { type: 'soundHeard', at: at(1.9), chainId: 'c1', sound: 'squeak' };
    const after = played(...rode(6), squeak, recordedBody(2, { db: 0, sd: 1 }));
    expect(chain(after).film).toBeLessThanOrEqual(CARE.reserve.value);
    expect(lessonsOn(after.steps, 'wet').map((l) => l.uncounted)).toEqual([null, 'same coat']);
    const fresh = played(recordedBody(1, { db: 9, sd: 1 }));
    expect(lessonsOn(fresh.steps, 'wet').map((l) => l.uncounted)).toEqual(['too little']);
    expect(learntFor(fresh.book, 'b1', 'wet')).toEqual(NOT_LEARNT);
    const onTwo = played(
      ...rode(3),
      { type: 'chainRemoved', at: at(1.5), chainId: 'c1' },
      { type: 'chainFitted', at: at(1.6), chainId: 'c1', bikeId: 'b2', start: null },
      rideBody(at(1.7), 'b2', 40),
      recordedBody(2, { db: 9, sd: 1 }),
    );
    expect(lessonsOn(onTwo.steps, 'wet').map((l) => l.uncounted)).toEqual(['two bikes']);
    expect(lessonSentence(lessonsOn(onTwo.steps, 'wet')[0]!, () => '')).toMatch(
      /more than one bike/,
    );
  });

  it('keeps the middle of what may come between its low and its high', () => {
    for (const db of [-10, 0, 5, 15, 40]) {
      const replay = played(...rode(5), recordedBody(2, { db, sd: 2 }));
      const { low, mid, high } = futuresOf(learntFor(replay.book, 'b1', 'wet'), chain(replay));
      expect(low.life).toBeLessThanOrEqual(mid.life);
      expect(mid.life).toBeLessThanOrEqual(high.life);
    }
  });

  it('stands in the bill and among what was learnt', () => {
    const replay = played(...rode(5), recordedBody(2, { db: 12, sd: 2 }));
    const state = chain(replay);
    const sections = bill(
      replay.steps.map(inFull),
      state,
      { standard: 'tidy', wearPercent: 0.5 } as never,
      learntFor(replay.book, 'b1', 'wet'),
    );
    const film = sections.find((s) => s.name === 'film')!;
    expect(film.lines.map((l) => billLabel(l.item, METRIC))).toContain(
      'You recorded how loud it is',
    );
    expect(film.lines.reduce((sum, l) => sum + l.amount, 0)).toBeCloseTo(state.film, 9);
    const [lesson] = lessonsOn(replay.steps, 'wet');
    expect(lessonSentence(lesson!, () => '')).toBe(
      'Recorded: 12 ± 2 dB louder than its quiet, where 1 dB were expected.',
    );
  });
});

describe('how loud a film is', () => {
  it('is nothing freshly coated and all when it is gone', () => {
    expect(louderWith(1)).toBe(0);
    expect(louderWith(0)).toBe(CARE.dryDb.value);
    // Half gone, an eighth.
    expect(louderWith(0.5)).toBeCloseTo(CARE.dryDb.value / 8, 9);
  });
});

describe('one case among all that is believed', () => {
  it('has the quantiles of a fine sum over rider and coat', () => {
    const belief = priorBelief(0.3);
    const seen = likelihoodOf((ln) => Math.exp(-0.5 * ((ln - 0.4) / 0.2) ** 2));
    const known = { noise: 0.15, above: 1.3, without: null, seen };
    // Both normal: prior of one case 0.335 wide, seen at 0.4 within 0.2, cut below ln 1.3.
    const [prior, noise] = [0.3 ** 2 + 0.15 ** 2, 0.2 ** 2];
    const mean = (0.4 * prior) / (prior + noise);
    const sd = Math.sqrt((prior * noise) / (prior + noise));
    const cut = normalShare((Math.log(1.3) - mean) / sd);
    for (const p of [0.1, 0.25, 0.5, 0.75, 0.9]) {
      const at = ownQuantile(belief, p, known);
      expect((normalShare((Math.log(at) - mean) / sd) - cut) / (1 - cut)).toBeCloseTo(p, 1);
    }
  });
});

describe('a photographed rag', () => {
  const state = {
    ...startState(
      { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null },
      0,
    ),
    outside: 0.4,
  };
  const photo = { absorber: 2, outside: 0.6, sd: 0.02, patches: 1, picked: null };

  it('moves the estimate by its own error, a swatch by the usual one', () => {
    // The model is 0.14 sure: gain 0.14² / (0.14² + 0.02²) = 0.98; of a swatch 0.7538.
    expect(ragSeen(state, NOT_LEARNT, ragReadOf(4, photo)).state.outside).toBeCloseTo(0.596, 3);
    expect(ragReadOf(4)).toEqual({ level: 0.62, sd: 0.08 });
    expect(ragReadOf(4, photo)).toEqual({ level: 0.6, sd: 0.02 });
  });

  it('counts for more than a swatch read beside it', () => {
    const rag = (day: number, outside: number, sd: number | null): Body => ({
      type: 'ragChecked',
      at: at(day),
      chainId: 'c1',
      swatch: outside > 0.5 ? 5 : 2,
      ...(sd === null ? {} : { photo: { ...photo, outside, sd } }),
    });
    const mid = (...rags: Body[]) =>
      learntFor(played(...rode(5), ...rags).book, 'b1', 'wet').grit.mid;
    const both = mid(rag(2, 0.2, 0.02), rag(2.1, 0.85, null));
    // Weighed alike, the two would lie about half way.
    const [low, high] = [mid(rag(2, 0.2, 0.02)), mid(rag(2, 0.85, 0.02))];
    expect(Math.log(both / low) / Math.log(high / low)).toBeLessThan(0.25);
  });

  it('of work says what was left, and the bill names it', () => {
    const rag: Body = { type: 'ragChecked', at: at(2), chainId: 'c1', swatch: 4, photo };
    const replay = played(...rode(5), rag);
    const sections = bill(
      replay.steps.map(inFull),
      chain(replay),
      { standard: 'tidy', wearPercent: 0.5 } as never,
      NOT_LEARNT,
    );
    const labels = sections
      .find((s) => s.name === 'outside')!
      .lines.map((l) => billLabel(l.item, METRIC));
    expect(labels).toContain('Your photographed rag');
    expect(lessonSentence(lessonsOn(replay.steps, 'wet')[0]!, () => '')).toMatch(
      /^Rag photographed: 60 % dirty, give or take 2 %; \d+ % expected\.$/,
    );
    const wiped = (more: object) =>
      chain(
        played(...rode(5), workBody(at(2), 'c1', { method: 'dry wipe', swatches: [4], ...more })),
      ).outside;
    expect(Math.abs(wiped({ photo }) - 0.6)).toBeLessThan(Math.abs(wiped({}) - 0.6));
  });
});
