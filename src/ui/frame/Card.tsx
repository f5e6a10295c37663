import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { MeasureName } from '@/core/help/measures';
import { HelpMark } from '../help/HelpMark';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  title?: string;
  /** A “?” beside the title opens what this measure means. */
  help?: MeasureName;
  /** Red edge and ground: something is wrong here. */
  danger?: boolean;
  children: ReactNode;
}

/** A piece of cloth with things that belong together. */
export function Card({ title, help, danger = false, children }: Props) {
  const colors = useColors();
  return (
    <View
      style={[
        styles.card,
        {
          backgroundColor: danger ? colors.dangerCloth : colors.cloth,
          borderColor: danger ? colors.danger : colors.line,
        },
      ]}
    >
      {title ? (
        <View style={styles.head}>
          <Txt variant="heading" level={2} style={styles.title}>
            {title}
          </Txt>
          {help ? <HelpMark measure={help} /> : null}
        </View>
      ) : null}
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center' },
  title: { flexShrink: 1 },
  card: { borderWidth: 1, borderRadius: 14, padding: 16, gap: 12 },
});
