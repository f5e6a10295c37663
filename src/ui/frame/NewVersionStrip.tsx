import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import type { NewVersion } from './offline';
import { useWithPlace } from './useWithPlace';

/** Announces a new version of the app; taken when the rider says so. */
export function NewVersionStrip({ quiet, path }: { quiet: boolean; path: string }) {
  const colors = useColors();
  const [take, setTake] = useState<NewVersion | null>(null);
  useEffect(() => {
    // After everything else: it is not needed for the first screen.
    const later = setTimeout(
      () => void import('./offline').then((m) => m.keepForOffline((found) => setTake(() => found))),
      LATER_MS,
    );
    return () => clearTimeout(later);
  }, []);
  const isShown = useWithPlace(take !== null, path);
  if (!take || !isShown || quiet) return null;
  return (
    <View role="status" style={[styles.strip, { backgroundColor: colors.tape }]}>
      <Txt variant="label" tone="onTape" style={styles.text}>
        A new version is ready.
      </Txt>
      <Button label="Use it now" onPress={take} />
    </View>
  );
}

const LATER_MS = 3000;

const styles = StyleSheet.create({
  strip: { flexDirection: 'row', alignItems: 'center', gap: 12, padding: 8, paddingLeft: 16 },
  text: { flexGrow: 1, flexShrink: 1 },
});
