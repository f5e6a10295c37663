import { choiceFacts } from '@/test/choice';
import { TEST_GARAGE } from '@/test/arbitraries';
import { fittedBody, rideBody, stamped } from '@/test/events';
import { productOf } from '@/test/products';
import { answerCrossings, figuresAt, overtakes, rank, reasons, type Curve } from '../rank';
import { handbookCandidates } from '../candidate';
import type { SeasonFigures } from '../season';
import { NOT_LEARNT } from '../../care/model/personal';
import { Replay } from '../../care/replay/replay';
import { reportOn } from '../../care/verdict/report';
import { DEFAULT_SETTINGS } from '../../settings/defaults';
import { questionOf } from '../question';

/** Rankings worked out by hand, from figures that no season has to be ridden for. */
const figures = (more: Partial<SeasonFigures>): SeasonFigures => ({
  intervalKm: { low: 100, mid: 200, high: 300 },
  coatsPerMonth: 2,
  cleansPerMonth: 1,
  minutesPer1000Km: 100,
  moneyPer1000Km: 5,
  wearPer1000Km: 0.1,
  watts: 4,
  grit: 0.2,
  dryRides: 0,
  ...more,
});
const [wet, dry, allWeather] = ['wet', 'dry', 'all-weather'].map((name) =>
  handbookCandidates(() => NOT_LEARNT).find((c) => c.lubeClass === name)!,
) as [Curve['candidate'], Curve['candidate'], Curve['candidate']];
const curve = (candidate: Curve['candidate'], ...list: Partial<SeasonFigures>[]): Curve => ({
  candidate,
  figures: list.map(figures),
});
const FACTS = choiceFacts({ storage: 'indoors' });
const ALL = { quick: 1, clean: 1, time: 1, money: 1, life: 1 };
const NONE = { quick: 0, clean: 0, time: 0, money: 0, life: 0 };

describe('a ranking by hand', () => {
  it('lies straight between the seasons ridden, and at its ends on them', () => {
    const c = curve(
      wet,
      { watts: 2, dryRides: 0.1, intervalKm: { low: 10, mid: 20, high: 30 }, moneyPer1000Km: 1 },
      { watts: 4, dryRides: 0.3, intervalKm: { low: 30, mid: 60, high: 90 }, moneyPer1000Km: 3 },
      { watts: 10, dryRides: 1, moneyPer1000Km: null },
    );
    expect(figuresAt(c, 0).watts).toBe(2);
    expect(figuresAt(c, 0.25)).toMatchObject({
      watts: 3,
      intervalKm: { low: 20, mid: 40, high: 60 },
    });
    expect(figuresAt(c, 0.25).dryRides).toBeCloseTo(0.2, 12);
    expect(figuresAt(c, 0.25).moneyPer1000Km).toBe(2);
    expect(figuresAt(c, 0.75)).toMatchObject({ watts: 7, moneyPer1000Km: null });
    expect([figuresAt(c, -1).watts, figuresAt(c, 7).watts]).toEqual([2, 10]);
    expect(() => figuresAt({ ...c, figures: [] }, 0)).toThrow('at least one season');
  });

  it('counts what each falls short of the best in clear differences, weighed by the wish', () => {
    const curves = [
      // 2 W and a dry ride in ten are 3 W: half a clear difference (2 W) behind 2 W.
      curve(wet, { watts: 2, dryRides: 0.1, grit: 0.3, minutesPer1000Km: 140, moneyPer1000Km: 2 }),
      curve(dry, {
        watts: 2,
        grit: 0.1,
        minutesPer1000Km: 100,
        moneyPer1000Km: 8,
        wearPer1000Km: 0.13,
      }),
    ];
    const [first, second] = rank(curves, 0, { ...ALL, clean: 2 }, FACTS);
    expect(first?.candidate.id).toBe(dry.id);
    // Dry costs 6 more, two clear differences of 3, and wears 0.03 more, one of 0.03.
    expect(first?.parts.quick).toBe(0);
    expect(first?.parts.money).toBeCloseTo(2, 12);
    expect(first?.parts.life).toBeCloseTo(1, 12);
    expect(first?.shortfall).toBeCloseTo(3, 12);
    expect(second?.parts.quick).toBeCloseTo(0.5, 12);
    expect(second?.parts.clean).toBeCloseTo(2 * 2, 12);
    expect(second?.parts.time).toBeCloseTo(1, 12);
    expect(second?.shortfall).toBeCloseTo(5.5, 12);
    // What the first gains over the second, most first; and what it loses by most.
    expect(reasons(rank(curves, 0, { ...ALL, clean: 2 }, FACTS))).toEqual({
      for: ['clean', 'time'],
      against: 'money',
    });
  });

  it('of an unknown price takes the mean of the others, and where none is known counts none', () => {
    const curves = [
      curve(wet, { moneyPer1000Km: 2 }),
      curve(dry, { moneyPer1000Km: 8 }),
      curve(allWeather, { moneyPer1000Km: null }),
    ];
    const ranked = rank(curves, 0, { ...NONE, money: 1 }, FACTS);
    expect(ranked.map((r) => r.candidate.id)).toEqual([wet.id, allWeather.id, dry.id]);
    expect(ranked[1]?.parts.money).toBeCloseTo(1, 12);
    const unknown = curves.map((c) => ({ ...c, figures: [figures({ moneyPer1000Km: null })] }));
    expect(rank(unknown, 0, { ...NONE, money: 1 }, FACTS).map((r) => r.parts.money)).toEqual([
      0, 0, 0,
    ]);
  });

  it('names no reason where there is no second, nor for differences too small to tell', () => {
    expect(reasons([])).toEqual({ for: [], against: null });
    expect(reasons(rank([curve(wet, {})], 0, ALL, FACTS))).toEqual({ for: [], against: null });
    const alike = [curve(wet, {}), curve(dry, { watts: 4.01 })];
    expect(reasons(rank(alike, 0, ALL, FACTS))).toEqual({ for: [], against: null });
    // A refused one is no second.
    const refused = rank([curve(wet, {}), curve(dry, { watts: 9 })], 0, ALL, {
      ...FACTS,
      habit: 'monthly',
    });
    expect(refused[1]?.refused).toEqual({ kind: 'rinses off' });
    expect(reasons(refused)).toEqual({ for: [], against: null });
  });

  it('changes where two lines cross', () => {
    // Dry runs from 1 to 5 W, wet stays at 2: they cross at a quarter.
    const curves = [curve(dry, { watts: 1 }, { watts: 5 }), curve(wet, { watts: 2 }, { watts: 2 })];
    const quick = { ...NONE, quick: 1 };
    expect(overtakes(curves, [dry.id, wet.id], quick, FACTS)).toBeCloseTo(0.25, 4);
    expect(overtakes(curves, [wet.id, dry.id], quick, FACTS)).toBeNull();
    expect(overtakes(curves, [dry.id, 'none'], quick, FACTS)).toBeNull();
    const [crossing, ...more] = answerCrossings(curves, quick, FACTS);
    expect(more).toEqual([]);
    expect(crossing).toMatchObject({ from: { id: dry.id }, to: { id: wet.id } });
    expect(crossing?.wetShare).toBeCloseTo(0.25, 4);
    expect(answerCrossings([], quick, FACTS)).toEqual([]);
  });
});

