import { readRun, type Run } from '@/core/bench/run';
import { useKeptText, type Keeper } from '../useKeptText';

export type { Keeper } from '../useKeptText';

/** The open session at the bench: undefined until it has been read; each change is kept at once. */
export function useBenchRun(keeper: Keeper) {
  const { value: run, keep } = useKeptText<Run>(keeper, readRun);
  return { run, keep };
}
