import { createSelector } from '@reduxjs/toolkit';
import { keepLedger, type Ledger } from '@/core/money/ledger';
import { spendingOf } from '@/core/money/sums';
import { minorDigits } from '@/core/intl/money';
import { MS_PER_DAY } from '@/core/units/convert';
import { selectGarage, selectNow, selectReplay, selectSettings } from './selectors';
import type { RootState } from './store';

/** The currency the rider counts in, and how many of its smallest units make one. */
export const selectCurrency = createSelector([selectSettings], ({ money: { currency } }) => ({
  currency,
  perUnit: 10 ** minorDigits(currency),
}));

/** What care and wear came to, event by event. */
export const selectLedger = createSelector(
  [selectReplay, selectGarage, selectSettings, selectCurrency],
  ({ replay }, garage, { plan }, { perUnit }): Ledger =>
    keepLedger(replay.steps, { garage, prices: plan, perUnit }),
);

/** Sums change by the day, not with each tick of the clock. */
const selectDay = (state: RootState) => Math.floor(selectNow(state) / MS_PER_DAY) * MS_PER_DAY;

/** The last twelve months, today included: from and to, ms. */
export const selectLastYear = createSelector(
  [selectDay],
  (day) => [day - 364 * MS_PER_DAY, day + MS_PER_DAY] as const,
);

/** What the last twelve months cost, of all bikes and by bike. */
export const selectSpending = createSelector(
  [selectLedger, selectReplay, selectLastYear],
  ({ entries }, { replay }, span) => spendingOf(entries, replay.steps, span),
);
