import type { PlainEvent } from '../../records/event';
import type { ChainRecorded } from '../../records/recording';
import { type Louder, louderThan } from './against';
import type { Levels } from './bands';
import type { Recording } from './listen';
import type { Turn } from './turn';

/** The gear a chain is recorded in. */
export interface RecordedIn {
  bikeId: string;
  ring: number;
  cog: number;
}

/** The quiet of a bike in a gear: the last one recorded; null: none yet. */
export function quietOf(
  events: readonly PlainEvent[],
  { bikeId, ring, cog }: RecordedIn,
): { levels: Levels; at: string } | null {
  const last = events.findLast(
    (e): e is ChainRecorded =>
      e.type === 'chainRecorded' &&
      e.quiet &&
      e.bikeId === bikeId &&
      e.ring === ring &&
      e.cog === cog,
  );
  return last ? { levels: { db: last.db, sd: last.sd, seconds: last.seconds }, at: last.at } : null;
}

interface Written extends RecordedIn {
  chainId: string;
  turn: Turn;
  /** It is kept as the bike's quiet. */
  quiet: boolean;
  at: string;
}

/** Returns a recording as the log takes it, beside the quiet of its bike and gear. */
export function recordedEvent(
  { levels, seconds }: Recording,
  { turn, ...written }: Written,
  events: readonly PlainEvent[],
): Omit<ChainRecorded, 'id' | 'zone' | 'recordedAt'> {
  const quiet = written.quiet ? null : quietOf(events, written);
  const louder = quiet && louderThan(quiet.levels, levels);
  return {
    type: 'chainRecorded',
    ...written,
    perMinute: rounded(Math.min(200, Math.max(10, 60 / turn.seconds))),
    seconds: rounded(seconds),
    db: levels.db.map((db) => db && rounded(db)),
    sd: levels.sd.map((sd) => sd && rounded(sd)),
    louder: louder && roundedLouder(louder),
  };
}

/** To a hundredth, as JSON keeps it: without a nought below nought. */
const rounded = (x: number): number => Number(x.toFixed(2)) + 0;
const roundedLouder = ({ db, sd }: Louder): Louder => ({
  db: Math.min(80, Math.max(-80, rounded(db))),
  sd: Math.max(0.1, rounded(sd)),
});
