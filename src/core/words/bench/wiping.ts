import type { CheckSaid, Said } from './said';

/** A rag along the chain, from the beginning of what it does: running through it, or a stretch at a time. */
export const alongTheRun = ({ what, why }: Said, standingStill: boolean): Said =>
  standingStill
    ? {
        what: `${what}, a stretch at a time with everything standing still.`,
        why: `${why} Here the cranks drive the wheel: a rag on a running chain pulls the hand in.`,
      }
    : { what: `${what} on the lower run, turning slowly backwards.`, why };

/** The beginnings of a wipe, by what is on the rag. */
export const WIPE: Record<'dry' | 'degreaser' | 'solvent' | 'cloth', Said> = {
  dry: {
    what: 'Wipe the chain with a dry rag',
    why: 'Water and the worst of the dirt come off first.',
  },
  degreaser: {
    what: 'Wipe the chain with a rag and a little degreaser',
    why: 'It loosens the black outside; the lube there goes with it.',
  },
  solvent: {
    what: 'Wipe the chain with a rag and a little solvent',
    why: 'It loosens the black outside and leaves the lube within.',
  },
  cloth: {
    what: 'Wipe the chain with a lint-free cloth',
    why: 'No paper on wax: it leaves lint.',
  },
};

export const PULL_THROUGH_CLOTH: Said = {
  what: 'Pull the chain through a lint-free cloth, hard.',
  why: 'Old wax and dust come off; no paper, it leaves lint.',
};

export const GLOVE_CHECK: Said = {
  what: 'Crank still. Touch the chain with a clean finger of the glove.',
  why: 'New lube on dirt makes paste.',
};
export const IS_GLOVE_CLEAN: CheckSaid = {
  ask: 'Does hardly anything black come off?',
  failWhy: 'Wipe once more: the worst of it must go.',
};

export const ragCheck = (off: boolean): Said => ({
  what: off
    ? 'Pull the chain a hand’s width through a fresh patch of rag.'
    : 'Crank still. Pull a fresh patch of rag along a hand’s width of the lower run.',
  why: 'A dirty rag proves dirt. A clean one does not prove a clean inside.',
});
export const IS_RAG_CLEAN: CheckSaid = {
  ask: 'What comes off on a fresh patch of the rag?',
  failWhy: 'Still darker than your standard: lube over dirt makes paste.',
};

/** Said instead of another round, where the last changed nothing. */
export const NO_BETTER =
  'A second round changed nothing: this is as clean as it gets this way. On to the next step.';
