import { ragRun, type CheckSaid, type Lies, type Said } from './said';

/** A rag along the chain, from the beginning of what it does: running through it, or a stretch at a time. */
export const alongTheRun = (
  { what, until, why }: RagSaid,
  standingStill: boolean,
  lies: Lies,
): Said => {
  const end = until ? `, until ${until}.` : '.';
  return standingStill
    ? {
        what: `${what}, one stretch at a time, everything standing still${end}`,
        why: `${why} On this bike the cranks drive the wheel: a rag on a running chain pulls the hand in.`,
      }
    : { what: `${what} on ${ragRun(lies)}, turning the cranks slowly backwards${end}`, why };
};

/** The beginning of what a rag does, and until when. */
export interface RagSaid extends Said {
  until?: string;
}

/** The beginnings of a wipe, by what is on the rag. */
export const WIPE: Record<'dry' | 'degreaser' | 'solvent' | 'cloth' | 'old wax', Said> = {
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
    what: 'Wipe the chain with a dry, lint-free cloth',
    why: 'Solvent takes wax off, and paper leaves lint.',
  },
  'old wax': {
    what: 'Rub the chain hard with a dry, lint-free cloth',
    why: 'Oil takes hold only where the old wax has flaked off.',
  },
};

export const PULL_THROUGH_CLOTH: Said = {
  what: 'Pull the chain hard through a dry, lint-free cloth.',
  why: 'Dust and old wax come off. Paper leaves lint.',
};

export const GLOVE_CHECK: Said = {
  what: 'Cranks still. Touch the chain with a clean finger of the glove.',
  why: 'Fresh lube on dirt makes grinding paste.',
};
export const IS_GLOVE_CLEAN: CheckSaid = {
  ask: 'Does hardly anything black come off?',
  failWhy: 'Wipe once more until the worst of it is off.',
};

export const ragCheck = (off: boolean, lies: Lies): Said => ({
  what: off
    ? 'Pull the chain a hand’s width through a fresh patch of rag.'
    : `Cranks still. Pull a fresh patch of rag along a hand’s width of ${ragRun(lies)}.`,
  why: 'A dirty rag proves dirt. A clean one does not prove a clean inside.',
});
export const IS_RAG_CLEAN: CheckSaid = {
  ask: 'What comes off on a fresh patch of the rag?',
  failWhy: 'Still darker than your standard. Lube over dirt makes grinding paste.',
};

/** Said instead of another round, where the last changed nothing. */
export const NO_BETTER = 'No lighter than last time. Good enough, go on.';

/** The beginnings of taking degreaser off that was on the rag. */
export const TAKE_OFF: RagSaid = {
  what: 'Wipe the degreaser off with fresh rags',
  until: 'they stay dry',
  why: 'Leftover degreaser breaks down the lube.',
};
export const RINSE_RAG: Said = {
  what: 'Rinse the degreaser off with a wet rag',
  why: 'Wring it out often. Leftover degreaser breaks down the lube.',
};
