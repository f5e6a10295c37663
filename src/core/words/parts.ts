import type { PartEnd, PartKind } from '../records/kinds';
import { dateFormat } from '../intl/dates';
import { formatDistance, formatNumber, formatShare } from '../units/format';
import type { Units } from '../units/convert';
import { CHAINS_A_LIFE, type PartLeft, type PartStory } from '../wear/parts';
import type { Together } from '../wear/together';

export const PART_LABEL: Record<PartKind, string> = {
  cassette: 'Cassette',
  ring: 'Chainring',
  'jockey wheels': 'Jockey wheels',
};

export const PART_END_LABEL: Record<PartEnd, string> = {
  'worn out': 'It is worn out',
  sold: 'I sold it',
};

/** How a worn one shows itself, and what it is usually good for. */
export const PART_RULE: Record<PartKind, string> = {
  cassette:
    'A cassette lasts two to four chains where each is changed in time. Worn, it lets a new chain skip under load on the cogs you use most.',
  ring: 'Rings outlive two cassettes or more. Worn teeth are hooked, and the chain clings to the ring where it should leave it.',
  'jockey wheels':
    'Worn jockey wheels have pointed teeth or grind when spun. Some play to the side is meant to be in the upper one.',
};

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });

const chainsSaid = (n: number): string => `${formatNumber(n)} ${n === 1 ? 'chain' : 'chains'}`;

/** What is known of a part, in a line: "3,400 km, 2 chains, 64 % of a usual life". */
export const partLine = ({ km, chains, share }: PartStory, units: Units): string =>
  `${formatDistance(km, units)}, ${chainsSaid(chains)}, ${formatShare(share)} of a usual life`;

const rounded = (km: number, units: Units): string =>
  formatDistance(Math.round(km / 100) * 100, units);

/** A part's story and what is to come, a sentence a line. `left` null: nobody rides it. */
export function partSentences(story: PartStory, left: PartLeft | null, units: Units): string[] {
  const { part, bikeId, fittedAt, share } = story;
  const { chains } = CHAINS_A_LIFE[part.kind];
  const since =
    bikeId !== null && fittedAt !== null ? `On this bike since ${day.format(fittedAt)}. ` : '';
  return [
    `${since}It has run ${formatDistance(story.km, units)} with ${chainsSaid(story.chains)}.`,
    `By how those chains wore we put it at ${formatShare(share)} of a usual life, which is about ${formatNumber(chains)} chains changed in time.`,
    ...(left === null ? [] : [leftSentence(left, units)]),
    PART_RULE[part.kind],
  ];
}

function leftSentence({ mid, half }: PartLeft, units: Units): string {
  if (mid < NEARLY_KM) return 'Most like it would be worn out by now. Look at its teeth.';
  return `About ${rounded(mid, units)} are left; half the time ${rounded(half[0], units)} to ${rounded(half[1], units)}.`;
}
/** Less than this is not worth a figure, km. */
const NEARLY_KM = 300;

/** What to do where new and worn parts meet. */
export const TOGETHER: Record<Together, string> = {
  'new chain on worn cogs':
    'The cogs have run with a worn chain, or long. A new chain may skip on them, and throw you off when you stand on the pedals. Try the gears you use most, seated, on an empty road, before you ride hard. If it skips, change the cassette too.',
  'worn chain on new cogs':
    'This chain is worn past its limit, and the cassette is new. Fit a new chain: a worn one ruins new cogs within weeks.',
  'worn chain':
    'This chain is worn past its limit. Fit a new one, unless the cassette goes with it anyway.',
};
