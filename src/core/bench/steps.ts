import type { CautionName } from './cautions';

export const PHASES = [
  'prepare',
  'clean',
  'rinse',
  'dry',
  'check',
  'lube',
  'wait',
  'close',
] as const;
export type Phase = (typeof PHASES)[number];

/** What a step does to the bike, for the rules that hold between steps. */
export type Act =
  | 'motor off'
  | 'gloves'
  | 'upside down'
  | 'rotor covered'
  | 'degreaser'
  | 'water'
  | 'rinse'
  | 'dried'
  | 'rag on the run'
  | 'cassette'
  | 'jockey wheels'
  | 'chain off'
  | 'chain on'
  | 'wheel out'
  | 'wheel in'
  | 'bath'
  | 'strip'
  | 'cleanliness check'
  | 'flush'
  | 'lube'
  | 'wax'
  | 'hot'
  | 'hot off'
  | 'wipe'
  | 'lever check';

/** What only the eye can check, drawn. */
export type Drawing = 'drop' | 'routing' | 'arrow' | 'unload' | 'rag';

export type CheckKind = 'rag' | 'glove' | 'spin' | 'residue' | 'listen' | 'look';

export interface Check {
  kind: CheckKind;
  /** The question, answered yes (passed) or no; of a rag by a swatch. */
  ask: string;
  /** The step to go back to when it fails, and why. */
  failTo: string;
  failWhy: string;
}

/** One thing to do at the bench. */
export interface Step {
  id: string;
  phase: Phase;
  what: string;
  why: string;
  /** Hands-on minutes. */
  hands: number;
  acts: readonly Act[];
  materials: readonly string[];
  cautions: readonly CautionName[];
  /** Starts when the step is done, and goes on by itself while the next steps are done. */
  timer: { label: string; minutes: number } | null;
  /** The step whose timer must have run out first. */
  waitsFor: string | null;
  /** Turns of the crank or drops to count, at a calm pace. */
  counter: { kind: 'turns' | 'drops'; count: number; perMinute: number } | null;
  check: Check | null;
  drawing: Drawing | null;
  /** Keeps a rider safe: seen each time, never skipped or passed by itself. */
  closing: boolean;
}

/** A step from what it says and what differs from a plain one. */
export const step = (
  id: string,
  phase: Phase,
  what: string,
  why: string,
  more: Partial<Omit<Step, 'id' | 'phase' | 'what' | 'why'>> = {},
): Step => ({
  id,
  phase,
  what,
  why,
  hands: 1,
  acts: [],
  materials: [],
  cautions: [],
  timer: null,
  waitsFor: null,
  counter: null,
  check: null,
  drawing: null,
  closing: phase === 'close',
  ...more,
});
