import type { Trial } from '../records/trial';

/** The trial that runs on a bike: of several, as two devices may have begun, the one begun first; null: none. */
export function runningOn(trials: Readonly<Record<string, Trial>>, bikeId: string): Trial | null {
  const running = Object.values(trials).filter(
    (t) => t.bikeId === bikeId && !t.retired && t.endedAt === null,
  );
  if (running.length === 0) return null;
  const begun = ({ startedAt, id }: Trial) => `${startedAt} ${id}`;
  return running.reduce((first, t) => (begun(t) < begun(first) ? t : first));
}
