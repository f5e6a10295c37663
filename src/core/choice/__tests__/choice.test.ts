import { choiceFacts } from '@/test/choice';
import fc from 'fast-check';
import { CARE } from '@/core/care/model/constants';
import { NOT_LEARNT } from '@/core/care/model/personal';
import { LUBE_CLASSES } from '@/core/lube/classes';
import { Replay } from '@/core/care/replay/replay';
import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped } from '@/test/events';
import { FAIR } from '@/test/weather';
import { answerCrossings, figuresAt, overtakes, rank, reasons, type Curve } from '../rank';
import { crossing, dryIntervalKm, intervalKm } from '../interval';
import { handbookCandidates, type Candidate } from '../candidate';
import { kmPerWeek, profileOf, type RidingProfile } from '../profile';
import { refusalOf, rulesFor, switchMinutes, type ChoiceFacts } from '../rules';
import { ridingHoursOf, wetShareAhead } from '../ahead';
import { rideSeason, type SeasonPlan } from '../season';
import { EVERYDAY_WISHES } from '../../records/wishes';
import { cases } from '@/test/cases';
import { refusalSentence, ruleSentence } from '../../words/choice';

const PROFILE: RidingProfile = {
  rideKm: 40,
  ridesPerWeek: 3,
  kmPerH: 24,
  dirtDry: 1,
  dirtWet: 2,
  rainMmPerH: 0.6,
  guard: 1,
  load: 1,
  wetShare: 0.2,
  rides: 20,
};
const PLAN: SeasonPlan = {
  profile: PROFILE,
  storage: 'shed',
  standard: 'tidy',
  habit: 'due',
  oldCoat: 'wipe',
  between: 'solvent',
  costPerClean: null,
  weeks: 13,
  futures: 6,
  seed: 3,
};
const FACTS = choiceFacts();

const all = handbookCandidates(() => NOT_LEARNT);
const of = (lubeClass: string): Candidate => all.find((c) => c.lubeClass === lubeClass)!;
const lube = fc.constantFrom(...all);
const share = fc.double({ min: 0, max: 1, noNaN: true });
const curvesOf = (plan: SeasonPlan, list = all): Curve[] =>
  list.map((candidate) => ({
    candidate,
    figures: [0, 0.25, 0.5, 0.75, 1].map((wet) => rideSeason(candidate, plan, wet)),
  }));
const curves = curvesOf(PLAN);

describe('the interval', () => {
  // Ridden so much that standing does not count: the lives of the trade, down to the reserve.
  const often = { ...PROFILE, ridesPerWeek: 1000 };
  it.each([
    ['dry', 150],
    ['wet', 400],
  ])(
    'of %s lube in the dry is its life of %d km less the reserve (common practice)',
    (name, km) => {
      expect(intervalKm(of(name), often, 0)).toBeCloseTo(km * (1 - CARE.reserve.value), 0);
    },
  );

  it('of a class ends at the reserve: 340 of 400 km, and 850 of hot wax (common practice: 800 to 900)', () => {
    expect([dryIntervalKm('wet'), dryIntervalKm('hot wax')]).toEqual([340, 850]);
  });

  it('of every oil lies where the trade has it, 200 to 800 km, or below for the quick sorts', () => {
    for (const name of ['wet', 'heavy wet', 'all-weather', 'plant-based', 'hot wax', 'drip wax'])
      expect(LUBE_CLASSES[of(name).lubeClass].lifeKm).toBeGreaterThanOrEqual(200);
    for (const c of all)
      expect(LUBE_CLASSES[c.lubeClass].lifeKm * (1 - CARE.reserve.value)).toBeLessThanOrEqual(850);
  });

  it('is never longer in more rain, and standing never lengthens it', () => {
    fc.assert(
      fc.property(lube, share, share, (c, a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)];
        expect(intervalKm(c, PROFILE, more)).toBeLessThanOrEqual(intervalKm(c, PROFILE, less));
        const seldom = { ...PROFILE, ridesPerWeek: 1 };
        expect(intervalKm(c, seldom, a)).toBeLessThanOrEqual(intervalKm(c, PROFILE, a));
      }),
      { seed: 51 },
    );
  });

  it('crosses where two lubes lose film alike', () => {
    // A dry lube made to outlast wet in the dry: it must be overtaken as the water comes.
    const lasting = { ...of('dry'), lifeKm: 900 };
    const at = crossing(lasting, of('wet'), often)!;
    expect(at).toBeGreaterThan(0);
    expect(intervalKm(lasting, often, at)).toBeCloseTo(intervalKm(of('wet'), often, at), 6);
    expect(crossing(of('dry'), of('wet'), often)).toBeNull();
  });
});

