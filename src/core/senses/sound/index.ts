/** What the page needs of sound; what listens is the worker's alone, in `listen.ts`. */
export { louderThan, type Louder } from './against';
export { BANDS, DRY_FROM, type Levels } from './bands';
export { beatAt } from './beat';
export { countOf } from './count';
export { isFresh } from './fresh';
export type { Sound } from './frames';
export type { Recording, Rhythm } from './listen';
export { quietOf, recordedEvent, type RecordedIn } from './log';
export { bandBars, onsetShapes } from './shapes';
export { turnByBeat, turnByTaps, type Turn } from './turn';
