import type { Chain } from '../../records/garage';
import type { InHand, Said } from './said';

export const hook = (pin: boolean): Said => ({
  what: pin
    ? 'Hook a wire into the chain on both sides of the pin you will press out, so it hangs slack.'
    : 'Hook a wire into the chain on both sides of the link, so the link hangs slack.',
  why: 'Under tension the chain whips when it opens.',
});

const thePliers = ({ name, standsIn }: InHand): string => (standsIn ? name : `the ${name}`);

/** What is in hand, and how often the link has been opened and may be. */
interface Opening {
  pliers: InHand;
  openings: { done: number; allowed: number | null };
  hooked: boolean;
}

/** How it is opened, by what closes it. */
export function open(closure: Chain['closure'], { pliers, openings, hooked }: Opening): Said {
  const drawn = hooked ? 'Take the wire off and draw the chain out' : 'Draw the chain out';
  switch (closure) {
    case 'reusable link': {
      const spent = openings.allowed !== null && openings.done >= openings.allowed;
      return {
        what: `Hold both ends and open the quick link ${pliers.standsIn ? 'by hand or ' : ''}with ${thePliers(pliers)}. ${drawn}${spent ? ', and throw the link away' : ''}.`,
        why: spent ? spentText(openings) : openingsText(openings),
      };
    }
    case 'connecting pin':
      return {
        what: `Press out one pin with the chain tool, not the old joining pin and not one beside it. ${drawn}.`,
        why: 'The pin is not used again. A new joining pin goes in its place.',
      };
    case 'single-use link':
      return {
        what: `Hold both ends and open the link with ${thePliers(pliers)}. ${drawn}, and throw the link away.`,
        why: 'It closes only once. Used a second time it can let go.',
      };
    case 'not known':
      return {
        what: `Open the closure as its maker says. ${drawn}, and do not use the old link or pin again.`,
        why: 'As long as you do not know that it may be used again, count it as used up.',
      };
  }
}

/** Asked of a link that is used again: one that has lost its grip opens on the road. */
export const LINK_WORN = {
  what: 'Did the link hold until you pressed it, or is it made to open by hand?',
  why: 'A link that slides open by itself is worn and can open on the road.',
  failWhy:
    'Put in a new link of the right speeds and make. If you have none, go on, and we remind you.',
};

const times = (n: number): string => `${n} ${n === 1 ? 'time' : 'times'}`;

const openingsText = ({ done, allowed }: Opening['openings']): string => {
  const before = done === 0 ? 'First opening in your log.' : `Opened ${times(done)} before.`;
  return allowed === null ? before : `${before} Its maker allows ${allowed}.`;
};

const spentText = ({ allowed }: Opening['openings']): string =>
  `Its maker lets it be opened ${times(allowed ?? 1)}, and it has been. Opened once more it can let go.`;

export const SOAK: Said = {
  what: 'Lay the chain in degreaser in a jar, the lid on loosely.',
  why: 'Leave a hand’s width of air. Leave it no longer than the label says.',
};
export const SOAKS = 'Soaks';

export const firstBath = (ml: number): Said => ({
  what: `First bath: put the chain and ${ml} ml of degreaser in the jar. Swirl it for a minute and let it stand.`,
  why: 'Leave a third of the jar empty, and open it slowly: pressure builds up.',
});
export const FIRST_BATH = 'First bath';

export const nextBath = (n: number): Said => ({
  what: `Bath ${n}: pour off into the settling jar, add fresh degreaser, swirl for a minute.`,
  why: 'Stop when the degreaser stays nearly clear.',
});
export const bathTimer = (n: number): string => `Bath ${n}`;

export const RINSE_CHAIN: Said = {
  what: 'Lift the chain out and rinse it with warm water until the water is clear.',
  why: 'Leftover degreaser breaks down the lube.',
};

export const PULL_THROUGH_RAGS: Said = {
  what: 'Lift the chain out and pull it through fresh rags until they stay dry.',
  why: 'Leftover degreaser breaks down the lube.',
};

const cogs = (several: boolean): string =>
  several ? 'cassette, rings and jockey wheels' : 'cog and ring';

export const rinseCogs = (several: boolean): Said => ({
  what: `Rinse ${cogs(several)} with little pressure, and towel them.`,
  why: 'A clean chain on dirty cogs is soon dirty again.',
});

export const wipeCogs = (several: boolean): Said => ({
  what: `Wipe the degreaser off ${cogs(several)} with fresh rags.`,
  why: 'Leftover degreaser breaks down the lube.',
});

export const SETTLE: Said = {
  what: 'Close and label the jar with the used degreaser, and put it away to settle.',
  why: 'The dirt sinks, and you can use most of it again. What is left goes to the hazardous waste.',
};
