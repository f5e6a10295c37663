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
import { usePlan } from '@/store/usePlan';
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
  const state = usePlan();
  const clock = useClock();
  const bikes = useAppSelector(selectBikes);
  const { planMarks } = useAppSelector(selectGarage);
  const { units, plan } = useAppSelector(selectSettings);
  const suppose = state?.suppose;
  // What if is asked here only: elsewhere the plan is for the forecast.
  useEffect(() => () => suppose?.('forecast'), [suppose]);
  if (bikes.length === 0) return <NoBikeYet onGo={() => router.navigate('/')} />;
  if (!state) return null;
  const marksOf = (item: AgendaItem) =>
    Object.values(planMarks).filter(
      (m) => !m.retired && m.bikeId === item.bikeId && m.date <= item.date && item.date <= m.until,
    );
  const { answer } = state;
  const { markPlan, putPlanSettings } = state.commands;
  const bikeNames = Object.fromEntries(bikes.map((b) => [b.id, b.name]));
  const saveCalendar = async ({ calendar, calendarCounts }: PlanAnswer) => {
    const { writeCalendar } = await import('@/work/writers');
    downloadText('chain-care.ics', writeCalendar(calendar, clock()), 'text/calendar');
    state.sentOut(calendarCounts);
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
      {...state}
      bikes={bikes}
      plan={plan}
      units={units}
      onWhatIf={state.suppose}
      onCancel={state.giveUp}
      onAgain={state.again}
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
        onPrint: () => answer && printSheet(sheetOf(answer, state.rides, bikeNames, units)),
        onNotify: notify,
      }}
    />
  );
}
