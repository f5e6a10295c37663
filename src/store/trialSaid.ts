import type { Replay } from '@/core/care/replay/replay';
import { runningOn } from '@/core/garage/trials';
import { isSound } from '@/core/trials/setup';
import { trialReport } from '@/core/trials/report';
import type { Units } from '@/core/units/convert';
import {
  answerSentence,
  armLabels,
  dueSentence,
  ragDueSentence,
  turnLine,
} from '@/core/words/trials';

/** What is said of the trial that runs on a bike: on Today in sentences, beside a job of the plan in a line. */
export interface TrialSaid {
  id: string;
  lines: string[];
  /** Whose turn the next coat is; null: none is due. */
  turn: string | null;
  /** That a rag is to be read first; null: none is. */
  rag: string | null;
}

/** What there is to say of the trial that runs on a bike; null: none does. */
export function trialSaid(replay: Replay, bikeId: string, units: Units): TrialSaid | null {
  const { trials, products } = replay.garage;
  const trial = runningOn(trials, bikeId);
  if (!trial || !isSound(trial)) return null;
  const report = trialReport(trial, replay);
  const labels = armLabels(trial.question, products);
  const { settled } = report.answer;
  const rag = ragDueSentence(report, units);
  return {
    id: trial.id,
    lines:
      settled === null
        ? [dueSentence(report, labels), ...(rag ? [rag] : [])]
        : [answerSentence(report, labels)],
    rag: settled === null ? rag : null,
    turn: settled === null && report.due ? turnLine(report, labels[report.due]) : null,
  };
}
