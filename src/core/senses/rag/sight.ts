/** What finds and reads a rag in a picture. */
export { cellsOf, type Cells, type Picture } from './cells';
export { readRag, type Outlines, type RagReading } from './read';
export { seeRag, type RagSeen } from './see';
export { isSharp } from './sharp';
