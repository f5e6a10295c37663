/** What the page needs of rags; what finds and reads them is the worker's alone, in `sight.ts`. */
export {
  HOLDS,
  holdsOf,
  newMark,
  pulled,
  withCorner,
  type Hold,
  type Outline,
  type Point,
} from './outline';
export { outsideOf, ragValue, shiftOf, together, type Pair, type RagValue } from './outside';
export { pairsIn, wantsPair } from './pairs';
export { photoOf, type RagRead } from './photo';
export type { Outlines, RagReading } from './read';