describe('a season', () => {
  it('is the same for the same seed, another for another', () => {
    const again = rideSeason(of('wet'), PLAN, 0.3);
    expect(rideSeason(of('wet'), PLAN, 0.3)).toEqual(again);
    expect(rideSeason(of('wet'), { ...PLAN, seed: 4 }, 0.3)).not.toEqual(again);
  });

  it('takes more coats the more of it is wet; a dry lube in rain is caught dry', () => {
    for (const name of ['dry', 'all-weather', 'drip wax']) {
      const coats = [0, 0.5, 1].map((wet) => rideSeason(of(name), PLAN, wet).coatsPerMonth);
      expect(coats[1]).toBeGreaterThanOrEqual(coats[0]!);
      expect(coats[2]).toBeGreaterThanOrEqual(coats[1]!);
    }
    expect(rideSeason(of('dry'), PLAN, 0.6).dryRides).toBeGreaterThan(
      rideSeason(of('wet'), PLAN, 0.6).dryRides + 0.1,
    );
  });

  it('more dust never leaves less grit or less wear', () => {
    fc.assert(
      fc.property(lube, fc.double({ min: 1, max: 4, noNaN: true }), (c, more) => {
        const dusty = {
          ...PLAN,
          futures: 3,
          profile: { ...PROFILE, dirtDry: PROFILE.dirtDry * more },
        };
        // Uncleaned, so that work done more often does not hide the dust.
        const never = (plan: SeasonPlan) =>
          rideSeason(c, { ...plan, weeks: 2, standard: 'easy-going' }, 0);
        expect(never(dusty).grit).toBeGreaterThanOrEqual(
          never({ ...PLAN, futures: 3 }).grit - 1e-9,
        );
      }),
      { seed: 52, numRuns: cases(25) },
    );
  });

  it('a dearer bottle never costs less, and one without a price is unknown, not free', () => {
    fc.assert(
      fc.property(lube, fc.double({ min: 0, max: 5, noNaN: true }), (c, price) => {
        const cost = (costPerCoat: number | null) =>
          rideSeason({ ...c, costPerCoat }, { ...PLAN, futures: 1, weeks: 8 }, 0.3).moneyPer1000Km;
        expect(cost(price + 1)!).toBeGreaterThanOrEqual(cost(price)!);
        expect(cost(null)).toBeNull();
      }),
      { seed: 53, numRuns: cases(20) },
    );
  });

  it('degreaser on the rag between cleans leaves less grit; its price adds to the money', () => {
    const with_ = rideSeason(of('wet'), { ...PLAN, between: 'degreaser' }, 0.4);
    const without = rideSeason(of('wet'), PLAN, 0.4);
    expect(with_.grit).toBeLessThan(without.grit);
    const priced = { ...of('wet'), costPerCoat: 0.5 };
    const dear = rideSeason(priced, { ...PLAN, costPerClean: 2 }, 0.4).moneyPer1000Km ?? 0;
    const free = rideSeason(priced, PLAN, 0.4).moneyPer1000Km ?? 0;
    expect(dear).toBeGreaterThan(free);
  });

  it('what was learnt of a lube on a bike moves its interval and narrows its spread', () => {
    const own = { life: 0.7, lifeSigma: 0.17, grit: 1, gritSigma: 0.35, notes: 4 };
    const wide = rideSeason(of('dry'), { ...PLAN, futures: 40 }, 0).intervalKm;
    const sharp = rideSeason({ ...of('dry'), own }, { ...PLAN, futures: 40 }, 0).intervalKm;
    expect(sharp.mid).toBeLessThan(wide.mid);
    expect(sharp.high / sharp.low).toBeLessThanOrEqual(wide.high / wide.low);
    expect(intervalKm({ ...of('wet'), own }, PROFILE, 0)).toBeLessThan(
      intervalKm(of('wet'), PROFILE, 0),
    );
  });

  it('cleaned every week takes more time than when it is due', () => {
    const weekly = rideSeason(of('wet'), { ...PLAN, habit: 'weekly' }, 0.2);
    expect(weekly.cleansPerMonth).toBeGreaterThan(3.5);
    expect(weekly.minutesPer1000Km).toBeGreaterThan(
      rideSeason(of('wet'), PLAN, 0.2).minutesPer1000Km,
    );
    expect(weekly.grit).toBeLessThan(rideSeason(of('wet'), PLAN, 0.2).grit);
  });
});

