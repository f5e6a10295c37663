import { openingsOf } from '@/core/care/replay/usage';
import { Replay } from '@/core/care/replay/replay';
import { PRESETS } from '@/core/garage/presets';
import type { Chain } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { atBench, WANTED } from '@/test/atBench';
import { benchLube, jobOf } from '@/test/bench';
import { fittedBody, stamped } from '@/test/events';
import { endingLine } from '../../words/facts';
import { runSchema } from '../../records/benchRun';
import { factsOf, putRight } from '../facts';
import type { Job } from '../job';
import { newChainOffer, offers, startRun } from '../offer';
import { procedure } from '../procedure';
import { refusal } from '../refusal';
import { workDoneOf } from '../result';
import { readRun, type Mark, type Run } from '../run';
import { eventsOf, measuredIn } from '../runEvents';
import { firstFault } from '../simulate';
import type { StepId } from '../steps';

const MINUTE = 60_000;
const { workshop } = jobOf();
const road: Job['bike'] = { ...PRESETS.road.specs, name: 'Road bike' };
const hub: Job['bike'] = {
  ...road,
  ...{ gear: 'hub', brake: 'rim', wheel: 'nuts', rings: [38] },
};
const next = (more: Partial<NonNullable<Job['next']>> = {}): NonNullable<Job['next']> => ({
  ...{ id: 'c9', name: 'Chain 9', links: 112, closure: 'single-use link', directional: false },
  ...more,
});
const job = (more: Partial<Job> = {}) =>
  jobOf({
    depth: 'new chain',
    onIt: null,
    next: next(),
    old: { becomes: 'worn', limit: 0.5 },
    ...more,
  });
const ids = (of: Job) => procedure(of).map((s) => s.id);
const said = (of: Job, id: StepId) => procedure(of).find((s) => s.id === id);

/** The three bikes of every reading: twelve speeds with a link that closes once, a joining pin, a hub gear. */
const TWELVE = job({
  chain: { links: 112, closure: 'single-use link', directional: true },
  next: next({ directional: true }),
  lube: benchLube('dry'),
});
const PIN = job({
  chain: { links: 108, closure: 'connecting pin', directional: false },
  next: next({ links: 108, closure: 'connecting pin' }),
});
const HUB = job({
  bike: hub,
  chain: { links: 100, closure: 'reusable link', directional: false },
  next: next({ links: 100, closure: 'reusable link' }),
  old: { becomes: 'kept', limit: 0.75 },
  salted: true,
});