describe('the question of a bike', () => {
  const at = (day: number) => new Date(Date.UTC(2026, 4, 1 + day, 8)).toISOString();
  const fitted = fittedBody(at(0), { lube: 'dry' });
  const rides = Array.from({ length: 14 }, (_, n) =>
    rideBody(at(n + 1), 'b1', 30, { surface: 'trail' }),
  );
  const degreaser = productOf({
    id: 'd1',
    name: 'Citrus',
    kind: 'degreaser',
    lubeClass: null,
    size: 1000,
    price: 20,
  });
  const asked = (
    products: Record<string, ReturnType<typeof productOf>>,
    settings = DEFAULT_SETTINGS,
  ) => {
    const replay = new Replay({ ...TEST_GARAGE, products }, stamped([fitted, ...rides]));
    const report = reportOn(replay, 'b1', settings, Date.parse(at(15)))!;
    return questionOf(
      { replay, report, products, settings },
      { back: 'month', weeks: 4 },
      Date.parse(at(15)),
    );
  };

  it('knows its riding, what is on it, and the rider’s habits', () => {
    const choice = {
      ...DEFAULT_SETTINGS.choice,
      habit: 'weekly' as const,
      pot: true,
      minutesPerWeek: 90,
      leadHours: 12,
    };
    const { bikeId, facts, plan, profile } = asked({}, { ...DEFAULT_SETTINGS, choice });
    expect(bikeId).toBe('b1');
    expect(facts).toMatchObject({
      habit: 'weekly',
      pot: true,
      minutesPerWeek: 90,
      leadHours: 12,
      now: 'dry',
    });
    // Trail is 2 dirt units a km in the dry: loose ground.
    expect(facts.dusty).toBe(true);
    expect(facts.kmPerWeek).toBeCloseTo(profile.rideKm * profile.ridesPerWeek, 9);
    expect(facts.horizonKm).toBeCloseTo(4 * facts.kmPerWeek, 9);
    expect(facts.standsHours).toBeCloseTo(168 / profile.ridesPerWeek, 9);
    expect(plan).toMatchObject({ habit: 'weekly', costPerClean: null, weeks: 26, futures: 20 });
  });

  it('offers the bottles on the shelf, and reckons the degreaser of a clean', () => {
    const bottle = productOf({ leftAt: at(0) });
    const { candidates, plan } = asked({ p1: bottle, d1: degreaser });
    expect(candidates.find((c) => c.owned)).toMatchObject({ id: 'p1', lubeClass: 'wet' });
    expect(candidates.filter((c) => c.lubeClass === 'wet')).toHaveLength(1);
    expect(plan.costPerClean).toBeGreaterThan(0.1);
    expect(plan.costPerClean).toBeLessThan(2);
  });
});
