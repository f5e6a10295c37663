import type { Act } from './acts';
import type { CautionName } from './cautions';
import type { Round } from '../records/rounds';

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

/** Drawings of what only the eye can check. */
export type Drawing =
  | 'drop'
  | 'routing'
  | 'arrow'
  | 'unload'
  | 'rag'
  | 'squeeze'
  | 'floss'
  | 'shoelace'
  | 'teeth'
  | 'way round';

/** What each step is called in a run: timers, checks and results name steps by it. */
export type StepId =
  | 'motor'
  | 'trial'
  | 'gloves'
  | 'place'
  | 'stand'
  | 'shift'
  | 'cover rotor'
  | 'mud'
  | 'salt'
  | 'hook'
  | 'slacken'
  | 'open'
  | 'link worn'
  | 'rim brake open'
  | 'wheel out'
  | 'keeper'
  | 'keeper out'
  | 'wipe'
  | 'wipe hard'
  | 'wipe off'
  | 'wipe cogs'
  | 'take off'
  | 'glove check'
  | 'rag check'
  | 'brush'
  | 'scrub'
  | 'degrease'
  | 'wash'
  | 'final rinse'
  | 'soak'
  | 'jockey wheels'
  | 'cassette'
  | 'chainrings'
  | 'rinse'
  | 'rinse rag'
  | 'rinse cogs'
  | 'settle'
  | 'boil'
  | 'boil out'
  | 'kettle'
  | 'hot rinse'
  | 'tray'
  | 'towel'
  | 'air'
  | 'hang'
  | 'is dry'
  | 'residue'
  | 'shake'
  | 'under'
  | 'under wipe'
  | 'drops'
  | 'flush'
  | 'run in'
  | 'shift through'
  | 'sink in'
  | 'leave it'
  | 'pivots'
  | 'measure'
  | 'heat'
  | 'dip'
  | 'lift'
  | 'pot off'
  | 'break in'
  | 'rest'
  | 'exchange'
  | 'lay in'
  | 'routed'
  | 'direction'
  | 'close'
  | 'link seated'
  | 'tension'
  | 'wheel in'
  | 'wheel tight'
  | 'rim brake closed'
  | 'uncover'
  | 'set down'
  | 'battery'
  | 'brakes'
  | 'listen'
  | 'measure old'
  | 'teeth'
  | 'length'
  | 'cut'
  | 'wipe grease'
  | 'joints'
  | 'baseline'
  | 'load'
  | 'first ride'
  | `bath ${number}`
  | `round ${Round}`
  | `round ${Round} ${number}`;

export type CheckKind = 'rag' | 'glove' | 'spin' | 'residue' | 'listen' | 'brakes' | 'look';

export interface Check {
  kind: CheckKind;
  /** The question, answered yes (passed) or no; of a rag by a swatch. */
  ask: string;
  /** The step to go back to when it fails, and why. */
  failTo: StepId;
  failWhy: string;
}

/** One thing to do at the bench. */
export interface BenchStep {
  id: StepId;
  phase: Phase;
  what: string;
  why: string;
  /** Hands-on minutes. */
  hands: number;
  /** What is done, act by act: what it needs of the bike and changes stands in `acts.ts`. */
  acts: readonly Act[];
  materials: readonly string[];
  cautions: readonly CautionName[];
  /** Starts when the step is done, and goes on by itself while the next steps are done. */
  timer: { label: string; minutes: number } | null;
  /** The step whose timer must have run out first. */
  waitsFor: StepId | null;
  /** Turns of the crank or drops to count, at a calm pace. */
  counter: { kind: 'turns' | 'drops'; count: number; perMinute: number } | null;
  check: Check | null;
  drawing: Drawing | null;
  /** Keeps a rider safe: seen each time, never skipped or passed by itself. */
  closing: boolean;
}

/** What every step must have; what is left out of the rest is as in a plain step. */
type StepSaid = Pick<BenchStep, 'id' | 'phase' | 'what' | 'why'> & Partial<BenchStep>;

/** Returns a step from what it says and what differs from a plain one. */
export const step = (said: StepSaid): BenchStep => ({
  hands: 1,
  acts: [],
  materials: [],
  cautions: [],
  timer: null,
  waitsFor: null,
  counter: null,
  check: null,
  drawing: null,
  closing: said.phase === 'close',
  ...said,
});
