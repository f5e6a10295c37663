import { View } from 'react-native';
import { ANSWERS, type Question } from '@/core/faults/questions';
import { CANNOT_TELL, QUESTION_WORDS } from '@/core/words/faults/questions';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';

interface Props {
  question: Question;
  onAnswer: (answer: string | null) => void;
}

/** One question, its answers to tap, and that the rider cannot tell. */
export function QuestionCard({ question, onAnswer }: Props) {
  const { ask, hint, answers } = QUESTION_WORDS[question];
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        {ask}
      </Txt>
      {hint ? <Txt tone="inkSoft">{hint}</Txt> : null}
      {ANSWERS[question].map((answer) => (
        <Button
          key={answer}
          label={(answers as Readonly<Record<string, string>>)[answer] ?? answer}
          onPress={() => onAnswer(answer)}
        />
      ))}
      {question === 'noise' ? null : (
        <Button kind="quiet" label={CANNOT_TELL} onPress={() => onAnswer(null)} />
      )}
    </View>
  );
}
