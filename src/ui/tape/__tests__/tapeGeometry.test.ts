import { panTo, stitchAt } from '../panning';
import { demoLogbook } from '@/core/demo/scenario';
import { Replay } from '@/core/care/replay/replay';
import { reportOn, stepsOf } from '@/core/care/verdict/report';
import { allEvents } from '@/core/logbook/chunks';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { TAPE, tapeGeometry, tapeInputOf, type TapeInput, type TapeView } from '../tapeGeometry';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const demo = demoLogbook(now, 'UTC');
const replay = new Replay(demo.garage, allEvents(demo.log));

function inputOf(bikeId: string): TapeInput {
  const report = reportOn(replay, bikeId, DEFAULT_SETTINGS, now);
  if (!report) throw new Error('no report');
  return tapeInputOf(report, stepsOf(replay, report.chain.id), {
    chalks: [
      { km: 40, label: 'top-up' },
      { km: 400, label: 'wipe-down' },
    ],
    rides: [
      { from: 0, to: 30 },
      { from: 600, to: 640 },
    ],
  });
}

const view: TapeView = { widthPx: 400, spanKm: 400, leftKm: -300, units: METRIC };
const numbers = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe.each([...replay.book.fitted.keys()])('the tape of %s', (bikeId) => {
  const input = inputOf(bikeId);
  const shapes = tapeGeometry(input, view);

  it('lays the rides end to end up to now', () => {
    expect(shapes.nowX).toBe(300);
    const last = shapes.stitches.at(-1);
    expect(last?.to).toBeCloseTo(shapes.nowX, 5);
    shapes.stitches.slice(1).forEach((stitch, i) => {
      expect(stitch.from).toBeGreaterThanOrEqual((shapes.stitches[i]?.to ?? 0) - 1e-6);
    });
    const shown = shapes.stitches.reduce((sum, s) => sum + (s.to - s.from), 0);
    expect(shown).toBeGreaterThan(280);
  });

  it('draws film above and grit below within their bounds', () => {
    const ys = (path: string) => numbers(path).filter((_, i) => i % 2 === 1);
    for (const path of [shapes.film.past, shapes.film.ahead, shapes.film.spread])
      for (const y of ys(path)) {
        expect(y).toBeGreaterThanOrEqual(TAPE.filmTop);
        expect(y).toBeLessThanOrEqual(TAPE.filmBottom);
      }
    for (const path of [shapes.outside.past, shapes.inside.ahead])
      for (const y of ys(path)) {
        expect(y).toBeGreaterThanOrEqual(TAPE.gritTop);
        expect(y).toBeLessThanOrEqual(TAPE.gritBottom);
      }
  });

  it('draws of what lies beyond the edge no more than leads up to it', () => {
    const xs = numbers(shapes.film.past).filter((_, i) => i % 2 === 0);
    expect(xs.slice(1).every((x) => x >= -41)).toBe(true);
    expect(Math.max(...xs)).toBe(shapes.nowX);
    // One ride may begin far out; nothing before it is drawn.
    expect(Math.min(...xs)).toBeGreaterThan(-200);
    const wide = tapeGeometry(input, { ...view, widthPx: 4000, spanKm: 4000, leftKm: -3900 });
    expect(wide.film.past.length).toBeGreaterThan(shapes.film.past.length);
  });

  it('puts chalk marks where jobs fall, and none beyond the drawing', () => {
    expect(shapes.chalks).toEqual([{ x: 340, label: 'top-up' }]);
    expect(shapes.toCome).toEqual([{ from: 300, to: 330 }]);
  });
});

describe('the scale', () => {
  it('has a tick every 10 and a number every 50, in the rider’s units', () => {
    const input = inputOf([...replay.book.fitted.keys()][0] as string);
    const metric = tapeGeometry(input, view).ticks;
    expect(metric).toHaveLength(41);
    expect(metric.filter((t) => t.label).map((t) => t.label)).toEqual([
      '−300',
      '−250',
      '−200',
      '−150',
      '−100',
      '−50',
      '+50',
      '+100',
    ]);
    const miles = tapeGeometry(input, { ...view, units: IMPERIAL }).ticks;
    expect(miles.filter((t) => t.label).map((t) => t.label)).toEqual([
      '−150',
      '−100',
      '−50',
      '+50',
    ]);
  });
});

describe('dragging and tapping', () => {
  it('stops at the first ride and at the end of what lies ahead', () => {
    expect(panTo(-99_999, { spanKm: 400 }, 2000, 120)).toBe(-2000);
    expect(panTo(99_999, { spanKm: 400 }, 2000, 300)).toBe(-100);
  });

  it('finds the stitch under a finger, and none where there is none', () => {
    const shapes = tapeGeometry(inputOf([...replay.book.fitted.keys()][0] as string), view);
    const stitch = shapes.stitches.at(-1);
    expect(stitchAt(shapes, ((stitch?.from ?? 0) + (stitch?.to ?? 0)) / 2)).toBe(stitch?.id);
    expect(stitchAt(shapes, 399)).toBeNull();
  });
});
