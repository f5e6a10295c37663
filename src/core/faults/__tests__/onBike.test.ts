import fc from 'fast-check';
import { anyJob, jobOf } from '@/test/bench';
import { cases } from '@/test/cases';
import { cranksDrive, owns, type Job } from '../../bench/job';
import { firstFault } from '../../bench/simulate';
import { step as benchStep } from '../../bench/steps';
import { gettingReady } from '../../words/faults/gettingReady';
import { STEP_WORDS } from '../../words/faults/steps';
import { NEW_SEARCH, nextIn, SAFETY } from '../finder';
import { actsOf, benchDepth } from '../onBike';
import { groundOf } from '@/test/faultyBikes';
import { STEP_FACTS, STEP_IDS, type StepFacts, type StepId } from '../steps';

const handled = ({ bike, ...job }: Job) => ({
  drive: bike.drive,
  ebike: bike.ebike,
  hasStand: owns({ bike, ...job }, 'stand'),
});
const asJob = (job: Job): Job => ({ ...job, depth: 'top-up', salted: false });
/** Cranks that drive the wheel have no derailleur behind them. */
const exists = ({ bike }: Job) => bike.gear !== 'derailleur' || bike.drive === 'freewheel';
const hasFor = ({ bike, chain }: Job, id: StepId) => {
  const { needs } = STEP_FACTS[id] as StepFacts;
  return needs === 'derailleur'
    ? bike.gear === 'derailleur'
    : needs !== 'link' || chain.closure !== 'connecting pin';
};
const acts = (job: Job, id: StepId) => actsOf(id, handled(job));

describe('steps to a noise, on the simulated bike of the bench', () => {
  it('can be done on any bike, from the road and back to it', () =>
    fc.assert(
      fc.property(anyJob.filter(exists), (any) => {
        const job = asJob(any);
        for (const id of STEP_IDS) {
          if (!hasFor(job, id)) continue;
          const done = benchStep({
            id: 'stand',
            phase: 'check',
            what: '',
            why: '',
            acts: acts(job, id),
          });
          expect({ id, fault: firstFault(job, [done]) }).toEqual({ id, fault: null });
        }
      }),
      { seed: 1717, numRuns: cases(2000) },
    ));

  it('say how the bike is got ready: battery, stand, cranks that drive the wheel', () => {
    const job = jobOf({});
    const fixed = {
      ...job,
      bike: { ...job.bike, drive: 'fixed' as const, gear: 'single' as const },
    };
    const motor = { ...job, bike: { ...job.bike, ebike: true } };
    const bare = { ...fixed, workshop: { ...job.workshop, tools: [] } };
    const ready = (j: Job, id: StepId) => gettingReady(acts(j, id)).join(' ');
    expect(ready(job, 'see the way')).toBe('');
    expect(ready(job, 'spin the wheel')).toMatch(/^Put the bike in the stand/);
    expect(ready(fixed, SAFETY)).toMatch(/in the stand.*drive the wheel/);
    expect(ready(bare, SAFETY)).toMatch(/Turn the bike over/);
    expect(ready(motor, 'see the way')).toMatch(/take the battery out/);
    expect(ready(motor, 'turn the barrel')).toMatch(/gears need this battery/);
    for (const calm of [ready(motor, 'see the way'), ready(job, 'turn the barrel')])
      expect(calm).not.toMatch(/gears need/);
    expect(cranksDrive(fixed)).toBe(true);
  });

  it('are told at the bench where the bench leads through them', () => {
    expect(STEP_IDS.filter((id) => benchDepth(id) !== null)).toEqual([
      'wipe and lube',
      'clean on the bike',
    ]);
  });

  it('ask for no part and no move that a bike without a derailleur, or with a fixed wheel, lacks', () => {
    const machine = {
      ...jobOf({}).bike,
      drive: 'fixed' as const,
      gear: 'single' as const,
      rings: [44],
    };
    const chain = { closure: 'reusable link', directional: false } as const;
    const ground = groundOf({ ...machine, chain, waxed: false });
    let search = { ...NEW_SEARCH, noCount: true };
    const said: string[] = [];
    for (let n = 0; n < 60; n++) {
      const next = nextIn(ground, search);
      if (next.kind === 'do') {
        const { how, otherwise } = STEP_WORDS[next.step];
        said.push(...(otherwise ?? how));
        const outcome = STEP_FACTS[next.step].kind === 'look' ? 'nothing' : 'same';
        search = { ...search, done: [...search.done, { step: next.step, outcome }] };
      } else if (next.kind === 'ask')
        search = {
          ...search,
          answers: {
            ...search.answers,
            [next.question]: next.question === 'noise' ? 'click' : null,
          },
        };
      else break;
    }
    expect(said.length).toBeGreaterThan(10);
    for (const line of said)
      expect(line).not.toMatch(/derailleur|jockey|cage|shift|backwards|cranks back/i);
  });
});
