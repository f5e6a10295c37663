export { cellsOf, type Cells, type Picture } from './cells';
export { findRag } from './find';
export type { Outline, Point } from './outline';
export { outsideOf, ragValue, shiftOf, together, type Pair, type RagValue } from './outside';
export { readRag, type Outlines, type RagReading } from './read';
export { isSharp } from './sharp';
