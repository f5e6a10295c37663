export { cellsOf, type Cells, type Picture } from './cells';
export { findRag } from './find';
export { newMark, withCorner, type Outline, type Point } from './outline';
export { outsideOf, ragValue, shiftOf, together, type Pair, type RagValue } from './outside';
export { pairsIn, wantsPair } from './pairs';
export { photoOf, type RagRead } from './photo';
export { readRag, type Outlines, type RagReading } from './read';
export { isSharp } from './sharp';
