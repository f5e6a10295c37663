import { useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { mayHurt } from '@/core/bench';
import {
  benchOf,
  minutesWorked,
  passesByItself,
  unacknowledged,
  waitingFor,
  type Mark,
  type Run,
} from '@/core/bench/run';
import { Button } from '../form';
import { Txt, useColors } from '../theme';
import { keepAwake, readAloud, hush } from './device';
import { BenchFoot } from './BenchFoot';
import { Ending } from './Ending';
import { StepView } from './StepView';
import { Timers } from './Timers';
import { TroubleSheet } from './TroubleSheet';
import { useBenchKeys } from './useBenchKeys';
import { useNow } from './useNow';
import { PHASE_LABEL } from './words';

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
  const [panel, setPanel] = useState<'trouble' | 'skip' | 'leave' | null>(null);
  const [handsFree, setHandsFree] = useState(false);
  const bench = benchOf(run);
  const { current, steps, state } = bench;
  const open = current ? unacknowledged(run, current, mayHurt) : [];
  const waits = current ? waitingFor(bench, current, now) : null;

  const put = (part: Partial<Mark>) => {
    if (!current) return;
    const plain: Mark = { step: current.id, kind: 'done', at: clock(), swatch: null, why: '' };
    setPanel(null);
    onRun({ ...run, marks: [...run.marks, { ...plain, ...part }] });
  };
  const acknowledge = () => onRun({ ...run, acknowledged: [...run.acknowledged, ...open] });
  const next = () => {
    if (!current) return;
    if (open.length > 0) acknowledge();
    else if (!current.check && !waits) put({});
  };
  const back = () => onRun({ ...run, marks: run.marks.slice(0, -1) });
  const read = () => current && readAloud(`${current.what} ${current.why}`);
  useBenchKeys({ next, back, read });
  useEffect(() => keepAwake(), []);
  useEffect(() => hush, [current?.id]);
  useEffect(() => {
    if (!handsFree || !current || waits || !passesByItself(current, open)) return;
    readAloud(current.what);
    const pause = setTimeout(() => put({}), Math.max(4, current.hands * 60) * 1000);
    return () => clearTimeout(pause);
    // One pause for each step; what else changes does not start it again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [handsFree, current?.id, waits === null, open.length]);

  const leave = () => (bench.hot ? setPanel('leave') : onLeave());
  return (
    <View style={[styles.screen, { backgroundColor: colors.chalk }]}>
      <View style={[styles.bar, { borderColor: colors.line }]}>
        <Button kind="quiet" label="Leave" onPress={leave} />
        <Txt variant="numberSmall" tone="inkSoft" style={styles.place}>
          {current
            ? `${minutesWorked(run)} min · ${PHASE_LABEL[current.phase]} · ${state.size + 1} of ${steps.length}`
            : `${steps.length} of ${steps.length}`}
        </Txt>
        <Button
          kind={handsFree ? 'strong' : 'quiet'}
          label="Hands free"
          expanded={handsFree}
          onPress={() => setHandsFree(!handsFree)}
        />
      </View>
      <View style={[styles.track, { backgroundColor: colors.line }]}>
        <View
          style={{
            width: `${(state.size / steps.length) * 100}%`,
            height: 4,
            backgroundColor: colors.tape,
          }}
        />
      </View>
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
          waits={waits}
          now={now}
          panel={panel}
          canGoBack={run.marks.length > 0}
          onAcknowledge={acknowledge}
          onMark={put}
          onBack={back}
          onRead={() => void read()}
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
  bar: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: 8,
  },
  place: { flexGrow: 1, flexBasis: 120, textAlign: 'center' },
  track: { height: 4 },
  middle: { padding: 16, alignItems: 'center' },
  column: { width: '100%', maxWidth: 680, gap: 14 },
});
