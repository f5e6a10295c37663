import { View } from 'react-native';
import type { Cause } from '@/core/records/faults';
import type { Depth } from '@/core/records/kinds';
import { benchDepth } from '@/core/faults/onBike';
import { shownBy, STEP_FACTS, type StepId } from '@/core/faults/steps';
import type { Outcome } from '@/core/faults/finder';
import { CAUSE_WORDS } from '@/core/words/faults/causes';
import { minutesText, STEP_WORDS } from '@/core/words/faults/steps';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { Hatched } from '../work/Hatched';

interface Props {
  step: StepId;
  /** How the bike is got ready for it. */
  ready: readonly string[];
  hasDerailleur: boolean;
  /** What this bike can have. */
  causes: readonly Cause[];
  onOutcome: (outcome: Outcome) => void;
  /** To the bench, which leads through work of this depth. */
  onBench: (depth: Depth) => void;
}

/** Something to look at or to put right, and what came of it. */
export function StepCard({ step, ready, hasDerailleur, causes, onOutcome, onBench }: Props) {
  const { title, how, otherwise, caution } = STEP_WORDS[step];
  const lines = [...ready, ...(hasDerailleur ? how : (otherwise ?? how))];
  const depth = benchDepth(step);
  const facts = STEP_FACTS[step];
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        {title}
      </Txt>
      <Txt variant="small" tone="inkSoft">
        {minutesText(step)}
      </Txt>
      {lines.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      {caution ? (
        <Hatched>
          <Txt variant="small">{caution}</Txt>
        </Hatched>
      ) : null}
      {depth ? (
        <Button label="Lead me through it at the bench" onPress={() => onBench(depth)} />
      ) : null}
      {facts.kind === 'look' ? (
        <>
          <Button kind="strong" label="Nothing wrong there" onPress={() => onOutcome('nothing')} />
          {shownBy(step, causes).map((cause) => (
            <Button
              key={cause}
              label={`Found: ${CAUSE_WORDS[cause].name}`}
              onPress={() => onOutcome({ found: cause })}
            />
          ))}
        </>
      ) : (
        <>
          <Button kind="strong" label="The noise is gone" onPress={() => onOutcome('gone')} />
          <Button label="Better, not gone" onPress={() => onOutcome('better')} />
          <Button label="It sounds the same" onPress={() => onOutcome('same')} />
        </>
      )}
    </View>
  );
}
