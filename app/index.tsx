import { useLocalSearchParams } from 'expo-router';
import { memo, startTransition, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import { tapeSummary } from '@/core/words/tapeSummary';
import { firstSentence, proposalSentence } from '@/core/words/verdict';
import { PRESETS } from '@/core/garage/presets';
import { bikeChosen } from '@/store/sessionSlice';
import { record } from '@/store/commands/perform';
import {
  selectBikesOnChain,
  selectChainSteps,
  selectEvents,
  selectIsEmpty,
  selectMainReport,
  selectNow,
  selectReportOf,
  selectSettings,
  selectUnits,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector, useClock } from '@/store/hooks';
import { startWithBike } from '@/store/commands/start';
import { markDueSeen } from '@/store/plan/commands';
import { selectLikelyDays } from '@/store/likelyDays';
import { useFirstWeek } from '@/store/useFirstWeek';
import { useMore } from '@/store/useMore';
import { useTrialSaid } from '@/store/trialLine';
import { useOpenLogbook } from '@/store/OpenContext';
import type { Ahead } from '@/store/plan/inShort';
import { isPlanComing, progressOf, type PlanState } from '@/store/plan/planSlice';
import { useShownOfPlan, type ShownOfPlan } from '@/store/plan/shownOfPlan';
import { usePlan } from '@/store/plan/usePlan';
import { switchLogbook } from '@/store/whichLogbook';
import { Card } from '@/ui/frame/Card';
import { Columns } from '@/ui/frame/Columns';
import { Page } from '@/ui/frame/Page';
import { useWide } from '@/ui/frame/useWide';
import { Reminders } from '@/ui/plan/lazily';
import { useGo } from '@/ui/frame/useGo';
import { lazilyFrom } from '@/ui/lazily';
import { useOncePainted } from '@/ui/useOncePainted';
import { Tape } from '@/ui/tape/Tape';
import { tapeInputOf } from '@/ui/tape/tapeGeometry';
import { NextJob } from '@/ui/today/NextJob';
import { NoChain } from '@/ui/today/NoChain';
import { OtherBikes } from '@/ui/today/OtherBikes';
import { QuickNotes } from '@/ui/today/QuickNotes';
import { Readings } from '@/ui/today/Readings';
import { RideReadout } from '@/ui/today/RideReadoutLater';
import { StillOpen } from '@/ui/today/StillOpen';
import { VerdictLines } from '@/ui/today/VerdictLines';
import { WhatToDo } from '@/ui/today/WhatToDo';
import { YourTrial } from '@/ui/today/YourTrial';

/** A note of a tap; its moment is that of the tap. */
type NoteDraft = Unmomented<Parameters<typeof record>[1][number]>;
type Unmomented<T> = T extends unknown ? Omit<T, 'at'> : never;

// Not needed for the verdict, so not waited for.
const FirstRun = lazilyFrom(() => import('@/ui/garage/FirstRun'))('FirstRun');
const FirstWeek = lazilyFrom(() => import('@/ui/today/FirstWeek'))('FirstWeek');
const More = lazilyFrom(() => import('@/ui/today/More'))('More');
const Working = lazilyFrom(() => import('@/ui/today/Working'))('Working');

/** Today: how far the chain is good for, what to do next, and why. */
export default function Today() {
  const dispatch = useAppDispatch();
  const { go } = useGo();
  const empty = useAppSelector(selectIsEmpty);
  const report = useAppSelector(selectMainReport);
  if (empty)
    return (
      <Page>
        <FirstRun
          onStart={(kind, start, written) => dispatch(startWithBike(PRESETS[kind], start, written))}
          onDemo={() => switchLogbook('demo')}
        />
      </Page>
    );
  if (!report) return <NoChain onGo={() => go('/book/garage')} />;
  return <ChainToday report={report} />;
}

interface ChainProps {
  report: ChainReport;
}

function ChainToday({ report }: ChainProps) {
  const dispatch = useAppDispatch();
  const units = useAppSelector(selectUnits);
  const bikes = useAppSelector(selectBikesOnChain);
  const reportOf = useAppSelector(selectReportOf);
  const told = useAppSelector((s) => s.session.told);
  const plan = usePlan({ waits: false });
  const shown = useShownOfPlan(plan);
  // The verdict comes first; to draw what stands below and beside it takes as long again.
  const rest = useOncePainted();
  return (
    <Page wide>
      <OtherBikes
        bikes={bikes}
        reportOf={(id) => (rest || id === report.bike.id ? reportOf(id) : null)}
        chosen={report.bike.id}
        told={told}
        units={units}
        onChoose={(id) => dispatch(bikeChosen(id))}
      />
      <Columns
        share={1.7}
        left={
          <>
            <Standing report={report} plan={plan} />
            {rest ? <Below report={report} ahead={plan.ahead[report.bike.id] ?? NO_PLAN} /> : null}
          </>
        }
        right={rest ? <Beside report={report} plan={shown} /> : null}
      />
    </Page>
  );
}

/** How the chain stands. */
function Standing({ report, plan }: ChainProps & { plan: PlanState }) {
  const units = useAppSelector(selectUnits);
  const { zone } = useOpenLogbook().edge;
  const days = useAppSelector((s) => selectLikelyDays(s, zone, report));
  return (
    <VerdictLines report={report} units={units} days={days}>
      <NextJob
        first={firstSentence(report.verdict)}
        line={plan.lines[report.bike.id] ?? null}
        old={progressOf(plan.phase) !== null}
        instead={isPlanComing(plan) ? null : proposalSentence(report.verdict)}
      />
    </VerdictLines>
  );
}

/** The chain's tape, the ride that is picked on it, what to do, and the working: not drawn anew while a plan is made. */
const Below = memo(function Below({ report, ahead }: ChainProps & { ahead: Ahead }) {
  const { go } = useGo();
  const units = useAppSelector(selectUnits);
  const steps = useAppSelector((s) => selectChainSteps(s, report.chain.id));
  const [ride, setRide] = useState<string | null>(null);
  const [working, setWorking] = useState(false);
  const tape = useMemo(() => tapeInputOf(report, steps, ahead), [report, steps, ahead]);
  return (
    <>
      <View style={styles.tape}>
        <Tape
          key={report.chain.id}
          input={tape}
          units={units}
          summary={tapeSummary(report, steps, units)}
          selectedId={ride}
          onSelect={setRide}
        />
        <RideReadout
          step={steps.find((s) => s.event.id === ride)}
          units={units}
          onOpen={(id) => go(`/rides/${id}`)}
        />
      </View>
      <WhatToDo
        working={working}
        onNow={() => go(`/bench?chain=${report.chain.id}`)}
        onWorking={() => startTransition(() => setWorking(!working))}
        onPlan={() => go('/plan')}
      />
      {working ? (
        <Card title="Working" help="bands">
          <Working report={report} steps={steps} units={units} />
        </Card>
      ) : null}
    </>
  );
});

/** What fell due, notes of a tap, and the chain's readings: not drawn anew while a plan is made. */
const Beside = memo(function Beside({ report, plan }: ChainProps & { plan: ShownOfPlan }) {
  const { bike, chain } = report;
  const dispatch = useAppDispatch();
  const { go } = useGo();
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const clock = useClock();
  const events = useAppSelector(selectEvents);
  const isWhole = useAppSelector((s) => s.session.phase === 'open');
  const { name } = useOpenLogbook();
  const { note: asked } = useLocalSearchParams<{ note?: string }>();
  const find = () => go('/bench/noise');
  const note = (label: string, event: NoteDraft) =>
    dispatch(record(label, [{ ...event, at: new Date(clock()).toISOString() }]));
  return (
    <>
      <StillOpen report={report} onNote={note} onFind={find} />
      {plan.answer ? (
        <Reminders
          answer={plan.answer}
          due={plan.due}
          remind={settings.plan.remind}
          notify={settings.plan.notify}
          now={now}
          onPlan={() => go('/plan')}
          onSeen={() => dispatch(markDueSeen())}
        />
      ) : null}
      <QuickNotes
        key={asked}
        asked={asked}
        onRode={() => go(`/rides/log?bike=${bike.id}`)}
        onWet={(how) => note('Noted: got wet', { type: 'gotWet', bikeId: bike.id, how })}
        onHeard={(sound) =>
          note(`Noted: ${sound}`, { type: 'soundHeard', chainId: chain.id, sound })
        }
        onRag={(read) =>
          note('Rag check noted', { type: 'ragChecked', chainId: chain.id, ...read })
        }
        events={events}
        practice={name === 'demo'}
        onFind={find}
        onListen={() => go(`/bench/listen?bike=${bike.id}`)}
      />
      <Card title={chain.name}>
        <Readings report={report} />
      </Card>
      {isWhole ? <Further plan={plan} bikeId={bike.id} /> : null}
    </>
  );
});

/** What is told from the whole of the log. */
function Further({ plan, bikeId }: { plan: ShownOfPlan; bikeId: string }) {
  const { go } = useGo();
  return (
    <>
      <YourTrial said={useTrialSaid(bikeId)} onOpen={(id) => go(`/book/trials/${id}`)} />
      <FirstWeek steps={useFirstWeek()} />
      <More {...useMore(plan, bikeId, useWide())} />
    </>
  );
}

const NO_PLAN: Ahead = { chalks: [], rides: [] };
const styles = StyleSheet.create({
  tape: { gap: 8 },
});
