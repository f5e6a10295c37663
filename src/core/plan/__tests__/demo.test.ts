import { demoPlan } from '@/test/demoPlan';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped } from '@/test/events';
import { Replay } from '../../care/replay/replay';
import { reportOn } from '../../care/verdict/report';
import { COMMUTER, GRAVEL, RACER } from '../../demo/island';
import { daysAfter, weekdayOf } from '../../time/dates';
import { timeOf } from '../../time/zones';
import { dueSince } from '../agenda/due';
import { makePlan } from '../planner';
import { planAnswer, type PlanAnswer } from '../../words/planAnswer';
import { dueSentence } from '../../words/plan';
import { problemOf } from '../agenda/problemOf';
import type { PlanRequest } from '../agenda/request';
import type { PlanMark, PlanSettings } from '../../records/plan';

/** The plan on the demo, end to end: what a rider would see change when something changes. */
const { book, request: base } = demoPlan();
const planned = async (more: Partial<PlanRequest> = {}): Promise<PlanAnswer> => {
  const request = { ...base, ...more };
  return planAnswer(request, await makePlan(request, () => undefined));
};
const withPlan = (plan: Partial<PlanSettings>): Partial<PlanRequest> => ({
  settings: { ...base.settings, plan: { ...base.settings.plan, ...plan } },
});
const jobs = (answer: PlanAnswer, bikeId: string) =>
  answer.agenda.filter((a) => a.bikeId === bikeId);
const RACE = Object.values(book.garage.planned).find((r) => r.weight === 'race')!.date;
/** The storm of "what if": from the evening of the third day. */
const STORM = { from: '2026-11-27', to: '2026-11-30' };

let told: PlanAnswer;
beforeAll(async () => {
  told = await planned();
}, 30_000);

