import { fail, ok, type Result } from '../../problem';
import type { Cells } from './cells';
import { cleanOf } from './clean';
import { clothOf } from './cloth';
import { marksOf } from './marks';
import { around, inside } from './outline';
import type { Outlines } from './read';

/** Corners of an outline: as many as a thumb can drag. */
const RAG_CORNERS = 6;
const MARK_CORNERS = 8;

/** Finds the rag in a picture and the marks on it; a failure where there is no rag. */
export function findRag(cells: Cells): Result<Outlines> {
  const { across, down } = cells;
  const cloth = clothOf(cells);
  if (!cloth) return fail('rag/none');
  const rag = around(cloth, across, down, RAG_CORNERS);
  const clean = cleanOf(cells, cloth);
  if (!clean) return fail('rag/no-clean');
  const marks = marksOf(cells, inside(rag, across, down), clean);
  return ok({ rag, marks: marks.map((mark) => around(mark, across, down, MARK_CORNERS)) });
}
