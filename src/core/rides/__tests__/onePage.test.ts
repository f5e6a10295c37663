import { METHODS } from '../../care/model/work';
import { Replay } from '../../care/replay/replay';
import { demoLogbook } from '../../demo/scenario';
import { allEvents } from '../../logbook/chunks';
import { keepLedger } from '../../money/ledger';
import { pageFigures, pageSentences, pageText } from '../../words/onePage';
import { DEMO_NOW } from '@/test/demoPlan';
import { METRIC } from '@/core/units/convert';
import { onePage } from '../onePage';
import { YEAR_SKIES } from '../year';

const book = demoLogbook(DEMO_NOW, 'UTC');
const replay = new Replay(book.garage, allEvents(book.log));
const { steps } = replay;
const keeping = { garage: book.garage, prices: book.settings.plan, perUnit: 100 };
const pageAt = (now: number, of = steps) =>
  onePage({
    steps: of,
    entries: keepLedger(of, keeping).entries,
    learnt: replay.book.learnt,
    garage: book.garage,
    power: 200,
    now,
  });
const SHOWN = { currency: 'EUR', units: METRIC } as const;

describe('a year on one page', () => {
  const page = pageAt(DEMO_NOW);

  it('counts what the log has, by another way', () => {
    const events = steps.map((s) => s.event);
    const rides = events.flatMap((e) => (e.type === 'rideLogged' ? [e] : []));
    const works = events.flatMap((e) => (e.type === 'workDone' ? [e] : []));
    expect(page.rides).toBe(rides.length);
    expect(page.km).toBeCloseTo(
      rides.reduce((sum, r) => sum + r.distanceKm, 0),
      6,
    );
    expect(YEAR_SKIES.reduce((sum, sky) => sum + page.bySky[sky], 0)).toBeCloseTo(page.km, 6);
    expect(page.coats).toBe(works.filter((w) => w.lube).length);
    expect(page.cleans).toBe(works.filter((w) => METHODS[w.method].deep).length);
    expect(page.wipes).toBe(
      works.filter((w) => !w.lube && !METHODS[w.method].deep && w.method !== 'none').length,
    );
    expect(page.minutes).toBe(works.reduce((sum, w) => sum + (w.minutes ?? 0), 0));
    expect(page.minor).toBe(
      keepLedger(steps, keeping).entries.reduce((sum, e) => sum + e.minor, 0),
    );
    expect(page.best!.watts).toBeLessThan(page.worst!.watts);
  });

  it('leaves out what came later, and is empty where nothing was ridden', () => {
    const half = pageAt(DEMO_NOW - 120 * 86_400_000);
    expect(half.km).toBeLessThan(page.km);
    expect(half.minor).toBeLessThan(page.minor);
    const none = pageAt(DEMO_NOW, []);
    expect(none).toMatchObject({ rides: 0, km: 0, minor: 0, most: null, best: null, worst: null });
    expect(none.minorPer1000Km).toBeNull();
  });

  it('says it in words', () => {
    expect(pageFigures(page, SHOWN).map((f) => f.of)).toEqual([
      'ridden',
      'rides',
      'in the saddle',
      'coats of lube',
      'cleans',
      'at the bench',
    ]);
    const said = pageSentences(page, SHOWN, 100);
    expect(said[0]).toMatch(/^You rode most in \w+, [\d,]+ km\.$/);
    expect(said[1]).toMatch(/ran best in \w+ \(\d.* W lost\) and worst in \w+/);
    expect(said[2]).toMatch(/came to €\d+, or €\d+ for 1,000 km, your time included\.$/);
    expect(pageText(page, SHOWN, 100)).toContain('Your year, 1 December 2025 to 24 November 2026.');
    expect(pageSentences(pageAt(DEMO_NOW, []), SHOWN, 100)).toEqual([]);
  });
});
