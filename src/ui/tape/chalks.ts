import type { Meeting } from './tapeGeometry';

/** A planned job on the tape: where its cross lies, px, and its words. */
export interface ChalkShape {
  x: number;
  label: string;
}

/** Words of planned jobs need so much room after the mark before, and to each side of a ring, px. */
const CHALK_PX = 90;
const RING_PX = 42;

/** Planned jobs with their words only where nothing stands in them: neither the mark before, nor the ring where lube runs low. */
export const withRoom = (
  chalks: readonly ChalkShape[],
  ring: Pick<Meeting, 'x' | 'beyond'> | null,
): ChalkShape[] =>
  chalks.map((chalk, n) => {
    const before = chalks[n - 1]?.x ?? -Infinity;
    const inRing = ring !== null && !ring.beyond && Math.abs(chalk.x - ring.x) < RING_PX;
    return chalk.x - before > CHALK_PX && !inRing ? chalk : { ...chalk, label: '' };
  });
