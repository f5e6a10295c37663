import { nothingDueSentence, recommendedSentence } from '../../words/offers';
import { Replay } from '@/core/care/replay/replay';
import { reportOn, type ChainReport } from '@/core/care/verdict/report';
import type { Chain } from '@/core/records/garage';
import type { ChainStart } from '@/core/records/event';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { TEST_GARAGE } from '@/test/arbitraries';
import { stamped, type Body } from '@/test/events';
import { STORAGE_AIR } from '@/core/weather/drying';
import { WANTED } from '@/test/atBench';
import { offers, startRun } from '../offer';
import { recommend } from '../recommend';
import { benchOf } from '../run';
import { workDoneOf } from '../result';

const AT = '2026-05-01T08:00:00.000Z';
const NOW = Date.parse(AT) + 3_600_000;

function reported(start: Partial<ChainStart>, heard?: 'squeak', chain: Partial<Chain> = {}) {
  const garage = {
    ...TEST_GARAGE,
    chains: { ...TEST_GARAGE.chains, c1: { ...TEST_GARAGE.chains.c1!, ...chain } },
  };
  const bodies: Body[] = [
    {
      type: 'chainFitted',
      at: AT,
      chainId: 'c1',
      bikeId: 'b1',
      start: {
        lube: 'wet',
        kmSinceLube: 0,
        look: 'clean',
        kmBefore: 0,
        wearPercent: null,
        ...start,
      },
    },
    ...(heard
      ? [
          {
            type: 'soundHeard' as const,
            at: AT.replace(':00.', ':30.'),
            chainId: 'c1',
            sound: heard,
          },
        ]
      : []),
  ];
  const replay = new Replay(garage, stamped(bodies));
  return reportOn(replay, 'b1', DEFAULT_SETTINGS, NOW)!;
}

const at = (report: ChainReport) => ({
  bike: report.bike,
  chain: report.chain,
  state: report.state,
  cogs: report.cogs,
  air: STORAGE_AIR.indoors,
  next: null,
  openings: 0,
  rested: [],
  products: {},
  settings: DEFAULT_SETTINGS,
});

describe('what the bench offers', () => {
  it('every depth, with what it takes and leaves: deeper takes longer and leaves less inside', () => {
    const list = offers(at(reported({ look: 'dirty', kmSinceLube: 300 })), WANTED);
    const of = (depth: string) => list.find((o) => o.depth === depth);
    expect(of('wipe-down')?.time?.handsOn).toBeLessThan(of('top-up')?.time?.handsOn ?? 0);
    expect(of('top-up')?.time?.handsOn).toBeLessThan(of('on-bike clean')?.time?.handsOn ?? 0);
    expect(of('on-bike clean')?.after?.inside).toBeGreaterThan(
      of('off-bike clean')?.after?.inside ?? 1,
    );
    expect(of('wax reset')?.refused).toBe('wax reset without wax');
    expect(of('wax reset')?.time).toBeNull();
  });

  it('recommends what the verdict proposes, or the next that can be done here', () => {
    const spent = reported({ kmSinceLube: 390 });
    expect(recommend(spent.verdict, offers(at(spent), WANTED))?.depth).toBe('top-up');
    const gritty = reported({ look: 'dirty', kmSinceLube: 300 });
    const list = offers(at(gritty), WANTED);
    const found = recommend(gritty.verdict, list);
    expect(list.find((o) => o.depth === found?.depth)?.refused).toBeNull();
    const without = list.map((o) =>
      o.depth === gritty.verdict.proposal.depth ? { ...o, refused: 'no scrubber' as const } : o,
    );
    const other = recommend(gritty.verdict, without);
    expect(other?.depth).not.toBe(gritty.verdict.proposal.depth);
    expect(other?.reason).toBe('next that can');
    expect(
      recommend(
        gritty.verdict,
        list.map((o) => ({ ...o, refused: 'no scrubber' as const })),
      ),
    ).toBeNull();
  });

  it('never a job of the road, the rain or the minute before a ride where the usual one is not the way', () => {
    const spent = reported({ kmSinceLube: 390 });
    const usual = at(spent);
    const settings = {
      ...usual.settings,
      schools: { ...usual.settings.schools, oldCoat: 'clean' as const },
    };
    const list = offers({ ...usual, settings }, WANTED);
    expect(list.find((o) => o.depth === 'top-up')?.refused).toBe('old coat stays');
    expect(recommend(spent.verdict, list)).toEqual({
      depth: 'on-bike clean',
      reason: 'next that can',
    });
    const onRoad = list.filter((o) => o.depth === 'roadside' || o.depth === 'wipe-down');
    expect(recommend(spent.verdict, onRoad)?.depth).toBe('wipe-down');
  });

  it('shallow first when a noise is the only complaint', () => {
    const squeaks = reported({ kmSinceLube: 250 }, 'squeak');
    expect(recommend(squeaks.verdict, offers(at(squeaks), WANTED))).toMatchObject({
      depth: 'top-up',
      reason: 'only a noise',
    });
  });

  it('what the plan has next, with its day; of a good chain it is said that nothing is due', () => {
    const good = reported({});
    const list = offers(at(good), WANTED);
    const planned = { depth: 'on-bike clean', date: '2026-12-04' } as const;
    expect(recommend(good.verdict, list, planned)).toEqual({ ...planned, reason: 'planned' });
    expect(recommend(good.verdict, list, { ...planned, depth: 'wax reset' })?.reason).not.toBe(
      'planned',
    );
    const said = (date: string) =>
      nothingDueSentence(good.verdict, { ...planned, date, reason: 'planned' }, '2026-11-24');
    expect(said('2026-12-04')).toMatch(/^This chain needs nothing today/);
    expect(said('2026-11-24')).toBeNull();
    const spent = reported({ kmSinceLube: 390 });
    expect(nothingDueSentence(spent.verdict, null, '2026-11-24')).toBeNull();
    const words = (date: string) =>
      recommendedSentence({ ...planned, date, reason: 'planned' }, '2026-11-24');
    expect([words('2026-11-24'), words('2026-11-27')]).toEqual([
      'Planned today.',
      'Planned Friday.',
    ]);
  });

  it('what it says it leaves is what the session then writes', () => {
    const report = reported({ kmSinceLube: 390 });
    const offer = offers(at(report), WANTED).find((o) => o.depth === 'top-up')!;
    let run = startRun(offer, 'c1', NOW);
    for (let step = benchOf(run).current; step; step = benchOf(run).current)
      run = {
        ...run,
        marks: [
          ...run.marks,
          step.check?.kind === 'rag'
            ? { step: step.id, kind: 'swatch', at: NOW, swatch: 1, why: '' }
            : { step: step.id, kind: 'done', at: NOW, swatch: null, why: '' },
        ],
      };
    const work = workDoneOf(run, {}, NOW);
    expect(work).toMatchObject({ method: 'solvent wipe', lube: { lubeClass: 'wet', coat: 1 } });
    expect(offer.after?.film).toBe(1);
  });
});
