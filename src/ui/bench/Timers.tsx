import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Timer } from '@/core/bench/run';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { buzz, callBack, tone } from './device';

interface Props {
  timers: readonly Timer[];
  now: number;
}

/** "2:05", "1:10:00". */
export function leftText(ms: number): string {
  const s = Math.max(0, Math.ceil(ms / 1000));
  const two = (n: number) => String(n).padStart(2, '0');
  const h = Math.floor(s / 3600);
  return h > 0
    ? `${h}:${two(Math.floor((s % 3600) / 60))}:${two(s % 60)}`
    : `${Math.floor(s / 60)}:${two(s % 60)}`;
}

/** What runs meanwhile: each timer with what is left, or since when it is over; a tone and a buzz when one runs out. */
export function Timers({ timers, now }: Props) {
  const colors = useColors();
  const running = timers.filter((t) => t.endsAt > now);
  const wasRunning = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const ids = new Set(running.map((t) => t.step));
    for (const id of wasRunning.current)
      if (!ids.has(id) && timers.some((t) => t.step === id)) {
        tone('timer');
        buzz();
        callBack(`${timers.find((t) => t.step === id)?.label ?? 'A timer'}: the time is up.`);
      }
    wasRunning.current = ids;
  });
  const over = timers.filter((t) => t.endsAt <= now);
  if (timers.length === 0) return null;
  return (
    <View role="group" aria-label="Timers" style={styles.row}>
      {running.map((t) => (
        <View key={t.step} style={[styles.timer, { backgroundColor: colors.tape }]}>
          <Txt variant="label" tone="onTape">
            {t.label}
          </Txt>
          <Txt variant="number" tone="onTape">
            {leftText(t.endsAt - now)}
          </Txt>
        </View>
      ))}
      {over.map((t) => (
        <View key={t.step} style={[styles.timer, styles.over, { borderColor: colors.lineStrong }]}>
          <Txt variant="label">{`${t.label}: over since ${leftText(now - t.endsAt)}`}</Txt>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  over: { borderWidth: 1 },
  timer: {
    flexDirection: 'row',
    gap: 8,
    alignItems: 'center',
    borderRadius: 20,
    paddingHorizontal: 12,
    paddingVertical: 5,
  },
});
