import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { putRight } from '@/core/bench/facts';
import type { CautionName } from '@/core/bench/cautions';
import type { PlainEvent } from '@/core/records/event';
import { stepsDone, type BenchState, type Mark, type Run } from '@/core/bench/run';
import { RagMeter } from '../senses/lazily';
import { useColors } from '../theme/ThemeContext';
import { BenchFoot, type BenchPanel } from './BenchFoot';
import { BenchHead } from './BenchHead';
import { Ending } from './Ending';
import { useWide } from '../frame/useWide';
import { StepsList } from './StepsList';
import { StepView } from './StepView';
import { Timers } from './Timers';
import { TroubleSheet } from './TroubleSheet';
import { useBenchStep } from './useBenchStep';
import { useNow } from './useNow';

interface Props {
  run: Run;
  /** The time, ms. */
  clock: () => number;
  onRun: (run: Run) => void;
  onLeave: () => void;
  onFinish: (run: Run) => void;
  /** To where a noise is traced to its cause; the work stays as it is. */
  onNoise: () => void;
  /** The log, for what a camera has learnt from it; and whether it may be tried on a drawn rag. */
  events: readonly PlainEvent[];
  practice: boolean;
}

/** The bench, full screen: one step, one action, timers that go on, checks that loop back. */
export function BenchScreen({ run, clock, onRun, onLeave, onFinish, onNoise, ...log }: Props) {
  const colors = useColors();
  const wide = useWide();
  const now = useNow(clock);
  const [panel, setPanel] = useState<BenchPanel>(null);
  const [handsFree, setHandsFree] = useState(false);
  const mark = (next: Run) => {
    setPanel(null);
    onRun(next);
  };
  const at = useBenchStep({ run, now, clock, handsFree, onRun: mark });
  const { bench, current, open } = at;
  const leave = () => (bench.hot ? setPanel('leave') : onLeave());
  return (
    <View style={[styles.screen, { backgroundColor: colors.chalk }]}>
      <BenchHead
        run={run}
        bench={bench}
        handsFree={handsFree}
        onHandsFree={() => setHandsFree(!handsFree)}
        onLeave={leave}
      />
      <View style={styles.both}>
        <ScrollView tabIndex={0} style={styles.screen} contentContainerStyle={styles.middle}>
          <View style={styles.column}>
            <Timers timers={bench.timers} now={now} />
            <Middle
              {...{ run, bench, open, onRun, onNoise, log, panel }}
              onPut={at.put}
              onBack={() => setPanel(null)}
            />
          </View>
        </ScrollView>
        {wide && current ? <StepsList bench={bench} /> : null}
      </View>
      {panel === 'trouble' || panel === 'photo' ? null : (
        <BenchFoot
          step={current}
          open={open}
          waits={at.waits}
          mayLeaveOpen={bench.mayLeaveOpen}
          now={now}
          panel={panel}
          canGoBack={run.marks.length > 0}
          onAcknowledge={at.acknowledge}
          onMark={at.put}
          onBack={at.back}
          onRead={() => void at.read()}
          onPanel={setPanel}
          onLeave={onLeave}
          onFinish={() => onFinish(run)}
          onNoise={onNoise}
        />
      )}
    </View>
  );
}

interface MiddleProps {
  run: Run;
  bench: BenchState;
  open: readonly CautionName[];
  panel: BenchPanel;
  log: Pick<Props, 'events' | 'practice'>;
  onPut: (part: Partial<Mark>) => void;
  onRun: (run: Run) => void;
  onBack: () => void;
  onNoise: () => void;
}

/** What is to be done now; or the way out of a trouble; or what the log will believe. */
function Middle({ run, bench, open, panel, log, onRun, onPut, onBack, onNoise }: MiddleProps) {
  const onCoat = (coat: number) => onRun({ ...run, coat });
  if (panel === 'photo')
    return (
      <RagMeter {...log} onRead={(read) => onPut({ kind: 'swatch', ...read })} onCancel={onBack} />
    );
  if (panel === 'trouble')
    return <TroubleSheet {...{ job: run.job, coat: run.coat, onCoat, onNoise }} onClose={onBack} />;
  if (bench.current)
    return (
      <StepView
        step={bench.current}
        before={stepsDone(bench)}
        said={bench.said}
        open={open}
        job={run.job}
      />
    );
  return (
    <Ending
      run={run}
      bench={bench}
      onNote={(note) => onRun({ ...run, note })}
      onCoat={onCoat}
      onFact={(fact) => onRun(putRight(run, fact))}
      onTried={(tried) => onRun({ ...run, tried })}
    />
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1 },
  both: { flex: 1, flexDirection: 'row' },
  middle: { padding: 16, alignItems: 'center' },
  column: { width: '100%', maxWidth: 680, gap: 14 },
});
