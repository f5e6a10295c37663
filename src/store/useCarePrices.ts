import { useMemo } from 'react';
import type { ChainReport } from '@/core/care';
import { carePrices, spendingOf } from '@/core/money';
import { MS_PER_DAY } from '@/core/units';
import type { CarePrices } from '@/core/years';
import { useAppSelector } from './hooks';
import { selectCurrency, selectLedger } from './money';
import { selectGarage, selectNow, selectReplay, selectSettings } from './selectors';

/** Care is priced by what it came to in the last year. */
const LOOK_BACK_MS = 365 * MS_PER_DAY;

/** What works and parts of a bike cost, each. */
export function useCarePrices(report: ChainReport): CarePrices {
  const { replay } = useAppSelector(selectReplay);
  const garage = useAppSelector(selectGarage);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { perUnit } = useAppSelector(selectCurrency);
  const { entries } = useAppSelector(selectLedger);
  const day = Math.floor(now / MS_PER_DAY) * MS_PER_DAY;
  return useMemo(() => {
    const span = [day - LOOK_BACK_MS, day + MS_PER_DAY] as const;
    const { all, byBike } = spendingOf(entries, replay.steps, span);
    const spent = byBike.get(report.bike.id) ?? all;
    return carePrices({ report, replay, garage, settings, span, spent, perUnit });
  }, [day, entries, replay, report, garage, settings, perUnit]);
}
