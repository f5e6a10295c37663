import { View } from 'react-native';
import { MEASURES, type MeasureName } from '@/core/help';
import { constantLine } from '@/core/words/constants';
import { Txt } from '../theme';

/** What a measure means, how it is worked out, and the figures that rests on. */
export function MeasureHelp({ measure }: { measure: MeasureName }) {
  const { says, formula, rests } = MEASURES[measure];
  return (
    <View style={{ gap: 10 }}>
      <Txt>{says}</Txt>
      <Txt variant="strong">How it is worked out</Txt>
      <Txt>{formula}</Txt>
      <Txt variant="strong">What that rests on</Txt>
      {rests.map((name) => (
        <Txt key={name} variant="small" tone="inkSoft">
          {constantLine(name)}
        </Txt>
      ))}
    </View>
  );
}
