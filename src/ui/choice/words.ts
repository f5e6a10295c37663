import type { Candidate, Ranked } from '@/core/choice';
import type { CleaningHabit, Wish } from '@/core/records/wishes';

export const WISH_LABEL: Record<Wish, string> = {
  quick: 'Quiet and quick',
  clean: 'Clean hands',
  time: 'Little time',
  money: 'Little money',
  life: 'Long chain life',
};

export const WEIGHT_WORD = ['not at all', 'a little', 'much', 'most'] as const;

export const HABIT_LABEL: Record<CleaningHabit, string> = {
  due: 'When it is due',
  weekly: 'Every week',
  fortnightly: 'Every fortnight',
  monthly: 'Every month',
};

const BETTER: Record<Wish, string> = {
  quick: 'runs quieter and quicker',
  clean: 'stays cleaner',
  time: 'takes less of your time',
  money: 'costs less',
  life: 'wears the chain less',
};

const WORSE: Record<Wish, string> = {
  quick: 'it runs less quietly and quickly',
  clean: 'it gets dirtier',
  time: 'it takes more of your time',
  money: 'it costs more',
  life: 'it wears the chain more',
};

/** A lube within a sentence: a bottle by its own name, a class in small letters. */
export const nameIn = ({ name, owned }: Candidate): string => (owned ? name : name.toLowerCase());

/** The answer as a sentence: the first of a ranking, its strongest reasons, what speaks against it. */
export function answerSentence(
  ranked: readonly Ranked[],
  why: { for: readonly Wish[]; against: Wish | null },
): string {
  const [, second] = ranked.filter((r) => r.refused === null);
  if (!second) return 'Nothing else may be used here.';
  const than = `than ${nameIn(second.candidate)}, the next best`;
  const good = why.for.map((wish) => BETTER[wish]);
  const first = good.length
    ? `It ${good.join(' and ')} ${than}.`
    : `It is on a par with the next best.`;
  return why.against
    ? `${first} Against it: ${WORSE[why.against]}.`
    : `${first} Nothing speaks against it.`;
}
