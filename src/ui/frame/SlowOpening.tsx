import { useEffect } from 'react';
import { StyleSheet } from 'react-native';
import { Txt } from '../theme/Txt';
import { useAfter } from './useAfter';

const SLOW_MS = 1500;

/** Opening takes a moment: said only when it takes long. `onWaiting`: someone waits for what could take its time. */
export function SlowOpening({ onWaiting }: { onWaiting: (() => void) | null }) {
  useEffect(() => onWaiting?.(), [onWaiting]);
  return useAfter(SLOW_MS) ? <Txt style={styles.slow}>Opening your logbook …</Txt> : null;
}

const styles = StyleSheet.create({ slow: { padding: 16 } });
