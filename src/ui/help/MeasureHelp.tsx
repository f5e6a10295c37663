import { View } from 'react-native';
import { MEASURES, type Measure, type MeasureName } from '@/core/help/measures';
import { constantLine } from '@/core/words/constants';
import { Txt } from '../theme/Txt';
import { TermText } from './TermText';

/** What a measure means, how it is worked out, and the figures that rests on. */
export function MeasureHelp({ measure }: { measure: MeasureName }) {
  const { says, formula, rests, also = [] }: Measure = MEASURES[measure];
  return (
    <View style={{ gap: 10 }}>
      <TermText text={says} />
      <Txt variant="strong">How it is worked out</Txt>
      <TermText text={formula} />
      <Txt variant="strong">What that rests on</Txt>
      {[...rests.map(constantLine), ...also].map((line) => (
        <Txt key={line} variant="small" tone="inkSoft">
          {line}
        </Txt>
      ))}
    </View>
  );
}
