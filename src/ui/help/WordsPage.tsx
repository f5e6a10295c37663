import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { MEASURES, type MeasureName } from '@/core/help/measures';
import { termsInOrder } from '@/core/help/terms';
import { Card } from '../frame/Card';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { MeasureHelp } from './MeasureHelp';
import { TermDrawing } from './TermDrawing';

interface Props {
  /** The word or measure that was asked for comes into view. */
  word: string | undefined;
  measure: string | undefined;
}

/** The words of the trade with their drawings, and what each measure means and rests on. */
export const WordsPage = ({ word, measure }: Props) => (
  <Page title="Words and measures" textOnly>
    <Txt tone="inkSoft">What riders and mechanics call things, and what our figures mean.</Txt>
    <Txt variant="heading" level={2}>
      Measures
    </Txt>
    {(Object.keys(MEASURES) as MeasureName[]).map((name) => (
      <Asked key={name} isAsked={name === measure}>
        <Card title={MEASURES[name].title}>
          <MeasureHelp measure={name} />
        </Card>
      </Asked>
    ))}
    <Txt variant="heading" level={2}>
      Words of the trade
    </Txt>
    {termsInOrder().map(([name, term]) => (
      <Asked key={name} isAsked={name === word}>
        <Card title={term.word}>
          <Txt>{term.says}</Txt>
          {term.drawing ? <TermDrawing drawing={term.drawing} /> : null}
        </Card>
      </Asked>
    ))}
  </Page>
);

/** Brings what was asked for into view. */
function Asked({ isAsked, children }: { isAsked: boolean; children: React.ReactNode }) {
  const ref = useRef<View>(null);
  useEffect(() => {
    if (isAsked) (ref.current as unknown as HTMLElement | null)?.scrollIntoView({ block: 'start' });
  }, [isAsked]);
  return (
    <View ref={ref} style={isAsked ? styles.asked : null}>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({ asked: { scrollMarginTop: 12 } as object });
