/** What may matter to a rider, each 0 (not at all) to 3 (most). */
export const WISHES = ['quick', 'clean', 'time', 'money', 'life'] as const;
export type Wish = (typeof WISHES)[number];
export type Wishes = Record<Wish, number>;

/** Everybody wants a long life and little work; the rest is taste. Own choice. */
export const EVERYDAY_WISHES: Wishes = { quick: 1, clean: 1, time: 2, money: 1, life: 2 };

/** How often a rider cleans: when it is due, or by the calendar whether it is or not. */
export const CLEANING_HABITS = ['due', 'weekly', 'fortnightly', 'monthly'] as const;
export type CleaningHabit = (typeof CLEANING_HABITS)[number];
