import { StyleSheet, View } from 'react-native';
import { bathShareLeft, bathsNeeded, MOST_BATHS } from '@/core/care/model/work';
import { CARE } from '@/core/care/model/constants';
import { chainsInPot, mixOf } from '@/core/lube/dose';
import { bathUseMl } from '@/core/shelf/stock';
import { formatNumber, formatShare } from '@/core/units/format';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { CautionCard } from '../bench/lazily';
import { Calculator, Outcome, type FromStock } from './Calculator';
import { useAmount } from '../form/useAmount';
import { TakeOff } from './TakeOff';

/** Degreaser and water for a ratio and a volume. */
export function MixCalculator({ rowsOf, onTake, onBench }: FromStock & { onBench: () => void }) {
  const water = useAmount(1, {
    label: 'Parts of water to one of degreaser',
    hint: 'The label says how many; 0 is neat.',
    low: 0,
    high: 100,
  });
  const volume = useAmount(150, { label: 'To make', unit: 'ml', low: 10, high: 10_000 });
  const mix =
    water.value !== null && volume.value !== null ? mixOf(water.value, volume.value) : null;
  return (
    <Calculator title="Degreaser and water" formula="Degreaser = volume ÷ (1 + parts of water).">
      <View style={styles.row}>
        {water.field}
        {volume.field}
      </View>
      {mix ? (
        <Outcome>
          {formatNumber(mix.productMl)} ml of degreaser, {formatNumber(mix.waterMl)} ml of water.
        </Outcome>
      ) : null}
      {mix ? <TakeOff rows={rowsOf('degreaser')} amount={mix.productMl} onTake={onTake} /> : null}
      <CautionCard names={['solvent']} />
      <Button label="Clean with it at the bench" onPress={onBench} />
    </Calculator>
  );
}

/** How many baths of which size until the dirt carried over is below a share. */
export function BathCalculator({
  rowsOf,
  onTake,
  onBench,
}: FromStock & { onBench: (count: number, ml: number) => void }) {
  const [degreaser] = rowsOf('degreaser');
  const size = useAmount(150, { label: 'Size of each bath', unit: 'ml', low: 30, high: 2000 });
  const target = useAmount(5, { label: 'Dirt inside to be left', unit: '%', low: 1, high: 90 });
  const ml = size.value;
  const count = ml !== null && target.value !== null ? bathsNeeded(target.value / 100, ml) : null;
  const left =
    ml === null
      ? []
      : Array.from({ length: count ?? MOST_BATHS }, (_, n) => bathShareLeft(n + 1, ml));
  return (
    <Calculator
      title="Baths"
      formula={`Each bath loosens all but ${formatShare(CARE.bathBound.value)} of what is bound; of what is loose, v ÷ (v + V) is carried on by the v = ${CARE.bathHeldMl.value} ml the chain holds, V the bath. Fresh degreaser each time; the old settles in a closed, labelled container and is used again.`}
    >
      <View style={styles.row}>
        {size.field}
        {target.field}
      </View>
      {ml !== null && target.value !== null ? (
        <Outcome>
          {count === null
            ? `More than ${MOST_BATHS}: take larger baths, or be content with less.`
            : count === 1
              ? 'One bath.'
              : `${count} baths, ${count * ml} ml in all.`}
        </Outcome>
      ) : null}
      {left.length > 0 ? (
        <Txt>Left after each: {left.map((share) => formatShare(share)).join(', ')}.</Txt>
      ) : null}
      <CautionCard names={['jar', 'waste']} />
      {count !== null && ml !== null && degreaser ? (
        <TakeOff
          rows={[degreaser]}
          amount={bathUseMl(count, ml, degreaser.product.dilution, false)}
          onTake={onTake}
        />
      ) : null}
      {count !== null && ml !== null ? (
        <Button label="Use at the bench" onPress={() => onBench(count, Math.round(ml))} />
      ) : null}
    </Calculator>
  );
}

/** Chains that the wax in a pot will serve. */
export function WaxCalculator({ rowsOf, onTake, onBench }: FromStock & { onBench: () => void }) {
  const wax = useAmount(500, { label: 'Wax in the pot', unit: 'g', low: 50, high: 5000 });
  return (
    <Calculator
      title="Wax in the pot"
      formula="Chains = half of the wax ÷ 5 g a chain takes up; the other half must stay to cover it. Own estimates: weigh a chain before and after to know yours."
    >
      <View style={styles.row}>{wax.field}</View>
      {wax.value !== null ? (
        <Outcome>Serves about {chainsInPot(wax.value)} chains before it is topped up.</Outcome>
      ) : null}
      {wax.value !== null ? (
        <TakeOff rows={rowsOf('wax')} amount={wax.value} onTake={onTake} />
      ) : null}
      <CautionCard names={['hot wax', 'waste']} />
      <Button label="Wax at the bench" onPress={onBench} />
    </Calculator>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
