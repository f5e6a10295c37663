import { useRouter } from 'expo-router';
import { lazy, Suspense, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { type ChainReport } from '@/core/care';
import { verdictSentence } from '@/core/words/verdict';
import { PRESETS } from '@/core/garage';
import {
  bikeChosen,
  record,
  selectChainSteps,
  selectIsEmpty,
  selectMainReport,
  selectNow,
  selectReports,
  selectSettings,
  selectUnits,
  useAppDispatch,
  useAppSelector,
  useClock,
} from '@/store';
import { startWithBike, putSettings } from '@/store/commands';
import { seenDue } from '@/store/plan/commands';
import { usePlan } from '@/store/plan/usePlan';
import { switchLogbook } from '@/store/whichLogbook';
import { Button } from '@/ui/form';
import { Card, Page, useWide } from '@/ui/frame';
import { Reminders } from '@/ui/plan/lazily';
import { Tape, tapeInputOf } from '@/ui/tape';
import { NoChain, OtherBikes, QuickNotes, Readings, RideReadout, VerdictLines } from '@/ui/today';
import { chalkOf } from '@/ui/words';

// Not needed for the verdict, so not waited for.
const FirstRun = lazy(() =>
  import('@/ui/garage/FirstRun').then((module) => ({ default: module.FirstRun })),
);
const Working = lazy(() =>
  import('@/ui/today/Working').then((module) => ({ default: module.Working })),
);

/** Today: how far the chain is good for, what to do next, and why. */
export default function Today() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const units = useAppSelector(selectUnits);
  const empty = useAppSelector(selectIsEmpty);
  const report = useAppSelector(selectMainReport);
  if (empty)
    return (
      <Page>
        <Suspense fallback={null}>
          <FirstRun
            units={units}
            onUnits={(next) => dispatch(putSettings('Units changed', { units: next }))}
            onStart={(kind, start) => dispatch(startWithBike(PRESETS[kind], start))}
            onDemo={() => switchLogbook('demo')}
          />
        </Suspense>
      </Page>
    );
  return report ? (
    <ChainToday report={report} />
  ) : (
    <NoChain onGo={() => router.navigate('/book/garage')} />
  );
}

function ChainToday({ report }: { report: ChainReport }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const wide = useWide();
  const settings = useAppSelector(selectSettings);
  const { units } = settings;
  const now = useAppSelector(selectNow);
  const clock = useClock();
  const reports = useAppSelector(selectReports);
  const steps = useAppSelector((s) => selectChainSteps(s, report.chain.id));
  const [working, setWorking] = useState(false);
  const [ride, setRide] = useState<string | null>(null);
  const { verdict, state, bike, chain } = report;
  const plan = usePlan();
  const ahead = plan.ahead[report.bike.id];
  const tape = useMemo(
    () => tapeInputOf(report, steps, ahead ?? { chalks: chalkOf(report.verdict), rides: [] }),
    [report, steps, ahead],
  );
  const at = () => new Date(clock()).toISOString();
  const sentence = verdictSentence(verdict, state, units, now);
  const selected = steps.find((s) => s.event.id === ride);

  const first = (
    <>
      <VerdictLines report={report} units={units} now={now} planned={plan.lines[bike.id] ?? null} />
      <View style={styles.tape}>
        <Tape
          key={chain.id}
          input={tape}
          units={units}
          summary={`Tape of ${chain.name}: ${sentence.headline} ${sentence.action}`}
          selectedId={ride}
          onSelect={setRide}
        />
        <RideReadout
          step={selected}
          units={units}
          onOpen={(id) => router.navigate(`/rides/${id}`)}
        />
      </View>
      <View style={styles.buttons}>
        <Button
          kind="strong"
          label="Do it now"
          onPress={() => router.navigate(`/bench?chain=${chain.id}`)}
          grow
        />
        <Button
          label={working ? 'Hide working' : 'Show working'}
          expanded={working}
          onPress={() => setWorking(!working)}
          grow
        />
        <Button label="The plan" onPress={() => router.navigate('/plan')} grow />
      </View>
      {working ? (
        <Card title="Working">
          <Suspense fallback={null}>
            <Working report={report} steps={steps} units={units} />
          </Suspense>
        </Card>
      ) : null}
    </>
  );
  const second = (
    <>
      {plan.answer ? (
        <Reminders
          answer={plan.answer}
          due={plan.beside.due}
          remind={settings.plan.remind}
          notify={settings.plan.notify}
          now={now}
          onPlan={() => router.navigate('/plan')}
          onSeen={() => dispatch(seenDue())}
        />
      ) : null}
      <QuickNotes
        onRode={() => router.navigate(`/rides/log?bike=${bike.id}`)}
        onWet={(how) =>
          dispatch(record('Noted: got wet', [{ type: 'gotWet', at: at(), bikeId: bike.id, how }]))
        }
        onHeard={(sound) =>
          dispatch(
            record(`Noted: ${sound}`, [{ type: 'soundHeard', at: at(), chainId: chain.id, sound }]),
          )
        }
        onRag={(swatch) =>
          dispatch(
            record('Rag check noted', [
              { type: 'ragChecked', at: at(), chainId: chain.id, swatch },
            ]),
          )
        }
      />
      <Card title={chain.name}>
        <Readings report={report} />
      </Card>
    </>
  );
  return (
    <Page wide>
      <OtherBikes
        reports={reports}
        chosen={bike.id}
        units={units}
        onChoose={(id) => dispatch(bikeChosen(id))}
      />
      {wide ? (
        <View style={styles.columns}>
          <View style={styles.left}>{first}</View>
          <View style={styles.right}>{second}</View>
        </View>
      ) : (
        <>
          {first}
          {second}
        </>
      )}
    </Page>
  );
}

const styles = StyleSheet.create({
  tape: { gap: 8 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  columns: { flexDirection: 'row', gap: 32, alignItems: 'flex-start' },
  left: { flex: 1.7, gap: 18, minWidth: 0 },
  right: { flex: 1, gap: 18, minWidth: 0 },
});
