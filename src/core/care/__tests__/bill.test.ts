import { TEST_GARAGE } from '@/test/arbitraries';
import { rideBody, stamped, type Body, workBody } from '@/test/events';
import { distanceSum, bill } from '../bill/bill';
import type { BillSection, SectionName } from '../bill/billTypes';
import { NOT_LEARNT } from '../model/personal';
import { Replay } from '../replay/replay';
import { reportOn, stepsOf } from '../verdict/report';
import { DEFAULT_SETTINGS } from '../../settings/defaults';

/**
 * A bill worked out by hand from docs/model.md. Wet lube of 400 km, put on a clean chain in the evening of a Monday:
 * two rides, a wipe between them, and a week of standing.
 */
const at = (day: number, hour = 8) =>
  new Date(Date.parse('2026-05-04T00:00:00Z') + day * 86_400_000 + hour * 3_600_000).toISOString();
const NOW = Date.parse(at(9));
const wiped: Body = workBody(at(1, 20), 'c1');
const fitted: Body = {
  type: 'chainFitted',
  at: at(0),
  chainId: 'c1',
  bikeId: 'b1',
  start: { lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 },
};
const lubed: Body = {
  ...wiped,
  at: at(0, 18),
  method: 'none',
  lube: { lubeClass: 'wet', coat: 1, wiped: true },
};
const wet = { weather: 'wet' as const, durationH: 2 };

function billOf(bodies: readonly Body[]) {
  const replay = new Replay(TEST_GARAGE, stamped(bodies));
  const report = reportOn(replay, 'b1', DEFAULT_SETTINGS, NOW)!;
  const sections = bill(stepsOf(replay, 'c1'), report.state, report.limits, report.learnt);
  const of = (name: SectionName) => sections.find((s) => s.name === name)!;
  return { report, sections, of };
}
const kinds = (section: BillSection) => section.lines.map((l) => l.item.kind);
const line = (section: BillSection, kind: string) =>
  section.lines.find((l) => l.item.kind === kind)!;

