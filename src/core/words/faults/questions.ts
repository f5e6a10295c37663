import type { Answer, Question } from '../../faults/questions';

/** A question as it is asked, with its answers as they are said. */
export interface QuestionWords<Q extends Question> {
  ask: string;
  hint?: string;
  answers: Readonly<Record<Answer<Q>, string>>;
}

export const QUESTION_WORDS: { readonly [Q in Question]: QuestionWords<Q> } = {
  noise: {
    ask: 'What is it like?',
    answers: {
      squeak: 'Squeak: high, like a mouse',
      grind: 'Grinding: like sand',
      click: 'Click: one sharp sound, again and again',
      creak: 'Creak: like an old stair',
      rattle: 'Rattle: loose and dry',
      rub: 'Rubbing: something touches',
      skip: 'The chain skips under your feet',
      'drops off': 'The chain drops off',
      'shifts badly': 'It hesitates when shifting',
    },
  },
  coasting: {
    ask: 'When is it there?',
    hint: 'Stop pedalling and roll on. Where it is safe, brake lightly too.',
    answers: {
      'only pedalling': 'Only while pedalling',
      'coasting too': 'Pedalling and rolling',
      'only coasting': 'Only when rolling without pedalling',
      'only braking': 'Only when braking',
    },
  },
  load: {
    ask: 'How hard must you push?',
    answers: {
      'pushing hard': 'Only when pushing hard',
      'any load': 'Just as much when pushing lightly',
    },
  },
  gears: {
    ask: 'In which gears?',
    answers: {
      'all gears': 'In all of them',
      'some cogs': 'On one cog or a few',
      'one ring': 'On one chainring only',
      crossed: 'Only with the chain crossed: large to large or small to small',
    },
  },
  since: {
    ask: 'Since when?',
    answers: {
      'rain or wash': 'Since rain or a wash',
      'work on it': 'Since work on the bike',
      'new part': 'Since a new chain or part',
      knock: 'Since a fall, a knock or a journey',
      'little by little': 'It came little by little',
      'out of nowhere': 'All at once, out of nowhere',
    },
  },
  where: {
    ask: 'Where does it come from?',
    hint: 'A listener beside you hears it better than you do.',
    answers: {
      front: 'Front: cranks and rings',
      rear: 'Rear: cogs and wheel',
      below: 'Below at the rear: the jockey wheels',
    },
  },
  beat: {
    ask: 'Does it come in an even beat?',
    hint: 'On a stand, turn the cranks evenly by hand and nod along. Fingers off the chain while it runs.',
    answers: { 'even beat': 'Yes, like a clock', 'no beat': 'No: all the time, or any time' },
  },
};

/** The answer that teaches nothing, and is always there. */
export const CANNOT_TELL = 'I cannot tell';
