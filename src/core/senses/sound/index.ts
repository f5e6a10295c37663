export { louderThan, type Louder } from './against';
export { BANDS, DRY_FROM, type Levels } from './bands';
export type { Sound } from './frames';
export { listen, turnByBeat, turnByTaps, type Recording, type Rhythm, type Turn } from './listen';
