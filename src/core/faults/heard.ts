import { NOISES, type Noise } from '../records/faults';

/** Words that tell of a noise in what a rider wrote. "Brake" and "gear" alone tell of none. */
const TELLS: readonly [Noise, RegExp][] = [
  ['squeak', /\b(squeak|squeal|chirp)/i],
  ['grind', /\b(grind|gritty|crunch)/i],
  ['click', /\b(click|tick(ing|s)?\b|clunk|knock)/i],
  ['creak', /\bcreak/i],
  ['rattle', /\brattl/i],
  ['rub', /\brub(s|bing|bed)?\b/i],
  ['skip', /\b(skip(s|ped|ping)?\b|jump(s|ed|ing)? (a )?(cog|gear)|slip(s|ped|ping)? under)/i],
  [
    'drops off',
    /\b(dropped|dropping|lost|threw) (the |my )?chain|chain (dropped|came off|fell off)/i,
  ],
];

/** The noise a note tells of, the first that is named; null: none. */
export function noiseIn(note: string): Noise | null {
  const found = TELLS.flatMap(([noise, tells]) => {
    const at = note.search(tells);
    return at < 0 ? [] : [{ noise, at }];
  });
  return found.sort((a, b) => a.at - b.at)[0]?.noise ?? null;
}

/** A noise by its name, as an address has it; null: no such. */
export const noiseNamed = (name: string | undefined): Noise | null =>
  NOISES.find((noise) => noise === name) ?? null;
