import type { SwapAhead } from '../plan/agenda/swaps';
import { formatDistance, formatElongation } from '../units/format';
import type { Units } from '../units/convert';
import { SWAP_FROM, type Rotation } from '../wear/rotation';
import type { TurnsAhead } from '../wear/turns';

/** Which of a bike's chains to ride, and why. */
export function rotationSentence({ on, next, due }: Rotation): string {
  const [a, b] = [formatElongation(on.wear), formatElongation(next.wear)];
  if (due)
    return `Swap to ${next.chain.name}: it is worn less, ${b} against ${a}. Taking turns, they and the cassette wear together.`;
  return next.wear < on.wear
    ? `${next.chain.name} is worn a little less, ${b} against ${a}. Swap when they differ by ${formatElongation(SWAP_FROM)}.`
    : `Leave ${on.chain.name} on: it is the least worn of this bike’s chains, ${a} against ${b}.`;
}

/** What turns save, and what they do not. */
export function turnsSentence({ on, next }: Rotation, ahead: TurnsAhead, units: Units): string {
  const { aloneKm, bothKm, limit } = ahead;
  const km = (value: number) => `about ${formatDistance(value, units)}`;
  return [
    `Ridden to its end alone, ${on.chain.name} lasts ${km(aloneKm)} and leaves cogs worn to ${formatElongation(limit)}, on which ${next.chain.name}, worn ${formatElongation(next.wear)}, may skip.`,
    `Taking turns, both are worn out together in ${km(bothKm)}.`,
    'Turns save no chain and wear the cassette no slower: they save the one that skips.',
  ].join(' ');
}

/** A swap of the plan, and why on that day: "Racer chain A goes on, worn 0.10 % against 0.30 %. About 12 min." */
export function swapSentence({ rotation: { on, next }, minutes, beside }: SwapAhead): string {
  const [a, b] = [formatElongation(next.wear), formatElongation(on.wear)];
  const goesOn = `${next.chain.name} goes on, worn ${a} against ${b}.`;
  return beside ? `${goesOn} The chain is off that day anyway.` : `${goesOn} About ${minutes} min.`;
}
