import { openingsOf } from '@/core/care/replay/usage';
import { Replay } from '@/core/care/replay/replay';
import type { Chain } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { atBench, WANTED } from '@/test/atBench';
import { jobOf } from '@/test/bench';
import { stamped } from '@/test/events';
import { endingLine, factLabel } from '../../words/facts';
import { factsOf, putRight } from '../facts';
import type { Job } from '../job';
import { offers, startRun } from '../offer';
import { recommend } from '../recommend';
import { procedure } from '../procedure';
import { refusal } from '../refusal';
import { workDoneOf } from '../result';
import { benchOf, type Mark, type Run } from '../run';
import { eventsOf } from '../runEvents';
import { firstFault } from '../simulate';
import { upgraded } from '../upgrade';

const MINUTE = 60_000;
const NEXT: NonNullable<Job['next']> = {
  id: 'c2',
  name: 'Chain B',
  links: 112,
  closure: 'reusable link',
  directional: false,
};
const swap = (more: Partial<Job> = {}) => jobOf({ depth: 'swap', lube: null, next: NEXT, ...more });
const ids = (job: Job) => procedure(job).map((s) => s.id);

/** A session in which every step was done, a minute each, but for some. */
function runOf(job: Job, left: Partial<Record<string, Mark['kind']>> = {}): Run {
  const marks = procedure(job).map((s, n): Mark => ({
    step: s.id,
    kind: left[s.id] ?? 'done',
    at: (n + 1) * MINUTE,
    swatch: null,
    why: '',
  }));
  return {
    ...{ version: 2, chainId: 'c1', bottleId: null, underId: null, cleanerId: null, startedAt: 0 },
    ...{ marks, acknowledged: [], coat: 1, note: '', job },
  } as Run;
}
const written = (run: Run, bikeId: string | null = 'b1') =>
  eventsOf(run, workDoneOf(run, {}, 60 * MINUTE), bikeId);

