import type { ReplayStep } from '../care/replay/step';
import { notesOn } from '../faults/notes';
import type { Bike } from '../records/garage';
import type { CleanMethod, Unsettled } from '../records/kinds';
import type { PlainEvent } from '../records/event';
import type { Notable } from '../records/faults';
import { ROUNDS, type Round, type RoundEnd } from '../records/rounds';
import type { Settings } from '../records/settings';
import { instantOf } from '../time/instants';
import { MS_PER_DAY } from '../units/convert';
import { ROUND_RULES } from './table';

/** What a bike has seen since a round was last done, or since the log knows it. */
export interface Since {
  wetKm: number;
  degreasings: number;
  weeks: number;
}

export interface RoundState {
  round: Round;
  minutes: number;
  since: Since;
  /** How much of its time is used up; from 1 on it is due. */
  used: number;
  /** What used it up; `noted`: something was noted of it. */
  by: keyof Since | 'noted';
  /** When it was done last, ms, and how it ended; null: the log does not say. */
  last: { at: number; end: RoundEnd } | null;
}

const OF_JOCKEYS: readonly Notable[] = [
  'gritty upper jockey wheel',
  'gritty lower jockey wheel',
  'stiff upper jockey wheel',
  'stiff lower jockey wheel',
];
/** Notes that call for a round at once. */
const CALLED_BY: Partial<Record<Round, readonly Notable[]>> = {
  'jockey bearings': OF_JOCKEYS,
  freehub: ['rough freehub'],
  cranks: ['play in the cranks'],
};

/** Methods that bring degreaser to what the chain runs on; off the bike they do where the cogs are cleaned as well. */
const ON_BIKE: ReadonlySet<CleanMethod> = new Set(['degreaser wipe', 'brush', 'scrubber']);

const MS_PER_WEEK = 7 * MS_PER_DAY;

/** What the steps of a bike, in order of time, add up to from a moment (ms) on: read from the last one back. */
function sinceOf(steps: readonly ReplayStep[], from: number, now: number): Since {
  let [wetKm, degreasings] = [0, 0];
  const first = instantOf(from);
  for (let n = steps.length - 1; n >= 0; n--) {
    const { event, exposure } = steps[n]!;
    if (event.at < first) break;
    if (exposure) wetKm += exposure.km * exposure.wetShare;
    if (event.type === 'workDone' && (event.cogsCleaned || ON_BIKE.has(event.method)))
      degreasings += 1;
  }
  return { wetKm, degreasings, weeks: Math.max(0, now - from) / MS_PER_WEEK };
}

function usedOf(round: Round, since: Since): Pick<RoundState, 'used' | 'by'> {
  const rule = ROUND_RULES[round];
  let worst: Pick<RoundState, 'used' | 'by'> = { used: 0, by: 'weeks' };
  for (const by of ['weeks', 'wetKm', 'degreasings'] as const) {
    const limit = rule[by];
    const used = limit === null ? 0 : since[by] / limit;
    if (used > worst.used) worst = { used, by };
  }
  return worst;
}

/** Rounds a rider is not to be offered: switched off, or pivots by a school that oils the chain only. */
export const unwanted = ({ rounds, workshop }: Pick<Settings, 'rounds' | 'workshop'>): Round[] =>
  workshop.schools.pivots === 'chain only' ? [...rounds.off, 'pivots'] : rounds.off;

/** Whether something noted of a bike since calls for a round. */
const isCalled = (round: Round, notes: readonly { what: Notable; at: string }[], from: number) =>
  notes.some((n) => CALLED_BY[round]?.includes(n.what) && Date.parse(n.at) >= from);

/** When and of which chain it is asked, what the rider is not to be offered, and what the bench left open on it. */
interface RoundsAsked {
  now: number;
  off: readonly Round[];
  chainId: string;
  leftOpen: readonly Unsettled[];
}

/** The rounds of a bike, the one most due first; those that are switched off, or for what it has not, are left out. */
export function roundsOf(
  steps: readonly ReplayStep[],
  bike: Bike,
  { now, off, chainId, leftOpen }: RoundsAsked,
): RoundState[] {
  const own = steps.filter((s) => s.bikeId === bike.id);
  const events: PlainEvent[] = own.map((s) => s.event);
  const start = events[0] ? Date.parse(events[0].at) : now;
  const notes = notesOn(events, { bikeId: bike.id, chainId });
  return ROUNDS.filter((round) => !off.includes(round) && ROUND_RULES[round].has(bike))
    .map((round): RoundState => {
      const done = events.findLast((e) => e.type === 'roundDone' && e.round === round);
      const last = done?.type === 'roundDone' ? { at: Date.parse(done.at), end: done.end } : null;
      const from = last?.at ?? start;
      const since = sinceOf(own, from, now);
      const { minutes } = ROUND_RULES[round];
      const called =
        isCalled(round, notes, from) ||
        (round === 'jockey bearings' && leftOpen.includes('jockey wheels'));
      const used = usedOf(round, since);
      return {
        round,
        minutes,
        since,
        last,
        ...(called ? { used: Math.max(1, used.used), by: 'noted' as const } : used),
      };
    })
    .sort((a, b) => b.used - a.used);
}

/** Whether a round is due. */
export const isDue = ({ used }: RoundState): boolean => used >= 1;

/** From so much of its time on a round stands in the plan by itself: nobody took it along with a job. Own choice. */
const OVERDUE = 1.5;
export const isOverdue = ({ used, by }: RoundState): boolean => used >= OVERDUE || by === 'noted';