describe('a chain that comes home wet', () => {
  it('is dried and lubed where it would rust, as the verdict has it: oftener outdoors than in a house', () => {
    const coats = (storage: 'indoors' | 'outdoors', wet: number) =>
      rideSeason(of('wet'), { ...PLAN, storage }, wet).coatsPerMonth;
    expect(coats('outdoors', 1)).toBeGreaterThan(1.15 * coats('indoors', 1));
    expect(coats('outdoors', 0)).toBeCloseTo(coats('indoors', 0), 9);
  });

  it('in hot wax is only wiped: that takes minutes, and no coats', () => {
    const season = (storage: 'indoors' | 'outdoors') =>
      rideSeason(of('hot wax'), { ...PLAN, storage, weeks: 26 }, 1);
    expect(season('outdoors').coatsPerMonth).toBeLessThan(1.1 * season('indoors').coatsPerMonth);
    expect(season('outdoors').minutesPer1000Km).toBeGreaterThan(season('indoors').minutesPer1000Km);
  });
});

describe('the rider’s time', () => {
  it('refuses what takes longer than there is, and says so', () => {
    const slow = refusalOf(of('dry'), { ...FACTS, leadHours: 0.5 });
    expect(slow).toMatchObject({ kind: 'sets too slowly', leadHours: 0.5 });
    expect(slow && refusalSentence(slow)).toMatch(/sets in .* you have 30 min/);
    expect(refusalOf(of('wet'), { ...FACTS, leadHours: 0.5 })).toBeNull();
    const ranked = rank(curves, 0.3, EVERYDAY_WISHES, { ...FACTS, minutesPerWeek: 1 });
    for (const r of ranked) expect(['takes too long', 'no pot']).toContain(r.refused?.kind);
    for (const r of rank(curves, 0.3, EVERYDAY_WISHES, { ...FACTS, minutesPerWeek: 600 }))
      expect(r.refused?.kind).not.toBe('takes too long');
  });
});

