import { View } from 'react-native';
import { rank, reasons, type Curve } from '@/core/choice/rank';
import { rulesFor } from '@/core/choice/rules';
import type { Wishes } from '@/core/records/wishes';
import type { Bike } from '@/core/records/garage';
import type { Question } from '@/core/choice/question';
import { formatShare } from '@/core/units/format';
import { Button } from '../form/Button';
import { ProgressBar } from '../form/ProgressBar';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { answerSentence, ruleSentence } from '@/core/words/choice';

interface Answer {
  bike: Bike;
  question: Question;
  usualWet: number;
  /** Null until its seasons have been ridden. */
  curves: readonly Curve[] | null;
}

interface Props {
  answers: readonly Answer[];
  progress: number | null;
  wishes: Wishes;
  onOpen: (bikeId: string) => void;
}

/** Which lube for every bike: an answer each, and whether one bottle does for all. */
export function AllBikes({ answers, progress, wishes, onOpen }: Props) {
  const answered = answers.flatMap(({ bike, question, usualWet, curves }) => {
    if (!curves) return [];
    const facts = { ...question.facts, wetShare: usualWet };
    const ranked = rank(curves, usualWet, wishes, facts);
    const first = ranked[0];
    return first ? [{ bike, usualWet, facts, ranked, first }] : [];
  });
  const names = new Set(answered.map((t) => t.first.candidate.name));
  return (
    <View style={{ gap: 12 }}>
      {progress !== null ? <ProgressBar share={progress} label="Riding the seasons" /> : null}
      {answered.length > 1 && progress === null ? (
        <Txt>
          {names.size === 1
            ? `One lube for all: ${[...names].join('')}.`
            : `${names.size} lubes for ${answered.length} bikes.`}
        </Txt>
      ) : null}
      {answered.map(({ bike, usualWet, facts, ranked, first }) => (
        <Card key={bike.id} title={bike.name}>
          <Txt variant="lead">{first.candidate.name}.</Txt>
          <Txt>{answerSentence(ranked, reasons(ranked))}</Txt>
          {rulesFor(first.candidate, facts).map((rule) => (
            <Txt key={rule.kind}>{ruleSentence(rule)}</Txt>
          ))}
          <Txt variant="small" tone="inkSoft">
            Worked out for {formatShare(usualWet)} of the way wet.
          </Txt>
          <Button label={`Show the ranking for ${bike.name}`} onPress={() => onOpen(bike.id)} />
        </Card>
      ))}
    </View>
  );
}
