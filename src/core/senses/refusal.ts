import type { Result } from '../problem';

/**
 * Why camera or microphone tell nothing. Apart from other problems, so that their sentences are loaded with what
 * measures. `words/senses.ts` says them.
 */
export type Refusal =
  | { code: RagRefusal | SoundRefusal | DeviceRefusal }
  | { code: 'sound/too-short'; fewest: number }
  | { code: 'sound/too-long'; mostSeconds: number };

type RagRefusal =
  | 'rag/none'
  | 'rag/no-clean'
  | 'rag/unsure'
  | 'rag/clipped'
  | 'rag/uneven'
  | 'rag/blurred'
  | 'rag/not-picture';
type SoundRefusal =
  'sound/too-quiet' | 'sound/clipped' | 'sound/wind' | 'sound/speech' | 'sound/not-sound';
type DeviceRefusal = 'device/refused' | 'device/none' | 'device/busy' | 'device/failed';

/** What was measured, or why nothing was. */
export type Measured<T> = Result<T, Refusal>;

/** Returns a refusal. */
export const refuse = (problem: Refusal): { ok: false; problem: Refusal } => ({
  ok: false,
  problem,
});
