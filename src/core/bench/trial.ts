import type { Depth } from '../records/kinds';
import type { Schools } from '../lube/schools';
import type { Settings } from '../records/settings';
import type { Arm } from '../records/trialKinds';
import type { BenchSchools } from '../records/workshop';
import type { Job } from './job';
import { step, type BenchStep } from './steps';
import { trialSaid } from '../words/bench/trial';

/** A running trial as the bench needs it: whose turn it is, and what that asks for. */
export interface BenchTrial {
  id: string;
  arm: Arm;
  /** What each habit is called. */
  labels: Record<Arm, string>;
  /** How it was done is asked at the end: nothing else in the log tells. */
  asks: boolean;
  /** The bottle that is due; null: any. */
  bottleId: string | null;
  lubing: Partial<Schools>;
  work: Partial<BenchSchools>;
}

/** Depths that put a whole coat on a chain at home. */
export const COATS: readonly Depth[] = [
  'top-up',
  'on-bike clean',
  'off-bike clean',
  'soak',
  'wax reset',
];

/** The trial that a coat of a depth and bottle is of; null: of none. */
export const trialOn = (
  trial: BenchTrial | null,
  depth: Depth,
  bottleId: string | null,
): BenchTrial | null =>
  trial && COATS.includes(depth) && (trial.bottleId === null || trial.bottleId === bottleId)
    ? trial
    : null;

/** What a session keeps of a trial. */
export const forJob = ({ id, arm, labels, asks }: BenchTrial): NonNullable<Job['trial']> => ({
  id,
  arm,
  labels,
  asks,
});

/** Settings by the habit that is due. */
export const settingsBy = (settings: Settings, { lubing, work }: BenchTrial): Settings => ({
  ...settings,
  schools: { ...settings.schools, ...lubing },
  workshop: { ...settings.workshop, schools: { ...settings.workshop.schools, ...work } },
});

/** The step that says whose turn it is. */
export const trialStep = ({ trial }: Job): BenchStep[] =>
  trial
    ? [step({ id: 'trial', phase: 'prepare', ...trialSaid(trial.labels[trial.arm]), hands: 0.25 })]
    : [];
