import { StyleSheet, View } from 'react-native';
import type { FirstStep } from '@/core/help/firstWeek';
import { FIRST_STEP_WORDS } from '@/core/help/firstSteps';
import { Card } from '../frame/Card';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** Four small steps of the first week; each goes by itself as it is done. */
export function FirstWeek({ steps }: { steps: readonly FirstStep[] }) {
  const colors = useColors();
  if (steps.length === 0) return null;
  return (
    <Card title="Your first week">
      <View>
        {steps.map((step) => {
          const { title, why, href } = FIRST_STEP_WORDS[step];
          return (
            <LinkBox key={step} href={href} style={[styles.row, { borderColor: colors.line }]}>
              <Txt variant="strong">{title}</Txt>
              <Txt variant="small" tone="inkSoft">
                {why}
              </Txt>
            </LinkBox>
          );
        })}
      </View>
      <Txt variant="small" tone="inkSoft">
        Each line goes when it is done, and all of them after a week.
      </Txt>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { minHeight: 52, borderTopWidth: 1, paddingVertical: 6, justifyContent: 'center' },
});
