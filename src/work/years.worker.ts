import { expose } from 'comlink';
import { costsAgain, type Again } from '@/core/money';
import { YearsPlayer, type RegimeName, type YearsAsked, type YearsFigures } from '@/core/years';

/** Futures of a first, rough answer; each part after it is twice as large, up to the last. */
const FIRST_PART = 1;
const LARGEST_PART = 8;

const api = {
  /** Plays futures `from` to before `to` of a question, and hands over each part as it is done. */
  async years(
    asked: YearsAsked,
    [from, to]: readonly [number, number],
    onPart: (part: YearsFigures) => void | Promise<void>,
  ): Promise<void> {
    const player = new YearsPlayer(asked);
    let size = FIRST_PART;
    for (let at = from; at < to;) {
      await onPart(player.futures(at, Math.min(to, at + size)));
      at += size;
      size = Math.min(LARGEST_PART, size * 2);
    }
  },
  /** What the rides of the log would have cost under each of these ways, a figure a nature. */
  again: (again: Again, names: readonly RegimeName[]): [RegimeName, number[]][] =>
    names.map((name) => [name, costsAgain(again, name)]),
};

export type YearsApi = typeof api;

expose(api);
