import { Replay } from '../../care/replay/replay';
import { reportOn } from '../../care/verdict/report';
import { demoLogbook } from '../../demo/scenario';
import { COMMUTER, GRAVEL } from '../../demo/island';
import { makePlan } from '../../plan/planner';
import { allEvents } from '../../logbook/chunks';
import { DEMO_NOW, demoPlan } from '@/test/demoPlan';
import { rideBody, stamped } from '@/test/events';
import { addFigures, wayKey } from '../figures';
import { differenceOf, middleOf, quantityOf, type Way } from '../compare';
import { keptOf } from '../kept';
import { lubeAsked, yearsQuestion } from '../question';
import { REGIME_NAMES } from '../regimes';
import { yearOfRiding } from '../riding';
import { YearsPlayer, type YearsAsked } from '../years';
import type { CarePrices } from '../outcome';

const book = demoLogbook(DEMO_NOW, 'UTC');
const replay = new Replay(book.garage, allEvents(book.log));
const upTo = (count: number, from = 0) => Array.from({ length: count - from }, (_, n) => from + n);
const questionOf = (bikeId: string, more: Partial<YearsAsked> = {}): YearsAsked => {
  const report = reportOn(replay, bikeId, book.settings, DEMO_NOW)!;
  const { asked } = yearsQuestion(
    { report, replay, settings: book.settings, now: DEMO_NOW },
    { years: 1, futures: 6, seed: 4, regimes: REGIME_NAMES, lubes: ['wet'] },
  );
  return { ...asked, ...more };
};
const PRICES: CarePrices = {
  chain: 30,
  cassette: 60,
  ring: null,
  jockeys: null,
  coat: 0.4,
  clean: 0.6,
  hour: 12,
};

const way = (key: Way['key'], outcomes: Way['outcomes']): Way => ({
  key,
  outcomes,
  prices: PRICES,
});

describe('years ahead', () => {
  it('are the same whichever part is played first, and whoever plays it', () => {
    const asked = questionOf(COMMUTER);
    const whole = new YearsPlayer(asked).futures(upTo(6));
    const late = new YearsPlayer(asked);
    const second = late.futures(upTo(6, 3));
    const first = late.futures(upTo(3));
    expect(addFigures(first, second)).toEqual(whole);
    // As it goes to a worker.
    const sent = JSON.parse(JSON.stringify(asked)) as YearsAsked;
    expect(new YearsPlayer(sent).futures(upTo(6))).toEqual(whole);
  });

  it('play every way on the same rides', () => {
    const figures = new YearsPlayer(questionOf(GRAVEL)).futures(upTo(6));
    expect(Object.keys(figures).sort()).toEqual(REGIME_NAMES.map((n) => wayKey(n, 'wet')).sort());
    for (let k = 0; k < 6; k++) {
      const km = REGIME_NAMES.map((name) => figures[wayKey(name, 'wet')]![k]!.km);
      expect(new Set(km.map((x) => x.toFixed(6))).size).toBe(1);
    }
  });

  it('play every lube on the same rides, each with what was learnt of it', () => {
    const report = reportOn(replay, COMMUTER, book.settings, DEMO_NOW)!;
    const lubes = [
      lubeAsked({ report, replay }, 'wet'),
      lubeAsked({ report, replay }, 'light oil'),
    ];
    expect(lubes[0]!.own.life).toBe(report.learnt.factors.life);
    expect(lubes[1]!.own).toMatchObject({ life: 1, grit: 1 });
    const { wear } = lubes[0]!.own;
    expect(wear).toBe(report.state.wearFactor);
    const figures = new YearsPlayer(questionOf(COMMUTER, { lubes })).futures(upTo(4));
    expect(figures['plan/light oil']).toHaveLength(4);
    // A light oil lasts a third as long: more coats in each future.
    for (let k = 0; k < 4; k++)
      expect(figures['plan/light oil']![k]!.coats).toBeGreaterThan(figures['plan/wet']![k]!.coats);
  });

  it('ride what was ridden: five years are five times a year', () => {
    const km = (years: number) =>
      new YearsPlayer(questionOf(COMMUTER, { years })).future(0).get('never/wet')!.km;
    const { rides } = questionOf(COMMUTER);
    const year = rides.reduce((sum, ride) => sum + ride.km, 0);
    expect(km(1)).toBeGreaterThan(0.97 * year);
    expect(km(1)).toBeLessThan(1.03 * year);
    expect(km(5) / km(1)).toBeCloseTo(5, 1);
  });

  it('differ in their weather and chains, not in their middle: spreads are no points and no fogs', () => {
    const figures = new YearsPlayer(questionOf(COMMUTER, { futures: 24 })).futures(upTo(24));
    for (const name of REGIME_NAMES) {
      const { mid, half, most } = middleOf(figures[wayKey(name, 'wet')]!.map((o) => o.chains))!;
      expect(half[0]).toBeLessThan(mid);
      expect(mid).toBeLessThan(half[1]);
      expect(most[0]).toBeLessThanOrEqual(half[0]);
      expect(most[1]).toBeLessThan(6 * most[0]);
    }
  });

  it('confirm what the plan claims over the routine: less money in the same weather', async () => {
    const { request } = demoPlan([COMMUTER]);
    const { plan, routine } = await makePlan({ ...request, futures: 8 }, () => undefined);
    expect(plan.mean.total).toBeLessThan(routine.mean.total);
    const figures = new YearsPlayer(questionOf(COMMUTER)).futures(upTo(6));
    const [asPlanned, weekly] = (['plan/wet', 'weekly/wet'] as const).map((key) =>
      way(key, figures[key]!),
    );
    const difference = differenceOf(asPlanned!, weekly!, 'money', 200)!;
    expect(difference.half[1]).toBeLessThan(0);
    // The plan's hours saved in four weeks, thirteen times over, against those of the year: in range.
    const ahead = (13 * (routine.mean.minutes - plan.mean.minutes)) / 60;
    const year = -differenceOf(asPlanned!, weekly!, 'hours', 200)!.mid;
    expect(Math.sign(ahead)).toBe(Math.sign(year));
    expect(year / ahead).toBeGreaterThan(0.33);
    expect(year / ahead).toBeLessThan(3);
  });
});

