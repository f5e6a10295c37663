import { openingsOf } from '../../care/replay/usage';
import { Replay } from '../../care/replay/replay';
import { lastLube, reportOn } from '../../care/verdict/report';
import { METHODS } from '../../care/model/work';
import { stockOf } from '../../shelf/stock';
import { DEMO_NOW, demoPlan } from '@/test/demoPlan';
import { allEvents } from '../../logbook/chunks';
import type { LogEvent } from '../../records/event';
import { planRequest } from '../ask';
import { makePlan } from '../planner';

const { request, replay } = demoPlan();

describe('what the planner is asked', () => {
  it('tells of each chain what the whole log tells, though only work is gone through', () => {
    for (const now of request.bikes) {
      const { id, openingsAllowed } = now.chain;
      const own = replay.steps.filter((s) => s.chainId === id && s.event.type === 'workDone');
      const cleans = own.filter(
        ({ event }) => event.type === 'workDone' && METHODS[event.method].deep,
      );
      expect(now.openings).toBe(openingsOf(replay.steps, id, openingsAllowed));
      expect(now.lastLube).toBe(lastLube(replay.steps, id));
      expect(now.jobsDone).toBe(own.length);
      expect(now.cleanedAt).toBe(cleans.length > 0 ? Date.parse(cleans.at(-1)!.event.at) : null);
    }
    expect(request.bikes.some((b) => b.openings > 0 && b.cleanedAt !== null)).toBe(true);
  });

  it('counts a new link as one that was never opened', () => {
    const { book } = demoPlan();
    const bike = request.bikes.find((b) => b.openings > 0)!;
    const at = new Date(DEMO_NOW - 1000).toISOString();
    const renewed: LogEvent = {
      id: 'renewed',
      type: 'settled',
      what: 'worn link',
      chainId: bike.chain.id,
      at,
      recordedAt: at,
      zone: 'UTC',
    };
    const after = new Replay(book.garage, [...allEvents(book.log), renewed]);
    const report = reportOn(after, bike.bike.id, book.settings, DEMO_NOW)!;
    const basis = { ...book, replay: after, reports: [report], forecasts: new Map() };
    const asked = planRequest({ ...basis, now: DEMO_NOW, zone: 'UTC', whatIf: 'forecast' });
    expect(asked.request.bikes[0]!.openings).toBe(0);
  });

  it('tells what is left of each bottle', () => {
    const events = replay.steps.map((s) => s.event);
    const left = Object.values(request.products).map((p) => [p.id, stockOf(p, events).left]);
    expect(request.left).toEqual(Object.fromEntries(left));
    expect(left.some(([id, ml]) => ml !== request.products[id as string]!.left)).toBe(true);
  });
});

describe('how far a plan is', () => {
  it.each([false, true])('grows step by step to the whole, with marks: %s', async (isMarked) => {
    const bike = request.bikes[0]!.bike;
    const mark = {
      id: 'm',
      bikeId: bike.id,
      date: '2026-11-26',
      until: '2026-11-26',
      kind: 'leave' as const,
      retired: false,
      changedAt: '2026-11-24T10:00:00Z',
    };
    const shares: number[] = [];
    const few = { ...request, futures: 2, marks: isMarked ? [mark] : [] };
    await makePlan(few as typeof request, (share) => void shares.push(share));
    const steps = (isMarked ? 2 : 1) * (2 * request.bikes.length - 1);
    expect(shares).toHaveLength(steps);
    expect(shares.every((s, n) => n === 0 || s > shares[n - 1]!)).toBe(true);
    expect([shares[0]! > 0, shares.at(-1)! <= 1]).toEqual([true, true]);
  });
});
