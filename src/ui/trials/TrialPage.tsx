import { View } from 'react-native';
import type { TrialReport } from '@/core/trials/report';
import { ARMS, type Arm } from '@/core/records/trialKinds';
import type { Units } from '@/core/units/convert';
import { coatLine } from '@/core/words/trialPicture';
import {
  adoptLabel,
  answerSentence,
  dueSentence,
  MEASURE_LABEL,
  ragDueSentence,
  STOP_RULE,
} from '@/core/words/trials';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { ChanceBar } from './ChanceBar';
import { CoatsPicture } from './CoatsPicture';

interface Props {
  report: TrialReport;
  title: string;
  labels: Record<Arm, string>;
  bikeName: string;
  units: Units;
  /** Goes to the bench for the next coat. */
  onBench: () => void;
  /** Ends it; with a habit that becomes the rider's own. */
  onEnd: (adopted: Arm | null) => void;
  onCsv: () => void;
  onRemove: () => void;
}

/** A trial as it stands: its answer, the chances behind it, every coat, and what can be done. */
export function TrialPage(props: Props) {
  const { report, title, labels, bikeName, units } = props;
  const { trial, answer, points } = report;
  const { measure } = trial;
  const running = trial.endedAt === null;
  const rag = running ? ragDueSentence(report, units) : null;
  return (
    <Page title={title}>
      <Txt tone="inkSoft">{`${bikeName}. ${MEASURE_LABEL[measure]}.`}</Txt>
      <Txt variant="lead" live="polite">
        {answerSentence(report, labels)}
      </Txt>
      {running && answer.settled === null ? (
        <Card title="Next">
          <Txt>{dueSentence(report, labels)}</Txt>
          {rag ? <Txt>{rag}</Txt> : null}
          {report.due === null ? null : (
            <Button kind="strong" label="To the bench" onPress={props.onBench} />
          )}
        </Card>
      ) : null}
      <Ways {...props} />
      {answer.coats.a + answer.coats.b > 0 ? (
        <Card title="How sure that is" help="belief">
          <ChanceBar answer={answer} labels={labels} />
          <Txt variant="small" tone="inkSoft">
            {STOP_RULE}
          </Txt>
        </Card>
      ) : null}
      {points.length > 0 ? (
        <Card title="Every coat">
          <CoatsPicture points={points} labels={labels} of={{ measure, units }} />
        </Card>
      ) : null}
      <CoatsInWords {...props} />
      <Button label="Save the coats as a table (CSV)" onPress={props.onCsv} />
      <Button kind="danger" label="Remove this trial" onPress={props.onRemove} />
    </Page>
  );
}

/** Setting the better habit, or ending it as it is. */
function Ways({ report, labels, onEnd }: Props) {
  const { trial, answer } = report;
  const winner = answer.settled === 'a' || answer.settled === 'b' ? answer.settled : null;
  const running = trial.endedAt === null;
  const told = winner ? [winner] : running && answer.settled === null ? [] : [...ARMS];
  return (
    <View style={{ gap: 8 }}>
      {told.map((arm) => {
        const label = adoptLabel(trial.question, labels[arm]);
        return label ? (
          <Button
            key={arm}
            kind={arm === winner ? 'strong' : 'plain'}
            label={label}
            onPress={() => onEnd(arm)}
          />
        ) : null;
      })}
      {running ? (
        <Button
          label={answer.settled === null ? 'End it as it stands' : 'End the trial'}
          onPress={() => onEnd(null)}
        />
      ) : null}
    </View>
  );
}

/** The coats of the picture, and those that do not count, each in a line. */
function CoatsInWords({ report, labels, units }: Props) {
  const { coats, points } = report;
  if (coats.length === 0) return null;
  return (
    <Card title="The coats in words">
      {[...coats].reverse().map((c) => (
        <Txt key={c.coat.work.id} variant="small">
          {coatLine(
            c,
            points.find((p) => p.at === c.coat.work.at),
            { labels, units },
          )}
        </Txt>
      ))}
    </Card>
  );
}
