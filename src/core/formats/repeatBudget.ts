import ICAL from 'ical.js';

/** How many more days the repeats of a file may be looked for on. */
export interface RepeatBudget {
  left: number;
}

/** A rule whose next day does not come within the budget, or never. */
export class RepeatsWithoutEnd extends Error {
  override name = 'RepeatsWithoutEnd';
}

/** The budget in force while `withinBudget` runs; reading a calendar is never interrupted. */
let budget: RepeatBudget | null = null;
/** A year is laid out day by day before it is looked through. */
const YEAR_COST = 60;

/**
 * The parser looks for the next day of a rule in a loop without end (a rule for 31 February never leaves
 * it) and offers no limit: so each turn of its loops is counted here.
 */
const spend = (cost: number): void => {
  if (!budget) return;
  budget.left -= cost;
  if (budget.left < 0) throw new RepeatsWithoutEnd();
};
const { prototype } = ICAL.RecurIterator;
const { check_contracting_rules: check, increment_year: turnYear } = prototype;
prototype.check_contracting_rules = function (this: ICAL.RecurIterator) {
  spend(1);
  return check.call(this);
};
prototype.increment_year = function (this: ICAL.RecurIterator, years: number) {
  spend(YEAR_COST);
  return turnYear.call(this, years);
};

/** Of the file's budget one rule may take so much: every day for fifty years. */
const ONE_RULE = 20_000;

/** Runs what looks for repeats; throws `RepeatsWithoutEnd` when its share of the budget is spent. */
export function withinBudget<T>(file: RepeatBudget, run: () => T): T {
  const own = { left: Math.min(ONE_RULE, file.left) };
  const given = own.left;
  budget = own;
  try {
    return run();
  } finally {
    file.left -= given - Math.max(0, own.left);
    budget = null;
  }
}
