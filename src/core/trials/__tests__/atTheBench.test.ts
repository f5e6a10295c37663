import fc from 'fast-check';
import { atBench } from '@/test/atBench';
import { possibleWays } from '../possible';
import { benchTrialOf, settingsWith } from '../setup';
import type { Arm, TriedWay } from '@/core/records/trialKinds';
import type { TrialQuestion } from '@/core/records/trial';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { offers, startRun, usualWanted, type AtTheBench } from '@/core/bench/offer';
import { procedure } from '@/core/bench/procedure';
import { workDoneOf } from '@/core/bench/result';
import type { Run } from '@/core/bench/run';

const LABELS = { a: 'Lower run', b: 'Top of the cog' };
const OWN: TrialQuestion = { kind: 'own', ask: 'Which?', a: 'warm', b: 'cold' };
const way = (name: TriedWay, a: string, b: string): TrialQuestion => ({
  kind: 'way',
  way: name,
  a,
  b,
});
const withStand = (at: AtTheBench): AtTheBench => ({
  ...at,
  settings: {
    ...at.settings,
    workshop: { ...at.settings.workshop, tools: ['stand', 'brushes', 'scrubber'] },
  },
});

/** The jobs that the bench offers while a trial runs. */
function jobs(question: TrialQuestion, arm: Arm, at = withStand(atBench())) {
  const trial = benchTrialOf({ id: 't', question }, arm, LABELS);
  return offers(
    { ...at, trial },
    usualWanted({ lube: 'wet', bottleId: null }, at.settings.workshop),
  );
}
const job = (depth: string, ...args: Parameters<typeof jobs>) =>
  jobs(...args).find((o) => o.depth === depth)!;
const said = (offer: ReturnType<typeof job>): string =>
  procedure(offer.job)
    .map((s) => `${s.id}: ${s.what}`)
    .join('\n');

/** A run in which every step was done. */
function ridden(offer: ReturnType<typeof job>, more: Partial<Run> = {}): Run {
  const run = startRun(offer, 'c1', 0);
  const marks = procedure(offer.job).map((s, n) => ({
    step: s.id,
    kind: s.check?.kind === 'rag' ? ('swatch' as const) : ('done' as const),
    at: (n + 1) * 60_000,
    swatch: s.check?.kind === 'rag' ? 1 : null,
    why: '',
  }));
  return { ...run, marks, ...more };
}
const written = (run: Run) => workDoneOf(run, {}, 3_600_000).trial;

