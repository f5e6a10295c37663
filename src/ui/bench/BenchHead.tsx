import { StyleSheet, View } from 'react-native';
import { minutesWorked, type BenchState, type Run } from '@/core/bench/run';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { PHASE_LABEL } from '@/core/words/workshop';

interface Props {
  run: Run;
  bench: BenchState;
  handsFree: boolean;
  onHandsFree: () => void;
  onLeave: () => void;
}

/** Over the step: the way out, how far the work is, hands free. */
export function BenchHead({ run, bench, handsFree, onHandsFree, onLeave }: Props) {
  const colors = useColors();
  const { current, steps, state } = bench;
  return (
    <>
      <View style={[styles.bar, { borderColor: colors.line }]}>
        <Button kind="quiet" label="Leave" onPress={onLeave} />
        <Txt variant="numberSmall" tone="inkSoft" style={styles.place}>
          {current
            ? `${minutesWorked(run)} min · ${PHASE_LABEL[current.phase]} · ${state.size + 1} of ${steps.length}`
            : `${steps.length} of ${steps.length}`}
        </Txt>
        <Button
          kind={handsFree ? 'strong' : 'quiet'}
          label="Hands free"
          expanded={handsFree}
          onPress={onHandsFree}
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
    </>
  );
}

const styles = StyleSheet.create({
  bar: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: 8,
  },
  place: { flexGrow: 1, flexBasis: 120, textAlign: 'center' },
  track: { height: 4 },
});
