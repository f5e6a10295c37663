import { StyleSheet, View } from 'react-native';
import { NOTHING_SAID, type OlderRides, type Past, type Pasts } from '@/core/arrivals/older';
import type { Garage } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { byDistanceHint, olderSentence } from '@/core/words/arrivals/older';
import { Choice } from '../form/Choice';
import { MomentField } from '../form/MomentField';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  older: readonly OlderRides[];
  garage: Garage;
  units: Units;
  pasts: Pasts;
  onPast: (bikeId: string, past: Past) => void;
}

/** Rides from before the log knew the chain: whether it was on then, since when, and what was done to it. */
export function OlderCard({ older, garage, units, pasts, onPast }: Props) {
  if (older.length === 0) return null;
  return (
    <Card title="Rides from before">
      {older.map((rides) => (
        <Older
          key={rides.bikeId}
          rides={rides}
          bike={garage.bikes[rides.bikeId]?.name ?? ''}
          chain={garage.chains[rides.chainId]?.name ?? 'the chain'}
          units={units}
          past={pasts[rides.bikeId] ?? NOTHING_SAID}
          onPast={(past) => onPast(rides.bikeId, past)}
        />
      ))}
    </Card>
  );
}

interface OlderProps {
  rides: OlderRides;
  bike: string;
  chain: string;
  units: Units;
  past: Past;
  onPast: (past: Past) => void;
}

function Older({ rides, bike, chain, units, past, onPast }: OlderProps) {
  const set = (part: Partial<Past>) => onPast({ ...past, ...part });
  const options = [
    { value: 'by distance', label: 'As far as it has gone', hint: byDistanceHint(rides, units) },
    { value: 'since', label: 'Since a day', hint: 'The best guess will do.' },
    {
      value: 'not then',
      label: 'On none of them',
      hint: 'All of them count for the bike and its parts, and for chains before this one.',
    },
  ] as const;
  return (
    <View style={styles.bike}>
      <Txt variant="strong">{bike}</Txt>
      <Txt>{olderSentence(rides, chain, units)}</Txt>
      <Choice
        label={`Was ${chain} on then?`}
        options={options}
        value={past.on}
        onChange={(on) => set({ on })}
      />
      {past.on === 'since' ? (
        <MomentField
          dayOnly
          label={`${chain} rides since`}
          value={past.since}
          onChange={(since) => set({ since })}
        />
      ) : null}
      {past.on === 'not then' ? null : (
        <View style={styles.days}>
          <MomentField
            dayOnly
            label="Lubed last before it was noted; empty: no idea"
            value={past.lubedAt}
            onChange={(lubedAt) => set({ lubedAt })}
          />
          <MomentField
            dayOnly
            label="Cleaned last before it was noted; empty: no idea"
            value={past.cleanedAt}
            onChange={(cleanedAt) => set({ cleanedAt })}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  bike: { gap: 10 },
  days: { gap: 10 },
});
