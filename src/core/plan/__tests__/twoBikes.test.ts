import { demoPlan } from '@/test/demoPlan';
import { COMMUTER, GRAVEL } from '../../demo/island';
import { makePlan } from '../planner';

const { request } = demoPlan([COMMUTER, GRAVEL]);

/** Two neglected bikes, and so many minutes each evening. */
async function planned(minutes: number) {
  const bikes = request.bikes.map((bike) => ({
    ...bike,
    state: { ...bike.state, film: 0.05, outside: 0.75, outsideFrom: 0.75, inside: 0.5 },
  }));
  const plan = {
    ...request.settings.plan,
    minutes: Array.from({ length: 7 }, () => minutes),
    otherDays: {},
  };
  const settings = { ...request.settings, plan };
  return makePlan({ ...request, bikes, settings, marks: [] }, () => undefined);
}

const CLEAN = /clean/;

describe('two neglected bikes', () => {
  it('in 40 minutes an evening are cleaned on two evenings, and no evening is overfull', async () => {
    const { agenda, days } = await planned(40);
    for (const { date } of days) {
      const taken = agenda.filter((a) => a.date === date).reduce((sum, a) => sum + a.minutes, 0);
      expect([date, Math.max(taken, 40)]).toEqual([date, 40]);
    }
    const cleans = agenda.filter((a) => CLEAN.test(a.depth));
    expect(new Set(cleans.map((a) => a.bikeId))).toEqual(new Set([COMMUTER, GRAVEL]));
    expect(new Set(cleans.map((a) => a.date)).size).toBe(cleans.length);
    // Where both are on the stand, gloves and stand are out already: three minutes less for the second.
    const both = agenda.filter((a) => agenda.some((b) => b.date === a.date && b.id !== a.id));
    const wipes = both.filter((a) => a.depth === 'wipe-down').map((a) => a.minutes);
    expect(wipes.length).toBeGreaterThan(0);
    // 5 of the first, and 2 of the second; a clean may be the first.
    for (const minutes of wipes) expect([5, 2]).toContain(minutes);
    expect(wipes).toContain(2);
  }, 60_000);

  it('in two hours are cleaned on the first, which costs less', async () => {
    const [long, short] = [await planned(120), await planned(40)];
    const cleans = long.agenda.filter((a) => CLEAN.test(a.depth));
    expect(cleans.map((a) => a.date)).toEqual(['2026-11-24', '2026-11-24']);
    expect(long.plan.mean.total).toBeLessThan(short.plan.mean.total);
  }, 60_000);
});
