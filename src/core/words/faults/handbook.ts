import type { Answer, Question } from '../../faults/questions';
import type { HandbookEntry } from '../../faults/handbook';
import type { Noise } from '../../records/faults';
import { BEAT_WORDS } from './beats';
import { QUESTION_WORDS } from './questions';
import { STEP_WORDS } from './steps';

/** Noises as the handbook sorts by them. */
export const NOISE_LABEL: Readonly<Record<Noise, string>> = {
  squeak: 'Squeak',
  grind: 'Grinding',
  click: 'Click',
  creak: 'Creak',
  rattle: 'Rattle',
  rub: 'Rubbing',
  skip: 'Skips',
  'drops off': 'Drops off',
  'shifts badly': 'Shifts badly',
};

const WHERE: Readonly<Record<Answer<'where'>, string>> = {
  front: 'at the front',
  rear: 'at the rear',
  below: 'below at the rear',
};

const BEAT: Readonly<Record<Answer<'beat'>, string>> = {
  'even beat': 'in an even beat',
  'no beat': 'in no beat',
};

const GEARS: Readonly<Record<Answer<'gears'>, string>> = {
  'all gears': 'in all gears',
  'some cogs': 'on one cog or a few',
  'one ring': 'on one chainring only',
  crossed: 'with the chain crossed',
};

/** A sign as it is told: "on one cog or a few", "in an even beat". */
export function signText(sign: { question: Question; answer: Answer }): string {
  const { question, answer } = sign as HandbookEntry['signs'][number];
  if (question === 'where') return WHERE[answer];
  if (question === 'beat') return BEAT[answer];
  if (question === 'gears') return GEARS[answer];
  const words = QUESTION_WORDS[question].answers as Readonly<Record<string, string>>;
  return (words[answer] ?? answer).split(':')[0]!.toLowerCase();
}

/** How a cause is known, and what shows it: sentences, none where nothing tells. */
export function handbookLines({ signs, beats, steps }: HandbookEntry): string[] {
  const told = signs.map(signText);
  const beat = beats.map((b) => BEAT_WORDS[b]);
  return [
    ...(told.length > 0 ? [`Known by: ${told.join('; ')}.`] : []),
    ...(beat.length > 0 ? [`Beats with: ${beat.join('; or ')}.`] : []),
    ...(steps.length > 0
      ? [`To find or mend it: ${steps.map((s) => STEP_WORDS[s].title.toLowerCase()).join('; ')}.`]
      : []),
  ];
}
