import { TOOLS } from '../../records/workshop';
import { bestPurchase, jobsAYear } from '../purchase';
import { GRADES, SUBSTITUTES } from '../substitutes';
import { offers, type AtTheBench, type Wanted } from '../offer';
import { priceSentence, purchaseSentence } from '../../words/tools';
import { atBench, WANTED } from '@/test/atBench';

const withTools = (tools: AtTheBench['settings']['workshop']['tools']): AtTheBench => {
  const at = atBench();
  const workshop = { ...at.settings.workshop, tools };
  return { ...at, settings: { ...at.settings, workshop } };
};
const jobs = jobsAYear(['top-up', 'top-up', 'on-bike clean'], 28);

describe('what serves in place of a tool', () => {
  it('is graded, each thing once, and what harms is never more than “never”', () => {
    expect(new Set(SUBSTITUTES.map((s) => s.use)).size).toBe(SUBSTITUTES.length);
    for (const grade of GRADES) expect(SUBSTITUTES.some((s) => s.grade === grade)).toBe(true);
    for (const s of SUBSTITUTES)
      if (/petrol|acid|dishwasher|spray|cooking/i.test(s.use)) expect(s.grade).toBe('never');
  });
});

describe('the one purchase that would save most', () => {
  it('counts the jobs of a plan of four weeks thirteen times a year', () => {
    expect(jobs.get('top-up')).toBeCloseTo((2 * 365) / 28, 9);
    expect(jobs.get('on-bike clean')).toBeCloseTo(365 / 28, 9);
  });

  it('is the tool whose jobs take least with it, and saves what the procedures say', () => {
    const at = withTools(['brushes', 'stand']);
    const best = bestPurchase(at, WANTED, jobs)!;
    const minutes = (tools: AtTheBench['settings']['workshop']['tools']) => {
      const wanted: Wanted = {
        ...WANTED,
        clean: tools.includes('scrubber') ? 'scrubber' : 'brush',
      };
      const list = offers(withTools(tools), wanted);
      return [...jobs].reduce((sum, [depth, times]) => {
        const { handsOn, elapsed } = list.find((o) => o.depth === depth)!.time!;
        return sum + times * (0.9 * handsOn + 0.1 * elapsed);
      }, 0);
    };
    const none = minutes(['brushes', 'stand']);
    expect(best.minutes).toBeCloseTo(none - minutes(['brushes', 'stand', best.tool]), 9);
    for (const tool of ['air', 'scrubber', 'link pliers', 'chain keeper'] as const)
      expect(none - minutes(['brushes', 'stand', tool])).toBeLessThanOrEqual(best.minutes + 1e-9);
    expect(purchaseSentence(best)).toMatch(/about \d+ min a year/);
  });

  it('is none where nothing saves five minutes, or nothing is planned', () => {
    expect(bestPurchase(withTools(['brushes']), WANTED, new Map())).toBeNull();
    expect(bestPurchase(withTools([...TOOLS]), WANTED, jobs)).toBeNull();
  });

  it('has its price an hour said, where one was given', () => {
    const best = { tool: 'air' as const, minutes: 120 };
    expect(priceSentence(best, 30)).toMatch(/costs 15\.$/);
    for (const none of [null, 0, -4]) expect(priceSentence(best, none)).toBe('');
  });
});
