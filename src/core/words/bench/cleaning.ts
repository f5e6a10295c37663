import { ragRun, type CheckSaid, type InHand, type Lies, type Said } from './said';

/** The lube does not hold where degreaser is left. */
const LEFT_BEHIND = 'Leftover degreaser breaks down the lube.';

export const scrub = (lies: Lies): Said => ({
  what: `Fill the scrubber, clip it on ${ragRun(lies)}, and turn the cranks slowly backwards.`,
  why: 'Its brushes reach between the plates from four sides.',
});

/** ` with a toothbrush` where something stands in for the brush; nothing where the brush is owned. */
const withA = ({ name, standsIn }: InHand): string => (standsIn ? ` with a ${name}` : '');

export const degrease = (brush: InHand): Said => ({
  what: `Brush degreaser onto the chain${withA(brush)}, all the way round. Never spray it.`,
  why: 'It needs a few minutes to get under the dirt.',
});
export const DEGREASER_WORKS = 'Degreaser works';

export const brush = (standingStill: boolean, tool: InHand): Said => ({
  what: standingStill
    ? `Brush the chain from four sides${withA(tool)}, one stretch at a time, everything standing still.`
    : `Brush the chain from four sides${withA(tool)} while you turn the cranks slowly backwards.`,
  why: 'If the degreaser has dried, brush a little more on. Most dirt sits on the rollers and between the plates.',
});

export const rinse = (hose: boolean, several: boolean): Said => ({
  what: `Rinse chain, ${several ? 'cogs and rings' : 'cog and ring'} well with ${hose ? 'a soft stream, never a pressure washer' : 'a bottle of warm water'}.`,
  why: `${LEFT_BEHIND} Pressure drives water into bearings.`,
});

export const RESIDUE: Said = {
  what: 'Look along the chain in good light.',
  why: 'White or foaming residue is degreaser that stayed.',
};
export const IS_RESIDUE: CheckSaid = {
  ask: 'Is it free of white residue?',
  failWhy: 'There is degreaser left. Rinse once more.',
};

/** Jockey wheels: turned by the cranks against a brush, by hand once the chain is off, or still where the cranks drive the wheel. */
export const jockeyWheels = (how: 'by crank' | 'by hand' | 'still'): Said => ({
  what: {
    'by crank':
      'Hold a brush or scraper against each jockey wheel and turn the cranks slowly backwards.',
    'by hand': 'Brush and scrape both jockey wheels, turning them by hand.',
    still: 'Scrape and brush both jockey wheels, everything standing still.',
  }[how],
  why: 'They hand their dirt straight back to the chain. Keep degreaser out of their bearings.',
});
export const SPIN: CheckSaid = {
  ask: 'Are they clean, and do they turn without grinding?',
  failWhy:
    'Scrape round their bearings once more. If one stays stiff, replace it later; go on now.',
};

/** What brings the next part of the cogs to the brush. */
export type CogsOn = 'by crank' | 'by hand' | 'chain by hand' | 'wheel by hand';

const nextPart = (on: CogsOn, several: boolean): string =>
  ({
    'by crank': 'Turn the cranks back a little',
    // Forwards they would take the wheel along.
    'by hand': `Turn the ${several ? 'cogs' : 'cog'} back a little by hand`,
    'chain by hand': 'Move the chain on by hand',
    'wheel by hand': 'Turn the wheel on by hand',
  })[on];

export interface CogsSaid {
  several: boolean;
  wheelOut: boolean;
  degreaser: boolean;
  on: CogsOn;
  brush: InHand;
}

export function cassette({ several, wheelOut, degreaser, on, brush }: CogsSaid): Said {
  const steady = wheelOut ? 'Hold the wheel upright.' : 'Cranks still.';
  const wet = brush.standsIn ? ' and a little degreaser' : ' with a little degreaser';
  const tool = withA(brush) + (degreaser ? wet : '');
  const work = several
    ? `Floss between the cogs with a rag’s edge, then brush them${tool}.`
    : `Brush the cog front and back${tool}.`;
  const keepOff = several
    ? 'Keep it off the hub and the freehub behind the cogs.'
    : 'Keep it off the hub and its bearings.';
  return {
    what: `${steady} ${work} ${nextPart(on, several)}, and do the next part.`,
    why: degreaser ? keepOff : 'A clean chain on dirty cogs is soon dirty again.',
  };
}

export const chainrings = (narrowWide: boolean, rings: number): Said =>
  narrowWide
    ? {
        what: 'Brush the ring, behind it too, and scrape out between its wide teeth.',
        why: 'A narrow-wide ring packed with dirt throws the chain. Keep degreaser off the bottom bracket.',
      }
    : {
        what: `Brush the ${rings > 1 ? 'chainrings, behind them' : 'chainring, behind it'} too. A shoelace gets between ring and arms.`,
        why: 'What stays there comes back onto the chain. Keep degreaser off the bottom bracket.',
      };
