import { demoLogbook } from '@/core/demo/scenario';
import { PRESETS } from '@/core/garage/presets';
import { allEvents } from '@/core/logbook/chunks';
import type { ChainStart } from '@/core/records/event';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, workBody, type Body } from '@/test/events';
import type { Unsettled } from '@/core/records/kinds';
import { STORAGE_AIR } from '@/core/weather/drying';
import { NOT_LEARNT } from '../model/personal';
import { proposeWork, usualWork } from '../verdict/proposal';
import { Replay } from '../replay/replay';
import { reportOn, stepsOf, type ChainReport } from '../verdict/report';
import type { Verdict } from '../verdict/verdict';
import {
  basisSentence,
  firstSentence,
  heardSentence,
  shortVerdict,
  spreadSentence,
  toldSentence,
  verdictWords,
} from '../../words/verdict';
import { bill } from '../bill/bill';
import { sourceLine } from '@/core/words/bill';
import { IMPERIAL, METRIC } from '@/core/units/convert';

const NOON = '2026-05-10T12:00:00.000Z';
const now = Date.parse(NOON);
const hoursAgo = (h: number) => new Date(now - h * 3_600_000).toISOString();

const NO_DAYS = { lube: null, dirt: null, today: '2026-05-10' };

const START: ChainStart = {
  lube: 'wet',
  kmSinceLube: 0,
  look: 'clean',
  kmBefore: 0,
  wearPercent: null,
};

function report(start: Partial<ChainStart>, events: Body[] = []): ChainReport {
  const fitted: Body = {
    type: 'chainFitted',
    at: hoursAgo(24 * 20),
    chainId: 'c1',
    bikeId: 'b1',
    start: { ...START, ...start },
  };
  const replay = new Replay(TEST_GARAGE, stamped([fitted, ...events]));
  const found = reportOn(replay, 'b1', DEFAULT_SETTINGS, now);
  if (!found) throw new Error('no report');
  return found;
}

const ride = (h: number, distanceKm: number, more = {}) =>
  rideBody(hoursAgo(h), 'b1', distanceKm, more);

const work = (h: number, more = {}): Body =>
  workBody(hoursAgo(h), 'c1', {
    method: 'solvent wipe',
    lube: { lubeClass: 'wet', coat: 1, wiped: true },
    ...more,
  });

