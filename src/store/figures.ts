import { createSelector } from '@reduxjs/toolkit';
import { daysOfLog, perYear, spendingOf } from '@/core/money';
import { MS_PER_DAY } from '@/core/units';
import { allWatts, crossingOf, wattLedger } from '@/core/watts';
import { costSentence } from '@/core/words/money';
import { wattsSentence } from '@/core/words/watts';
import { selectCurrency, selectLedger } from './money';
import { selectMainReport, selectNow, selectReplay, selectSettings } from './selectors';

/** Sums change by the day, not with each tick of the clock. */
const selectDay = createSelector([selectNow], (now) => Math.floor(now / MS_PER_DAY) * MS_PER_DAY);

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
  [selectLedger, selectReplay, selectDay, selectCurrency],
  ({ entries }, { replay }, day, { currency, perUnit }): string => {
    const span = [day - 364 * MS_PER_DAY, day + MS_PER_DAY] as const;
    const { total } = spendingOf(entries, replay.steps, span).all;
    const year = perYear(total, daysOfLog(replay.steps, span, null));
    return costSentence(
      year === null ? null : year / perUnit,
      { amount: null, unit: 'km' },
      currency,
    );
  },
);
