import { jobOf } from '@/test/bench';
import { asksCoat, troublesOf, TROUBLES } from '../trouble';

describe('what may go wrong', () => {
  const job = jobOf();
  const can = (more: Parameters<typeof jobOf>[0], trouble: (typeof TROUBLES)[number]) =>
    troublesOf(jobOf(more)).includes(trouble);

  it('a stiff link and dirt that stays may befall any job', () => {
    for (const always of ['stiff link', 'will not come clean'] as const)
      expect(can({}, always)).toBe(true);
    expect(troublesOf(job).length).toBeLessThan(TROUBLES.length);
  });

  it.each([
    [
      'oil on the rotor',
      { bike: { ...job.bike, brake: 'rim' } },
      { bike: { ...job.bike, brake: 'disc, cable' } },
    ],
    [
      'single-use link opened',
      { chain: { ...job.chain, closure: 'reusable link' } },
      { chain: { ...job.chain, closure: 'single-use link' } },
    ],
    [
      'wrong side of the tab',
      { bike: { ...job.bike, gear: 'hub' } },
      { bike: { ...job.bike, gear: 'derailleur' } },
    ],
    ['ran out of lube', { lube: null }, {}],
    [
      'rain starts',
      { workshop: { ...job.workshop, outdoors: false } },
      { workshop: { ...job.workshop, outdoors: true } },
    ],
    ['rain starts', { depth: 'top-up' }, { depth: 'roadside' }],
  ] as const)('%s: only where it can', (trouble, without, withIt) => {
    expect(can(without as Parameters<typeof jobOf>[0], trouble)).toBe(false);
    expect(can(withIt as Parameters<typeof jobOf>[0], trouble)).toBe(true);
  });

  it('asks how much of the coat is on only of who ran out of lube', () => {
    expect(TROUBLES.filter(asksCoat)).toEqual(['ran out of lube']);
  });
});
