import { expose } from 'comlink';
import { costsAgain, type Again } from '@/core/money/against';
import type { YearsFigures } from '@/core/years/figures';
import type { RegimeName } from '@/core/years/regimes';
import { YearsPlayer, type YearsAsked } from '@/core/years/years';

/** Futures of a first, rough answer; each part after it is twice as large, up to the last. */
const FIRST_PART = 1;
const LARGEST_PART = 8;

const api = {
  /** Plays these futures of a question, and hands over each part as it is done. */
  async years(
    asked: YearsAsked,
    numbers: readonly number[],
    onPart: (numbers: readonly number[], part: YearsFigures) => void | Promise<void>,
  ): Promise<void> {
    const player = new YearsPlayer(asked);
    let size = FIRST_PART;
    for (let at = 0; at < numbers.length;) {
      const some = numbers.slice(at, at + size);
      await onPart(some, player.futures(some));
      at += some.length;
      size = Math.min(LARGEST_PART, size * 2);
    }
  },
  /** What the rides of the log would have cost under each of these ways, a figure a nature. */
  again: (again: Again, names: readonly RegimeName[]): [RegimeName, number[]][] =>
    names.map((name) => [name, costsAgain(again, name)]),
};

export type YearsApi = typeof api;

expose(api);
