import { StyleSheet, View } from 'react-native';
import { inFull } from '@/core/care/replay/step';
import type { RideEntry } from '@/core/rides/entries';
import { formatClimb, formatExactDistance, formatHours, formatShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { noiseIn } from '@/core/faults/heard';
import type { Noise } from '@/core/records/faults';
import { gearsLine } from '@/core/words/gears';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { clockFormat } from '@/core/intl/dates';

interface Props {
  entry: RideEntry;
  /** Undefined when the garage no longer knows it. */
  bike: string | undefined;
  units: Units;
  /** To where a noise that the ride’s note tells of is traced to its cause. */
  onNoise: (heard: Noise) => void;
}

const moment = clockFormat({
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** A ride in two lines: when and how far, and what it did to the chain. */
export function RideFacts({ entry: { ride, step }, bike, units, onNoise }: Props) {
  const { before, after } = inFull(step);
  const parts = [
    moment(Date.parse(ride.at), units.clock),
    formatExactDistance(ride.distanceKm, units),
  ];
  if (ride.durationH !== null) parts.push(formatHours(ride.durationH));
  if (ride.climbM !== null) parts.push(`${formatClimb(ride.climbM, units)} climbed`);
  if (bike) parts.push(bike);
  const noise = noiseIn(ride.note);
  const gears = gearsLine(ride.gears);
  const moved = (a: number, b: number) => `${formatShare(a)} → ${formatShare(b)}`;
  return (
    <View style={styles.facts}>
      <Txt>{parts.join(' · ')}</Txt>
      {gears ? <Txt>{gears}</Txt> : null}
      <Txt variant="small" tone="inkSoft">
        {before && after
          ? `Lube ${moved(before.film, after.film)}, dirt outside ${moved(before.outside, after.outside)}, grit inside ${moved(before.inside, after.inside)}.`
          : 'No chain was on the bike, so it wore none.'}
      </Txt>
      {noise ? (
        <Button label="It made a noise: find where it comes from" onPress={() => onNoise(noise)} />
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({ facts: { gap: 4 } });