describe('a swap at the bench', () => {
  it('takes one chain off, puts it to rest, and lays the other in before it closes it', () => {
    const steps = ids(swap({ chain: { links: 114, closure: 'reusable link', directional: true } }));
    const order = [
      'open',
      'rest',
      'exchange',
      'lay in',
      'routed',
      'close',
      'link seated',
      'listen',
    ];
    expect(steps.filter((id) => order.includes(id))).toEqual(order);
    // The way a chain runs is asked of the one that goes on.
    expect(steps).not.toContain('direction');
    expect(ids(swap({ next: { ...NEXT, directional: true } }))).toContain('direction');
    expect(steps).not.toContain('drops');
    const counted = procedure(swap()).find((s) => s.id === 'exchange');
    expect(counted?.what).toContain('The log says 112, and 114 of the chain that came off');
    const same = procedure(swap({ next: { ...NEXT, links: 114 } })).find(
      (s) => s.id === 'exchange',
    );
    expect(same?.what).toBe(
      'Take Chain B and its own link. Count that it has 114 links, like the one that came off.',
    );
    expect(procedure(swap()).find((s) => s.id === 'listen')?.why).toContain('seated');
    expect(procedure(swap({ salted: true })).find((s) => s.id === 'rest')?.what).toContain('salt');
  });

  it('opens by what is on, closes by what goes on, and is refused where that cannot be closed', () => {
    const pin = { links: 114, closure: 'connecting pin', directional: false } as const;
    const off = procedure(swap({ chain: pin })).find((s) => s.id === 'open');
    expect(off?.materials).toEqual(['chain tool']);
    const on = swap({ next: { ...NEXT, closure: 'single-use link' } });
    expect(refusal(on)).toBe('no new link');
    const workshop = { ...on.workshop, tools: ['stand' as const, 'new link' as const] };
    expect(refusal({ ...on, workshop })).toBeNull();
    expect(procedure({ ...on, workshop }).find((s) => s.id === 'close')?.materials).toEqual([
      'new link',
    ]);
    expect(refusal(swap({ next: null }))).toBe('no other chain');
    expect(refusal(jobOf({ chain: pin }))).toBeNull();
  });

  it('writes the fitting when the link was closed, and no work the chain did not get', () => {
    const job = swap();
    const at = new Date((ids(job).indexOf('close') + 1) * MINUTE).toISOString();
    expect(written(runOf(job))).toMatchObject([
      { type: 'chainFitted', at, chainId: 'c2', bikeId: 'b1', start: null },
      { type: 'workDone', chainId: 'c2', method: 'none', lube: null, depth: 'swap' },
    ]);
  });

  it('asks at its end whether the other chain is on, and says which', () => {
    const run = runOf(swap());
    expect(factsOf(run)).toEqual([{ step: 'close', done: true }]);
    expect(factLabel('close')).toBe('The other chain is on');
    const wrong = putRight(run, { step: 'close', done: false });
    expect(written(wrong)).toHaveLength(1);
    const line = (isClosed: boolean) =>
      endingLine(run.job, isClosed, { method: 'none', lube: null });
    expect(line(true)).toBe('Swap chains, Road bike: Chain B is on.');
    expect(line(false)).toBe('Swap chains, Road bike: not done.');
    expect(endingLine(jobOf(), true, { method: 'dry wipe', lube: 'House wet' })).toMatch(
      /: dry rag, House wet\.$/,
    );
    // Of other jobs a closed link is no news.
    expect(factsOf(runOf(jobOf({ depth: 'soak' }))).map((f) => f.step)).not.toContain('close');
  });

  it('is not done for the simulator where nobody takes the other chain', () => {
    const steps = procedure(swap());
    expect(firstFault(swap(), steps)).toBeNull();
    expect(
      firstFault(
        swap(),
        steps.filter((s) => s.id !== 'exchange'),
      ),
    ).toMatchObject({
      step: 'end',
      part: 'which',
    });
  });

  it('begun before swaps were, a session is read as one without another chain', () => {
    const { next, ...old } = jobOf();
    const stored = { ...runOf(jobOf()), job: old };
    expect(next).toBeNull();
    expect(upgraded(stored)?.job).toEqual(jobOf());
  });

  it('is no swap where the link was not closed, or the chain is on no bike', () => {
    expect(written(runOf(swap(), { close: 'skipped' }))).toMatchObject([
      { type: 'workDone', chainId: 'c1', method: 'none' },
    ]);
    expect(written(runOf(swap()), null)).toHaveLength(1);
    expect(written(runOf(jobOf()))).toMatchObject([{ type: 'workDone', chainId: 'c1' }]);
  });

  it('leaves a worn link open with the chain that came off, all else with the one that is on', () => {
    const events = written(runOf(swap(), { 'link worn': 'left open', routed: 'left open' }));
    expect(events.slice(1)).toMatchObject([
      { chainId: 'c2', leftOpen: ['routing'] },
      { chainId: 'c1', leftOpen: ['worn link'], minutes: null },
    ]);
  });

  it('counts as an opening of the chain that came off, and keeps its wear as it was', () => {
    const start = {
      lube: 'wet',
      kmSinceLube: 0,
      look: 'clean',
      kmBefore: 0,
      wearPercent: null,
    } as const;
    const at = (day: number) => new Date(Date.UTC(2026, 2, day)).toISOString();
    const replay = new Replay(
      TEST_GARAGE,
      stamped([
        { type: 'chainFitted', at: at(1), chainId: 'c1', bikeId: 'b1', start },
        { type: 'chainFitted', at: at(2), chainId: 'c2', bikeId: 'b1', start },
        { type: 'chainFitted', at: at(3), chainId: 'c3', bikeId: 'b2', start },
        { type: 'chainRemoved', at: at(4), chainId: 'c2' },
        { type: 'chainFitted', at: at(5), chainId: 'c1', bikeId: 'b1', start: null },
      ]),
    );
    expect(['c1', 'c2', 'c3'].map((id) => openingsOf(replay.steps, id))).toEqual([1, 1, 0]);
  });

  it('is offered where another chain takes turns, and comes first where nothing else is due', () => {
    const at = atBench();
    const chain = TEST_GARAGE.chains.c2 as Chain;
    const of = (due: boolean) => ({ ...at, next: { chain, state: null, due } });
    const list = offers(of(true), WANTED);
    expect(list.find((o) => o.depth === 'swap')).toMatchObject({
      refused: null,
      job: { lube: null },
    });
    expect(offers(at, WANTED).find((o) => o.depth === 'swap')?.refused).toBe('no other chain');
    const good = {
      kind: 'good for',
      heard: null,
      clocks: [],
      proposal: { depth: 'wipe-down' },
    } as never;
    expect(recommend(good, list, null, true)).toEqual({ depth: 'swap', reason: 'swap due' });
    expect(recommend(good, list)?.depth).toBe('wipe-down');
    const due = { ...(good as object), kind: 'due', proposal: { depth: 'top-up' } } as never;
    expect(recommend(due, list, null, true)?.depth).toBe('top-up');
    const swapOffer = list.find((o) => o.depth === 'swap')!;
    expect(benchOf(startRun(swapOffer, 'c1', 0)).steps.map((s) => s.id)).toContain('exchange');
  });
});
