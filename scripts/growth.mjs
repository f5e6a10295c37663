// @ts-check
import { readFileSync, writeFileSync } from 'node:fs';

/** Draws docs/performance.svg from what `npm run bench -- growth` measured: one small picture a curve, both axes by tens. */
const WIDTH = 260;
const HEIGHT = 190;
const COLUMNS = 5;
const PAD = { left: 54, right: 20, top: 40, bottom: 36 };

/** Figures of the first point begin at it, of the last end there: nothing is written over the scale. */
const ANCHORS = ['start', 'middle', 'end'];

/** @typedef {{ name: string, by: string, at: number[], values: number[] }} Curve */
/** @type {Curve[]} */
const curves = JSON.parse(readFileSync('.bench/growth.json', 'utf8'));

/** @param {number[]} values @param {number} from @param {number} to */
function scaleOf(values, from, to) {
  const low = Math.floor(Math.log10(Math.min(...values)));
  const high = Math.max(low + 1, Math.ceil(Math.log10(Math.max(...values)) - 1e-9));
  const ticks = Array.from({ length: high - low + 1 }, (_, n) => 10 ** (low + n));
  const place = (/** @type {number} */ x) =>
    from + ((Math.log10(x) - low) / (high - low)) * (to - from);
  return { ticks, place };
}

/** @param {Curve} curve @param {number} n */
function picture({ name, by, at, values }, n) {
  const x = scaleOf(at, PAD.left, WIDTH - PAD.right);
  const y = scaleOf(values, HEIGHT - PAD.bottom, PAD.top);
  const points = at.map((value, k) => `${x.place(value)},${y.place(values[k] ?? 1)}`);
  const grid = y.ticks.map(
    (tick) =>
      `<line x1="${PAD.left}" x2="${WIDTH - PAD.right}" y1="${y.place(tick)}" y2="${y.place(tick)}" stroke="#ddd"/>` +
      `<text x="${PAD.left - 6}" y="${y.place(tick) + 4}" text-anchor="end">${tick.toLocaleString('en')}</text>`,
  );
  const marks = at.map(
    (value, k) =>
      `<circle cx="${x.place(value)}" cy="${y.place(values[k] ?? 1)}" r="3"/>` +
      `<text x="${x.place(value)}" y="${y.place(values[k] ?? 1) - 8}" text-anchor="${ANCHORS[Math.sign(k) + Number(k === at.length - 1)]}">${values[k]}</text>` +
      `<text x="${x.place(value)}" y="${HEIGHT - 20}" text-anchor="middle">${value.toLocaleString('en')}</text>`,
  );
  return `<g transform="translate(${(n % COLUMNS) * WIDTH} ${Math.floor(n / COLUMNS) * HEIGHT})">
<text x="${PAD.left}" y="18" font-weight="bold">${name}</text>
${grid.join('\n')}
<polyline points="${points.join(' ')}" fill="none" stroke="#1c2b42" stroke-width="1.5"/>
${marks.join('\n')}
<text x="${(PAD.left + WIDTH - PAD.right) / 2}" y="${HEIGHT - 5}" text-anchor="middle">${by}</text>
</g>`;
}

const rows = Math.ceil(curves.length / COLUMNS);
writeFileSync(
  'docs/performance.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" width="${COLUMNS * WIDTH}" height="${rows * HEIGHT}" viewBox="0 0 ${COLUMNS * WIDTH} ${rows * HEIGHT}" font-family="sans-serif" font-size="11" fill="#1c2b42">
<rect width="100%" height="100%" fill="#fff"/>
${curves.map(picture).join('\n')}
</svg>
`,
);
