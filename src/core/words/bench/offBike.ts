import type { Said } from './said';

export const UNLOAD: Said = {
  what: 'Tie a loop of slack into the chain with a string or hook, so that nothing pulls at the link.',
  why: 'Under tension it whips when it opens.',
};

export const OPEN_ONCE: Said = {
  what: 'Open the chain, and put the old link or pin aside: it is not used again.',
  why: 'Used a second time it can let go.',
};

export const openLink = (pliers: boolean, openings: number): Said => ({
  what: `Open the quick link${pliers ? ' with the pliers' : ''}, holding both ends, and draw the chain out.`,
  why: `${openingsText(openings)} A link that opens by hand is worn.`,
});

const openingsText = (n: number): string =>
  n === 0
    ? 'First opening on record.'
    : `Opened ${n} ${n === 1 ? 'time' : 'times'} before, by the log.`;

export const wheelOut = (hydraulic: boolean): Said => ({
  what: 'Take the rear wheel out and put the chain keeper in its place. Lay the wheel rotor up.',
  why: hydraulic
    ? 'Do not touch the brake lever while the wheel is out: the pistons come out. Put the spacer in.'
    : 'The cassette is reached from both sides.',
});

export const SOAK: Said = {
  what: 'Lay the chain in degreaser in a jar, lid on loosely.',
  why: 'By the label, and hours at most.',
};
export const SOAKS = 'Soaks';

export const firstBath = (ml: number): Said => ({
  what: `First bath: chain and ${ml} ml of degreaser into the jar, shake for a minute, let it stand.`,
  why: 'Each fresh bath takes most of what the last one left.',
});
export const FIRST_BATH = 'First bath';

export const nextBath = (n: number): Said => ({
  what: `Bath ${n}: pour off into the settling jar, fresh degreaser, shake for a minute.`,
  why: 'Until what comes off is hardly darker than what went in.',
});
export const bathTimer = (n: number): string => `Bath ${n}`;

export const RINSE_CHAIN: Said = {
  what: 'Lift the chain out, rinse it with warm water until the water is clear.',
  why: 'Degreaser left behind fights the lube.',
};

export const PULL_THROUGH_RAGS: Said = {
  what: 'Lift the chain out and pull it through fresh rags until they stay dry.',
  why: 'Degreaser left behind fights the lube.',
};

export const RINSE_COGS: Said = {
  what: 'Rinse cassette, rings and jockey wheels with little pressure, and towel them.',
  why: 'A clean chain on dirty cogs is dirty again at once.',
};

export const SETTLE: Said = {
  what: 'Close and label the jar with the used degreaser; let it settle.',
  why: 'The dirt sinks, and most of it is used again.',
};
