import { BANDS, type Levels } from '../../senses/sound/bands';

export const SOUND_COLUMNS = ['Pitch', 'Now', 'Its quiet'] as const;
/** How loud each pitch is, and was when the chain was clean and coated. */
export const soundRows = (levels: Levels, quiet: Levels | null): string[][] =>
  BANDS.flatMap((band, n) => {
    const db = (of: Levels | null) => {
      const level = of?.db[n];
      return typeof level === 'number' ? `${Math.round(level)} dB` : '';
    };
    return db(levels) === '' ? [] : [[`${band} Hz`, db(levels), db(quiet)]];
  });
