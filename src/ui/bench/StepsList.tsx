import Check from 'lucide-react-native/icons/check';
import { useEffect, useRef } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { BenchState } from '@/core/bench/run';
import type { BenchStep } from '@/core/bench/steps';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** Every step of the job beside the one to do now: what is behind, and what is to come. For wide screens. */
export function StepsList({ bench: { steps, state, current } }: { bench: BenchState }) {
  const colors = useColors();
  return (
    <View
      role="complementary"
      aria-label="All steps"
      style={[styles.list, { borderColor: colors.line }]}
    >
      <ScrollView tabIndex={0} contentContainerStyle={styles.inside}>
        {steps.map((step) => (
          <Step
            key={step.id}
            step={step}
            isNow={step === current}
            isDone={step !== current && state.has(step.id)}
          />
        ))}
      </ScrollView>
    </View>
  );
}

const DONE = { role: 'img', 'aria-label': 'Done' } as const;

function Step({ step, isNow, isDone }: { step: BenchStep; isNow: boolean; isDone: boolean }) {
  const colors = useColors();
  const ref = useRef<View>(null);
  useEffect(() => {
    if (isNow)
      (ref.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'center' });
  }, [isNow]);
  return (
    <View
      ref={ref}
      {...(isNow ? { 'aria-current': 'step' as const } : {})}
      style={[styles.step, isNow && { backgroundColor: colors.tape }]}
    >
      <View style={styles.mark} {...(isDone ? DONE : {})}>
        {isDone ? <Check size={16} color={colors.inkSoft} aria-hidden /> : null}
      </View>
      <Txt
        variant={isNow ? 'label' : 'small'}
        tone={isNow ? 'onTape' : isDone ? 'inkSoft' : 'ink'}
        style={styles.what}
      >
        {step.what}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { width: 340, borderLeftWidth: 1 },
  inside: { padding: 12, gap: 2 },
  step: { flexDirection: 'row', gap: 8, padding: 8, borderRadius: 8 },
  mark: { width: 16, paddingTop: 2 },
  what: { flex: 1 },
});
