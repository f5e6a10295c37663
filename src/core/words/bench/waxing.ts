import type { Said } from './said';

export const BOIL: Said = {
  what: 'Put the chain on its wire in the pot’s water liner and heat it for 5 to 10 minutes.',
  why: 'Hot water melts the old wax off. It floats up with the dirt.',
};
export const BOILS = 'In hot water';

export const BOIL_OUT: Said = {
  what: 'Lift the chain out by the wire, shake the water off and hang it up. Change to the wax liner.',
  why: 'Let the water cool, lift the wax off it for the bin, and only then pour the water away. Wax never goes down a drain.',
};

export const HEAT: Said = {
  what: 'Melt the wax in the pot, its thermostat at the wax maker’s temperature and the lid at hand.',
  why: 'The chain must be dry: a wet chain in hot wax spits. If wax flames, put the lid on and switch off. Never use water.',
};
export const MELTS = 'Wax melts';

export const DIP: Said = {
  what: 'Lower the chain in by its wire and move it gently until no bubbles rise.',
  why: 'Bubbles are air leaving the links. It takes about 10 minutes.',
};
export const IN_THE_WAX = 'In the wax';

export const LIFT: Said = {
  what: 'Lift it out by the wire, let it drip, and hang it straight.',
  why: 'Hung straight, the links come free more easily when it is cold.',
};
export const COOLS = 'Cools';

export const POT_OFF: Said = {
  what: 'Switch the pot off and pull its plug.',
  why: 'Never leave hot wax alone. This pot is never used for food again.',
};

export const BREAK_IN: Said = {
  what: 'When it is cold, bend each link free.',
  why: 'It sheds flakes on the first ride. That is as it should be.',
};

export const KETTLE: Said = {
  what: 'Boil a kettle, and put a tray under the chainring.',
  why: 'The tray catches what runs off: water, old wax and dirt.',
};

/** Hot water over a waxed chain, with the cranks forwards, or one stretch at a time where they drive the wheel. */
export const hotRinse = (standingStill: boolean, disc: boolean): Said => ({
  what: standingStill
    ? 'Cranks still. Pour hot water over one stretch of the chain, stop, move on by hand, and go on.'
    : 'Turn the cranks forwards by hand and pour hot water over the chain at the front of the ring.',
  why: `It melts the old wax and floats the dirt out. Pour away from hands${disc ? ', tyre and rotor' : ' and tyre'}.`,
});

export const TRAY: Said = {
  what: 'Let the tray cool. Lift the wax off for the bin, then pour the water away.',
  why: 'Wax never goes down a drain.',
};
export const KETTLE_BOILS = 'Kettle boils';
