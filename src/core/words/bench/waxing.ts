import type { Said } from './said';

export const HEAT: Said = {
  what: 'Switch the pot on with its thermostat, lid at hand, and hang the dry chain on its wire.',
  why: 'A wet chain in hot wax spits.',
};
export const MELTS = 'Wax melts';

export const DIP: Said = {
  what: 'Lower the chain in and move it gently until no bubbles rise.',
  why: 'The last bubbles are the air that the wax takes the place of.',
};
export const IN_THE_WAX = 'In the wax';

export const LIFT: Said = {
  what: 'Lift it out by the wire, let it drip, hang it straight.',
  why: 'Hung straight, the links are free again when it is cold.',
};
export const COOLS = 'Cools';

export const POT_OFF: Said = {
  what: 'Switch the pot off and pull its plug.',
  why: 'Hot wax is never left alone.',
};

export const breakIn = (off: boolean): Said => ({
  what: off ? 'When it is cold, bend each link free.' : 'Bend each link free.',
  why: 'The first ride sheds flakes: that is as it should be.',
});

export const HOT_RINSE: Said = {
  what: 'Pour hot water over the front of the chain while you pedal forwards, into a tray.',
  why: 'It melts the old wax and floats the dirt out.',
};
