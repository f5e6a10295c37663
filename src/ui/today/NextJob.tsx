import { StyleSheet, View } from 'react-native';
import type { JobLine } from '@/core/words/planLine';
import { Txt } from '../theme/Txt';

interface Props {
  /** What comes before anything planned; null: nothing does. */
  first: string | null;
  /** What the plan says of the bike; null: there is no plan yet. */
  line: JobLine | null;
  /** The plan shown is older than the logbook: another is being made. */
  old: boolean;
  /** What the verdict alone would do, where there will be no plan; null: one is being made. */
  instead: string | null;
}

/** The next job by the plan. It keeps its room while the plan is made, so that nothing below it jumps. */
export function NextJob({ first, line, old, instead }: Props) {
  const text = first ?? line?.job ?? instead ?? 'Making the plan …';
  const more = first === null ? line?.more : line?.job;
  return (
    <View role="status" style={styles.job}>
      <Txt
        variant="lead"
        tone={first === null && (old || (line === null && instead === null)) ? 'inkSoft' : 'ink'}
      >
        {text}
      </Txt>
      {line?.eve && !old ? <Txt variant="small">{line.eve}</Txt> : null}
      {line ? (
        <Txt variant="small" tone="inkSoft">
          {old ? 'That was the last plan. A new one is being made …' : more}
        </Txt>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  // Two lines of the one and two of the other, as most are on a phone.
  job: { minHeight: 98, gap: 2 },
});
