import type { Candidate } from '../choice/candidate';
import type { Ranked } from '../choice/rank';
import type { LubeRule, Refusal } from '../choice/rules';
import type { CleaningHabit, Wish } from '../records/wishes';
import { formatHours, formatNumber } from '../units/format';

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

/** Why a lube is not to be used, in a sentence. */
export function refusalSentence(refusal: Refusal): string {
  switch (refusal.kind) {
    case 'rinses off':
      return 'It rinses off easily, and cleaned once a month it would be gone for weeks.';
    case 'chain lube only':
      return 'You chose chain lube only (your way, below).';
    case 'wax in long rain':
      return 'You chose no wax in long rain (your way, below).';
    case 'no pot':
      return 'It needs a thermostat pot, used for nothing else.';
    case 'sets too slowly':
      return `It sets in ${formatHours(refusal.hours)} where this bike stands; you have ${formatHours(refusal.leadHours)}.`;
    case 'takes too long':
      return `It takes ${formatNumber(refusal.minutes)} minutes a week; you give it ${formatNumber(refusal.minutesPerWeek)}.`;
  }
}

/** What to mind with a lube, in a sentence. */
export function ruleSentence(rule: LubeRule): string {
  switch (rule.kind) {
    case 'carry wet lube':
      return 'Carry a small bottle of wet lube: one shower takes this one off.';
    case 'strip before wax':
      return 'Wax holds on a stripped chain only: strip off what is on it now, first.';
    case 'wipe off wax':
      return 'From wax to oil a hard wipe is enough.';
    case 'gathers dust':
      return 'In dust it gathers grit to a black paste: wipe it often.';
    case 'motor loads it':
      return 'A motor loads the chain more than legs: lube both sides, and more often.';
    case 'sets slowly here':
      return `Where this bike stands it sets in ${formatHours(rule.hours)} instead of ${formatHours(rule.labelHours)}: somewhere warm is quicker.`;
    case 'dries out standing':
      return 'A week of standing dries it out: a thin coat half an hour before the ride.';
  }
}
