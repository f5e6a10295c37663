import type { Cells } from './cells';
import { besideClean, luminances, type Clean, type Colours } from './clean';
import { absorberOf } from './absorber';
import { neighboursOf, regionsOf, spread } from './regions';

/** A mark takes at least this share of the light away, or three times the scatter of clean cloth. Own estimate. */
const FAINTEST = 0.045;
const STAINED = 3;
/** Specks closer than this share of the picture's width are of one mark. */
const NEAR = 0.015;
/** Smaller than this share of the cloth is a fleck, not what a chain left. */
const LEAST = 0.004;
/** A mark that lies along the rag's edge with more than this share of its own is a shadow, a hand, a fold. */
const ON_THE_EDGE = 0.3;
/** What takes away a colour so much more than the others is paint or skin, not grime. */
const COLOURED = 0.45;
/** A further mark of less than this share of the darkest's dirt is a spot beside it. */
const FURTHER = 0.3;
/** More marks than this nobody wipes. */
const MOST = 6;

/** What is dark on a rag. */
export interface Marks {
  /** Those a chain left, the one with most dirt first, each as its cells. */
  marks: number[][];
  /** None of them, but something dark at the edge or of a colour of its own: it may be the mark after all. */
  unsure: boolean;
}

/** Returns the marks on the cloth. */
export function marksOf(cells: Cells, cloth: Uint8Array, clean: Clean): Marks {
  const { across } = cells;
  const looks = besideClean(cells, clean);
  const light = luminances(looks);
  const limit = 1 - Math.max(FAINTEST, STAINED * clean.scatter);
  const within = spread(cloth, across, -1);
  const darkened = within.map((is, cell) => (is && (light[cell] as number) < limit ? 1 : 0));
  const near = Math.max(1, Math.round((NEAR * across) / 2));
  const joined = spread(darkened, across, near);
  const area = cloth.reduce((sum, is) => sum + is, 0);
  const dark = regionsOf(joined, across)
    .map((region) => region.filter((cell) => darkened[cell]))
    .filter((mark) => mark.length >= LEAST * area)
    .map((mark) => ({ mark, dirt: dirtOf(mark, light), edge: edgeOf(mark, within, across) }));
  const grime = dark.filter(
    ({ mark, edge }) => edge < ON_THE_EDGE && colourOf(mark, looks) < COLOURED,
  );
  const most = Math.max(0, ...grime.map(({ dirt }) => dirt));
  const marks = grime
    .filter(({ dirt }) => dirt >= FURTHER * most)
    .sort((a, b) => b.dirt - a.dirt)
    .slice(0, MOST)
    .map(({ mark }) => mark);
  return { marks, unsure: marks.length === 0 && dark.length > 0 };
}

const dirtOf = (mark: readonly number[], light: Float32Array): number =>
  mark.reduce((sum, cell) => sum + absorberOf(light[cell] as number), 0);

/** Share of a mark's edge that is the edge of the cloth. */
function edgeOf(mark: readonly number[], within: Uint8Array, across: number): number {
  const own = new Set(mark);
  let [edge, ofCloth] = [0, 0];
  for (const cell of mark) {
    const beside = neighboursOf(cell, across, within.length);
    if (beside.every((next) => own.has(next)) && beside.length === 4) continue;
    edge += 1;
    if (beside.length < 4 || beside.some((next) => !within[next])) ofCloth += 1;
  }
  return edge > 0 ? ofCloth / edge : 0;
}

/** How far the colours of a mark go apart beside the cloth's: 0 as grey, towards 1 one colour alone. */
function colourOf(mark: readonly number[], looks: Colours): number {
  const sums = [looks.red, looks.green, looks.blue].map((colour) =>
    mark.reduce((sum, cell) => sum + (colour[cell] as number), 0),
  );
  const [least, most] = [Math.min(...sums), Math.max(...sums)];
  // Of what is nearly black no colour can be told.
  return most / mark.length < 0.08 ? 0 : 1 - least / most;
}
