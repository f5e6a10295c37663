import { View } from 'react-native';
import type { Standing } from '@/core/trials/standing';
import { NOT_DRAWN, standingSentence } from '@/core/words/trials';
import type { TrialQuestion } from '@/core/records/trial';
import type { Arm } from '@/core/records/trialKinds';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { LinkBox } from '../frame/LinkBox';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';

/** A trial in the list. */
export interface TrialLine {
  id: string;
  title: string;
  bikeName: string;
  running: boolean;
  says: string;
  due: string | null;
}

/** What the log shows of two lubes on a bike without a trial. */
export interface StandingLine {
  standing: Standing;
  bikeName: string;
  labels: Record<Arm, string>;
  /** The trial it offers; null: a lube of it is no bottle on the shelf. */
  offers: Extract<TrialQuestion, { kind: 'product' }> | null;
}

interface Props {
  trials: readonly TrialLine[];
  standing: readonly StandingLine[];
  onNew: () => void;
  onTry: (line: StandingLine) => void;
}

/** Trials: what runs, what was settled, and what the log shows anyway. */
export function TrialsPage({ trials, standing, onNew, onTry }: Props) {
  return (
    <Page title="Trials">
      <Txt>
        Riders argue over habits: wipe or not, which run, which bottle. Try two on your own bike,
        coat by coat, and we say which is better, and how sure that is.
      </Txt>
      <Button kind="strong" label="Plan a trial" onPress={onNew} />
      {trials.map((trial) => (
        <TrialCard key={trial.id} {...trial} />
      ))}
      {standing.map((line) => (
        <Card
          key={`${line.standing.bikeId} ${line.standing.a.key} ${line.standing.b.key}`}
          title={`${line.labels.a} beside ${line.labels.b}`}
        >
          <Txt variant="small" tone="inkSoft">{`${line.bikeName}, by your log so far`}</Txt>
          <Txt>{standingSentence(line.standing.answer, line.labels)}</Txt>
          <Txt variant="small" tone="inkSoft">
            {NOT_DRAWN}
          </Txt>
          {line.offers ? <Button label="Settle it by a trial" onPress={() => onTry(line)} /> : null}
        </Card>
      ))}
    </Page>
  );
}

const TrialCard = ({ id, title, bikeName, running, says, due }: TrialLine) => (
  <LinkBox href={`/book/trials/${id}`}>
    <Card title={title}>
      <Txt variant="label" tone="inkSoft">{`${bikeName} · ${running ? 'running' : 'ended'}`}</Txt>
      <Txt>{says}</Txt>
      {due ? (
        <View>
          <Txt variant="small">{due}</Txt>
        </View>
      ) : null}
    </Card>
  </LinkBox>
);
