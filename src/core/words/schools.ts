import type { SchoolName } from '../lube/schools';

/** A question on which practitioners differ, and what its answers are called. */
export interface SchoolWords {
  question: string;
  answers: Record<string, { label: string; hint: string }>;
}

/** Of product and amount. */
export const LUBING_WORDS: Record<SchoolName, SchoolWords> = {
  amount: {
    question: 'How much?',
    answers: {
      drop: {
        label: 'A drop per roller',
        hint: 'The usual here: least waste, least dirt.',
      },
      stream: {
        label: 'A stream, wiped hard',
        hint: 'Rinses as it lubes; two and a half times as much of the bottle.',
      },
    },
  },
  sides: {
    question: 'From one side or both?',
    answers: {
      fitting: {
        label: 'As fits',
        hint: 'The usual here: one side; both for e-bikes and thick oil.',
      },
      one: { label: 'One', hint: 'Inside only: it creeps through.' },
      both: { label: 'Both', hint: 'Both sides always: twice the drops.' },
    },
  },
  oldCoat: {
    question: 'Lube over an old coat?',
    answers: {
      wipe: {
        label: 'Wipe first',
        hint: 'The usual here: a rag with a little solvent, then the coat.',
      },
      flush: {
        label: 'Flush and wipe',
        hint: 'Fresh lube loosens the old; wipe hard. By the model good while grit is low.',
      },
      clean: {
        label: 'Never, clean first',
        hint: 'Cleanest; each coat takes a clean’s time.',
      },
    },
  },
  waxInWet: {
    question: 'Wax in the wet?',
    answers: {
      model: { label: 'As worked out', hint: 'The usual here: by how fast water takes it off.' },
      never: { label: 'Not in long rain', hint: 'Left out where half the way or more is wet.' },
    },
  },
  products: {
    question: 'One product or two?',
    answers: {
      one: { label: 'One', hint: 'The usual here.' },
      two: {
        label: 'Oil under a dry top coat',
        hint: 'Light oil creeps in, dry lube goes over it: longer life, both bottles are used.',
      },
    },
  },
  between: {
    question: 'On the rag between deep cleans?',
    answers: {
      solvent: {
        label: 'A little solvent',
        hint: 'The usual here: degreaser upsets the lube.',
      },
      degreaser: {
        label: 'Degreaser',
        hint: 'Cleaner, but rinsed and dried each time, and much of the lube goes with it.',
      },
    },
  },
  degreaser: {
    question: 'Which degreaser?',
    answers: {
      label: {
        label: 'What its label allows',
        hint: 'The usual here: made for chains, and safe on seals and paint.',
      },
      soap: { label: 'Dish soap', hint: 'Cleaner of the shelf first: cheap, and slower.' },
      any: {
        label: 'All alike',
        hint: 'Any degreaser of the shelf. Mind what its label warns of.',
      },
    },
  },
  household: {
    question: 'Household oil on a chain?',
    answers: {
      no: { label: 'Chain lube only', hint: 'The usual here: light oil is soon gone.' },
      yes: { label: 'Light oil will do', hint: 'It is ranked with the rest, by its short life.' },
    },
  },
};
