import { StyleSheet, View } from 'react-native';
import type { ChainState } from '@/core/care/model/state';
import { turnsPerLap } from '@/core/chain/geometry';
import type { Bike, Chain } from '@/core/records/garage';
import { formatDistance, formatElongation } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { BRAKE_LABEL, STORAGE_LABEL } from '@/core/words/labels';

interface Props {
  bikes: readonly Bike[];
  chains: readonly Chain[];
  /** Chain on each bike. */
  fitted: ReadonlyMap<string, string>;
  states: ReadonlyMap<string, ChainState>;
  units: Units;
}

/** Bikes with what is on them, then chains off the bike. */
export function GarageList({ bikes, chains, fitted, states, units }: Props) {
  const onBikes = new Set(fitted.values());
  const nameOf = (id: string | undefined) => chains.find((c) => c.id === id);
  const loose = chains.filter((c) => !onBikes.has(c.id));
  const chainLine = (chain: Chain) => {
    const state = states.get(chain.id);
    const known = state
      ? `${formatDistance(state.km, units)}, worn ${formatElongation(state.wear)}`
      : 'not yet ridden';
    return `${chain.links} links, ${chain.speeds} speed, ${chain.closure === 'not known' ? 'closure not known' : chain.closure}: ${known}`;
  };
  return (
    <View style={styles.list}>
      {bikes.length === 0 ? <Txt tone="inkSoft">No bike yet. Add the first.</Txt> : null}
      {bikes.map((bike) => {
        const chain = nameOf(fitted.get(bike.id));
        return (
          <View key={bike.id} style={styles.pair}>
            <Row
              title={bike.name}
              line={`${bike.rings.join('/')} × ${bike.smallestCog}–${bike.largestCog}, ${bike.speeds} speed, ${BRAKE_LABEL[bike.brake]}, kept ${STORAGE_LABEL[bike.storage]}${bike.mudguards ? ', mudguards' : ''}${bike.ebike ? ', motor' : ''}`}
              href={`/book/bike/${bike.id}`}
            />
            {chain ? (
              <Row
                inset
                title={chain.name}
                line={`${chainLine(chain)}. One lap: ${turnsPerLap(chain.links, bike.rings[0] ?? 50).toFixed(2)} crank turns on the ${bike.rings[0]}.`}
                href={`/book/chain/${chain.id}`}
              />
            ) : (
              <Row
                inset
                title="No chain on it"
                line="Open the bike to fit one."
                href={`/book/bike/${bike.id}`}
              />
            )}
          </View>
        );
      })}
      {loose.length ? (
        <Txt variant="heading" level={2}>
          Off the bike
        </Txt>
      ) : null}
      {loose.map((chain) => (
        <Row
          key={chain.id}
          title={chain.name}
          line={`${chainLine(chain)}.`}
          href={`/book/chain/${chain.id}`}
        />
      ))}
    </View>
  );
}

interface RowProps {
  title: string;
  line: string;
  inset?: boolean;
  href: string;
}

function Row({ title, line, inset = false, href }: RowProps) {
  const colors = useColors();
  return (
    <LinkBox
      href={href}
      style={[
        styles.row,
        inset && styles.inset,
        { backgroundColor: inset ? 'transparent' : colors.cloth, borderColor: colors.line },
      ]}
    >
      <Txt variant={inset ? 'label' : 'strong'}>{title}</Txt>
      <Txt variant="small" tone="inkSoft">
        {line}
      </Txt>
    </LinkBox>
  );
}

const styles = StyleSheet.create({
  list: { gap: 14 },
  pair: { gap: 0 },
  row: {
    borderWidth: 1,
    borderRadius: 12,
    paddingHorizontal: 14,
    paddingVertical: 10,
    minHeight: 56,
  },
  inset: {
    marginLeft: 18,
    borderTopWidth: 0,
    borderTopLeftRadius: 0,
    borderTopRightRadius: 0,
    borderStyle: 'dashed',
  },
});