describe('the verdict', () => {
  it('of a fresh chain says how far it is good, with a spread round it', () => {
    const fresh = report({});
    const { verdict, typical } = fresh;
    expect(verdict.kind).toBe('good for');
    const { low, mid, high } = verdict.distanceKm ?? { low: 0, mid: 0, high: 0 };
    expect(low).toBeLessThan(mid);
    expect(mid).toBeLessThan(high);
    expect(mid).toBeGreaterThan(80);
    expect(mid).toBeLessThan(400);
    const words = verdictWords(fresh, METRIC, NO_DAYS);
    expect(words.lube).toMatch(/^Lube for about \d+ km\.$/);
    expect(words.dirt).toMatch(/^Wipe in about \d+ km\.$/);
    expect(words.matters).toBeNull();
    expect(spreadSentence(verdict.lube, 'wet', METRIC)).toMatch(
      /^Lube: half the time \d+ to \d+ km\.$/,
    );
    expect(basisSentence(typical.rides)).toMatch(/^On dry roads/);
  });

  it('says over all else that a bike is not to be ridden while a check of the bench is open', () => {
    const fresh = report({});
    const said = (leftOpen: readonly Unsettled[]) =>
      verdictWords({ ...fresh, state: { ...fresh.state, leftOpen } }, METRIC, NO_DAYS).notToRide;
    expect(said([])).toBeNull();
    expect(said(['noise', 'jockey wheels', 'worn link', 'tension'])).toBeNull();
    expect(said(['noise', 'brakes'])).toBe('Do not ride: a brake did not stop the bike.');
    for (const what of ['closure', 'routing', 'wheel'] as const)
      expect(said([what])).toMatch(/^Do not ride: /);
  });

  it('puts a look at rust and a new chain before what is planned', () => {
    const { verdict } = report({});
    const first = (kind: Verdict['kind']) => firstSentence({ ...verdict, kind });
    expect(first('replace')).toBe('Fit a new chain first.');
    expect(first('inspect')).toMatch(/^First [a-z].*\. Then say what you found\.$/);
    expect([first('good for'), first('rescue'), first('bare')]).toEqual([null, null, null]);
  });

  it('knows what was said of a chain as long as nothing has happened to it since', () => {
    expect(report({ kmSinceLube: 120 }).told).toEqual({ ...START, kmSinceLube: 120 });
    expect(report({}, [ride(20, 30)]).told).toBeNull();
    const { told } = report({ kmSinceLube: 120, look: 'used' });
    expect(toldSentence(told, METRIC)).toBe(
      'Because you rode 120 km since it was lubed, and because it looks grey.',
    );
    expect(toldSentence(null, METRIC)).toBeNull();
  });

  it('speaks miles to who wants miles', () => {
    const { verdict, state } = report({});
    expect(verdictWords(report({}), IMPERIAL, NO_DAYS).lube).toMatch(/ mi\.$/);
    expect(shortVerdict(verdict, state, IMPERIAL)).toMatch(/^(lube|wipe) in \d+ mi$/);
  });

  it.each<[string, Partial<ChainStart>, Body[], string]>([
    ['spent lube', { kmSinceLube: 380 }, [], 're-lube'],
    ['a bare chain', { lube: null }, [], 'bare'],
    ['a worn chain', { wearPercent: 0.6 }, [], 'replace'],
    ['a wet chain', { kmSinceLube: 280 }, [ride(2, 30, { weather: 'downpour' })], 'rescue'],
    [
      'a dirty outside',
      { look: 'clean' },
      [ride(30, 25, { mud: true }), work(28, { method: 'none' }), ride(20, 20, { mud: true })],
      'wipe',
    ],
    ['grit inside', { look: 'dirty' }, [work(40, { method: 'solvent wipe' })], 'deep clean'],
    ['quick lube left standing', { lube: 'dry', kmSinceLube: 40 }, [], 'touch up'],
    ['cleaned and not lubed', {}, [work(5, { method: 'brush', lube: null })], 'bare'],
  ])('of %s is right', (_, start, events, kind) => {
    expect(report(start, events).verdict.kind).toBe(kind);
  });

  it('a bare chain left wet outdoors for days is to be inspected', () => {
    const wet: Body[] = [
      work(90, { method: 'brush', lube: null, drying: 'towel and air' }),
      { type: 'gotWet', at: hoursAgo(80), bikeId: 'b1', how: 'stood in rain' },
    ];
    const garage = {
      ...TEST_GARAGE,
      bikes: { b1: { ...TEST_GARAGE.bikes.b1!, storage: 'outdoors' as const } },
    };
    const fitted: Body = {
      type: 'chainFitted',
      at: hoursAgo(99),
      chainId: 'c1',
      bikeId: 'b1',
      start: START,
    };
    const found = reportOn(
      new Replay(garage, stamped([fitted, ...wet])),
      'b1',
      DEFAULT_SETTINGS,
      now,
    );
    expect(found?.verdict.kind).toBe('inspect');
  });

  it('proposes the shallowest work that will do', () => {
    expect(report({ kmSinceLube: 380 }).verdict.proposal.depth).toBe('top-up');
    expect(report({ look: 'dirty' }, [work(40)]).verdict.proposal.depth).toMatch(/clean$/);
  });

  it('proposes a brush or scrubber before it proposes baths, wherever the bike is kept', () => {
    const grit = (
      outside: number,
      inside: number,
      storage: 'indoors' | 'shed' | 'outdoors',
      between: 'solvent' | 'degreaser' = 'solvent',
    ) =>
      proposeWork(
        { state: { ...report({}).state, outside, inside }, cogs: 0.3, air: STORAGE_AIR[storage] },
        usualWork('wet', TEST_GARAGE.chains.c1, between),
        { standard: 'tidy', wearPercent: 0.75 },
      ).spec.method;
    for (const storage of ['indoors', 'shed', 'outdoors'] as const) {
      expect(grit(0.4, 0.1, storage)).toBe('dry wipe');
      expect(grit(0.7, 0.1, storage)).toBe('solvent wipe');
      // The school that has degreaser on its rag reaches for it instead.
      expect(grit(0.7, 0.1, storage, 'degreaser')).toBe('degreaser wipe');
      expect(grit(0.3, 0.32, storage)).toBe('brush');
      expect(grit(0.3, 0.5, storage)).toBe('scrubber');
      expect(grit(0.3, 0.9, storage)).toBe('baths');
    }
  });

  it('after rain proposes to dry, lube and wipe, even with some grit inside', () => {
    const wet = { ...report({}).state, wetLeftH: 20, outside: 0.36, inside: 0.29 };
    const limits = { standard: 'tidy', wearPercent: 0.75 } as const;
    const found = proposeWork(
      { state: wet, cogs: 0.3, air: STORAGE_AIR.shed },
      usualWork('wet', TEST_GARAGE.chains.c1, 'solvent'),
      limits,
    );
    expect(found.depth).toBe('rescue');
  });

  it.each([
    ['wet', 'rescue', 'solvent wipe', 'wet'],
    ['drip wax', 'rescue', 'dry wipe', 'drip wax'],
    // Hot wax is dried and left: only what is spent goes back into the pot.
    ['hot wax', 'wipe-down', 'dry wipe', null],
  ] as const)(
    'drives the water out of a salted chain in %s that would rust: %s',
    (lube, depth, method, coat) => {
      const state = { ...report({}).state, lube, film: 1, outside: 0.1, inside: 0.05 };
      const found = proposeWork(
        { state: { ...state, wetLeftH: 7, salted: true }, cogs: 0.1, air: STORAGE_AIR.shed },
        usualWork(lube, TEST_GARAGE.chains.c1, 'solvent'),
        { standard: 'tidy', wearPercent: 0.75 },
      );
      expect(found).toMatchObject({ depth, spec: { method, drying: 'towel and air' } });
      expect(found.spec.lube?.lubeClass ?? null).toBe(coat);
    },
  );

  it('is not content with what leaves a wet chain nearly as near to rust', () => {
    // Full film and salt: 0.0075 of rust an hour. Towelled it stays wet for some hours, blown out for less than one.
    const state = { ...report({}).state, film: 1, outside: 0.1, inside: 0.05, salted: true };
    const wiped = (wetLeftH: number) => {
      const usual = usualWork('wet', TEST_GARAGE.chains.c1, 'solvent');
      const own = usual.map((w) => ({
        ...w,
        spec: { ...w.spec, drying: 'towel and air' as const },
      }));
      const chilly = { temperatureC: 2, humidity: 0.92 };
      return proposeWork({ state: { ...state, wetLeftH }, cogs: 0.1, air: chilly }, own, {
        standard: 'tidy',
        wearPercent: 0.75,
      });
    };
    // In such air even what is blown out is wet for 6 h, 0.047 of rust, and 0.05 is an alarm: a rinse takes the salt off.
    expect(wiped(40).depth).toBe('on-bike clean');
  });

  it('never proposes opening a chain that closes only once', () => {
    const garage = {
      ...TEST_GARAGE,
      chains: { c1: { ...TEST_GARAGE.chains.c1!, closure: 'single-use link' as const } },
    };
    const event = {
      type: 'chainFitted' as const,
      id: 'e0',
      at: hoursAgo(10),
      zone: 'UTC',
      recordedAt: hoursAgo(10),
      chainId: 'c1',
      bikeId: 'b1',
      start: { ...START, look: 'dirty' as const },
    };
    const found = reportOn(new Replay(garage, [event]), 'b1', DEFAULT_SETTINGS, now);
    expect(found?.verdict.proposal.depth).not.toBe('off-bike clean');
  });

  it('an hour of downpour finishes dry lube and the verdict says so', () => {
    const { verdict, state } = report({ lube: 'dry' }, [
      work(6, { lube: { lubeClass: 'dry', coat: 1, wiped: true } }),
      ride(3, 22, { weather: 'downpour' }),
    ]);
    expect(state.film).toBeLessThan(0.15);
    expect([verdict.kind, ...verdict.also]).toEqual(expect.arrayContaining(['rescue', 'film']));
  });

  it('a squeak on a coat well used calls for lube at once; on a fresh coat it asks and changes nothing', () => {
    const squeak = (h: number): Body => ({
      type: 'soundHeard',
      at: hoursAgo(h),
      chainId: 'c1',
      sound: 'squeak',
    });
    const spent = report({ kmSinceLube: 240 }, [squeak(1)]);
    expect(spent.state.film).toBeLessThanOrEqual(0.15);
    expect(spent.verdict.kind).toBe('re-lube');
    const fresh = report({}, [work(3), squeak(1)]);
    expect(fresh.state.film).toBeGreaterThan(0.9);
    expect(heardSentence(fresh.verdict)).toMatch(/fresh/);
  });

  it('a rag check moves the outside towards the swatch and leaves the inside alone', () => {
    const rag = (swatch: number): Body => ({
      type: 'ragChecked',
      at: hoursAgo(1),
      chainId: 'c1',
      swatch,
    });
    const plain = report({ look: 'used' });
    const black = report({ look: 'used' }, [rag(5)]);
    const clean = report({ look: 'used' }, [rag(1)]);
    expect(black.state.outside).toBeGreaterThan(plain.state.outside);
    expect(clean.state.outside).toBeLessThan(plain.state.outside);
    expect(clean.state.inside).toBe(plain.state.inside);
  });

  it('says until when a fresh coat sets', () => {
    const { verdict } = report({}, [
      work(0.1, { lube: { lubeClass: 'drip wax', coat: 1, wiped: false } }),
    ]);
    expect(verdict.setsUntil).toBeGreaterThan(now);
  });
});

