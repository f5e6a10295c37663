import { StyleSheet, View } from 'react-native';
import { turnsPerLap } from '@/core/chain/geometry';
import type { Bike, Chain } from '@/core/records/garage';
import { coatsIn, doseOf, sidesOf } from '@/core/lube/dose';
import type { LubeClass } from '@/core/lube/classes';
import type { Schools } from '@/core/lube/schools';
import { formatNumber } from '@/core/units/format';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { Calculator, Outcome, type FromStock } from './Calculator';
import { useAmount } from '../form/useAmount';
import { TakeOff } from './TakeOff';

interface Props extends FromStock {
  bike: Bike;
  chain: Chain;
  lube: LubeClass;
  schools: Schools;
  dropsPerMl: number;
  onDropsPerMl: (drops: number) => void;
  onBench: () => void;
}

const RING = { label: 'Chainring it lies on', unit: 'teeth', low: 9, high: 70 };
const DROPS = {
  label: 'Drops in 1 ml',
  hint: 'Count them once into a measure: oils make smaller drops than water.',
  low: 5,
  high: 200,
};

/** Drops of a coat on this chain, turns to get round it once, coats in a bottle. */
export function DoseCalculator(props: Props) {
  const { bike, chain, lube, schools, dropsPerMl, onDropsPerMl } = props;
  const links = useAmount(chain.links, { label: 'Links', low: 40, high: 250 });
  const ring = useAmount(bike.rings[0] ?? 42, RING);
  const counted = useAmount(dropsPerMl, DROPS);
  const bottle = useAmount(100, { label: 'Left in the bottle', unit: 'ml', low: 1, high: 5000 });
  const sides = sidesOf(schools.sides, bike.ebike, lube);
  const known = links.value !== null && counted.value !== null;
  const dose = known ? doseOf(links.value ?? 0, sides, counted.value ?? 1, schools.amount) : null;
  const turns = links.value && ring.value ? turnsPerLap(links.value, ring.value) : null;
  return (
    <Calculator
      title="A coat"
      formula={`Drops = links × sides${schools.amount === 'stream' ? ' × 2.5 for a stream' : ''}; ml = drops ÷ drops in 1 ml; turns = links ÷ teeth; coats = ml left ÷ ml of a coat, whole ones.`}
    >
      <View style={styles.row}>
        {links.field}
        {ring.field}
        {counted.field}
        {bottle.field}
      </View>
      {dose ? (
        <Outcome>
          {Math.round(dose.drops)} drops from {sides === 1 ? 'one side' : 'both sides'},{' '}
          {formatNumber(dose.ml)} ml.
        </Outcome>
      ) : null}
      {turns ? (
        <Txt>
          Once round the chain is {turns.toFixed(2)} turns of the crank
          {sides === 2 ? ', twice for both sides' : ''}.
        </Txt>
      ) : null}
      {dose && bottle.value !== null ? (
        <Txt>Enough for {coatsIn(bottle.value, dose)} coats.</Txt>
      ) : null}
      {counted.value !== null && counted.value !== dropsPerMl ? (
        <Button
          label={`Remember ${counted.value} drops in 1 ml`}
          onPress={() => onDropsPerMl(counted.value ?? dropsPerMl)}
        />
      ) : null}
      {dose ? (
        <>
          <TakeOff rows={props.rowsOf('lube', lube)} amount={dose.ml} onTake={props.onTake} />
          <Button label="Take this coat to the bench" onPress={props.onBench} />
        </>
      ) : null}
    </Calculator>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