describe('the ranking', () => {
  it('changes its answer at the crossings it prints, and nowhere else', () => {
    const wishes = { quick: 3, clean: 0, time: 0, money: 0, life: 0 };
    const found = answerCrossings(curves, wishes, FACTS);
    expect(found.length).toBeGreaterThan(0);
    const answer = (wet: number) => rank(curves, wet, wishes, FACTS)[0]!.candidate.id;
    let last = answer(0);
    for (const { wetShare, from, to } of found) {
      expect(from.id).toBe(last);
      expect(answer(wetShare - 0.002)).toBe(from.id);
      expect(answer(wetShare + 0.002)).toBe(to.id);
      last = to.id;
    }
    expect(answer(1)).toBe(last);
  });

  it('says where wet overtakes dry: before it dry serves better, after it wet', () => {
    const at = overtakes(curves, ['dry', 'wet'], EVERYDAY_WISHES, FACTS)!;
    const place = (wet: number, id: string) =>
      rank(curves, wet, EVERYDAY_WISHES, FACTS).findIndex((r) => r.candidate.id === id);
    expect(place(at - 0.01, 'dry')).toBeLessThan(place(at - 0.01, 'wet'));
    expect(place(at + 0.01, 'wet')).toBeLessThan(place(at + 0.01, 'dry'));
  });

  it('goes by what matters: every wish alone puts the best in it first', () => {
    const only = (wish: keyof typeof EVERYDAY_WISHES) => ({
      ...{ quick: 0, clean: 0, time: 0, money: 0, life: 0 },
      [wish]: 3,
    });
    const facts = { ...FACTS, pot: true, horizonKm: 1e9 };
    const first = (wish: keyof typeof EVERYDAY_WISHES) => rank(curves, 0.3, only(wish), facts)[0]!;
    const best = (value: (c: Curve) => number) => Math.min(...curves.map(value));
    const at = (c: Curve) => figuresAt(c, 0.3);
    expect(first('clean').figures.grit).toBe(best((c) => at(c).grit));
    expect(first('life').figures.wearPer1000Km).toBe(best((c) => at(c).wearPer1000Km));
    expect(first('time').candidate.id).toBe('hot wax');
  });

  it('puts a change of lube on the time of a short horizon', () => {
    const place = (now: ChoiceFacts['now'], horizonKm: number) =>
      rank(curves, 0.1, EVERYDAY_WISHES, { ...FACTS, now, horizonKm }).findIndex(
        (r) => r.candidate.id === 'drip wax',
      );
    expect(place('drip wax', 150)).toBe(0);
    expect(place('wet', 150)).toBeGreaterThan(place('drip wax', 150));
    expect(place('wet', 5000)).toBeLessThanOrEqual(place('wet', 150));
    expect(switchMinutes(of('wet'), 'drip wax')).toBeGreaterThan(0);
    expect(switchMinutes(of('dry'), 'wet')).toBe(0);
  });

  it('takes an unknown price for neither dear nor free', () => {
    const priced = (cost: Record<string, number | null>) =>
      curvesOf(
        { ...PLAN, futures: 2 },
        all
          .filter((c) => c.lubeClass in cost)
          .map((c) => ({ ...c, costPerCoat: cost[c.lubeClass] ?? null })),
      );
    const money = { quick: 0, clean: 0, time: 0, money: 3, life: 0 };
    const order = rank(priced({ wet: 0.1, 'heavy wet': null, dry: 2 }), 0.2, money, FACTS);
    expect(order.map((r) => r.candidate.id)).toEqual(['wet', 'heavy wet', 'dry']);
    const none = rank(priced({ wet: null, dry: null }), 0.2, money, FACTS);
    for (const r of none) expect(r.shortfall).toBe(0);
  });

  it('names the two strongest reasons and the one against', () => {
    const ranked = rank(curves, 0.3, EVERYDAY_WISHES, FACTS);
    const why = reasons(ranked);
    expect(why.for.length).toBeGreaterThan(0);
    for (const wish of why.for) expect(ranked[0]!.parts[wish]).toBeLessThan(ranked[1]!.parts[wish]);
    if (why.against)
      expect(ranked[0]!.parts[why.against]).toBeGreaterThan(ranked[1]!.parts[why.against]);
  });
});

describe('the schools', () => {
  it('change what is reckoned: never over an old coat takes more time than wiping first', () => {
    const minutes = (oldCoat: SeasonPlan['oldCoat']) =>
      rideSeason(of('wet'), { ...PLAN, oldCoat }, 0.2).minutesPer1000Km;
    expect(minutes('clean')).toBeGreaterThan(minutes('wipe'));
    expect(minutes('flush')).not.toBe(minutes('wipe'));
  });

  it('leave out household oil, and wax in long rain, for those who hold so', () => {
    expect(refusalOf(of('light oil'), { ...FACTS, household: 'no' })).toEqual({
      kind: 'chain lube only',
    });
    expect(refusalOf(of('light oil'), FACTS)).toBeNull();
    const never = { ...FACTS, waxInWet: 'never' as const };
    const wax = (wet: number) =>
      rank(curves, wet, EVERYDAY_WISHES, never).find((r) => r.candidate.id === 'drip wax')!;
    expect(wax(0.8).refused).toEqual({ kind: 'wax in long rain' });
    expect(wax(0.2).refused).toBeNull();
  });
});

