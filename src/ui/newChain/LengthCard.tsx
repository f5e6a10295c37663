import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { derailleurLength, fixedLengths, slackTeeth } from '@/core/chain/length';
import { readIfAny, readWhole } from '@/core/entry/number';
import type { Bike } from '@/core/records/garage';
import type { Problem, Result } from '@/core/problem';
import {
  fixedSaid,
  lengthSaid,
  slackSentence,
  TIGHT_SENTENCE,
  TRY_BEFORE_CUTTING,
} from '@/core/words/newChain';
import { Button } from '../form/Button';
import { Field } from '../form/Field';
import { Card } from '../frame/Card';
import { useAmount } from '../form/useAmount';
import { Txt } from '../theme/Txt';

interface Props {
  bike: Bike;
  /** Links of the chain it had; null: none is known. */
  oldLinks: number | null;
  onFit: (links: number) => void;
  onKeepStay: (chainstayMm: number) => void;
}

/** How long a new chain has to be, from the bike's measures or the old chain, whichever there is. */
export function LengthCard({ bike, oldLinks, onFit, onKeepStay }: Props) {
  const [stay, setStay] = useState(String(bike.chainstayMm ?? ''));
  const [old, setOld] = useState(String(oldLinks ?? ''));
  const stayRead = readIfAny(stay, 300, 700);
  const oldRead: Result<number | null> =
    old.trim() === '' ? { ok: true, value: null } : readWhole(old, 40, 250, 'links/impossible');
  const chainstayMm = stayRead.ok ? stayRead.value : null;
  const geared = bike.gear === 'derailleur';
  return (
    <Card title="How long">
      <View style={styles.row}>
        <Field
          label="Chainstay"
          unit="mm"
          hint={
            geared
              ? 'From the middle of the cranks to the middle of the wheel.'
              : 'The same, with the wheel right forward in its slot.'
          }
          value={stay}
          onChange={setStay}
          problem={problemOf(stayRead)}
          numeric
          half
        />
        {geared ? (
          <Field
            label="Links of the old chain"
            hint="Counted, not laid beside: a worn chain is longer."
            value={old}
            onChange={setOld}
            problem={problemOf(oldRead)}
            numeric
            half
          />
        ) : null}
      </View>
      {chainstayMm !== null && chainstayMm !== bike.chainstayMm ? (
        <Button label="Note the chainstay on the bike" onPress={() => onKeepStay(chainstayMm)} />
      ) : null}
      {geared ? (
        <ForDerailleur
          bike={bike}
          chainstayMm={chainstayMm}
          old={oldRead.ok ? oldRead.value : null}
          onFit={onFit}
        />
      ) : chainstayMm === null ? (
        <Txt tone="inkSoft">Measure the chainstay, and the length is worked out here.</Txt>
      ) : (
        <ForSlot bike={bike} chainstayMm={chainstayMm} onFit={onFit} />
      )}
    </Card>
  );
}

const problemOf = (read: Result<unknown>): Problem | undefined =>
  read.ok ? undefined : read.problem;

interface DerailleurProps extends Pick<Props, 'bike' | 'onFit'> {
  /** Whichever of both the rider has. */
  chainstayMm: number | null;
  old: number | null;
}

function ForDerailleur({ bike, chainstayMm, old, onFit }: DerailleurProps) {
  const { rings, smallestCog, largestCog } = bike;
  const found = derailleurLength(chainstayMm, { ring: Math.max(...rings), cog: largestCog }, old);
  if (!found)
    return (
      <Txt tone="inkSoft">
        Measure the chainstay or count the old chain, and the length stands here.
      </Txt>
    );
  const [cut = '', ...why] = lengthSaid(found);
  return (
    <>
      <Txt variant="lead" live="polite">
        {cut}
      </Txt>
      {why.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <Txt variant="heading" level={3}>
        Before you cut
      </Txt>
      {TRY_BEFORE_CUTTING.map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <Txt tone="inkSoft">{slackSentence(slackTeeth(rings, smallestCog, largestCog))}</Txt>
      <Txt tone="inkSoft">{TIGHT_SENTENCE}</Txt>
      <Button label={`Fit a chain of ${found.links} links`} onPress={() => onFit(found.links)} />
    </>
  );
}

interface SlotProps extends Pick<Props, 'bike' | 'onFit'> {
  chainstayMm: number;
}

function ForSlot({ bike, chainstayMm, onFit }: SlotProps) {
  const slot = useAmount(20, {
    label: 'How far the wheel goes back',
    unit: 'mm',
    low: 1,
    high: 60,
  });
  const drive = { chainstayMm, ring: Math.max(...bike.rings), cog: bike.largestCog };
  const found = slot.value === null ? [] : fixedLengths(drive, slot.value);
  const best = found.find((f) => !f.half) ?? found[0];
  return (
    <>
      <View style={styles.row}>{slot.field}</View>
      <Txt tone="inkSoft">{TIGHT_SENTENCE}</Txt>
      {slot.value !== null ? (
        <View>
          {fixedSaid(found).map((line) => (
            <Txt key={line} variant="lead" live="polite">
              {line}
            </Txt>
          ))}
        </View>
      ) : null}
      <Txt>
        Leave about 10 mm of play in the middle of the lower run. A tight chain grinds and wears the
        bearings.
      </Txt>
      {best ? (
        <Button label={`Fit a chain of ${best.links} links`} onPress={() => onFit(best.links)} />
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 } });
