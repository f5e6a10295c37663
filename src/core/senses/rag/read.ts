import { sampleStandardDeviation } from 'simple-statistics';
import { ok } from '../../problem';
import { refuse, type Measured } from '../refusal';
import { absorberOf, reflectanceOf } from './absorber';
import type { Cells } from './cells';
import { besideClean, cleanOf, luminances, type Clean } from './clean';
import { inside, scaled, type Outline } from './outline';

/** Where the rag lies in a picture, and the marks on it; the rider may have dragged either. */
export interface Outlines {
  rag: Outline;
  /** None: the rag came away clean. */
  marks: readonly Outline[];
}

/** What a rag says: how much of the light its marks take, with the error. */
export interface RagReading {
  /** K/S over the marks, by area. */
  absorber: number;
  /** Reflectance of an even mark of that, beside clean cloth, and its standard deviation. */
  reflectance: number;
  sd: number;
  /** Marks it was read from. */
  patches: number;
}

/** More than this share at the end of the scale, and what lies beyond is anybody's guess. */
const MOST_CLIPPED = 0.02;
/** Clean cloth may differ by this much across. */
const MOST_UNEVEN = 0.15;
/** Less clean cloth than this, of the rag and in cells, tells nothing. */
const LEAST_CLEAN = 0.12;
const LEAST_CELLS = 40;
/** A camera's own curve, not quite the standard's, bends a ratio by as much. Own estimate. */
const CURVE = 0.02;
/** An outline is good to a tenth of its width. */
const OUTLINE = 0.1;
/** Clean cells tell of each other: so many count as one. Own estimate. */
const TIED = 50;

/** Returns what the marks of a rag take of the light beside the clean cloth around them, or why nobody can tell. */
export function readRag(cells: Cells, { rag, marks }: Outlines): Measured<RagReading> {
  const { across, down } = cells;
  const maskOf = (outline: Outline) => inside(outline, across, down);
  const cloth = maskOf(rag);
  const around = marks.map((mark) => maskOf(scaled(mark, 1 + 2 * OUTLINE)));
  const area = cloth.reduce((sum, is) => sum + is, 0);
  const besides = cellsIn(cloth).filter((cell) => !around.some((mark) => mark[cell]));
  if (besides.length < Math.max(LEAST_CELLS, LEAST_CLEAN * area))
    return refuse({ code: 'rag/no-clean' });
  const clean = cleanOf(cells, besides);
  if (!clean || clean.cells.length < LEAST_CLEAN * area) return refuse({ code: 'rag/no-clean' });
  const patches = marks.map((mark) => cellsIn(maskOf(mark)));
  if (isClipped(cells, clean.cells) || patches.some((patch) => isClipped(cells, patch)))
    return refuse({ code: 'rag/clipped' });
  if (clean.uneven > MOST_UNEVEN) return refuse({ code: 'rag/uneven' });
  const light = luminances(besideClean(cells, clean));
  const dirt = (outlines: readonly Outline[]) => meanAbsorber(outlines.map(maskOf), light);
  const absorber = dirt(marks);
  const reflectance = reflectanceOf(absorber);
  const [wide, narrow] = [1 + OUTLINE, 1 - OUTLINE].map((times) =>
    reflectanceOf(dirt(marks.map((mark) => scaled(mark, times)))),
  ) as [number, number];
  const sd = Math.hypot(
    CURVE * curveBends(reflectance),
    (wide - narrow) / 4,
    referenceSd(clean) * reflectance,
    betweenSd(patches, light),
  );
  return ok({ absorber, reflectance, sd, patches: marks.length });
}

/** A curve bends the middle of the scale, and neither end: both are given. */
const curveBends = (reflectance: number): number => 0.25 + 3 * reflectance * (1 - reflectance);

const referenceSd = ({ scatter, cells }: Clean): number => scatter / Math.sqrt(cells.length / TIED);

const isClipped = ({ clipped }: Cells, of: readonly number[]): boolean =>
  of.length > 0 &&
  of.reduce((sum, cell) => sum + (clipped[cell] as number), 0) / of.length > MOST_CLIPPED;

/** K/S over all cells of some marks: by area, so that a small black spot and a wide grey one count alike. */
const meanAbsorber = (masks: readonly Uint8Array[], light: Float32Array): number =>
  absorberIn([...new Set(masks.flatMap(cellsIn))], light);

const absorberIn = (cells: readonly number[], light: Float32Array): number =>
  cells.reduce((sum, cell) => sum + absorberOf(light[cell] as number), 0) / (cells.length || 1);

/** Standard error of the mean of several marks, in reflectance; nothing of one. */
function betweenSd(patches: readonly number[][], light: Float32Array): number {
  if (patches.length < 2) return 0;
  const each = patches.map((patch) => reflectanceOf(absorberIn(patch, light)));
  return sampleStandardDeviation(each) / Math.sqrt(each.length);
}

const cellsIn = (mask: Uint8Array): number[] => {
  const cells: number[] = [];
  mask.forEach((is, cell) => is && cells.push(cell));
  return cells;
};
