import { ROLLER_MM } from '../geometry';
import { partsOf } from '../parts';
import { closes, fitOf, NARROW_MM, WIDE_MM, widthFor, WIDTHS } from '../widths';

const INCH = 25.4;

describe('widths of chains', () => {
  it('have the inner widths of ISO 9633: 1/8, 3/32 and 11/128 in (from memory)', () => {
    // The standard's chains are a little wider than the tooth they are named for.
    expect(WIDE_MM).toBeGreaterThan(INCH / 8);
    expect(WIDE_MM - INCH / 8).toBeLessThan(0.2);
    expect(NARROW_MM).toBeCloseTo((3 / 32) * INCH, 2);
    for (const { speeds, innerMm } of WIDTHS)
      expect(innerMm).toBeCloseTo(speeds[0] < 9 ? (3 / 32) * INCH : (11 / 128) * INCH, 2);
    // A roller lies in the gap of a tooth: its diameter is below the pitch.
    expect(ROLLER_MM).toBeCloseTo(7.75, 2);
  });

  it('get narrower with every cog more, and there is one for each count', () => {
    const outer = WIDTHS.map((w) => w.outerMm);
    expect(outer).toEqual([...outer].sort((a, b) => b - a));
    for (let speeds = 1; speeds <= 14; speeds++) {
      const [from, to] = widthFor(speeds).speeds;
      expect(speeds >= from && speeds <= to).toBe(true);
    }
  });

  it.each([
    [11, 11, 'fits'],
    [11, 10, 'runs'],
    [11, 9, 'runs'],
    [10, 9, 'runs'],
    [9, 11, 'too wide'],
    [10, 11, 'too wide'],
    [8, 12, 'too wide'],
    [6, 8, 'fits'],
    [7, 8, 'fits'],
    [9, 8, 'ask'],
    [12, 11, 'ask'],
    [12, 8, 'ask'],
  ] as const)('a %i-speed chain on %i cogs: %s (common practice)', (chain, bike, fit) => {
    expect(fitOf(chain, bike)).toBe(fit);
  });

  it('close only with a link of their own width', () => {
    expect(closes(12, 8)).toBe(false);
    expect(closes(7, 8)).toBe(true);
    for (let a = 1; a <= 14; a++) {
      expect(closes(a, a)).toBe(true);
      for (let b = 1; b <= 14; b++) expect(closes(a, b)).toBe(closes(b, a));
    }
  });

  it('have 456 parts in 57 full links, 570 with bushings (common practice)', () => {
    expect(partsOf(114)).toBe(456);
    expect(partsOf(114, 'bushings')).toBe(570);
  });
});
