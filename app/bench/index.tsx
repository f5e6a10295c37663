import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import {
  airOf,
  isFirstEarly,
  lastLube,
  openingsOf,
  restedBottles,
  type ChainReport,
  type Replay,
} from '@/core/care';
import type { Bike, Garage } from '@/core/garage';
import { roundsLine } from '@/core/words/rounds';
import { dateOf } from '@/core/time/zones';
import { isDue, roundsOf } from '@/core/rounds';
import { rotationOf } from '@/core/wear/rotation';
import {
  bikeChosen,
  changeSettings,
  selectGarage,
  selectMainReport,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
  useAppDispatch,
  useAppSelector,
  useClock,
} from '@/store';
import { saveChain } from '@/store/commands/garage';
import { keptText } from '@/store/keptText';
import { useOpenLogbook } from '@/store/OpenContext';
import { BenchStart } from '@/ui/bench/lazily';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';

/** The bench, before starting. */
export default function Bench() {
  const params = useLocalSearchParams<{ chain?: string; depth?: string; bottle?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { name, edge } = useOpenLogbook();
  const plan = useAppSelector((s) => s.plan);
  const jobs = plan.answer?.agenda ?? [];
  const keeper = useMemo(() => keptText(name, 'bench'), [name]);
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const { replay } = useAppSelector(selectReplay);
  const { products, chains } = useAppSelector(selectGarage);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const clock = useClock();
  const report = reports.find((r) => r.chain.id === params.chain) ?? main;
  const rounds = useRoundsLine(report);
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const { bike, chain, state, cogs } = report;
  const air = airOf(replay.weather, { bike, cell: replay.book.cells.get(bike.id) }, state.at, now);
  const openings = openingsOf(replay.steps, chain.id, chain.openingsAllowed);
  const next = nextOf(replay, chains, bike);
  const rested = restedBottles(replay.steps, Object.keys(products), now);
  return (
    <BenchStart
      key={chain.id}
      keeper={keeper}
      clock={clock}
      reports={reports}
      report={report}
      at={{ bike, chain, state, cogs, next, air, openings, rested, products, settings }}
      lastLube={lastLube(replay.steps, chain.id)}
      asked={params.depth}
      bottle={products[params.bottle ?? ''] ?? null}
      planned={plan.phase.at === 'idle' ? (jobs.find((j) => j.chainId === chain.id) ?? null) : null}
      plannedDepths={jobs.flatMap((j) => (j.chainId === chain.id ? [j.depth] : []))}
      early={isFirstEarly(replay.steps, state) ? state.film : null}
      now={now}
      today={dateOf(now, edge.zone)}
      onBike={(next) => {
        dispatch(bikeChosen(next.bike.id));
        router.setParams({ chain: next.chain.id });
      }}
      onGo={() => router.navigate('/bench/do')}
      onRecord={() => router.navigate(`/bench/record?chain=${chain.id}`)}
      onNoise={() => router.navigate('/bench/noise')}
      onRoad={() => router.navigate('/bench/road')}
      rounds={rounds}
      onRounds={() => router.navigate('/bench/rounds')}
      onClosure={(closure) =>
        dispatch(saveChain('What closes the chain', { ...chain, closure }, chain))
      }
      onWorkshop={(workshop) => dispatch(changeSettings('Workshop changed', { workshop }))}
    />
  );
}

/** The chain whose turn is next on a bike, where several take turns. */
function nextOf({ steps, book }: Replay, chains: Garage['chains'], bike: Bike) {
  const turns = rotationOf(steps, chains, book.fitted, bike);
  return (
    turns && {
      chain: turns.next.chain,
      state: book.chains.get(turns.next.chain.id) ?? null,
      due: turns.due,
    }
  );
}

/** What of the slower rounds is due on a bike. */
function useRoundsLine(report: ChainReport | null): string {
  const { steps } = useAppSelector(selectReplay).replay;
  const { off } = useAppSelector(selectSettings).rounds;
  const now = useAppSelector(selectNow);
  return useMemo(() => {
    if (!report) return '';
    const { bike, chain } = report;
    return roundsLine(roundsOf(steps, bike, { now, off, chainId: chain.id }).filter(isDue));
  }, [report, steps, now, off]);
}
