import { Replay } from '@/core/care/replay/replay';
import { demoLogbook } from '@/core/demo/scenario';
import { GRID, learn, likelihoodOf, normalQuantile, priorBelief } from '@/core/learn/belief';
import { allEvents } from '@/core/logbook/chunks';
import { BANDS } from '@/core/senses/sound/bands';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { serviceOf } from '@/core/wear/service';
import { spansOf } from '@/core/wear/lanes';
import { wearOutlook } from '@/core/wear/outlook';
import { DEMO_NOW } from '@/test/demoPlan';
import { beliefRows } from '../belief';
import { replaceRows } from '../replace';
import { soundRows } from '../sound';
import { storyRows } from '../story';
import { stripRows } from '../strip';
import { wearRows } from '../wear';

const demo = demoLogbook(DEMO_NOW, 'UTC');
const { steps } = new Replay(demo.garage, allEvents(demo.log));

it('the table of wear ends where the chain stands, and its foresight straddles the limit where that is reached', () => {
  const chain = demo.garage.chains['demo-chain-commuter']!;
  const outlook = wearOutlook(steps, chain, demo.garage.bikes['demo-commuter']!, DEMO_NOW)!;
  const rows = wearRows([{ name: chain.name, outlook }], METRIC);
  const past = rows.filter(([what]) => /\d{4}$/.test(what!));
  expect(past.at(-1)![2]).toBe(`${outlook.state.wear.toFixed(2)} %`);
  expect(rows.filter(([what]) => what!.endsWith('measured'))).toHaveLength(
    outlook.story.readings.length,
  );
  const [low, high] = rows.findLast(([what]) => what === 'to come')![2]!.match(/[\d.]+/g)!;
  expect(Number(low)).toBeLessThanOrEqual(outlook.limit);
  expect(Number(high)).toBeGreaterThanOrEqual(outlook.limit);
  expect(rows.at(-1)).toEqual(['limit', '', `${outlook.limit.toFixed(2)} %`]);
  const two = [0, 1].map(() => ({ name: chain.name, outlook }));
  expect(wearRows(two, IMPERIAL)[0]![0]).toMatch(new RegExp(`^${chain.name}, \\d`));
  expect(wearRows(two, IMPERIAL)[0]![1]).toMatch(/ mi$/);
});

it('the table of a belief has the quantiles of a log-normal before any note, and narrower ones after', () => {
  const prior = priorBelief(0.32);
  const belief = learn(
    prior,
    likelihoodOf((ln) => Math.exp(-0.5 * ((ln - 0.3) / 0.15) ** 2)),
  );
  const rows = beliefRows(prior, belief, (factor) => factor.toFixed(3));
  for (const [n, p] of [0.1, 0.25, 0.5, 0.75, 0.9].entries())
    expect(Number(rows[n]![1])).toBeCloseTo(Math.exp(0.32 * normalQuantile(p)), 2);
  // Conjugate normals by hand: precision 1/0.32² + 1/0.15².
  const mean = 0.3 / 0.15 ** 2 / (1 / 0.32 ** 2 + 1 / 0.15 ** 2);
  expect(Number(rows[2]![2])).toBeCloseTo(Math.exp(mean), 2);
  expect(GRID.length).toBeGreaterThan(100);
});

it('the table of a life adds up to its rides, month by month', () => {
  const service = serviceOf(steps, { chainId: 'demo-chain-commuter' }, () => ({
    cost: 1.5,
    isWhole: true,
  }))!;
  const rows = storyRows(spansOf(service.rows, 'days', 1), METRIC);
  const km = (text: string) => Number(text.replace(/[^\d.]/g, ''));
  const shown = rows.reduce((sum, [, dry, wet]) => sum + km(dry!) + km(wet!), 0);
  expect(Math.abs(shown - service.all.km)).toBeLessThan(5 * rows.length);
  expect(rows[0]![0]).toBe('November 2026');
  expect(new Set(rows.map(([month]) => month)).size).toBe(rows.length);
  const coats = rows.filter(([, , , , did]) => did!.includes('lubed')).length;
  expect(coats).toBeGreaterThan(3);
});

it('the other tables have a row a point drawn', () => {
  const curve = Array.from({ length: 31 }, (_, n) => ({ at: 0.2 + n / 100, per1000Km: 10 + n }));
  expect(replaceRows(curve as never, null)).toEqual([
    ['0.20 %', '10.00'],
    ['0.30 %', '20.00'],
    ['0.40 %', '30.00'],
    ['0.50 %', '40.00'],
  ]);
  const at = Date.UTC(2026, 10, 24, 7);
  expect(stripRows([{ at, hour: null, riding: true }], METRIC)).toEqual([
    ['Tue, 07', 'not known', 'not known', 'yes'],
  ]);
  const db = BANDS.map((_, n) => (n === 0 ? null : -40 - n));
  const sound = soundRows({ db, sd: db, seconds: 5 }, null);
  expect(sound).toHaveLength(BANDS.length - 1);
  expect(sound[0]).toEqual([`${BANDS[1]} Hz`, '-41 dB', '']);
});
