import type { PlainEvent } from '../../records/event';
import { inFull, type ReplayStep } from './step';
import { ragReadOf } from '../model/observe';
import { louderWith } from '../model/coatNotes';
import { lifeShown } from '../model/personal';
import type { ChainState } from '../model/state';

type Note = Extract<PlainEvent, { type: 'soundHeard' | 'ragChecked' | 'chainRecorded' }>;

/** A note of the rider, and what it taught of the lube that was then on the chain. */
export interface Lesson {
  event: Note;
  bikeId: string;
  /**
   * `spent`: its life was this many times the handbook's; `quiet`: more than that; `grit`: the outside
   * read `shown` where `expected` was reckoned; `recorded`: as many dB louder than its quiet. `shown` is null where the note tells nothing.
   */
  kind: 'spent' | 'quiet' | 'grit' | 'recorded';
  shown: number | null;
  expected: number;
  /**
   * Why nothing is learnt from it: hardly possible, so that the rider is asked; a further squeak of one coat, or
   * a recording after one; a coat ridden on two bikes; too little ridden. Null: it counts.
   */
  uncounted: 'odd' | 'same coat' | 'two bikes' | 'too little' | null;
}

/** Bikes a lube, by bottle or class, has been on, in order of time. */
export function bikesWith(steps: readonly ReplayStep[], lube: string): string[] {
  const bikes = new Set<string>();
  for (const { bikeId, after } of steps)
    if (bikeId !== null && after?.lube && (after.bottle ?? after.lube) === lube) bikes.add(bikeId);
  return [...bikes];
}

const isNote = (event: ReplayStep['event']): event is Note =>
  event.type === 'soundHeard' || event.type === 'ragChecked' || event.type === 'chainRecorded';

/** What a recording taught; null of one that was held against nothing. */
function recordedLesson(
  event: Extract<Note, { type: 'chainRecorded' }>,
  before: ChainState,
  bikeId: string,
): Lesson | null {
  if (!event.louder) return null;
  return {
    event,
    bikeId,
    kind: 'recorded',
    shown: event.louder.db,
    expected: louderWith(before.film),
    uncounted: uncountedRecording(before, bikeId),
  };
}

function uncountedRecording(before: ChainState, bikeId: string): Lesson['uncounted'] {
  if (before.notes && before.notes.squeakTo !== null) return 'same coat';
  if (lifeShown(before) === null) return 'too little';
  return before.coatBike === bikeId ? null : 'two bikes';
}

/** The notes that bear on a lube, by bottle or class, on any bike: in order of time. */
export function lessonsOn(steps: readonly ReplayStep[], lube: string): Lesson[] {
  const lessons: Lesson[] = [];
  for (const step of steps) {
    const { event, bikeId, from, after } = step;
    if (bikeId === null || !from?.lube || (from.bottle ?? from.lube) !== lube) continue;
    if (!isNote(event)) continue;
    const before = inFull(step).before ?? from;
    if (event.type === 'ragChecked') {
      const shown = ragReadOf(event.swatch, event.photo).level;
      const expected = before.outside;
      lessons.push({ event, bikeId, kind: 'grit', shown, expected, uncounted: null });
      continue;
    }
    if (event.type === 'chainRecorded') {
      const lesson = recordedLesson(event, before, bikeId);
      if (lesson) lessons.push(lesson);
      continue;
    }
    if (event.sound !== 'squeak' && event.sound !== 'still quiet') continue;
    const kind = event.sound === 'squeak' ? 'spent' : 'quiet';
    const odd = after?.heard?.odd === true;
    const again = kind === 'spent' && before.notes !== null && before.notes.squeakTo !== null;
    const uncounted = odd
      ? 'odd'
      : before.coatBike !== bikeId
        ? 'two bikes'
        : again
          ? 'same coat'
          : null;
    const expected = step.factors.life;
    lessons.push({ event, bikeId, kind, shown: lifeShown(before), expected, uncounted });
  }
  return lessons;
}
