import { StyleSheet, View } from 'react-native';
import { type ChainReport } from '@/core/care';
import { heardSentence, spreadSentence, verdictSentence, wetSentence } from '@/core/words/verdict';
import type { UnitSystem } from '@/core/units';
import { Txt } from '../theme';
import { alsoLine } from '@/core/words/verdict';

interface Props {
  report: ChainReport;
  units: UnitSystem;
  now: number;
  /** The plan's next job, once there is a plan: it takes the place of what the verdict alone would do. */
  planned: string | null;
}

const clock = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit' });

/** The verdict: one sentence large, what to do below it, and what else is to be said in small type. */
export function VerdictLines({ report, units, now, planned }: Props) {
  const { verdict, state, typical } = report;
  const { headline, action } = verdictSentence(verdict, state, units, now);
  const small = [
    spreadSentence(verdict, units, typical.rides),
    alsoLine(verdict.also),
    wetSentence(verdict, state),
    heardSentence(verdict),
    verdict.setsUntil === null
      ? null
      : `The coat sets until ${clock.format(verdict.setsUntil)}. Ridden sooner, up to half of it is thrown off.`,
  ].filter((line) => line !== null);
  const alarming = verdict.kind !== 'good for';
  // A rusted or worn chain is looked at or replaced first, whatever was planned.
  const first = verdict.kind === 'inspect' || verdict.kind === 'replace';
  return (
    <View style={styles.lines} role="region" aria-label="Verdict" aria-live="polite">
      <Txt variant="verdict" level={1} tone={alarming ? 'danger' : 'ink'}>
        {headline}
      </Txt>
      <Txt variant="lead">{planned !== null && !alarming ? planned : action}</Txt>
      {planned !== null && alarming && !first ? <Txt>{`Planned. ${planned}`}</Txt> : null}
      {small.map((line) => (
        <Txt key={line} variant="small" tone="inkSoft">
          {line}
        </Txt>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  lines: { gap: 6 },
});
