/** What finds and reads a rag in a picture. */
export { cellsOf, type Cells, type Picture } from './cells';
export { findRag } from './find';
export { readRag, type Outlines, type RagReading } from './read';
export { isSharp } from './sharp';
