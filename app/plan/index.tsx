import { useRouter } from 'expo-router';
import {
  noticed,
  selectBikes,
  selectGarage,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { markPlan, putPlanSettings } from '@/store/planCommands';
import { usePlan } from '@/store/usePlan';
import { PlanPage } from '@/ui/plan/lazily';
import type { AgendaItem } from '@/core/plan/agenda';
import { daysAfter } from '@/core/plan/days';
import { shortDay } from '@/core/plan/sentences';

/** The plan: jobs on dates, what they come to, and how to take them along. */
export default function Plan() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const state = usePlan();
  const bikes = useAppSelector(selectBikes);
  const { planMarks } = useAppSelector(selectGarage);
  const { units, plan } = useAppSelector(selectSettings);
  if (!state) return null;
  const marksOf = (item: AgendaItem) =>
    Object.values(planMarks).filter(
      (m) => !m.retired && m.bikeId === item.bikeId && m.date <= item.date && item.date <= m.until,
    );
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
      onCancel={state.giveUp}
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
        onCalendar: () => dispatch(noticed({ text: '', undo: false })),
        onCsv: () => undefined,
        onPrint: () => window.print(),
        onNotify: () => undefined,
      }}
    />
  );
}