describe('the bill', () => {
  const logbook = demoLogbook(now, 'UTC');
  const replay = new Replay(logbook.garage, allEvents(logbook.log));

  it.each([...replay.book.fitted])('adds up on %s', (bikeId, chainId) => {
    const found = reportOn(replay, bikeId, DEFAULT_SETTINGS, now);
    if (!found) throw new Error('no report');
    const sections = bill(stepsOf(replay, chainId), found.state, found.limits, found.learnt);
    expect(sections.map((s) => s.name)).toEqual(['film', 'outside', 'inside', 'wear', 'watts']);
    for (const section of sections) {
      const sum = section.lines.reduce((all, line) => all + line.amount, 0);
      expect(Math.abs(sum - section.total)).toBeLessThan(0.002);
    }
  });

  it('names a source for every figure', () => {
    const { state, limits } = report({});
    for (const section of bill([], state, limits, NOT_LEARNT))
      for (const source of section.sources)
        expect(sourceLine(source, METRIC)).toMatch(/^[A-Z][^:]+: [^;]+; [^;]+; [^;]+\.$/);
  });
});

describe('bike presets', () => {
  it('give every kind a chain that goes round its rings', () => {
    for (const { links, specs } of Object.values(PRESETS)) {
      expect(links % 2).toBe(0);
      expect(links * 12.7).toBeGreaterThan(2 * 400 + (specs.rings[0] ?? 0) * 6.35);
    }
  });
});
