import { render } from '@testing-library/react';
import { SWATCH_LEVELS } from '@/core/care/model/constants';
import { OUTSIDE_BY_ABSORBER } from '@/core/senses/rag/outside';
import { Swatches } from '../Swatches';

/** Linear light of an sRGB value. Source: IEC 61966-2-1. */
const linear = (v: number) => (v <= 10 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4);
const rgb = (hex: string) => [1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16));
/** Paint over paint, as a browser blends it: in sRGB. */
const over = (below: number[], above: number[], share: number) =>
  below.map((v, k) => v * (1 - share) + above[k]! * share);
const luminance = ([r, g, b]: number[]) =>
  0.2126 * linear(r!) + 0.7152 * linear(g!) + 0.0722 * linear(b!);

it('the five swatches as they are drawn have the K/S of the table, so that eye and camera say the same', () => {
  const { container } = render(<Swatches onPick={() => undefined} />);
  const drawings = Array.from(container.querySelectorAll('svg'));
  expect(drawings).toHaveLength(SWATCH_LEVELS.length);
  drawings.forEach((svg, n) => {
    const cloth = rgb(svg.querySelector('path')!.getAttribute('fill')!);
    const marks = Array.from(svg.querySelectorAll('ellipse')).map((e) => {
      const of = (name: string) => Number(e.getAttribute(name));
      return {
        x: of('cx'),
        y: of('cy'),
        rx: of('rx'),
        ry: of('ry'),
        fill: rgb(e.getAttribute('fill')!),
        share: of('opacity'),
      };
    });
    const inside = (m: (typeof marks)[number], x: number, y: number) =>
      ((x - m.x) / m.rx) ** 2 + ((y - m.y) / m.ry) ** 2 <= 1;
    let [sum, count] = [0, 0];
    for (let x = 0; x < 58; x += 0.25)
      for (let y = 0; y < 58; y += 0.25) {
        if (!inside(marks[0]!, x, y)) continue;
        const seen = marks.reduce(
          (c, m) => (inside(m, x, y) ? over(c, m.fill, m.share) : c),
          cloth,
        );
        const r = luminance(seen) / luminance(cloth);
        sum += (1 - r) ** 2 / (2 * r);
        count += 1;
      }
    const [absorber, outside] = OUTSIDE_BY_ABSORBER[n + 1]!;
    expect(outside).toBe(SWATCH_LEVELS[n]);
    expect(sum / count / absorber).toBeGreaterThan(0.93);
    expect(sum / count / absorber).toBeLessThan(1.07);
  });
});