describe('the bill', () => {
  const bodies = [fitted, lubed, rideBody(at(1), 'b1', 60), wiped, rideBody(at(2), 'b1', 40, wet)];
  // Worked out anew in each test, so that each holds the lines it looks at.
  const worked = () => billOf(bodies);
  const lifeKm = 400 * (1 - 0.5 * 0.02);

  it('of the film counts its coat, the road, the water, the wipe and the standing', () => {
    const { report, of } = worked();
    const film = of('film');
    expect(kinds(film)).toEqual(['coat', 'standing', 'distance', 'water', 'wiping']);
    expect(line(film, 'coat')).toMatchObject({
      item: { lube: 'wet', at: Date.parse(at(0, 18)) },
      amount: 1,
    });
    const distance = line(film, 'distance');
    expect(distance.item).toMatchObject({ kind: 'distance', km: 100 });
    expect(distance.amount).toBeCloseTo(-100 / lifeKm, 3);
    // A dry wipe takes 2 % of the film there is.
    expect(line(film, 'wiping').amount).toBeCloseTo(-0.02 * (1 - 60 / lifeKm), 3);
    // 2 % a week; from 18:00 on Monday to 8:00 on Wednesday a week later, less four and a half hours of riding.
    expect(line(film, 'standing').item).toMatchObject({ perWeek: 0.02 });
    expect(line(film, 'standing').amount).toBeCloseTo((-0.02 * (8 + 9.5 / 24)) / 7, 4);
    const water = line(film, 'water').item as { mm: number };
    expect(line(film, 'water').amount).toBeCloseTo(-0.03 * water.mm, 6);
    expect(film).toMatchObject({ unit: 'share', limit: 0.15, total: report.state.film });
  });

  it('of the grit begins where it came in, and counts road, cogs and wipe', () => {
    const { of } = worked();
    const outside = of('outside');
    expect(kinds(outside)).toEqual(['start', 'road', 'cogs', 'work']);
    expect(line(outside, 'start').amount).toBeCloseTo(0.03, 12);
    const road = line(outside, 'road').item as { km: number; perKm: number };
    expect(road.km).toBe(100);
    // Dirt by the kilometre, the two rides weighed by their length: 1 in the dry, 2 in the wet.
    expect(road.perKm).toBeCloseTo(1.4, 9);
    expect(line(outside, 'work').item).toEqual({ kind: 'work', method: 'dry wipe' });
    const after60 = 1 - 0.97 * Math.exp((-1.5 * 60) / 536);
    expect(line(outside, 'work').amount).toBeCloseTo(-after60 / 2, 2);
    expect(outside.limit).toBe(0.35);
    const inside = of('inside');
    expect(kinds(inside)).toEqual(['start', 'inwards']);
    expect(line(inside, 'inwards').item).toMatchObject({ km: 100, migration: 1 });
    expect(inside.limit).toBe(0.3);
  });

  it('of wear parts the clean kilometres, the wet road and what grit ground off', () => {
    const { report, of } = worked();
    const wear = of('wear');
    expect(kinds(wear)).toEqual(['clean wear', 'hard wear', 'grit wear']);
    expect(line(wear, 'clean wear').amount).toBeCloseTo(0.028e-3 * 100, 9);
    // 40 of the kilometres were wet: 0.9 times more.
    expect(line(wear, 'hard wear').amount).toBeCloseTo(0.028e-3 * 40 * 0.9, 9);
    expect(line(wear, 'grit wear').amount).toBeCloseTo(report.state.wear - 0.0028 - 0.001008, 9);
    expect(wear).toMatchObject({ unit: '%', limit: 0.5 });
  });

  it('of watts is what each costs at 250 W, none where there is none', () => {
    const { report, of } = worked();
    const { outside, inside, wear } = report.state;
    const watts = of('watts');
    expect(watts.lines.map((l) => l.item)).toEqual([
      { kind: 'watts', of: 'outside' },
      { kind: 'watts', of: 'inside' },
      { kind: 'watts', of: 'wear' },
    ]);
    expect(watts.lines.map((l) => l.amount)).toEqual([10 * outside, 4 * inside, 3 * wear]);
    expect(watts.total).toBeCloseTo(10 * outside + 4 * inside + 3 * wear, 12);
    expect(watts.limit).toBeNull();
  });

  it('names the figures it rests on', () => {
    const { of, sections } = worked();
    const names = sections.map((s) =>
      s.sources.map((x) => (x.kind === 'constant' ? x.name : x.kind)),
    );
    expect(names).toEqual([
      ['coat life', 'wash-off', 'sprayMmPerH', 'reserve'],
      ['outsideScaleKm', 'swatchNoise'],
      ['insideScaleKm'],
      ['wearPerKm', 'wearByGrit', 'wearByDryness', 'wearByWater'],
      ['wattsOutside', 'wattsInside'],
    ]);
    expect(of('film').sources[0]).toMatchObject({ lube: 'wet', learnt: null });
    expect(of('film').sources[1]).toEqual({ kind: 'wash-off', perMm: 0.03 });
  });

  it('starts grit anew at a clean, and counts rag, reading, noise and an early start', () => {
    const { of: after } = billOf([
      fitted,
      rideBody(at(1), 'b1', 60),
      { ...wiped, at: at(2), method: 'scrubber', lube: { lubeClass: 'dry', coat: 1, wiped: true } },
      // Dry lube sets in 2 h; an hour later half of what setting adds is there.
      rideBody(at(2, 9), 'b1', 20),
      { type: 'ragChecked', at: at(3), chainId: 'c1', swatch: 4 },
      { type: 'wearRead', at: at(3, 9), chainId: 'c1', percent: 0.2, tool: 'checker' },
      { type: 'soundHeard', at: at(4), chainId: 'c1', sound: 'squeak' },
    ]);
    expect(kinds(after('outside'))).toEqual(['work', 'road', 'cogs', 'rag']);
    expect(line(after('outside'), 'work').item).toEqual({ kind: 'work', method: 'scrubber' });
    expect(line(after('outside'), 'rag').amount).toBeGreaterThan(0.1);
    expect(kinds(after('film'))).toEqual(['coat', 'standing', 'early start', 'distance', 'heard']);
    expect(line(after('film'), 'early start').amount).toBeLessThan(-0.1);
    expect(line(after('film'), 'heard').item).toEqual({ kind: 'heard', sound: 'squeak' });
    expect(line(after('wear'), 'measured').amount).toBeGreaterThan(0.01);
    for (const name of ['film', 'outside', 'inside', 'wear'] as const) {
      const sum = after(name).lines.reduce((all, l) => all + l.amount, 0);
      expect(Math.abs(sum - after(name).total)).toBeLessThan(0.001);
    }
  });

  it('ends with the kilometres its film lasts', () => {
    const { report } = worked();
    const sum = distanceSum(report.state, report.verdict, 1.4, NOT_LEARNT);
    expect(sum).toMatchObject({ filmLeft: report.state.film, reserve: 0.15, load: 1.4 });
    expect(sum.lifeKm).toBeCloseTo(lifeKm, 0);
    expect(sum.dryKm).toBeCloseTo(((report.state.film - 0.15) * sum.lifeKm) / 1.4, 9);
    expect(sum.verdictKm).toBe(report.verdict.lube.km?.mid);
    const dry = distanceSum({ ...report.state, film: 0.1 }, report.verdict, 1, NOT_LEARNT);
    expect(dry.dryKm).toBe(0);
  });
});
