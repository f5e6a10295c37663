import { StyleSheet, View } from 'react-native';
import { futuresOf, NOT_LEARNT, type Personal } from '@/core/care/model/personal';
import type { Lesson } from '@/core/care/replay/lessons';
import type { Bike } from '@/core/records/garage';
import { formatDistance, formatDistanceRange } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { gritSentence, lessonSentence, lifeSentence } from '@/core/words/learnt';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { BeliefCurve } from './BeliefCurve';
import { dateFormat } from '@/core/intl/dates';

interface Props {
  bike: Bike;
  /** Life in dry riding by the handbook or the label, km. */
  handbookKm: number;
  learnt: Personal;
  lessons: readonly Lesson[];
  units: Units;
  onWithdraw: (lesson: Lesson) => void;
}

/** What a lube was found to do on one bike: the handbook figure, the rider's, from which notes, and why. */
export function LearntCard({ bike, handbookKm, learnt, lessons, units, onWithdraw }: Props) {
  const { low, mid, high } = futuresOf(learnt);
  const km = (factor: number) => formatDistance(handbookKm * factor, units);
  const range = {
    low: handbookKm * low.life,
    mid: handbookKm * mid.life,
    high: handbookKm * high.life,
  };
  const yours = lifeSentence(learnt, km(mid.life));
  return (
    <Card title={`How long it lasts on ${bike.name}`} help="lubeLife">
      <Txt>{yours}</Txt>
      <Txt variant="small" tone="inkSoft">
        {`The handbook says ${km(1)} in the dry. Half the time the next coat lasts ${formatDistanceRange(range, units)}.`}
      </Txt>
      <BeliefCurve
        prior={NOT_LEARNT.life}
        belief={learnt.life}
        handbookKm={handbookKm}
        label={(at) => formatDistance(at, units)}
        summary={`Before any note ${km(1)} was most likely, dashed; now ${km(mid.life)}.`}
      />
      {learnt.grit.seen > 0 ? <Txt variant="small">{gritSentence(learnt)}</Txt> : null}
      {lessons.map((lesson) => (
        <LessonRow key={lesson.event.id} lesson={lesson} km={km} onWithdraw={onWithdraw} />
      ))}
    </Card>
  );
}

const day = dateFormat({ dateStyle: 'medium' });

interface RowProps {
  lesson: Lesson;
  km: (factor: number) => string;
  onWithdraw: (lesson: Lesson) => void;
}

function LessonRow({ lesson, km, onWithdraw }: RowProps) {
  const colors = useColors();
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <View style={styles.grow}>
        <Txt variant="label">{day.format(Date.parse(lesson.event.at))}</Txt>
        <Txt variant="small" tone={lesson.uncounted === 'odd' ? 'danger' : 'inkSoft'}>
          {lessonSentence(lesson, km)}
        </Txt>
      </View>
      <Button label="Withdraw" onPress={() => onWithdraw(lesson)} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    borderTopWidth: 1,
    paddingTop: 8,
  },
  grow: { flexGrow: 1, flexShrink: 1 },
});
