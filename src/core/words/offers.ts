import type { BenchRefusal } from '../bench/refusal';
import type { Recommended } from '../bench/recommend';
import type { ChainState } from '../care/model/state';
import type { Verdict } from '../care/verdict/verdict';
import type { Depth } from '../records/kinds';
import { dayWord, type DateText } from '../time/dates';
import { formatHours, formatNumber, formatShare } from '../units/format';

/** Why a depth cannot be done, and what to do instead. */
export const REFUSED: Record<BenchRefusal, string> = {
  'no new pin':
    'This chain closes with a pin that is used once: have a new pin at hand first, or clean it on the bike.',
  'no new link':
    'This link may not be closed again. Have a new one at hand first, or clean it on the bike.',
  'chain stays on': 'You chose never to take the chain off. Clean it on the bike.',
  'no scrubber': 'There is no scrubber among your tools.',
  'scrubber with driven cranks':
    'A scrubber runs the chain through it, and on this bike the cranks drive the wheel: use a brush, standing still.',
  'wax reset without wax': 'A wax reset ends with wax: choose drip wax or hot wax.',
  'no pot': 'Hot wax needs a pot with a thermostat, used for nothing else.',
  'no hot water': 'Wax is reset in a pot or with hot water. You have neither here.',
  'closure not known':
    'You don’t know yet what closes this chain. Find out first (Book, the chain), or clean it on the bike.',
  'old coat stays': 'You chose never to lube over an old coat. Clean it on the bike.',
  'factory grease stays':
    'The factory grease of a new chain is good under this lube: wipe the outside and ride. If you would rather strip it, say so under “Your way at the bench”.',
  'thin wax': 'Wax takes hours to set. Before a ride it does no good: wipe the chain and ride.',
  'nothing to put on': 'A thin coat needs a lube: choose one first.',
  'no other chain': 'This bike has no other chain that takes turns.',
  'wax at the roadside': 'Wax takes hours to set: at the roadside take the small bottle of oil.',
};

/** What each depth is for. */
export const DEPTH_FOR: Record<Depth, string> = {
  'wipe-down': 'Dirt off the outside, between lubings.',
  'thin coat': 'Half an hour before a ride, when there is no time for more.',
  'top-up': 'The usual job when the lube runs low.',
  roadside: 'To get home quietly.',
  rescue: 'After rain: water out, lube in.',
  'on-bike clean': 'When a rag comes away black.',
  'off-bike clean': 'When grit is inside the chain.',
  soak: 'Like the baths, with less work and more waiting.',
  'new-chain strip': 'Before wax or dry lube on a new chain.',
  'wax reset': 'When wax is spent or dirty.',
  swap: 'Another of this bike’s chains goes on, and this one rests.',
  'new chain': 'A chain out of its box goes on, cut to length and tried.',
};

/** "50 min of work, ready to ride after 1 h 20 min." */
export const takesSentence = ({
  handsOn,
  untilReady,
}: {
  handsOn: number;
  untilReady: number;
}): string =>
  `${Math.round(handsOn)} min of work, ready to ride after ${formatHours(untilReady / 60)}.`;

const OUTSIDE = ['clean outside', 'a little dirt outside', 'dirty outside', 'black outside'];
const INSIDE = ['clean inside', 'light grit inside', 'gritty inside', 'full of grit inside'];
/** Where each word begins. Own choice. */
const FROM = [0, 0.1, 0.3, 0.6];
const word = (words: readonly string[], grit: number): string =>
  words[FROM.findLastIndex((from) => grit >= from)] ?? words[0]!;

/** What a piece of work leaves: "After: lube 83 %, clean outside, light grit inside." */
export const afterSentence = ({ film, outside, inside }: ChainState): string =>
  `After: lube ${formatShare(film)}, ${word(OUTSIDE, outside)}, ${word(INSIDE, inside)}.`;

/** Why a depth is the one to begin with. */
export function recommendedSentence(recommended: Recommended, today: DateText): string {
  switch (recommended.reason) {
    case 'only a noise':
      return 'A noise is the only complaint. Try the quick job first; it is nearly always enough.';
    case 'shallowest':
      return 'The quickest job that does it.';
    case 'next that can':
      return 'The right job isn’t possible with your tools. This comes next.';
    case 'swap due':
      return 'Nothing else is due, and the other chain is worn less.';
    case 'planned': {
      const day = dayWord(recommended.date, today);
      return `Planned ${day === 'Today' || day === 'Tomorrow' ? day.toLowerCase() : day}.`;
    }
  }
}

/** What is said over the jobs where a chain needs none; null: it does. */
export const nothingDueSentence = (
  { kind }: Verdict,
  recommended: Recommended | null,
  today: DateText,
): string | null =>
  kind !== 'good for' || (recommended?.reason === 'planned' && recommended.date <= today)
    ? null
    : 'This chain needs nothing today. The next job is marked below.';

/** What it costs to lube a chain that has plenty left; told once. */
export const earlySentence = (film: number, ml: number, minutes: number): string =>
  `It still has ${formatShare(film)} of its lube. Lubing it now costs about ${formatNumber(Math.round(ml))} ml and ${formatNumber(Math.round(minutes))} min, and it goes no further for it than if you wait.`;
