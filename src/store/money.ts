import { createSelector } from '@reduxjs/toolkit';
import { keepLedger, type Ledger } from '@/core/money';
import { minorDigits } from '@/core/intl/money';
import { selectGarage, selectReplay, selectSettings } from './selectors';

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
