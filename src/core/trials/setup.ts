import type { BenchTrial } from '../bench/trial';
import type { Schools } from '../lube/schools';
import type { Settings } from '../records/settings';
import type { Trial, TrialQuestion } from '../records/trial';
import { ARMS, type Arm } from '../records/trialKinds';
import type { BenchSchools } from '../records/workshop';
import { WAY_ANSWERS } from './ways';

/** What a habit asks of how one lubes, and of how one works. */
function askedBy(question: TrialQuestion, arm: Arm): Pick<BenchTrial, 'lubing' | 'work'> {
  if (question.kind !== 'way') return { lubing: {}, work: {} };
  const { way } = question;
  const answer = { [way]: question[arm] };
  return way === 'where' || way === 'wipeAfter'
    ? { lubing: {}, work: answer as Partial<BenchSchools> }
    : { lubing: answer as Partial<Schools>, work: {} };
}

/** A trial as the bench sets its coat up; `labels`: what its habits are called. */
export const benchTrialOf = (
  { id, question }: Pick<Trial, 'id' | 'question'>,
  arm: Arm,
  labels: Record<Arm, string>,
): BenchTrial => ({
  id,
  arm,
  labels,
  // Which bottle it was, and what was done to the old coat, stand in the log anyway.
  asks: question.kind === 'own' || (question.kind === 'way' && question.way !== 'oldCoat'),
  bottleId: question.kind === 'product' ? question[arm] : null,
  ...askedBy(question, arm),
});

/** Settings with a habit as the rider's own; the same where a habit is no setting. */
export function settingsWith(settings: Settings, question: TrialQuestion, arm: Arm): Settings {
  const { lubing, work } = askedBy(question, arm);
  const { schools, workshop } = settings;
  return {
    ...settings,
    schools: { ...schools, ...lubing },
    workshop: { ...workshop, schools: { ...workshop.schools, ...work } },
  };
}

/** Whether a trial can still be run: its ways are those of today, its bottles are not one and the same. */
export const isSound = ({ question }: Pick<Trial, 'question'>): boolean =>
  question.a !== question.b &&
  (question.kind !== 'way' ||
    ARMS.every((arm) => WAY_ANSWERS[question.way].includes(question[arm])));
