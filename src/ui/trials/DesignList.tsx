import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Design } from '@/core/trials/designs';
import type { Units } from '@/core/units/convert';
import {
  NOT_FOR_A_TRIAL,
  STOP_RULE,
  designSentence,
  designTitle,
  worthSentence,
} from '@/core/words/trials';
import { Button } from '../form/Button';
import { FormFoot } from '../form/FormFoot';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  designs: readonly Design[];
  careFor: number;
  units: Units;
  currency: string | null;
  onBegin: (design: Design) => void;
}

/** Ways to run a trial with what each takes, the best first; one is picked and begun. */
export function DesignList({ designs, careFor, units, currency, onBegin }: Props) {
  const colors = useColors();
  const [picked, setPicked] = useState(0);
  const chosen = designs[picked];
  if (!chosen) return null;
  return (
    <>
      <View role="radiogroup" aria-label="How to run it" style={styles.list}>
        <Txt variant="label">How to run it</Txt>
        {designs.map((design, n) => (
          <Pressable
            key={designTitle(design)}
            role="radio"
            aria-checked={n === picked}
            onPress={() => setPicked(n)}
            style={[
              styles.design,
              { borderColor: n === picked ? colors.strong : colors.line },
              { backgroundColor: colors.cloth },
            ]}
          >
            <Txt variant="strong">{designTitle(design)}</Txt>
            {n === 0 ? (
              <Txt variant="label" tone="inkSoft">
                {design.worth === 'worth it' ? 'Our proposal' : 'The soonest of them'}
              </Txt>
            ) : null}
            <Txt variant="small">{designSentence(design, units, currency)}</Txt>
            <Txt variant="small" tone={design.worth === 'worth it' ? 'ink' : 'danger'}>
              {worthSentence(design, careFor, currency)}
            </Txt>
          </Pressable>
        ))}
      </View>
      <Txt variant="small" tone="inkSoft">
        Chance draws whose turn each coat is, so that good and bad weather fall on both. On average
        a trial ends after three quarters of its coats. Look as often as you like.
      </Txt>
      <Txt variant="small" tone="inkSoft">
        {STOP_RULE}
      </Txt>
      <Txt variant="small" tone="inkSoft">
        {NOT_FOR_A_TRIAL}
      </Txt>
      <FormFoot>
        <Button
          kind="strong"
          label={chosen.worth === 'worth it' ? 'Begin this trial' : 'Begin it all the same'}
          onPress={() => onBegin(chosen)}
          grow
        />
      </FormFoot>
    </>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  design: { borderWidth: 2, borderRadius: 14, padding: 12, gap: 4 },
});
