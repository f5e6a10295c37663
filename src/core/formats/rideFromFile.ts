import { fail, ok, type Result } from '../problem';

/** A ride as a file tells it. */
export interface RideFromFile {
  /** ISO instant. */
  startedAt: string;
  distanceKm: number;
  movingH: number;
  /** The recorder's own distance differs from the track's by more than 3 %; the recorder's is taken. */
  disagrees: boolean;
  name: string;
}

/** The recorder's distance where it has one; whether it disagrees with the track's by more than 3 %. */
export function chooseDistance(
  computedKm: number,
  recordedKm: number | null,
): { distanceKm: number; disagrees: boolean } {
  if (recordedKm === null || recordedKm <= 0) return { distanceKm: computedKm, disagrees: false };
  const disagrees = Math.abs(recordedKm / computedKm - 1) > 0.03;
  return { distanceKm: recordedKm, disagrees };
}

/** Rides of a file, or the first problem where there is none. */
export function someRides(rides: readonly Result<RideFromFile>[]): Result<RideFromFile[]> {
  const good = rides.flatMap((r) => (r.ok ? [r.value] : []));
  if (good.length > 0) return ok(good);
  const bad = rides.find((r) => !r.ok);
  return bad && !bad.ok ? bad : fail('track/empty');
}
