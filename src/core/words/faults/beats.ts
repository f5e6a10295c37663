import type { Beat, Heard } from '../../faults/rhythm';

export const BEAT_WORDS: Readonly<Record<Beat, string>> = {
  chain: 'one spot on the chain',
  wheel: 'rear wheel or cog',
  'jockey wheel': 'a jockey wheel',
  crank: 'cranks, one pedal, a ring',
  'both pedals': 'each push of a pedal',
};

const joined = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join('; ')} or ${names.at(-1)}`;

/** What a count says. */
export function heardText({ rate, sd, beats }: Heard): string {
  const fits = beats.filter((b) => b.fits).map((b) => BEAT_WORDS[b.beat]);
  const often = `${rate.toFixed(1)} in a turn, give or take ${(2 * sd).toFixed(1)}`;
  if (fits.length === 0) return `${often}: as often as nothing on this bike turns. Count again.`;
  return `${often}: that fits ${joined(fits)}.`;
}