describe('a coat for a trial at the bench', () => {
  it('begins with whose turn it is, and is put on that way', () => {
    const where = way('where', 'lower run', 'top of the cog');
    const [a, b] = [job('top-up', where, 'a'), job('top-up', where, 'b')];
    expect(procedure(a.job)[0]).toMatchObject({
      id: 'trial',
      what: 'This coat is for your trial. This time it is “Lower run”.',
    });
    expect(said(a)).toMatch(/drops: .*lower run/);
    expect(said(b)).toMatch(/drops: .*top of the cog/);
  });

  it.each([
    [way('amount', 'drop', 'stream'), /one small drop/, /steady stream/],
    [way('sides', 'one', 'both'), /once round/, /twice round/],
    [way('wipeAfter', 'at once', 'not at all'), /wipe off:/, /leave it: .*Do not wipe/],
    [way('oldCoat', 'wipe', 'flush'), /drops:/, /flush:/],
  ])('is set up by the way that is tried (%#)', (question, a, b) => {
    expect(said(job('top-up', question, 'a'))).toMatch(a);
    expect(said(job('top-up', question, 'b'))).toMatch(b);
    expect(said(job('top-up', question, 'a'))).not.toMatch(b);
  });

  it('is no top-up where a clean is due first', () => {
    const question = way('oldCoat', 'wipe', 'clean');
    expect(job('top-up', question, 'b').refused).toBe('old coat stays');
    expect(job('on-bike clean', question, 'b').job.trial?.arm).toBe('b');
  });

  it('goes into the log as it was done: as its turn was, as the rider says, or neither', () => {
    const done = job('top-up', OWN, 'b');
    expect(written(ridden(done))).toEqual({ id: 't', arm: 'b' });
    expect(written(ridden(done, { tried: 'a' }))).toEqual({ id: 't', arm: 'a' });
    const skipped = ridden(done);
    skipped.marks = skipped.marks.map((m) => (m.step === 'trial' ? { ...m, kind: 'skipped' } : m));
    expect(written(skipped)).toEqual({ id: 't', arm: 'neither' });
    const dry = ridden(done);
    dry.marks = dry.marks.map((m) => (m.step === 'drops' ? { ...m, kind: 'skipped' } : m));
    expect(written(dry)).toBeUndefined();
  });

  it('says nothing twice: which bottle it was, or what was done to the old coat, stands in the log', () => {
    expect(written(ridden(job('top-up', way('oldCoat', 'wipe', 'flush'), 'a')))).toBeUndefined();
  });

  it('is of the trial only from the bottle whose turn it is, at home, and whole', () => {
    const bottles: TrialQuestion = { kind: 'product', a: 'p1', b: 'p2' };
    expect(jobs(bottles, 'a').every((o) => o.job.trial === undefined)).toBe(true);
    const ofTrial = jobs(OWN, 'a').filter((o) => o.job.trial !== undefined);
    expect(ofTrial.map((o) => o.depth).sort()).toEqual(
      ['off-bike clean', 'on-bike clean', 'soak', 'top-up', 'wax reset'].sort(),
    );
  });

  it('is not of the trial where this bike cannot be lubed that way', () => {
    const where = way('where', 'lower run', 'top of the cog');
    const at = withStand(atBench());
    const hub: AtTheBench = { ...at, bike: { ...at.bike, gear: 'hub' } };
    expect(job('top-up', where, 'b', hub).job.trial).toBeUndefined();
    expect(job('top-up', where, 'b', atBench()).job.trial?.arm).toBe('b');
    const fixed: AtTheBench = { ...at, bike: { ...at.bike, gear: 'single', drive: 'fixed' } };
    const wanted = usualWanted({ lube: 'wet', bottleId: null }, at.settings.workshop);
    expect(possibleWays(fixed, wanted).where).toEqual([]);
    expect(possibleWays(at, wanted)).toMatchObject({
      amount: ['drop', 'stream'],
      sides: ['one', 'both'],
      oldCoat: ['wipe', 'flush', 'clean'],
    });
    const wax = usualWanted({ lube: 'drip wax', bottleId: null }, at.settings.workshop);
    expect(possibleWays(at, wax)).toMatchObject({ amount: [], wipeAfter: [], oldCoat: [] });
  });

  it('is put on as its turn asks, whatever the bike, or is not of the trial', () => {
    fc.assert(
      fc.property(
        fc.record({
          gear: fc.constantFrom('derailleur' as const, 'hub' as const, 'single' as const),
          drive: fc.constantFrom('freewheel' as const, 'fixed' as const, 'coaster' as const),
          brake: fc.constantFrom('rim' as const, 'disc, hydraulic' as const),
          stand: fc.boolean(),
          lube: fc.constantFrom('wet' as const, 'dry' as const, 'drip wax' as const),
          arm: fc.constantFrom('a' as const, 'b' as const),
        }),
        ({ gear, drive, brake, stand, lube, arm }) => {
          const base = stand ? withStand(atBench()) : atBench();
          const at: AtTheBench = { ...base, bike: { ...base.bike, gear, drive, brake } };
          const where = way('where', 'top of the cog', 'both runs');
          const trial = benchTrialOf({ id: 't', question: where }, arm, LABELS);
          const list = offers(
            { ...at, trial },
            usualWanted({ lube, bottleId: null }, at.settings.workshop),
          );
          const phrase = arm === 'a' ? /the top of the cog/ : /the upper run turning forwards/;
          for (const o of list)
            if (o.refused === null && o.job.trial !== undefined) expect(said(o)).toMatch(phrase);
        },
      ),
    );
  });
});

describe('a habit as one’s own', () => {
  it('is a setting where it is a way, and nothing else changes', () => {
    const set = settingsWith(DEFAULT_SETTINGS, way('where', 'lower run', 'top of the cog'), 'b');
    expect(set.workshop.schools.where).toBe('top of the cog');
    expect({ ...set, workshop: DEFAULT_SETTINGS.workshop }).toEqual(DEFAULT_SETTINGS);
    expect(settingsWith(DEFAULT_SETTINGS, way('amount', 'drop', 'stream'), 'b').schools).toEqual({
      ...DEFAULT_SETTINGS.schools,
      amount: 'stream',
    });
    expect(settingsWith(DEFAULT_SETTINGS, OWN, 'b')).toEqual(DEFAULT_SETTINGS);
  });
});
