import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { Run } from '@/core/bench/run';
import { useColors } from '../theme';
import { BenchFoot, type BenchPanel } from './BenchFoot';
import { BenchHead } from './BenchHead';
import { Ending } from './Ending';
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
}

/** The bench, full screen: one step, one action, timers that go on, checks that loop back. */
export function BenchScreen({ run, clock, onRun, onLeave, onFinish }: Props) {
  const colors = useColors();
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
      <ScrollView tabIndex={0} contentContainerStyle={styles.middle}>
        <View style={styles.column}>
          <Timers timers={bench.timers} now={now} />
          {panel === 'trouble' ? (
            <TroubleSheet
              job={run.job}
              coat={run.coat}
              onCoat={(coat) => onRun({ ...run, coat })}
              onClose={() => setPanel(null)}
            />
          ) : current ? (
            <StepView step={current} said={bench.said} open={open} job={run.job} />
          ) : (
            <Ending run={run} bench={bench} onNote={(note) => onRun({ ...run, note })} />
          )}
        </View>
      </ScrollView>
      {panel === 'trouble' ? null : (
        <BenchFoot
          step={current}
          open={open}
          waits={at.waits}
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
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1 },
  middle: { padding: 16, alignItems: 'center' },
  column: { width: '100%', maxWidth: 680, gap: 14 },
});
