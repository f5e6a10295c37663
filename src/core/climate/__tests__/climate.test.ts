import { readFileSync } from 'node:fs';
import path from 'node:path';
import { mean, sampleCorrelation } from 'simple-statistics';
import { CLIMATES, regionAt } from '../climates';
import { forecastDays, FORECAST_DAYS, skillAt } from '../forecast';
import { generateDays } from '../generator';
import { Chance } from '../../chance/chance';

interface Day {
  day: number;
  rainMm: number;
}

/** What Richardson's form is made of, of any row of days. */
function statistics(days: readonly Day[]) {
  const wet = days.map((d) => d.rainMm > 0);
  const after = (state: boolean) => wet.slice(1).filter((_, i) => wet[i] === state);
  const share = (list: readonly boolean[]) => list.filter(Boolean).length / list.length;
  return {
    wetShare: share(wet),
    wetToWet: share(after(true)),
    dryToWet: share(after(false)),
    wetDayMm: mean(days.filter((d) => d.rainMm > 0).map((d) => d.rainMm)),
  };
}

const monthOf = ({ day }: Day) => new Date(day * 86_400_000).getUTCMonth();

/**
 * The open daily record of Seattle, 2012 to 2015 (NOAA, in npm `vega-datasets`): what the climate
 * “temperate coast” was fitted to.
 */
const file = path.resolve('node_modules/vega-datasets/data/seattle-weather.csv');
const [, ...rows] = readFileSync(file, 'utf8').trim().split('\n');
const record = rows.map((row) => {
  const [date = '', rain, high, low] = row.split(',');
  return {
    day: Date.parse(`${date.replaceAll('/', '-')}T00:00:00Z`) / 86_400_000,
    rainMm: Number(rain),
    meanC: (Number(high) + Number(low)) / 2,
  };
});

const YEARS = 40;
const FIRST = Date.parse('2000-01-01T00:00:00Z') / 86_400_000;
const made = generateDays(7, 'temperate coast', FIRST, FIRST + YEARS * 365.25 - 1);

describe('the weather stand-in against the open Seattle record', () => {
  const real = statistics(record);
  const generated = statistics(made);

  it('has read the record', () => expect(record).toHaveLength(1461));

  it.each([
    ['share of wet days', 'wetShare', 0.03],
    ['wet day after a wet one', 'wetToWet', 0.03],
    ['wet day after a dry one', 'dryToWet', 0.03],
    ['rain of a wet day, mm', 'wetDayMm', 0.6],
  ] as const)('%s', (_, key, within) =>
    expect(Math.abs(generated[key] - real[key])).toBeLessThan(within),
  );

  it('rains and warms with the seasons as the record does', () => {
    const months = Array.from({ length: 12 }, (_, m) => m);
    const wetOf = (days: readonly Day[]) =>
      months.map((m) => statistics(days.filter((d) => monthOf(d) === m)).wetShare);
    expect(sampleCorrelation(wetOf(record), wetOf(made))).toBeGreaterThan(0.85);
    const warmth = made.map((d) => ({ ...d, meanC: mean(d.hours.map((h) => h.temperatureC)) }));
    for (const m of months) {
      const real = mean(record.filter((d) => monthOf(d) === m).map((d) => d.meanC));
      const own = mean(warmth.filter((d) => monthOf(d) === m).map((d) => d.meanC));
      expect(Math.abs(own - real)).toBeLessThan(2);
    }
  });
});

describe('generated days', () => {
  it('are the same whichever days are asked for with them', () => {
    const whole = generateDays(3, 'lee shore', 20_000, 20_030);
    for (const from of [20_004, 20_017, 20_030])
      expect(generateDays(3, 'lee shore', from, 20_030)).toEqual(whole.slice(from - 20_000));
    expect(generateDays(4, 'lee shore', 20_000, 20_030)).not.toEqual(whole);
  });

  it('lay a day’s rain over its hours, and stay within what weather can be', () => {
    for (const region of Object.keys(CLIMATES) as (keyof typeof CLIMATES)[])
      for (const { rainMm, wet, hours } of generateDays(5, region, 20_000, 20_400)) {
        const sum = hours.reduce((mm, h) => mm + h.rainMm, 0);
        const sound =
          hours.length === 24 &&
          wet === rainMm > 0 &&
          Math.abs(sum - rainMm) < 0.13 &&
          hours.every((h) => h.humidity >= (h.rainMm > 0 ? 0.9 : 0.2) && h.humidity <= 1) &&
          hours.every((h) => h.windMs >= 0 && h.rainMm >= 0);
        if (!sound) throw new Error(JSON.stringify({ region, rainMm, wet, hours }));
      }
  });

  it('share their fronts between regions, and the windward coast is the windier', () => {
    const days = (region: keyof typeof CLIMATES) => generateDays(9, region, 20_000, 20_700);
    const moor = days('peat moor');
    const lee = days('lee shore');
    const same = moor.filter((d, i) => d.wet === lee[i]?.wet).length / moor.length;
    expect(same).toBeGreaterThan(0.8);
    const wind = (list: typeof moor) => mean(list.flatMap((d) => d.hours.map((h) => h.windMs)));
    expect(wind(days('windward coast'))).toBeGreaterThan(wind(lee) * 1.2);
  });

  it('the island has its regions, the rest of the world one', () => {
    expect(regionAt(58.6, -11.4)).toBe('peat moor');
    expect(regionAt(58.2, -11.8)).toBe('windward coast');
    expect(regionAt(58.2, -11.2)).toBe('lee shore');
    expect(regionAt(47.6, -122.3)).toBe('temperate coast');
  });
});

