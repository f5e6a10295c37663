import { NOISES } from '../records/faults';

/** What a rider is asked of a noise, and what there is to say. "Cannot tell" is always an answer, and teaches nothing. */
export const ANSWERS = {
  noise: NOISES,
  /** Whether it needs the cranks turning. */
  coasting: ['only pedalling', 'coasting too', 'only coasting', 'only braking'],
  load: ['pushing hard', 'any load'],
  gears: ['all gears', 'some cogs', 'one ring', 'crossed'],
  since: ['rain or wash', 'work on it', 'new part', 'knock', 'little by little', 'out of nowhere'],
  where: ['front', 'rear', 'below'],
  beat: ['even beat', 'no beat'],
} as const;

export type Question = keyof typeof ANSWERS;
export type Answer<Q extends Question = Question> = (typeof ANSWERS)[Q][number];
export const QUESTIONS = Object.keys(ANSWERS) as Question[];

/** What was answered so far; null: the rider could not tell. */
export type Answers = { readonly [Q in Question]?: Answer<Q> | null };

/** Minutes a question takes. Own estimate: to look at the list and think; for the beat to listen. */
export const MINUTES_TO_ANSWER: Readonly<Record<Question, number>> = {
  noise: 0.2,
  coasting: 0.3,
  load: 0.3,
  gears: 0.3,
  since: 0.2,
  where: 0.5,
  beat: 0.5,
};

/** How often each answer is given of a noise nothing is known of: what a cause says nothing about. Own estimate. */
export const USUAL: { readonly [Q in Question]: Readonly<Record<Answer<Q>, number>> } = {
  noise: {
    squeak: 0.2,
    grind: 0.15,
    click: 0.2,
    creak: 0.1,
    rattle: 0.08,
    rub: 0.08,
    skip: 0.08,
    'drops off': 0.04,
    'shifts badly': 0.07,
  },
  coasting: {
    'only pedalling': 0.88,
    'coasting too': 0.08,
    'only coasting': 0.02,
    'only braking': 0.02,
  },
  load: { 'pushing hard': 0.3, 'any load': 0.7 },
  gears: { 'all gears': 0.75, 'some cogs': 0.12, 'one ring': 0.07, crossed: 0.06 },
  since: {
    'rain or wash': 0.12,
    'work on it': 0.14,
    'new part': 0.1,
    knock: 0.06,
    'little by little': 0.34,
    'out of nowhere': 0.24,
  },
  where: { front: 0.3, rear: 0.4, below: 0.3 },
  beat: { 'even beat': 0.3, 'no beat': 0.7 },
};
