import type { Said } from './said';

const TOWEL_WHY = 'What the towel takes need not dry.';
const DRY_WHY = 'Water sits inside the pins long after the outside looks dry.';

export const TOWEL_OFF_BIKE: Said = {
  what: 'Pull the chain through a dry towel.',
  why: TOWEL_WHY,
};

/** The beginning of what a towel does on the bike; `alongTheRun` says the rest. */
export const TOWEL: Said = { what: 'Hold a dry towel round the chain', why: TOWEL_WHY };

export const BLOW_OUT: Said = {
  what: 'Blow the chain out, link by link, away from your eyes.',
  why: DRY_WHY,
};

export const hang = (off: boolean): Said => ({
  what: off ? 'Hang the chain somewhere warm.' : 'Tip the frame to drain, somewhere warm.',
  why: DRY_WHY,
});
export const DRIES = 'Dries';

export const IS_DRY: Said = {
  what: 'Wait until it is dry inside too.',
  why: 'Lube does not stick to water.',
};