describe('the rules of the trade', () => {
  it('refuse what rinses off with monthly cleaning, and hot wax without a pot', () => {
    expect(refusalOf(of('dry'), { ...FACTS, habit: 'monthly' })).toEqual({ kind: 'rinses off' });
    expect(refusalOf(of('dry'), FACTS)).toBeNull();
    expect(refusalOf(of('wet'), { ...FACTS, habit: 'monthly' })).toBeNull();
    expect(refusalOf(of('hot wax'), FACTS)).toEqual({ kind: 'no pot' });
    const ranked = rank(curves, 0, EVERYDAY_WISHES, { ...FACTS, habit: 'monthly' });
    expect(ranked.at(-1)?.refused).not.toBeNull();
    expect(ranked[0]?.refused).toBeNull();
  });

  it.each([
    ['dry', { wetShare: 0.4 }, /Carry a small bottle/],
    ['drip wax', {}, /strip/],
    ['wet', { now: 'drip wax' }, /hard wipe/],
    ['wet', { dusty: true }, /paste/],
    ['dry', { ebike: true }, /motor/],
    ['drip wax', { storage: 'outdoors' }, /sets in/],
    ['dry', { standsHours: 168 }, /dries it out/],
  ] as const)('with %s and %j say what to mind', (name, part, sentence) => {
    const notes = rulesFor(of(name), { ...FACTS, ...(part as Partial<ChoiceFacts>) });
    expect(notes.some((note) => sentence.test(ruleSentence(note)))).toBe(true);
    expect(rulesFor(of('all-weather'), FACTS)).toEqual([]);
  });
});

describe('what is usual and what is coming', () => {
  const now = Date.parse('2026-05-31T12:00:00Z');
  const steps = new Replay(
    TEST_GARAGE,
    stamped([
      rideBody('2026-01-10T08:00:00.000Z', 'b1', 99),
      rideBody('2026-05-10T08:00:00.000Z', 'b1', 30, { weather: 'wet', durationH: 1 }),
      rideBody('2026-05-17T08:00:00.000Z', 'b1', 50, { surface: 'gravel', durationH: 3 }),
      rideBody('2026-05-24T08:00:00.000Z', 'b2', 10),
    ]),
  ).steps;

  it('is taken from the bike’s own rides of the time looked back on', () => {
    const month = profileOf(steps, TEST_GARAGE.bikes.b1!, 'month', now);
    expect(month).toMatchObject({ rides: 2, rideKm: 40, kmPerH: 20, wetShare: 30 / 80 });
    expect(month.dirtDry).toBeCloseTo((30 * 1 + 50 * 1.8) / 80, 9);
    expect(month.rainMmPerH).toBeCloseTo(0.8, 9);
    // Rides of January are known too: the whole month looked back on counts.
    expect(kmPerWeek(month)).toBeCloseTo(80 / 5, 9);
    expect(profileOf(steps, TEST_GARAGE.bikes.b1!, 'season', now).rides).toBe(3);
    expect(profileOf([], TEST_GARAGE.bikes.b2!, 'month', now)).toMatchObject({
      rides: 0,
      guard: 0.6,
    });
  });

  it('weighs the forecast’s hours by when the bike is ridden', () => {
    const riding = ridingHoursOf(steps, 'b1');
    expect(riding[8]).toBeCloseTo(3 / 8, 9);
    expect(riding.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    const day = (from: number, to: number) =>
      Array.from({ length: 24 }, (_, h) => ({ ...FAIR, rainMm: h >= from && h < to ? 3 : 0 }));
    const start = Date.parse('2026-06-01T00:00:00Z');
    expect(wetShareAhead(day(7, 12), start, riding)).toBeGreaterThan(0.9);
    expect(wetShareAhead(day(20, 24), start, riding)).toBe(0);
    expect(wetShareAhead([], start, riding)).toBe(0);
  });
});
