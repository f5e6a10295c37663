import type { CheckSaid, Said } from './said';

/** The lube does not hold where degreaser is left. */
const LEFT_BEHIND = 'Degreaser left behind fights the lube.';

export const SCRUB: Said = {
  what: 'Fill the scrubber, clip it on the lower run, and turn slowly backwards.',
  why: 'Its brushes reach between the plates from four sides.',
};

export const DEGREASE: Said = {
  what: 'Brush degreaser onto the chain, all the way round. Never spray it.',
  why: 'It needs a few minutes to get under the dirt.',
};
export const DEGREASER_WORKS = 'Degreaser works';

export const brush = (standingStill: boolean): Said => ({
  what: standingStill
    ? 'Brush the chain from four sides, a stretch at a time, standing still.'
    : 'Brush the chain from four sides while you turn slowly backwards.',
  why: 'The rollers and the gaps between plates hold most of it.',
});

/** The beginning of what a rag does; `alongTheRun` says the rest. */
export const TAKE_OFF: Said = {
  what: 'Wipe the degreaser off with fresh rags until they stay dry',
  why: LEFT_BEHIND,
};

export const rinse = (hose: boolean): Said => ({
  what: `Rinse chain, cogs and rings well with ${hose ? 'a soft stream, never a pressure washer' : 'a bottle of warm water'}.`,
  why: 'Degreaser left behind fights the lube; pressure drives water into bearings.',
});

export const RESIDUE: Said = {
  what: 'Look along the chain in good light.',
  why: 'White or foaming residue is degreaser that stayed.',
};
export const IS_RESIDUE: CheckSaid = {
  ask: 'Is it free of white residue?',
  failWhy: 'There is degreaser left: rinse once more.',
};

export const jockeyWheels = (standingStill: boolean): Said => ({
  what: standingStill
    ? 'Scrape and brush both jockey wheels, standing still.'
    : 'Hold a brush or scraper against each jockey wheel and turn slowly backwards.',
  why: 'They hand their dirt straight back to the chain.',
});
export const SPIN: CheckSaid = {
  ask: 'Clean, and do both spin freely when flicked?',
  failWhy:
    'Scrape round their bearings once more. One that stays stiff is replaced; degreaser stays out of it.',
};

export const cassette = (several: boolean): Said => ({
  what: several
    ? 'Cranks still: floss between the cogs with a rag’s edge, then brush.'
    : 'Cranks still: brush the cog, front and back.',
  why: 'Dirt sits between the cogs, where no chain cleaner reaches.',
});

export const chainrings = (narrowWide: boolean): Said =>
  narrowWide
    ? {
        what: 'Brush the ring, behind it too, and scrape out between its wide teeth.',
        why: 'A narrow-wide ring packed with dirt throws the chain.',
      }
    : {
        what: 'Brush the rings, behind them too.',
        why: 'What stays on them comes back onto the chain.',
      };
