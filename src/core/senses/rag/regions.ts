/** Whether one cell goes with its neighbour. */
type Joins = (cell: number, neighbour: number) => boolean;

/**
 * Returns the connected regions of a grid, each as its cells: neighbours by a side that `joins` lets be one. Cells
 * that `of` leaves out (0) belong to none.
 */
export function regionsOf(of: Uint8Array, across: number, joins: Joins = () => true): number[][] {
  const seen = new Uint8Array(of.length);
  const regions: number[][] = [];
  for (let start = 0; start < of.length; start++) {
    if (!of[start] || seen[start]) continue;
    const region = [start];
    seen[start] = 1;
    for (let k = 0; k < region.length; k++) {
      const cell = region[k] as number;
      for (const next of neighboursOf(cell, across, of.length)) {
        if (!of[next] || seen[next] || !joins(cell, next)) continue;
        seen[next] = 1;
        region.push(next);
      }
    }
    regions.push(region);
  }
  return regions;
}

/** The cells beside, above and below one. */
export function neighboursOf(cell: number, across: number, cells: number): number[] {
  const column = cell % across;
  const beside: number[] = [];
  if (column > 0) beside.push(cell - 1);
  if (column < across - 1) beside.push(cell + 1);
  if (cell >= across) beside.push(cell - across);
  if (cell + across < cells) beside.push(cell + across);
  return beside;
}

/** Returns a mask with its edge so many cells further out; further in, where negative. */
export function spread(mask: Uint8Array, across: number, by: number): Uint8Array {
  const value = by > 0 ? 1 : 0;
  let now = mask;
  for (let n = 0; n < Math.abs(by); n++) {
    const next = now.slice();
    for (let cell = 0; cell < now.length; cell++) {
      if (now[cell] !== value) continue;
      const column = cell % across;
      if (column > 0) next[cell - 1] = value;
      if (column < across - 1) next[cell + 1] = value;
      if (cell >= across) next[cell - across] = value;
      if (cell + across < now.length) next[cell + across] = value;
    }
    now = next;
  }
  return now;
}

/** A mask of these cells. */
export function maskOf(cells: readonly number[], size: number): Uint8Array {
  const mask = new Uint8Array(size);
  for (const cell of cells) mask[cell] = 1;
  return mask;
}