describe('the plan of the demo', () => {
  it('keeps every hard rule', () => {
    expect(told.agenda.length).toBeGreaterThan(5);
    for (const day of told.days) expect(day.taken).toBeLessThanOrEqual(day.minutes);
    for (const item of told.agenda) {
      if (item.readyBy !== null)
        expect(item.from + item.readyHours * 3_600_000).toBeLessThanOrEqual(item.readyBy + 60_000);
      expect(item.words.reason).toMatch(/\.$/);
      expect(item.words.putOff).toMatch(/\.$/);
    }
    const ids = told.agenda.map((a) => a.id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('is no dearer than the routine, nor than doing nothing', () => {
    expect(told.plan.mean.total).toBeLessThan(told.routine.mean.total);
    expect(told.plan.mean.total).toBeLessThan(told.nothing.mean.total);
    expect(told.against).toContain('Every Sunday');
  });

  it('before a storm tops up, and rescues after it', async () => {
    const dry = await planned({ whatIf: 'dry' });
    const storm = await planned({ whatIf: 'storm' });
    const topUp = jobs(storm, RACER).find((j) => j.depth === 'top-up')!;
    expect(topUp.date <= STORM.to).toBe(true);
    expect(jobs(dry, RACER).find((j) => j.depth === 'top-up')!.date > STORM.to).toBe(true);
    const rescue = storm.agenda.find((j) => j.depth === 'rescue')!;
    expect(rescue.date >= STORM.from && rescue.date <= daysAfter(STORM.to, 1)).toBe(true);
    expect(rescue.reason).toBe('wet');
    expect(dry.agenda.some((j) => j.depth === 'rescue')).toBe(false);
  }, 30_000);

  it('cleans two days before a race, and does nothing new after', async () => {
    const raced = jobs(told, RACER).find((j) => j.reason === 'race')!;
    expect(raced.date).toBe(daysAfter(RACE, -2));
    expect(raced.depth).toBe('wax reset');
    expect(raced.shakeOut).toBe(true);
    expect(jobs(told, RACER).some((j) => j.date > raced.date && j.date <= RACE)).toBe(false);
    const ordinary = await planned({
      rides: base.rides.map((r) => ({ ...r, weight: 'ordinary' as const })),
    });
    expect(
      jobs(ordinary, RACER).some((j) => j.date === raced.date && j.depth === 'wax reset'),
    ).toBe(false);
  }, 30_000);

  it('re-forms when an evening is taken away', async () => {
    const day = told.agenda.find((a) => a.depth === 'top-up')!.date;
    const without = await planned(withPlan({ otherDays: { [day]: 0 } }));
    expect(without.agenda.some((a) => a.date === day)).toBe(false);
    expect(without.agenda.length).toBeGreaterThan(3);
    const sundays = await planned(withPlan({ minutes: [0, 0, 0, 0, 0, 0, 90] }));
    expect(sundays.agenda.length).toBeGreaterThan(0);
    for (const a of sundays.agenda) expect(weekdayOf(a.date)).toBe(7);
  }, 30_000);

  it('keeps to a pin, leaves what is to be left, and says what that costs', async () => {
    const item = jobs(told, COMMUTER)[0]!;
    const mark = (more: Partial<PlanMark>): PlanMark => ({
      id: 'm',
      bikeId: COMMUTER,
      kind: 'pin',
      date: item.date,
      until: item.date,
      depth: 'top-up',
      retired: false,
      changedAt: '2026-11-24T00:00:00.000Z',
      ...more,
    });
    // Of one bike: what the others do bears on none of it.
    const bikes = base.bikes.filter(({ bike }) => bike.id === COMMUTER);
    const date = daysAfter(item.date, 2);
    const pinned = await planned({ bikes, marks: [mark({ date, until: date })] });
    expect(jobs(pinned, COMMUTER).find((j) => j.date === date)).toMatchObject({
      pinned: true,
      reason: 'pinned',
    });
    expect(pinned.marksCost).not.toBeNull();
    const until = daysAfter(item.date, 20);
    const left = await planned({ bikes, marks: [mark({ kind: 'leave', depth: null, until })] });
    expect(jobs(left, COMMUTER).some((j) => j.date >= item.date && j.date <= until)).toBe(false);
    expect(left.marksCost!).toBeGreaterThan(0);
    // Left for the whole plan, the chain runs dry.
    const whole = mark({ kind: 'leave', depth: null, until: daysAfter(item.date, 27) });
    expect((await planned({ bikes, marks: [whole] })).marksCost!).toBeGreaterThan(0);
    const blocked = await planned({
      bikes,
      ...withPlan({ otherDays: { [date]: 0 } }),
      marks: [mark({ date, until: date })],
    });
    expect(blocked.notes.map((n) => n.name)).toContain('pin not possible');
  }, 60_000);

  it('says what gives way where there are no minutes, and plans what it can without shelf or rides', async () => {
    const none = await planned(withPlan({ minutes: [0, 0, 0, 0, 0, 0, 0] }));
    expect(none.agenda).toEqual([]);
    expect(none.notes.find((n) => n.name === 'no minutes')?.text).toMatch(/Free an evening/);
    const bare = await planned({ products: {}, left: {} });
    expect(bare.agenda.length).toBeGreaterThan(3);
    expect(bare.notes.map((n) => n.name)).toContain('empty shelf');
    const still = await planned({ rides: [] });
    expect(still.notes.filter((n) => n.name === 'no rides').map(({ text }) => text)).toEqual([
      'The Quay commuter, Peat track gravel bike and Sunday racer have no rides planned and we know no habit yet. We assume they stay parked.',
    ]);
    const nobody = await planned({ bikes: [] });
    expect(nobody).toMatchObject({
      agenda: [],
      notes: [{ name: 'no bikes' }, { name: 'no forecast' }],
    });
  }, 60_000);

  it('takes no more coats than the bottle holds', async () => {
    const wetUsed = (answer: PlanAnswer) =>
      answer.agenda.filter((a) => a.bottleId === 'demo-wet').length;
    expect(wetUsed(told)).toBeGreaterThan(1);
    // Without its trial the gravel bike would take the last coat.
    const bikes = base.bikes.map((bike) => ({ ...bike, keepsTo: [] }));
    const left = { ...base.left, 'demo-wet': 5 };
    expect(wetUsed(await planned({ bikes, left }))).toBe(1);
    expect(wetUsed(await planned({ left }))).toBe(0);
    expect(wetUsed(await planned({ left: { ...base.left, 'demo-wet': 3 } }))).toBe(0);
  }, 30_000);

  it('keeps a bike with a trial to the lube that is tried', async () => {
    const ofGravel = (answer: PlanAnswer) => jobs(answer, GRAVEL).flatMap((j) => j.bottleId ?? []);
    expect(new Set(ofGravel(told))).toEqual(new Set(['demo-all']));
    const bikes = base.bikes.map((bike) => ({ ...bike, keepsTo: [] }));
    expect(ofGravel(await planned({ bikes }))).toContain('demo-wet');
  }, 30_000);

  it('keeps to the rider’s schools, and says a change of lube', async () => {
    const schools = { ...base.settings.schools, waxInWet: 'never' as const };
    const model = base.products['demo-wet']!;
    const oil = { ...model, id: 'oil', name: 'Light oil', lubeClass: 'light oil' as const };
    const soaked = {
      ...base,
      products: { ...base.products, oil },
      left: { ...base.left, oil: 100 },
      settings: { ...base.settings, schools },
      whatIf: 'storm' as const,
      rides: base.rides.filter((r) => r.date >= STORM.from && r.date <= STORM.to),
    };
    const offered = (bikeId: string) =>
      problemOf(
        soaked,
        soaked.bikes.find((b) => b.bike.id === bikeId)!,
      ).coats.map((c) => c.lubeClass);
    expect(offered(COMMUTER)).not.toContain('light oil');
    expect(offered(COMMUTER)).not.toContain('drip wax');
    expect(offered(RACER)).toContain('drip wax');
    // The commuter rides on wet lube, and only dry lube is left to put on.
    const only = await planned({
      products: { 'demo-dry': base.products['demo-dry']! },
      left: { 'demo-dry': 60 },
    });
    const coats = jobs(only, COMMUTER).filter((j) => j.lubeName !== null);
    expect(coats[0]).toMatchObject({ bottleId: 'demo-dry', changes: 'lube' });
    expect(coats[0]!.words.change).toMatch(/changes the lube/);
    expect(only.agenda.every((a) => a.bottleId === null || a.bottleId === 'demo-dry')).toBe(true);
    expect(only.notes.map((n) => n.name)).not.toContain('empty shelf');
    for (const item of told.agenda) expect(item.words.change !== null).toBe(item.changes !== null);
  }, 30_000);

  it('cleans by the calendar where the rider caps it', async () => {
    const capped = await planned(withPlan({ cap: 'fortnightly' }));
    const cleans = jobs(capped, COMMUTER).filter((j) => j.depth.endsWith('clean'));
    expect(cleans.length).toBeGreaterThanOrEqual(2);
    for (let n = 1; n < cleans.length; n++)
      expect(cleans[n]!.date <= daysAfter(cleans[n - 1]!.date, 14)).toBe(true);
  }, 30_000);

  it('gives a calendar whose entries keep their names from plan to plan, and calls off what is gone', async () => {
    const first = told.calendar.filter((c) => !c.off);
    expect(first).toHaveLength(told.agenda.length);
    expect(told.calendar.some((c) => c.off)).toBe(false);
    const later = await planned({
      ...withPlan({ calendar: told.calendarCounts, minutes: [0, 0, 0, 0, 0, 0, 0] }),
    });
    const off = later.calendar.filter((c) => c.off).map((c) => c.id);
    expect(off.sort()).toEqual(first.map((c) => c.id).sort());
    const storm = await planned({
      ...withPlan({ calendar: told.calendarCounts }),
      whatIf: 'storm',
    });
    for (const bike of base.bikes)
      expect(storm.calendar.some((c) => c.id === `${bike.chain.id}-${bike.jobsDone + 1}`)).toBe(
        true,
      );
  }, 30_000);
});

describe('through a change of clocks', () => {
  it('work begins at the rider’s hour and rides at theirs (UK, 29 March 2026, 01:00 UTC)', () => {
    const now = Date.parse('2026-03-27T10:00:00Z');
    const zone = 'Europe/London';
    const { request } = demoPlan([COMMUTER], now, zone);
    const { benches } = problemOf(request, request.bikes[0]!);
    expect(new Set(benches.map((b) => timeOf(b.from, zone)))).toEqual(new Set(['18:00']));
    expect(benches[3]!.from - benches[0]!.from).toBe(71 * 3_600_000);
    for (const ride of request.rides) expect(timeOf(ride.at, zone)).toBe(ride.time);
  });
});

describe('what fell due', () => {
  const START = Date.parse('2026-05-01T08:00:00Z');
  const after = (days: number) => START + days * 86_400_000;
  const at = (days: number) => new Date(after(days)).toISOString();
  const start = {
    lube: 'wet',
    kmSinceLube: 0,
    look: 'clean',
    kmBefore: 0,
    wearPercent: 0,
  } as const;
  const log = stamped([
    { type: 'chainFitted', at: at(0), chainId: 'c1', bikeId: 'b1', start },
    rideBody(at(1), 'b1', 100),
    rideBody(at(3), 'b1', 400),
  ]);
  const short = new Replay(TEST_GARAGE, log);
  const now = after(4);
  const report = reportOn(short, 'b1', book.settings, now)!;

  it('is what has run out since: a wet lube after 400 km more (common practice: 400 km)', () => {
    expect(dueSince(short, [report], after(2)).map(dueSentence)).toEqual([
      expect.stringMatching(/^One: the chain .*has used its lube up/),
    ]);
  });

  it('is not what had run out before, nor a chain the log did not know', () => {
    expect(dueSince(short, [report], after(3.9))).toEqual([]);
    expect(dueSince(short, [report], START - 1)).toEqual([]);
  });
});