describe('what is ridden in a year', () => {
  const now = Date.parse('2026-11-24T10:00:00Z');
  const log = (count: number, days: number) => {
    const bodies = Array.from({ length: count }, (_, n) =>
      rideBody(
        new Date(now - (days - (n * days) / count) * 86_400_000).toISOString(),
        COMMUTER,
        40,
      ),
    );
    return new Replay(book.garage, stamped(bodies)).steps;
  };

  it('is assumed where there are no rides, one, or too few', () => {
    for (const count of [0, 1, 4]) {
      const { basis, rides, from } = yearOfRiding(log(count, 30), { id: COMMUTER }, now);
      expect(basis).toBe('assumed');
      expect(from.rides).toBeLessThanOrEqual(count);
      expect(rides).toHaveLength(156);
    }
  });

  it('goes round where the log is shorter than a year, and is in order', () => {
    const part = yearOfRiding(
      replay.steps.filter((s) => s.bikeId === COMMUTER),
      { id: COMMUTER },
      now,
    );
    expect(part.basis).toBe('part');
    const starts = part.rides.map((r) => r.startH);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    // As much in a year as in those days, to a tenth.
    const km = replay.steps
      .filter(({ event }) => event.type === 'rideLogged' && event.bikeId === COMMUTER)
      .reduce((sum, { exposure }) => sum + (exposure?.km ?? 0), 0);
    const year = part.rides.reduce((sum, r) => sum + r.km, 0);
    expect(year / ((km / part.from.days) * 365)).toBeGreaterThan(0.9);
    expect(year / ((km / part.from.days) * 365)).toBeLessThan(1.1);
  });
});

describe('how a bike was kept', () => {
  it('is told by the km between its works, and by none where little was ridden', () => {
    const kept = keptOf(replay.steps, COMMUTER, [0, DEMO_NOW]);
    expect(kept.kmPerCoat).toBeGreaterThan(50);
    expect(kept.kmPerCoat!).toBeLessThanOrEqual(kept.kmPerClean!);
    const none = { kmPerCoat: null, kmPerClean: null, kmPerWipe: null };
    expect(keptOf(replay.steps, COMMUTER, [0, 1])).toEqual(none);
  });
});

describe('quantities', () => {
  it('put prices on what was used up, and power on what was lost, by hand', () => {
    const o = {
      km: 1000,
      hours: 40,
      chains: 0.5,
      cassettes: 0.2,
      rings: 0.1,
      jockeys: 0.1,
      coats: 4,
      cleans: 2,
      wipes: 3,
      minutes: 120,
      dryKm: 10,
      wattHours: 200,
      wetNights: 1,
    };
    const by = { prices: PRICES, power: 125 };
    // 15 chain, 12 cassette, 1.6 lube, 1.2 cleaning, 24 time; rings have no price.
    expect(quantityOf(o, 'money', by)).toBeCloseTo(53.8, 9);
    expect(quantityOf(o, 'hours', by)).toBe(2);
    expect(quantityOf(o, 'watts', by)).toBeCloseTo(2.5, 9);
    expect(quantityOf(o, 'dryKm', by)).toBe(10);
    expect(middleOf([])).toBeNull();
    expect(differenceOf(way('plan/wet', []), way('never/wet', [o]), 'money', 125)).toBeNull();
    const dearer = { ...way('plan/dry', [o]), prices: { ...PRICES, coat: 1.4 } };
    expect(differenceOf(dearer, way('plan/wet', [o]), 'money', 125)!.mid).toBeCloseTo(4, 9);
  });
});
