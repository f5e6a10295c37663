import { useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo } from 'react';
import { noticed } from '@/store/sessionSlice';
import { selectBikes, selectGarage, selectReplay, selectSettings } from '@/store/selectors';
import { useAppDispatch, useAppSelector, useClock } from '@/store/hooks';
import { markPlan, changePlanSettings, sentOut } from '@/store/plan/commands';
import {
  planGivenUp,
  planWanted,
  progressOf,
  supposed,
  whyOld,
  type PlanState,
} from '@/store/plan/planSlice';
import { useRoundsOfPlan } from '@/store/rounds';
import { useTrialsOfPlan } from '@/store/trials';
import { usePlan, usePlanProgress } from '@/store/plan/usePlan';
import { downloadText } from '@/ui/download';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import type { JobActions } from '@/ui/plan/JobCard';
import { Making, PlanPage } from '@/ui/plan/lazily';
import type { OutActions } from '@/ui/plan/OutCard';
import { printSheet, sheetOf } from '@/ui/plan/printSheet';
import type { AgendaItem } from '@/core/plan/agenda/agenda';
import type { PlanSettings } from '@/core/records/plan';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { daysAfter, shortDay } from '@/core/time/dates';

export { load as pieces } from '@/ui/plan/lazily';

/** The plan: jobs on dates, what they come to, and how to take them along. */
export default function Plan() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const state = usePlan({ waits: true });
  const { answer, beside, forecasts, whatIf } = state;
  const bikes = useAppSelector(selectBikes);
  const { chains } = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  const { units, plan } = useAppSelector(selectSettings);
  const actions = useJobActions();
  const onPlan = useCallback(
    (label: string, part: Partial<PlanSettings>) => dispatch(changePlanSettings(label, part)),
    [dispatch],
  );
  const out = useOut(answer, beside.rides);
  const rounds = useRoundsOfPlan();
  const { turns, rags } = useTrialsOfPlan();
  // What if is asked here only: elsewhere the plan is for the forecast.
  useEffect(() => () => void dispatch(supposed('forecast')), [dispatch]);
  if (bikes.length === 0) return <NoBikeYet onGo={() => router.navigate('/')} />;
  return (
    <PlanPage
      answer={answer}
      rides={beside.rides}
      rounds={rounds}
      turns={turns}
      rags={rags}
      onRounds={() => router.navigate('/bench/rounds')}
      problem={forecasts.problem}
      making={<MakingIt state={state} />}
      whatIf={whatIf}
      bikes={bikes}
      chains={chains}
      played={played}
      plan={plan}
      units={units}
      onWhatIf={(next) => dispatch(supposed(next))}
      onRides={() => router.navigate('/plan/rides')}
      onPlan={onPlan}
      actions={actions}
      out={out}
    />
  );
}

/** How far a new plan is: of all that is shown it alone is drawn anew at each step of it. */
function MakingIt({ state }: { state: PlanState }) {
  const dispatch = useAppDispatch();
  const share = usePlanProgress();
  return (
    <Making
      answer={state.answer}
      progress={progressOf(state.phase) === null ? null : share}
      old={whyOld(state)}
      onCancel={() => dispatch(planGivenUp())}
      onAgain={() => dispatch(planWanted())}
    />
  );
}

const leave = ({ bikeId, date }: AgendaItem, until: string) => ({
  bikeId,
  kind: 'leave' as const,
  date,
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

/** What a rider can do with a job of the agenda: each leaves marks on the plan. */
function useJobActions(): JobActions {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { planMarks } = useAppSelector(selectGarage);
  // The same as long as it does the same: the agenda is drawn anew for another.
  return useMemo(() => {
    const mark = (label: string, item: AgendaItem, marks: Parameters<typeof markPlan>[1]) => {
      const instead = Object.values(planMarks).filter(
        (m) =>
          !m.retired && m.bikeId === item.bikeId && m.date <= item.date && item.date <= m.until,
      );
      dispatch(markPlan(label, marks, instead));
    };
    return {
      onDo: ({ chainId, depth, bottleId }) =>
        router.navigate(
          `/bench?chain=${chainId}&depth=${depth}${bottleId ? `&bottle=${bottleId}` : ''}`,
        ),
      onMorning: ({ chainId, bottleId }) =>
        router.navigate(
          `/bench?chain=${chainId}&depth=thin coat${bottleId ? `&bottle=${bottleId}` : ''}`,
        ),
      onSwap: ({ rotation }) => router.navigate(`/bench?chain=${rotation.on.chain.id}&depth=swap`),
      onMove: (item, date) => {
        const until = date > item.date ? [leave(item, daysAfter(date, -1))] : [];
        mark(`Moved to ${shortDay(date)}`, item, [...until, pin(item, date)]);
      },
      onSkip: (item) => mark('Skipped for a week', item, [leave(item, daysAfter(item.date, 6))]),
      onPin: (item) => mark(`Pinned on ${shortDay(item.date)}`, item, [pin(item, item.date)]),
      onUnpin: (item) => mark('May move again', item, []),
    };
  }, [dispatch, router, planMarks]);
}

/** Taking the plan along: as a calendar, a table, a sheet, and by the browser's word. */
function useOut(answer: PlanAnswer | null, rides: readonly RideAhead[]): OutActions {
  const dispatch = useAppDispatch();
  const clock = useClock();
  const bikes = useAppSelector(selectBikes);
  const { units } = useAppSelector(selectSettings);
  return useMemo(() => {
    const saveCalendar = async ({ calendar, calendarCounts }: PlanAnswer) => {
      const { writeCalendar } = await import('@/work/writers');
      downloadText('chain-care.ics', writeCalendar(calendar, clock()), 'text/calendar');
      dispatch(sentOut(calendarCounts));
    };
    const saveCsv = async ({ agenda }: PlanAnswer) => {
      const { writePlanCsv } = await import('@/work/writers');
      downloadText('chain-care.csv', writePlanCsv(agenda), 'text/csv');
    };
    const bikeNames = Object.fromEntries(bikes.map((b) => [b.id, b.name]));
    return {
      onCalendar: () => answer && void saveCalendar(answer),
      onCsv: () => answer && void saveCsv(answer),
      onPrint: () => answer && printSheet(sheetOf(answer, rides, bikeNames, units)),
      onNotify: (on, allowed) => {
        const label = on ? 'The browser will tell' : 'The browser is quiet';
        const refused = 'The browser does not allow it: see its settings.';
        if (allowed) dispatch(changePlanSettings(label, { notify: on }));
        else dispatch(noticed({ text: refused, undo: false }));
      },
    };
  }, [answer, rides, bikes, units, clock, dispatch]);
}
