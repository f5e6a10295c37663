import { METRIC } from '@/core/units/convert';
import { bestThreshold, costOfThresholds } from '../../money/replace';
import type { YearOfRiding } from '../../years/riding';
import { moneyRange } from '../amounts';
import {
  againstSentence,
  costSentence,
  replaceSentences,
  unpricedSentences,
  untimedSentence,
} from '../money';
import {
  differenceSentence,
  ridingSentence,
  soFarTitle,
  unpricedSentence,
  wayLabel,
} from '../years';
import {
  assumedSentence,
  leaveAlone,
  minutesSentence,
  perWattSaid,
  winBackFacts,
  wattsSentence,
} from '../watts';

const SHOWN = { currency: 'EUR', units: METRIC } as const;

describe('what is said of money', () => {
  it('is rounded to what one says, and one figure where both ends are the same', () => {
    expect(moneyRange(187.4, 204.9, 'EUR')).toBe('€185 to €205');
    expect(moneyRange(186, 186.4, 'EUR')).toBe('€185');
  });

  it('is a year and a distance, or why there is none', () => {
    const km = (amount: number | null) => ({ amount, unit: 'km' as const });
    expect(costSentence(213, km(41.2), 'EUR')).toBe(
      'It costs about €215 a year, or €41 for 1,000 km.',
    );
    expect(costSentence(null, km(41.2), 'EUR')).toBe('It costs about €41 for 1,000 km.');
    expect(costSentence(213, km(null), 'EUR')).toBe('It costs about €215 a year.');
    expect(costSentence(null, km(null), 'EUR')).toContain('Too little is logged');
  });

  it('says who saved, who spent more, and where it is the same', () => {
    expect(againstSentence('never', [180, 240], 100, 'EUR')).toMatch(/You saved €80 to €140\.$/);
    expect(againstSentence('weekly', [60, 80], 100, 'EUR')).toMatch(/You spent €20 to €40 more\.$/);
    expect(againstSentence('weekly', [90, 120], 100, 'EUR')).toMatch(/about the same\.$/);
  });

  it('names what has no price', () => {
    expect(unpricedSentences([])).toEqual([]);
    const [left, usual] = unpricedSentences([
      { what: 'product', name: 'Rags', as: 'missing' },
      { what: 'chain', name: 'Town chain', as: 'usual' },
    ]);
    expect(left).toContain('left out of the sums: Rags.');
    expect(usual).toContain('usual price: Town chain.');
    const all = { chain: 1, cassette: 1, ring: 0, jockeys: 0, coat: 0, clean: 0, hour: 0 };
    expect(unpricedSentence(all)).toBeNull();
    expect(unpricedSentence({ ...all, coat: null, ring: null })).toContain(
      'a coat of lube and rings',
    );
  });

  it('says which jobs have no minutes', () => {
    expect(untimedSentence(0)).toBeNull();
    expect(untimedSentence(1)).toContain('One job has no minutes');
    expect(untimedSentence(3)).toContain('3 jobs have no minutes');
  });

  it('never says to keep a chain on that is past its limit, whatever money says', () => {
    for (const partsPerChain of [0, 5, 20, 90]) {
      const best = bestThreshold(
        costOfThresholds({ chainPrice: 30, partsPerChain, limit: 0.5, perKm: 0.15e-3 }),
      );
      for (let wear = 0.5; wear < 2; wear += 0.05) {
        const said = replaceSentences(wear, best, 0.5, 'EUR').join(' ');
        expect(said).not.toContain('Keep it on');
        expect(said).toMatch(/[Rr]eplace/);
      }
      expect(replaceSentences(0.1, best, 0.5, 'EUR')[0]).toContain('Keep it on');
      if (best.least.at > 0.5)
        expect(replaceSentences(0.6, best, 0.5, 'EUR').at(-1)).toContain('may skip');
    }
  });
});

describe('what is said of years', () => {
  const middle = (mid: number, half: [number, number]) => ({ mid, half, most: half });
  it('names the way that takes less, and says where it may go either way', () => {
    const pair = [wayLabel('plan/wet', 'regime'), wayLabel('weekly/wet', 'regime')] as const;
    expect(differenceSentence(pair, 'money', middle(-120, [-150, -90]), SHOWN)).toBe(
      '“As the plan says” costs €120 less than “Every Sunday”.',
    );
    expect(differenceSentence(pair, 'hours', middle(4, [-1, 9]), SHOWN)).toBe(
      '“Every Sunday” takes 4 h less than “As the plan says”, but it may go either way.',
    );
    expect(differenceSentence(pair, 'chains', middle(0.01, [0, 0.02]), SHOWN)).toBe(
      'There is hardly a difference in chains.',
    );
    expect(wayLabel('plan/drip wax', 'lube')).toBe('Drip wax');
  });

  it('says what riding the years are made of', () => {
    const of = (basis: YearOfRiding['basis']) =>
      ridingSentence({ basis, from: { rides: 12, days: 90 }, rides: [] }, METRIC);
    expect(of('log')).toContain('Your rides of the last year');
    expect(of('part')).toContain('Your 12 rides of 90 days');
    expect(of('assumed')).toContain('we assume');
    expect(soFarTitle(240)).toBe('Your 8 months so far');
    expect(soFarTitle(10)).toBe('Your 1 month so far');
    expect(soFarTitle(1826)).toBe('Your 5 years so far');
  });
});

describe('what is said of watts', () => {
  it('is plain where hardly any is lost, and rounded elsewhere', () => {
    expect(wattsSentence(0.4, 200)).toContain('about as well as a new one');
    expect(wattsSentence(6.3, 200)).toContain('about 6 W of your 200 W');
    expect(minutesSentence({ flat: 0.4, climb: 1.26 }, 'this ride')).toContain(
      'about 25 seconds if it is all flat, and 1.3 min if it is all uphill',
    );
  });

  it('has a price only where one is known', () => {
    const way = { way: 'clean', items: [], watts: 2.04, minutes: 30 } as const;
    expect(winBackFacts({ ...way, money: 0.68 }, 'EUR')).toBe('2 W for 30 min, €0.68');
    expect(winBackFacts({ ...way, money: null }, 'EUR')).toBe('2 W for 30 min, price not known');
    expect(winBackFacts({ ...way, money: 0 }, 'EUR')).toBe('2 W for 30 min');
    expect(winBackFacts({ ...way, way: 'gears', minutes: 0, money: 0 }, 'EUR')).toBe(
      '2 W at no cost',
    );
    expect(perWattSaid({ ...way, money: 0.68 }, 'EUR')).toBe('A watt takes 15 min and €0.33.');
    expect(perWattSaid({ ...way, money: null }, 'EUR')).toBe('A watt takes 15 min.');
    expect(perWattSaid({ ...way, way: 'gears', minutes: 0, money: 0 }, 'EUR')).toBeNull();
  });

  it('lists the gears to leave alone, and what is assumed', () => {
    const gear = (ring: number, cog: number, crossed: boolean) => ({
      ring,
      cog,
      angle: 3,
      watts: 2,
      crossed,
    });
    const map = { rings: [50], cogs: [11, 32], gears: [[gear(50, 11, false), gear(50, 32, true)]] };
    expect(leaveAlone({ ...map, assumed: [] })).toContain('the 50 ring with 32');
    expect(leaveAlone({ ...map, gears: [[gear(50, 11, false)]], assumed: [] })).toBeNull();
    expect(assumedSentence({ ...map, assumed: [] })).toBeNull();
    expect(assumedSentence({ ...map, assumed: ['chainstay'] })).toContain('chainstay (420 mm)');
  });
});
