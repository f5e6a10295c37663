import { agendaItem } from '@/test/agendaItem';
import { demoPlan, DEMO_NOW } from '@/test/demoPlan';
import { COMMUTER } from '../../demo/island';
import { makePlan, type PlanFigures } from '../../plan/planner';
import { planAnswer } from '../planAnswer';

const { request } = demoPlan([COMMUTER]);
const TONIGHT = Date.parse('2026-11-24T18:00:00Z');
const RIDE = Date.parse('2026-11-25T08:10:00Z');

describe('the line before a ride, in the answer of a plan', () => {
  let figures: PlanFigures;
  beforeAll(async () => {
    figures = await makePlan({ ...request, futures: 4 }, () => undefined);
  });
  const eve = (more: Partial<PlanFigures>) =>
    planAnswer(request, { ...figures, agenda: [], mornings: [], ...more }).lines[COMMUTER]!.eve;
  const next = { [COMMUTER]: { at: RIDE, date: '2026-11-25', wet: 0, lube: 'wet' as const } };
  const job = agendaItem({
    ...{ bikeId: COMMUTER, date: '2026-11-24', from: TONIGHT, readyBy: RIDE },
    startBy: TONIGHT + 2 * 3_600_000,
  });

  it('speaks of the lube job of this bike that comes before it', () => {
    expect(DEMO_NOW).toBeLessThan(TONIGHT);
    expect(eve({ next, agenda: [job] })).toMatch(/^Start by 20:00, .*bottle of wet lube along\.$/);
    expect(eve({ next, agenda: [{ ...job, lubeName: null }] })).toBeNull();
    expect(eve({ next, agenda: [{ ...job, bikeId: 'another' }] })).toBeNull();
    expect(eve({ next, agenda: [{ ...job, from: RIDE + 1 }] })).toBeNull();
    expect(eve({ next: {}, agenda: [job] })).toBeNull();
  });

  it('is made with the plan: the next ride with its rain, and a thin coat where no evening has the time', async () => {
    expect(figures.next[COMMUTER]).toMatchObject({ date: '2026-11-25', lube: 'wet' });
    expect(figures.next[COMMUTER]!.wet).toBeGreaterThanOrEqual(0);
    const plan = { ...request.settings.plan, minutes: [0, 0, 0, 0, 0, 0, 0], otherDays: {} };
    const settings = { ...request.settings, plan };
    const { agenda, mornings } = await makePlan(
      { ...request, settings, futures: 4 },
      () => undefined,
    );
    expect(agenda).toEqual([]);
    expect(mornings).toMatchObject([{ bikeId: COMMUTER, why: 'runs dry' }]);
    // It comes no sooner than the lube runs out, by the verdict.
    const km = request.rides
      .filter((r) => r.bikeId === COMMUTER && r.at <= mornings[0]!.rideAt)
      .reduce((sum, r) => sum + r.km, 0);
    expect(km).toBeGreaterThan(request.bikes[0]!.due.lube!);
  });

  it('speaks of the thin coat of this bike, which stands in the plan with its words', () => {
    const coat = {
      ...{ bikeId: COMMUTER, bikeName: 'Quay commuter', chainId: 'c', date: '2026-11-25' },
      ...{ from: RIDE - 35 * 60_000, rideAt: RIDE, minutes: 3, bottleId: null },
      ...{ lubeName: 'wet lube', why: 'runs dry' as const },
    };
    expect(eve({ next, mornings: [coat] })).toMatch(/^Tomorrow at 07:35, half an hour before/);
    expect(eve({ next, mornings: [{ ...coat, bikeId: 'another' }] })).toBeNull();
    const { mornings, names } = planAnswer(request, { ...figures, mornings: [coat] });
    expect(mornings[0]).toMatchObject({ minutes: 3, why: expect.stringContaining('run out') });
    expect(names).toEqual({ [COMMUTER]: 'Quay commuter' });
  });
});
