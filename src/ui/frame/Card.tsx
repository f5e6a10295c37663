import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Txt, useColors } from '../theme';

interface Props {
  title?: string;
  /** Red edge and ground: something is wrong here. */
  danger?: boolean;
  children: ReactNode;
}

/** A piece of cloth with things that belong together. */
export function Card({ title, danger = false, children }: Props) {
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
        <Txt variant="heading" level={2}>
          {title}
        </Txt>
      ) : null}
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: 14, padding: 16, gap: 12 },
});
