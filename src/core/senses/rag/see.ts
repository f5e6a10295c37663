import { refuse, type Measured } from '../refusal';
import type { Cells } from './cells';
import { cleanOf } from './clean';
import { clothOf } from './cloth';
import { marksOf } from './marks';
import { apart, around, inside } from './outline';
import { readRag, type Outlines, type RagReading } from './read';

/** Corners of an outline: as many as a thumb can drag. */
const RAG_CORNERS = 5;
const MARK_CORNERS = 8;
/** Corners closer than this are one under a finger, as a share of the picture. */
const FINGER = 0.12;

/** A rag in a picture: where it lies, and what it says. */
export interface RagSeen {
  /** Null: there is none. */
  outlines: Outlines | null;
  reading: Measured<RagReading>;
}

/** Finds the rag in a picture and the marks on it, and reads them; where it cannot tell a mark from a hand, it asks. */
export function seeRag(cells: Cells): RagSeen {
  const cloth = clothOf(cells);
  if (!cloth) return { outlines: null, reading: refuse({ code: 'rag/none' }) };
  const rag = apart(around(cloth, cells, RAG_CORNERS), FINGER);
  const clean = cleanOf(cells, cloth);
  if (!clean) return { outlines: { rag, marks: [] }, reading: refuse({ code: 'rag/no-clean' }) };
  const { marks, unsure } = marksOf(cells, inside(rag, cells.across, cells.down), clean);
  const outlines = { rag, marks: marks.map((mark) => around(mark, cells, MARK_CORNERS)) };
  const reading = unsure ? refuse({ code: 'rag/unsure' }) : readRag(cells, outlines);
  return { outlines, reading };
}
