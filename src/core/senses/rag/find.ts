import { ok } from '../../problem';
import { refuse, type Measured } from '../refusal';
import type { Cells } from './cells';
import { cleanOf } from './clean';
import { clothOf } from './cloth';
import { marksOf } from './marks';
import { apart, around, inside } from './outline';
import type { Outlines } from './read';

/** Corners of an outline: as many as a thumb can drag. */
const RAG_CORNERS = 5;
const MARK_CORNERS = 8;
/** Corners closer than this are one under a finger, as a share of the picture. */
const FINGER = 0.12;

/** Finds the rag in a picture and the marks on it; a failure where there is no rag. */
export function findRag(cells: Cells): Measured<Outlines> {
  const { across, down } = cells;
  const cloth = clothOf(cells);
  if (!cloth) return refuse({ code: 'rag/none' });
  const rag = apart(around(cloth, cells, RAG_CORNERS), FINGER);
  const clean = cleanOf(cells, cloth);
  if (!clean) return refuse({ code: 'rag/no-clean' });
  const marks = marksOf(cells, inside(rag, across, down), clean);
  return ok({ rag, marks: marks.map((mark) => around(mark, cells, MARK_CORNERS)) });
}
