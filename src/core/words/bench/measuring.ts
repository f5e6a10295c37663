import type { Said } from './said';

/** Measuring a clean chain: on a table, or on the bike with its wheel held. */
export const measureWear = (off: boolean): Said => ({
  what: off
    ? 'Lay the chain on a table, pull it straight, and measure its wear.'
    : 'Hold the wheel, press the pedal lightly so that the chain is straight, and measure its wear.',
  why: 'It is clean now, which no other day it is. Note the figure: we ask for it at the end.',
});
