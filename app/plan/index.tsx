import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import {
  noticed,
  selectBikes,
  selectGarage,
  selectSettings,
  useAppDispatch,
  useAppSelector,
  useClock,
} from '@/store';
import { markPlan, putPlanSettings, sentOut } from '@/store/plan/commands';
import { planGivenUp, planWanted, progressOf, supposed } from '@/store/plan/planSlice';
import { usePlan } from '@/store/plan/usePlan';
import { downloadText } from '@/ui/download';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { PlanPage } from '@/ui/plan/lazily';
import { printSheet, sheetOf } from '@/ui/plan/printSheet';
import type { AgendaItem } from '@/core/plan/agenda/agenda';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { daysAfter, shortDay } from '@/core/time/dates';

/** The plan: jobs on dates, what they come to, and how to take them along. */
export default function Plan() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { phase, answer, beside, forecasts, whatIf } = usePlan();
  const clock = useClock();
  const bikes = useAppSelector(selectBikes);
  const { planMarks } = useAppSelector(selectGarage);
  const { units, plan } = useAppSelector(selectSettings);
  // What if is asked here only: elsewhere the plan is for the forecast.
  useEffect(() => () => void dispatch(supposed('forecast')), [dispatch]);
  if (bikes.length === 0) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const marksOf = (item: AgendaItem) =>
    Object.values(planMarks).filter(
      (m) => !m.retired && m.bikeId === item.bikeId && m.date <= item.date && item.date <= m.until,
    );
  const bikeNames = Object.fromEntries(bikes.map((b) => [b.id, b.name]));
  const saveCalendar = async ({ calendar, calendarCounts }: PlanAnswer) => {
    const { writeCalendar } = await import('@/work/writers');
    downloadText('chain-care.ics', writeCalendar(calendar, clock()), 'text/calendar');
    dispatch(sentOut(calendarCounts));
  };
  const saveCsv = async ({ agenda }: PlanAnswer) => {
    const { writePlanCsv } = await import('@/work/writers');
    downloadText('chain-care.csv', writePlanCsv(agenda), 'text/csv');
  };
  const notify = (on: boolean, allowed: boolean) => {
    if (allowed)
      dispatch(
        putPlanSettings(on ? 'The browser will tell' : 'The browser is quiet', { notify: on }),
      );
    else
      dispatch(noticed({ text: 'The browser does not allow it: see its settings.', undo: false }));
  };
  const leave = (item: AgendaItem, until: string) => ({
    bikeId: item.bikeId,
    kind: 'leave' as const,
    date: item.date,
    until,
    depth: null,
  });
  const pin = ({ bikeId, depth }: AgendaItem, date: string) => ({
    bikeId,
    kind: 'pin' as const,
    date,
    until: date,
    depth,
  });
  return (
    <PlanPage
      answer={answer}
      rides={beside.rides}
      problem={forecasts.problem}
      progress={progressOf(phase)}
      old={phase.at === 'stale' || phase.at === 'failed' ? phase.at : null}
      whatIf={whatIf}
      bikes={bikes}
      plan={plan}
      units={units}
      onWhatIf={(next) => dispatch(supposed(next))}
      onCancel={() => dispatch(planGivenUp())}
      onAgain={() => dispatch(planWanted())}
      onRides={() => router.navigate('/plan/rides')}
      onPlan={(label, part) => dispatch(putPlanSettings(label, part))}
      actions={{
        onDo: ({ chainId, depth, bottleId }) =>
          router.navigate(
            `/bench?chain=${chainId}&depth=${depth}${bottleId ? `&bottle=${bottleId}` : ''}`,
          ),
        onMove: (item, date) =>
          dispatch(
            markPlan(
              `Moved to ${shortDay(date)}`,
              [...(date > item.date ? [leave(item, daysAfter(date, -1))] : []), pin(item, date)],
              marksOf(item),
            ),
          ),
        onSkip: (item) =>
          dispatch(
            markPlan('Skipped for a week', [leave(item, daysAfter(item.date, 6))], marksOf(item)),
          ),
        onPin: (item) =>
          dispatch(
            markPlan(`Pinned on ${shortDay(item.date)}`, [pin(item, item.date)], marksOf(item)),
          ),
        onUnpin: (item) => dispatch(markPlan('May move again', [], marksOf(item))),
      }}
      out={{
        onCalendar: () => answer && void saveCalendar(answer),
        onCsv: () => answer && void saveCsv(answer),
        onPrint: () => answer && printSheet(sheetOf(answer, beside.rides, bikeNames, units)),
        onNotify: notify,
      }}
    />
  );
}
