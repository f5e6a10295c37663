import { StyleSheet, View } from 'react-native';
import { addOnsFor, takesRounds } from '@/core/bench/addOns';
import { mayTakeWheelOut } from '@/core/bench/job';
import type { Offer, Wanted } from '@/core/bench/offer';
import type { RoundState } from '@/core/rounds/due';
import { nextFirst, type Recommended } from '@/core/bench/recommend';
import { procedure } from '@/core/bench/procedure';
import { materialsOf } from '@/core/bench/timeline';
import type { Bike } from '@/core/records/garage';
import type { Depth } from '@/core/records/kinds';
import type { DateText } from '@/core/time/dates';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import { Button } from '../form/Button';
import { Choice, Toggles } from '../form/Choice';
import { FormFoot } from '../form/FormFoot';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { DepthRow } from './DepthRow';
import { RoundToggles } from './RoundToggles';
import { ADD_ON_LABEL } from '@/core/words/workshop';
import { earlySentence, recommendedSentence } from '@/core/words/offers';

interface Props {
  offers: readonly Offer[];
  recommended: Recommended | null;
  depth: Depth;
  onDepth: (depth: Depth) => void;
  wanted: Wanted;
  onWanted: (part: Partial<Wanted>) => void;
  /** Bottles of the lube on the shelf. */
  bottles: readonly { id: string; name: string }[];
  now: number;
  today: DateText;
  /** The lube left on it, where lubing would be far too early and the rider has not been told; else null. */
  early: number | null;
  bike: Bike;
  /** Slower rounds that are due on it. */
  dueRounds: readonly RoundState[];
  onStart: (offer: Offer) => void;
}

/** Before starting: how deep, with what, and what to lay out. */
export function StartPanel(props: Props) {
  const { offers, recommended, depth, onDepth, wanted, onWanted, bottles, now, today } = props;
  const offer = offers.find((o) => o.depth === depth && o.refused === null) ?? null;
  const lay = offer ? materialsOf(procedure(offer.job)) : [];
  return (
    <View style={styles.panel}>
      <View role="radiogroup" aria-label="Which job" style={styles.list}>
        {nextFirst(offers, recommended).map((o) => (
          <DepthRow
            key={o.depth}
            offer={o}
            chosen={o === offer}
            reason={recommended?.depth === o.depth ? recommendedSentence(recommended, today) : null}
            now={now}
            onChoose={() => onDepth(o.depth)}
          />
        ))}
      </View>
      <WithWhat depth={depth} wanted={wanted} onWanted={onWanted} bottles={bottles} />
      <Also {...{ depth, offer, wanted, onWanted }} />
      {takesRounds(depth) ? (
        <RoundToggles
          bike={props.bike}
          due={props.dueRounds}
          chosen={wanted.rounds}
          onChange={(rounds) => onWanted({ rounds })}
        />
      ) : null}
      {props.early !== null && offer?.job.lube && offer.time ? (
        <Card title="There is plenty of lube on it">
          <Txt>{earlySentence(props.early, offer.job.lube.ml, offer.time.handsOn)}</Txt>
        </Card>
      ) : null}
      {lay.length > 0 ? (
        <Card title="You’ll need">
          <Txt>{lay.join(' · ')}</Txt>
        </Card>
      ) : null}
      <FormFoot>
        <Button
          kind="strong"
          label={offer ? 'Begin' : 'Pick a job first'}
          disabled={!offer}
          onPress={() => offer && props.onStart(offer)}
          grow
        />
      </FormFoot>
    </View>
  );
}

/** What may be done in the same session, where this bike and job allow it. */
function Also({
  depth,
  offer,
  wanted,
  onWanted,
}: Pick<Props, 'depth' | 'wanted' | 'onWanted'> & { offer: Offer | null }) {
  return (
    <>
      {offer && mayTakeWheelOut(offer.job) ? (
        <Toggles
          label="Rear wheel"
          options={[
            {
              label: 'Take it out: both sides of the cogs in reach',
              on: wanted.wheelOut,
              onChange: (wheelOut) => onWanted({ wheelOut }),
            },
          ]}
        />
      ) : null}
      {addOnsFor(depth).length === 0 ? null : (
        <Toggles
          label="Also"
          options={addOnsFor(depth).map((addOn) => ({
            label: ADD_ON_LABEL[addOn],
            on: wanted.addOns.includes(addOn),
            onChange: (on) =>
              onWanted({
                addOns: on ? [...wanted.addOns, addOn] : wanted.addOns.filter((a) => a !== addOn),
              }),
          }))}
        />
      )}
    </>
  );
}

/** With which lube, bottle, brush, and how many baths, where the depth leaves a choice. */
function WithWhat(props: Pick<Props, 'depth' | 'wanted' | 'onWanted' | 'bottles'>) {
  const { depth, wanted, onWanted, bottles } = props;
  return (
    <>
      {depth === 'wipe-down' ? null : (
        <Choice<LubeClass>
          label="Lube"
          options={LUBE_CLASS_NAMES.map((value) => ({
            value,
            label: value.charAt(0).toUpperCase() + value.slice(1),
          }))}
          value={wanted.lube}
          onChange={(lube) => onWanted({ lube, bottleId: null })}
        />
      )}
      {depth !== 'wipe-down' && bottles.length > 1 ? (
        <Choice
          label="Bottle"
          options={bottles.map((b) => ({ value: b.id, label: b.name }))}
          value={wanted.bottleId ?? bottles[0]?.id ?? ''}
          onChange={(bottleId) => onWanted({ bottleId })}
        />
      ) : null}
      {depth === 'on-bike clean' ? (
        <Choice
          label="Cleaned with"
          options={[
            { value: 'brush', label: 'Brush' },
            { value: 'scrubber', label: 'Scrubber' },
          ]}
          value={wanted.clean}
          onChange={(clean) => onWanted({ clean })}
        />
      ) : null}
      {depth === 'off-bike clean' ? (
        <Choice
          label="Baths"
          options={[2, 3, 4].map((value) => ({ value, label: String(value) }))}
          value={wanted.baths.count}
          onChange={(count) => onWanted({ baths: { ...wanted.baths, count } })}
        />
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({ panel: { gap: 18 }, list: { gap: 8 } });
