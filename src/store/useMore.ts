import { useEffect, useState } from 'react';
import { dateOf } from '@/core/time/zones';
import { skyAhead } from '@/core/weather/skyAhead';
import type * as Figures from './figures';
import { useAppSelector } from './hooks';
import { useOpenLogbook } from './OpenContext';
import type { ShownOfPlan } from './plan/shownOfPlan';
import { selectGarage, selectNow, selectReplay, selectUnits } from './selectors';

const JOBS_SHOWN = 4;
const NOTED_SHOWN = 4;
const DAYS_SHOWN = 3;

/**
 * What Today shows beside a chain: the next jobs of all bikes, the weather ahead, and what was noted lately.
 * `hasFigures`: there is room for watts and money too.
 */
export function useMore(plan: ShownOfPlan, bikeId: string, hasFigures: boolean) {
  const { answer, forecasts, isComing } = plan;
  const { zone } = useOpenLogbook().edge;
  const now = useAppSelector(selectNow);
  const { replay } = useAppSelector(selectReplay);
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const cell = replay.book.cells.get(bikeId);
  const figures = useFigures(hasFigures);
  const cost = useAppSelector((state) => figures?.selectCostLine(state) ?? null);
  const watts = useAppSelector((state) => figures?.selectWattLine(state) ?? null);
  const forecast = forecasts.hours.find(([of]) => of === cell)?.[1];
  return {
    jobs: answer?.agenda.slice(0, JOBS_SHOWN) ?? null,
    // Below jobs that are still to come it would be pushed away as it is read.
    noted: answer || !isComing ? replay.steps.slice(-NOTED_SHOWN).reverse() : [],
    sky: forecast ? skyAhead(forecast, now, zone).slice(0, DAYS_SHOWN) : [],
    garage,
    today: dateOf(now, zone),
    zone,
    units,
    cost,
    watts,
  };
}

/** Watts and money are worked out well after the first screen, by code that comes after it. */
function useFigures(wanted: boolean) {
  const [figures, setFigures] = useState<typeof Figures | null>(null);
  useEffect(() => {
    if (!wanted) return;
    const later = setTimeout(() => void import('./figures').then(setFigures), FIGURES_MS);
    return () => clearTimeout(later);
  }, [wanted]);
  return figures;
}

const FIGURES_MS = 2000;