describe('a chain out of its box', () => {
  it('goes on in the order of the work', () => {
    const order = [
      ...['measure old', 'open', 'cassette', 'teeth', 'length', 'cut', 'soak', 'is dry'],
      ...['lay in', 'routed', 'direction', 'close', 'link seated', 'joints', 'baseline', 'drops'],
      ...['set down', 'load', 'brakes', 'first ride'],
    ];
    expect(ids(TWELVE).filter((id) => order.includes(id))).toEqual(order);
    // Common practice: wet lube leaves the factory's grease inside, and a hub gear has no cage to route.
    expect(ids(PIN)).toEqual(expect.arrayContaining(['wipe grease', 'routed', 'link seated']));
    expect(ids(PIN)).not.toContain('soak');
    expect(ids(PIN)).not.toContain('drops');
    expect(ids(HUB)).toEqual(expect.arrayContaining(['slacken', 'wipe grease', 'tension']));
    expect(ids(HUB)).not.toContain('routed');
  });

  it('follows the school of the rider: strip always, wipe always, or by lube; wax is stripped for', () => {
    const strips = (newChain: 'strip' | 'wipe' | 'by lube', lube: 'wet' | 'dry' | 'drip wax') =>
      ids(
        job({
          lube: benchLube(lube),
          workshop: { ...workshop, schools: { ...workshop.schools, newChain } },
        }),
      ).includes('soak');
    expect([strips('strip', 'wet'), strips('wipe', 'wet'), strips('by lube', 'wet')]).toEqual([
      ...[true, false, false],
    ]);
    expect([strips('wipe', 'dry'), strips('by lube', 'dry'), strips('wipe', 'drip wax')]).toEqual([
      ...[false, true, true],
    ]);
  });

  it('is opened by what closes the old one and closed by what came in its box', () => {
    expect(said(PIN, 'open')?.materials).toContain('chain tool');
    expect(said(PIN, 'close')?.what).toContain('new pin');
    expect(said(TWELVE, 'close')?.materials).toContain('new link');
    // By hand: 111 links and the quick link are 112; a pin joins 108 to a loop of 108.
    expect(said(TWELVE, 'cut')?.what).toContain('behind link 111');
    expect(said(TWELVE, 'length')?.what).toContain('the quick link makes 112');
    expect(said(PIN, 'cut')?.what).toContain('behind link 108');
    expect(said(TWELVE, 'cut')?.what).toContain('both ends are narrow');
    expect(said(PIN, 'cut')?.what).toContain('one end is narrow and the other wide');
    expect(said(TWELVE, 'direction')?.drawing).toBe('way round');
    // Nothing else need lie ready: a new chain comes with what closes it.
    expect(refusal(TWELVE)).toBeNull();
    expect(refusal(job({ lube: benchLube('hot wax') }))).toBe('no pot');
    const never = { ...workshop, schools: { ...workshop.schools, chainOff: 'never' as const } };
    expect(refusal(job({ workshop: never }))).toBeNull();
    expect(refusal(job({ next: null }))).toBe('no other chain');
  });

  it('says what becomes of the old one, and asks after its link only where it is kept', () => {
    expect(said(HUB, 'rest')?.what).toMatch(/^Rinse the salt off .* its link beside it/);
    expect(said(TWELVE, 'rest')?.what).toContain('until the new one has been ridden');
    expect(said(job({ ...PIN, old: { becomes: 'kept', limit: 1 } }), 'rest')?.why).toContain(
      'new link or pin',
    );
    expect(ids(HUB)).toContain('link worn');
    expect(ids(job({ ...HUB, old: { becomes: 'worn', limit: 0.75 } })).includes('link worn')).toBe(
      false,
    );
    expect(said(HUB, 'measure old')?.why).toContain('From 0.75 %');
  });

  it('goes on a bike that has none', () => {
    const bare = job({ old: { becomes: null, limit: 0.5 } });
    expect(ids(bare)).not.toContain('open');
    expect(ids(bare)).not.toContain('measure old');
    expect(firstFault(bare, procedure(bare))).toBeNull();
  });

  it('holds the battery of an e-bike out until it was pressed on', () => {
    const steps = ids(job({ bike: { ...road, ebike: true } }));
    expect(steps.indexOf('load')).toBeLessThan(steps.indexOf('battery'));
  });
});

describe('a step left out of it', () => {
  it.each<[StepId, Job, StepId | 'end']>([
    ['teeth', TWELVE, 'lay in'],
    ['length', TWELVE, 'cut'],
    ['cut', TWELVE, 'lay in'],
    ['soak', TWELVE, 'bath 2'],
    ['wipe grease', PIN, 'lay in'],
    ['joints', PIN, 'end'],
    ['baseline', PIN, 'end'],
    ['load', HUB, 'end'],
    ['slacken', HUB, 'open'],
    ['tension', HUB, 'link seated'],
    ['routed', PIN, 'close'],
    ['direction', TWELVE, 'close'],
    ['wipe cogs', PIN, 'teeth'],
  ])('“%s”: is missed', (id, of, at) => {
    const steps = procedure(of);
    expect(firstFault(of, steps)).toBeNull();
    expect(
      firstFault(
        of,
        steps.filter((s) => s.id !== id),
      )?.step,
    ).toBe(at);
  });
});

const CHAIN: Chain = {
  ...{ id: 'c9', name: 'Road bike chain 2', links: 112, speeds: 12, closure: 'single-use link' },
  ...{ openingsAllowed: null, directional: false, price: 55, retired: false },
  changedAt: '2026-06-01T00:00:00.000Z',
} as const;
const boxed = { bikeId: 'b1', chain: CHAIN, replaces: 'c1', keepsOld: false };

/** A session in which every step was done, a minute each, but for some. */
function runOf(of: Job, left: Partial<Record<string, Mark['kind']>> = {}): Run {
  const marks = procedure(of).map((s, n): Mark => ({
    ...{ step: s.id, kind: left[s.id] ?? 'done', at: (n + 1) * MINUTE, swatch: null, why: '' },
  }));
  return {
    ...{ version: 2, chainId: 'c1', bottleId: null, underId: null, cleanerId: null, startedAt: 0 },
    ...{ marks, acknowledged: [], coat: 1, note: '', job: of, boxed },
  };
}
const written = (run: Run) => eventsOf(run, workDoneOf(run, {}, 100 * MINUTE), 'b1');

