import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { isFirstEarly } from '@/core/care/verdict/early';
import { lastLube } from '@/core/care/verdict/report';
import { roundsLine } from '@/core/words/roundLines';
import { dateOf } from '@/core/time/zones';
import { bikeChosen } from '@/store/sessionSlice';
import { changeSettings } from '@/store/commands/settings';
import {
  selectGarage,
  selectMainReport,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector, useClock } from '@/store/hooks';
import { atTheBench } from '@/store/atTheBench';
import { saveChain } from '@/store/commands/garage';
import { keptText } from '@/store/keptText';
import { useDueRounds } from '@/store/rounds';
import { useTrialAtBench } from '@/store/trials';
import { useOpenLogbook } from '@/store/OpenContext';
import { BenchStart } from '@/ui/bench/lazily';
import { useGo } from '@/ui/frame/useGo';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';

export { load as pieces } from '@/ui/bench/lazily';

/** The bench, before starting. */
export default function Bench() {
  const params = useLocalSearchParams<{ chain?: string; depth?: string; bottle?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { go } = useGo();
  const { name, edge } = useOpenLogbook();
  const plan = useAppSelector((s) => s.plan);
  const jobs = plan.answer?.agenda ?? [];
  const keeper = useMemo(() => keptText(name, 'bench'), [name]);
  const { reports, report } = useReportOf(params.chain);
  const { replay } = useAppSelector(selectReplay);
  const garage = useAppSelector(selectGarage);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const clock = useClock();
  const due = useDueRounds(report);
  const trial = useTrialAtBench(report?.bike.id);
  if (!report) return <NoBikeYet onGo={() => go('/')} />;
  const { bike, chain, state } = report;
  return (
    <BenchStart
      key={chain.id}
      keeper={keeper}
      clock={clock}
      reports={reports}
      report={report}
      at={{
        ...atTheBench({ replay, garage, settings, now }, bike, chain, report),
        trial: trial.turn,
      }}
      ragDue={trial.rag}
      lastLube={lastLube(replay.steps, chain.id)}
      asked={params.depth}
      bottle={garage.products[params.bottle ?? ''] ?? null}
      planned={plan.phase.at === 'idle' ? (jobs.find((j) => j.chainId === chain.id) ?? null) : null}
      plannedDepths={jobs.flatMap((j) => (j.chainId === chain.id ? [j.depth] : []))}
      early={isFirstEarly(replay.steps, state) ? state.film : null}
      now={now}
      today={dateOf(now, edge.zone)}
      onBike={(next) => {
        dispatch(bikeChosen(next.bike.id));
        router.setParams({ chain: next.chain.id });
      }}
      onGo={() => go('/bench/do')}
      onRecord={() => go(`/bench/record?chain=${chain.id}`)}
      onNoise={() => go('/bench/noise')}
      onListen={() => go(`/bench/listen?bike=${bike.id}`)}
      onNewChain={() => go(`/bench/new/${bike.id}`)}
      onRoad={() => go('/bench/road')}
      rounds={roundsLine(due)}
      dueRounds={due}
      onRounds={() => go('/bench/rounds')}
      onClosure={(closure) =>
        dispatch(saveChain('What closes the chain', { ...chain, closure }, chain))
      }
      onWorkshop={(workshop) => dispatch(changeSettings('Workshop changed', { workshop }))}
    />
  );
}

/** All reports, and that of the chain asked for or, without one, of the main bike’s. */
function useReportOf(chainId: string | undefined) {
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  return { reports, report: reports.find((r) => r.chain.id === chainId) ?? main };
}
