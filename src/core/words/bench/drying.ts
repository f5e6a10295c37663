import type { Said } from './said';

const TOWEL_WHY = 'What the towel takes need not dry.';
const DRY_WHY = 'Water sits inside the pins long after the outside looks dry.';

export const TOWEL_OFF_BIKE: Said = {
  what: 'Pull the chain through a dry towel.',
  why: TOWEL_WHY,
};

/** The beginning of what a towel does on the bike; `alongTheRun` says the rest. */
export const TOWEL: Said = {
  what: 'Squeeze a dry towel or old sock round the chain from all four sides',
  why: TOWEL_WHY,
};

export const BLOW_OUT: Said = {
  what: 'Blow the chain out, link by link, away from your eyes and from bearings.',
  why: DRY_WHY,
};

export const hang = (off: boolean, outdoors: boolean): Said => ({
  what: off
    ? `Hang the chain somewhere ${outdoors ? 'dry and windy' : 'warm'}.`
    : `Leave the bike somewhere ${outdoors ? 'dry and windy' : 'warm'} to drain.`,
  why: DRY_WHY,
});
export const DRIES = 'Dries';

/** Where no water takes the last of the degreaser off. */
export const evaporate = (off: boolean): Said => ({
  what: `${off ? 'Hang the chain' : 'Leave the bike'} somewhere airy, away from flames.`,
  why: 'What no rag reaches has to dry off. Its label says how long.',
});
export const EVAPORATES = 'Degreaser dries off';
export const IS_GONE: Said = {
  what: 'Wait until you smell no degreaser.',
  why: 'Leftover degreaser breaks down the lube.',
};

export const IS_DRY: Said = {
  what: 'Wait until it is dry inside too.',
  why: 'Lube does not stick to water. No time? Stop here, and lube it before you ride.',
};
