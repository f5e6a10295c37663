import { StyleSheet, View } from 'react-native';
import type { StepInFull } from '@/core/care/replay/step';
import { formatShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { eventLine } from '@/core/words/event';
import { dateFormat } from '@/core/intl/dates';

export interface ReadoutProps {
  step: StepInFull;
  units: Units;
  onOpen: (rideId: string) => void;
}

const day = dateFormat({
  weekday: 'short',
  day: 'numeric',
  month: 'short',
});

/** The numbers of the stitch that was tapped. */
export default function RideReadout({ step, units, onOpen }: ReadoutProps) {
  const { before, after, event } = step;
  if (!before || !after) return null;
  const moved = (a: number, b: number) => `${formatShare(a)} → ${formatShare(b)}`;
  return (
    <View style={styles.readout} aria-live="polite">
      <View style={styles.text}>
        <Txt variant="label">
          {day.format(Date.parse(event.at))}: {eventLine(event, units, step.sky)}
        </Txt>
        <Txt variant="small" tone="inkSoft">
          Lube {moved(before.film, after.film)}, dirt outside {moved(before.outside, after.outside)}
          , grit inside {moved(before.inside, after.inside)}
        </Txt>
      </View>
      <Button kind="quiet" label="Open" onPress={() => onOpen(event.id)} />
    </View>
  );
}

const styles = StyleSheet.create({
  readout: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  text: { flexShrink: 1, flexGrow: 1 },
});
