import { demoPlan } from '@/test/demoPlan';
import { COMMUTER } from '../../demo/island';
import { worksFor } from '../agenda/works';
import type { CoatKind } from '../solver/problem';

const { request } = demoPlan([COMMUTER]);
const now = request.bikes[0]!;
const OIL: CoatKind = {
  ...{ id: 'demo-wet', lubeClass: 'wet', family: 'oil', lifeKm: 400, atHand: true },
};
const WAX: CoatKind = { ...OIL, id: 'demo-drip', lubeClass: 'drip wax', family: 'wax' };
const works = (settings: Partial<typeof request.settings> = {}) =>
  worksFor({ ...request, settings: { ...request.settings, ...settings } }, now, [OIL, WAX]);

describe('the works a plan may choose', () => {
  it('put oil over wax with hot water first, which is no clean and leaves the cogs as they are', () => {
    const over = works().filter(
      (w) => w.coat === 0 && w.depth === 'top-up' && w.over.includes('wax'),
    );
    expect(over.map((w) => w.spec.method)).toEqual(['wax reset']);
    expect(over[0]).toMatchObject({ over: ['wax'], deep: false });
    expect(over[0]!.spec.cogsCleaned).toBe(false);
    const { water } = request.settings.workshop;
    expect(water).not.toBe('none');
  });

  it('clean cogs with each clean and with no other, and strip for wax by no top-up', () => {
    for (const w of works()) {
      expect([w.depth, w.deep]).toEqual([w.depth, /clean|reset/.test(w.depth)]);
      expect(w.spec.cogsCleaned).toBe(w.deep);
      if (w.coat === 1 && w.depth === 'top-up') expect(w.over).not.toContain('oil');
    }
  });

  it('price a drenching as the log books it: twice the lube, and half as many coats in the bottle', () => {
    const topUp = (oldCoat: 'wipe' | 'flush') =>
      works({ schools: { ...request.settings.schools, oldCoat } }).find(
        (w) => w.coat === 0 && w.depth === 'top-up' && w.over.includes('oil'),
      )!;
    const [wiped, drenched] = [topUp('wipe'), topUp('flush')];
    expect(drenched.spec.method).toBe('flush and wipe');
    expect(drenched.money).toBeGreaterThan(1.5 * wiped.money);
    expect(Math.abs(drenched.coatsLeft! - wiped.coatsLeft! / 2)).toBeLessThanOrEqual(0.5);
  });
});