describe('the log of it', () => {
  it('has the fitting in factory grease, then the work of the new chain', () => {
    const [fitted, work, ...rest] = written(runOf(TWELVE));
    expect(rest).toEqual([]);
    expect(fitted).toMatchObject({
      ...{ type: 'chainFitted', chainId: 'c9', bikeId: 'b1' },
      start: { lube: 'wet', look: 'clean', kmBefore: 0 },
    });
    expect(work).toMatchObject({
      ...{ type: 'workDone', chainId: 'c9', depth: 'new chain', method: 'strip' },
      ...{ cogsCleaned: true, lube: { lubeClass: 'dry', coat: 1 } },
    });
    expect(written(runOf(PIN))[1]).toMatchObject({ method: 'solvent wipe', lube: null });
  });

  it('has wax that was dipped before the chain was closed as its coat, not as work of no chain', () => {
    const wax = job({
      lube: benchLube('hot wax'),
      workshop: { ...workshop, tools: ['stand', 'pot', 'air'] },
    });
    const [fitted, work] = written(runOf(wax));
    expect(fitted!.at <= work!.at).toBe(true);
    const replay = new Replay(
      { ...TEST_GARAGE, chains: { ...TEST_GARAGE.chains, c9: CHAIN } },
      stamped([fittedBody('1969-12-01T00:00:00.000Z'), fitted!, work!]),
    );
    expect(replay.book.fitted.get('b1')).toBe('c9');
    expect(replay.book.chains.get('c9')).toMatchObject({ lube: 'hot wax', film: 1 });
    // Stripping and dipping opened no link: it was closed for the first time.
    expect(openingsOf(replay.steps, 'c9')).toBe(0);
  });

  it('keeps what was left open with the chain it speaks of', () => {
    const open = runOf(job({ ...HUB, next: next() }), {
      ...{ teeth: 'left open', load: 'left open', 'first ride': 'left open' },
      'link worn': 'left open',
    });
    const [, work, old] = written(open);
    expect(work).toMatchObject({
      chainId: 'c9',
      leftOpen: ['worn teeth', 'skipping', 'first ride'],
    });
    expect(old).toMatchObject({ chainId: 'c1', leftOpen: ['worn link'], minutes: null });
  });

  it('has nothing where the chain was not closed, and asks for the readings that were taken', () => {
    const run = runOf(TWELVE);
    const undone = putRight(
      run,
      factsOf(run).find((f) => f.step === 'close')!,
    );
    const not = putRight(undone, { step: 'close', done: false });
    expect(written(not)).toEqual([]);
    expect(endingLine(TWELVE, false, { method: 'strip', lube: null })).toContain('not done');
    expect(measuredIn(run)).toEqual(['c9', 'c1']);
    expect(measuredIn(runOf(TWELVE, { baseline: 'skipped' }))).toEqual(['c1']);
    expect(measuredIn(runOf(PIN, { 'measure old': 'skipped' }))).toEqual(['c9']);
  });

  it('is taken up again with its chain after the page was closed', () => {
    const run = runOf(PIN);
    expect(readRun(JSON.stringify(run), { runSchema })).toEqual(run);
    const spoilt = { ...run, boxed: { ...boxed, chain: { ...CHAIN, links: 'many' } } };
    expect(readRun(JSON.stringify(spoilt), { runSchema })).toBeNull();
  });
});

describe('its offer', () => {
  it('doses for the new chain’s links and judges the old by its speeds', () => {
    const at = atBench();
    const offer = newChainOffer(at, { ...WANTED, lube: 'dry' }, { ...boxed, keepsOld: true });
    expect(offer.refused).toBeNull();
    expect(offer.job).toMatchObject({ old: { becomes: 'kept' }, next: CHAIN, onIt: null });
    const shorter = { ...boxed, chain: { ...CHAIN, links: 56 } };
    const half = newChainOffer(at, { ...WANTED, lube: 'dry' }, shorter);
    expect(half.job.lube!.drops * 2).toBe(offer.job.lube!.drops);
    const none = newChainOffer({ ...at, chain: CHAIN }, WANTED, boxed);
    expect(none.job.old.becomes).toBeNull();
    const run = startRun(offer, at.chain.id, 5, boxed);
    expect(run.boxed).toEqual(boxed);
    expect(startRun(offer, at.chain.id, 5)).not.toHaveProperty('boxed');
  });

  it('is none of those the bench makes by itself', () => {
    expect(offers(atBench(), WANTED).map((o) => o.depth)).not.toContain('new chain');
  });
});
