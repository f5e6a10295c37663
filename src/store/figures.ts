import { createSelector } from '@reduxjs/toolkit';
import { daysOfLog, perYear } from '@/core/money/sums';
import { allWatts, wattLedger } from '@/core/watts/ledger';
import { crossingOf } from '@/core/watts/gears';
import { costSentence } from '@/core/words/money';
import { wattsSentence } from '@/core/words/watts';
import { selectCurrency, selectLastYear, selectSpending } from './money';
import { selectMainReport, selectReplay, selectSettings } from './selectors';

/** What the chain of the bike on Today takes, in a sentence; null: there is none. */
export const selectWattLine = createSelector(
  [selectMainReport, selectReplay, selectSettings],
  (report, { replay }, { money: { watts: power } }): string | null => {
    if (!report) return null;
    const { bike, state, faults } = report;
    const crossing = crossingOf(bike, replay.steps).watts;
    return wattsSentence(allWatts(wattLedger(state, { crossing, faults, power })), power);
  },
);

/** What care of all bikes costs, by the last twelve months, in a sentence. */
export const selectCostLine = createSelector(
  [selectSpending, selectReplay, selectLastYear, selectCurrency],
  ({ all }, { replay }, span, { currency, perUnit }): string => {
    const year = perYear(all.total, daysOfLog(replay.steps, span, null));
    return costSentence(
      year === null ? null : year / perUnit,
      { amount: null, unit: 'km' },
      currency,
    );
  },
);
