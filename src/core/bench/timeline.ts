import { MS_PER_MINUTE } from '../units/convert';
import type { BenchStep } from './steps';

/** How long a procedure takes: hands-on, from start to end, and until the coat has set, in minutes. */
export interface Timeline {
  handsOn: number;
  elapsed: number;
  untilReady: number;
}

/** Runs through the steps: timers go on while other steps are done, and are waited for where one must. */
export function timelineOf(steps: readonly BenchStep[]): Timeline {
  const ends = new Map<string, number>();
  let clock = 0;
  let handsOn = 0;
  for (const step of steps) {
    if (step.waitsFor) clock = Math.max(clock, ends.get(step.waitsFor) ?? 0);
    clock += step.hands;
    handsOn += step.hands;
    if (step.timer) ends.set(step.id, clock + step.timer.minutes);
  }
  return { handsOn, elapsed: clock, untilReady: Math.max(clock, ...ends.values()) };
}

/** When the bike is ready to ride, ms, if the work starts at `now` (ms). */
export const readyAt = ({ untilReady }: Timeline, now: number): number =>
  now + untilReady * MS_PER_MINUTE;

/** What to lay out before starting, each once, in the order of use. */
export const materialsOf = (steps: readonly BenchStep[]): string[] => [
  ...new Set(steps.flatMap((s) => s.materials)),
];
