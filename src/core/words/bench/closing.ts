import type { Bike } from '../../garage';
import type { Said } from './said';

/** A look: what to look at is its question too. */
export interface LookSaid extends Said {
  failWhy: string;
}

export const LISTEN: LookSaid = {
  what: 'Turn the cranks and listen: does it run quietly and freely?',
  why: 'A quiet bike is how you know that all is well.',
  failWhy: 'Find it before you ride: see “Trouble” below.',
};

export const CHAIN_ON: Said = {
  what: 'Lay the chain through the chainstay, over the cog, between the jockey wheels, and close it.',
  why: 'Nothing pulls at it yet: keep the loop of slack.',
};

export const ROUTED: LookSaid = {
  what: 'Look from the side: does the chain run straight between the jockey wheels and inside the tab of the cage?',
  why: 'Wrong, it still spins and shifts: only the eye finds it.',
  failWhy: 'Open it and lay it inside the tab.',
};

export const LINK_SEATED: LookSaid = {
  what: 'Link on the upper run, rear brake held, press the pedal: has it clicked in, both ends level?',
  why: 'A link half closed opens under load.',
  failWhy: 'Close it again, or take a new link.',
};

export const DIRECTION: LookSaid = {
  what: 'Arrow forward on the upper run, markings outwards?',
  why: 'Chain or link runs one way only.',
  failWhy: 'Turn it round.',
};

export const WHEEL_IN: Said = {
  what: 'Put the wheel back, seated on both sides.',
  why: 'The chain on the smallest cog, the rotor between the pads.',
};

const WHEEL: Record<Bike['wheel'], string> = {
  'quick release':
    'Lever closed with force, and pointing where nothing catches it: is the wheel tight?',
  'thru axle': 'Axle screwed home and its lever closed: is the wheel tight?',
  nuts: 'Both nuts tightened evenly: is the wheel tight and straight?',
};

export const wheelTight = (wheel: Bike['wheel']): LookSaid => ({
  what: WHEEL[wheel],
  why: 'A wheel that is loose comes out.',
  failWhy: 'Seat it and tighten it again.',
});

export const uncover = (alcohol: boolean): Said => ({
  what: alcohol
    ? 'Uncover the rotor. If anything touched it: alcohol or brake cleaner on a clean rag, the rotor cool.'
    : 'Uncover the rotor. If anything touched it: soapy water, rinsed and dried, the rotor cool.',
  why: 'Oiled pads are replaced, not cleaned.',
});

export const brakes = (hydraulic: boolean): LookSaid => ({
  what: hydraulic
    ? 'Bike upright, pull both levers: firm, and do they hold at walking pace?'
    : 'Pull both levers: do they hold at walking pace?',
  why: hydraulic
    ? 'After standing upside down air may be in the wrong place.'
    : 'A brake is tested before the ride, not on it.',
  failWhy:
    'Do not ride. Clean rotor and rim, pull the levers a few times; if it stays weak: a workshop.',
});