describe('a forecast', () => {
  const LEADS = [0, 2, 5, 9];
  // The same days told at each lead, so that only the lead differs.
  const days = Array.from({ length: 200 }, (_, i) => 20_000 + i * 3);
  const off = LEADS.map((lead) => {
    const errors = days.map((day) => {
      const [truth] = generateDays(6, 'lee shore', day, day);
      const [told] = forecastDays(6, 'lee shore', { issuedDay: day - lead, from: day, to: day });
      return (truth?.hours ?? []).map((h, n) => {
        const f = told?.hours[n];
        const rained = h.rainMm > 0 ? 1 : 0;
        return {
          mm: Math.abs((f?.rainMm ?? 0) - h.rainMm),
          brier: ((f?.probability ?? 0) - rained) ** 2,
        };
      });
    });
    const flat = errors.flat();
    return { mm: mean(flat.map((e) => e.mm)), brier: mean(flat.map((e) => e.brier)) };
  });

  it('is further off the further ahead', () => {
    for (let n = 1; n < LEADS.length; n++) {
      expect(off[n]!.mm).toBeGreaterThan(off[n - 1]!.mm);
      expect(off[n]!.brier).toBeGreaterThan(off[n - 1]!.brier);
    }
    expect(skillAt(FORECAST_DAYS)).toBeLessThan(0.2);
  });

  it('issued twice on a day is the same forecast, and changes with the next day’s', () => {
    const told = (issued: number) =>
      forecastDays(6, 'lee shore', { issuedDay: issued, from: 20_010, to: 20_012 });
    expect(told(20_005)).toEqual(told(20_005));
    expect(told(20_006)).not.toEqual(told(20_005));
  });
});

it('has the days as long as the season makes them, in every year', () => {
  // Half the day's arc is acos(-tan 58.4° tan δ), δ the sun's declination: 17.97 h when it is 23.44°, 12 h when 0 (astronomy).
  const length = (year: number, month: number, date: number) => {
    const day = Date.UTC(year, month - 1, date) / 86_400_000;
    return generateDays(3, 'temperate coast', day, day)[0]!.hours.filter((h) => h.sunMj! > 0)
      .length;
  };
  for (const year of [2024, 1972, 2031, 2098, 2025]) {
    expect(Math.abs(length(year, 6, 21) - 18)).toBeLessThanOrEqual(2);
    expect(Math.abs(length(year, 12, 21) - 6)).toBeLessThanOrEqual(2);
    expect(Math.abs(length(year, 3, 20) - 12)).toBeLessThanOrEqual(2);
  }
});

describe('chance', () => {
  const draw = (n: number, one: (c: Chance) => number) => {
    const chance = new Chance(12, 34);
    return Array.from({ length: n }, () => one(chance));
  };

  it('has the moments its distributions have', () => {
    const moments = (list: number[]) => {
      const m = mean(list);
      return [m, mean(list.map((x) => (x - m) ** 2))] as const;
    };
    const [uniform, uniformVar] = moments(draw(20_000, (c) => c.uniform()));
    expect(uniform).toBeCloseTo(0.5, 1);
    expect(uniformVar).toBeCloseTo(1 / 12, 2);
    const [normal, normalVar] = moments(draw(20_000, (c) => c.normal()));
    expect(Math.abs(normal)).toBeLessThan(0.03);
    expect(Math.abs(normalVar - 1)).toBeLessThan(0.05);
    // A gamma of mean 1 and shape k has the variance 1 / k.
    for (const shape of [0.73, 5]) {
      const [gamma, gammaVar] = moments(draw(20_000, (c) => c.gamma(shape)));
      expect(Math.abs(gamma - 1)).toBeLessThan(0.04);
      expect(Math.abs(gammaVar * shape - 1)).toBeLessThan(0.12);
    }
  });

  it('is the same for the same seed and strange to its neighbour’s', () => {
    expect(new Chance(1, 2).uniform()).toBe(new Chance(1, 2).uniform());
    const next = Array.from({ length: 2000 }, (_, n) => new Chance(1, n).uniform());
    expect(Math.abs(sampleCorrelation(next.slice(1), next.slice(0, -1)))).toBeLessThan(0.06);
  });
});
