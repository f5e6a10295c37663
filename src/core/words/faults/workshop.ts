import type { Search } from '../../faults/finder';
import { QUESTIONS } from '../../faults/questions';
import type { Count } from '../../faults/rhythm';
import { QUESTION_WORDS } from './questions';
import { STEP_WORDS } from './steps';

const countText = ({ events, turns, gear }: Count): string =>
  `${events} times in ${turns} turns of the cranks, on ${gear.ring} by ${gear.cog}`;

/** What to say in a workshop, line by line: what was heard and when, what was counted, what was done. */
export function workshopLines({ answers, counts, done }: Search): string[] {
  const heard = QUESTIONS.flatMap((question) => {
    const answer = answers[question];
    if (!answer) return [];
    const words = QUESTION_WORDS[question].answers as Readonly<Record<string, string>>;
    return (words[answer] ?? answer).split(':')[0]!;
  });
  const looked = done.map(({ step, outcome }) =>
    outcome === 'better' ? `${STEP_WORDS[step].title} (better)` : STEP_WORDS[step].title,
  );
  return [
    ...(heard.length > 0 ? [`Heard: ${heard.join('; ')}.`] : []),
    ...counts.map((count) => `Counted: ${countText(count)}.`),
    ...(looked.length > 0 ? [`Done: ${looked.join('; ')}.`] : []),
  ];
}
