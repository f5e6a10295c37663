import { lazy, Suspense } from 'react';
import { StyleSheet, View } from 'react-native';
import { answerCrossings, overtakes, rank, reasons, type Curve } from '@/core/choice/rank';
import { intervalLine } from '@/core/choice/interval';
import { leadHours, lifeKmOf } from '@/core/choice/candidate';
import { rulesFor, switchMinutes, type ChoiceFacts } from '@/core/choice/rules';
import type { RidingProfile } from '@/core/choice/profile';
import type { Wishes } from '@/core/records/wishes';
import type { Bike } from '@/core/records/garage';
import type { LubeClass } from '@/core/lube/classes';
import { formatDistance, formatShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { ProgressBar } from '../form/ProgressBar';
import { Slider } from '../form/Slider';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { CandidateRow } from './CandidateRow';
import type { Horizon } from './HorizonPick';
import { answerSentence, nameIn, ruleSentence } from '@/core/words/choice';

// The package for charts is heavy and the answer does not wait for it.
const CrossingChart = lazy(() => import('../charts').then((m) => ({ default: m.CrossingChart })));

interface Props {
  bike: Bike;
  horizon: Horizon;
  profile: RidingProfile;
  /** Wet share by the horizon, and the one looked at now. */
  usualWet: number;
  wetShare: number;
  onWetShare: (share: number) => void;
  /** Null until the seasons have been ridden. */
  curves: readonly Curve[] | null;
  progress: number | null;
  wishes: Wishes;
  facts: Omit<ChoiceFacts, 'wetShare'>;
  /** Money has degreaser in it. */
  withDegreaser: boolean;
  units: Units;
}

/** Which lube: the answer first, then what moves it, then every lube with its working. */
export function ChoicePanel(props: Props) {
  const { horizon, profile, usualWet, wetShare, curves, wishes, units } = props;
  const facts: ChoiceFacts = { ...props.facts, wetShare };
  const crossings = curves ? answerCrossings(curves, wishes, facts) : [];
  return (
    <View style={styles.panel}>
      <Slider
        label="Share of riding on wet roads"
        value={Math.round(wetShare * 100)}
        min={0}
        max={100}
        step={1}
        text={
          wetShare === usualWet
            ? `${formatShare(wetShare)}, as ${WET_FROM[horizon]}`
            : `${formatShare(wetShare)}; ${WET_FROM[horizon]}: ${formatShare(usualWet)}`
        }
        onChange={(percent) => props.onWetShare(percent / 100)}
      />
      {props.progress !== null ? (
        <ProgressBar share={props.progress} label="Riding the seasons" />
      ) : null}
      {curves ? (
        <Answer {...props} curves={curves} facts={facts} crossings={crossings} />
      ) : (
        // The answer needs more than the window: what comes below it waits there.
        <View style={styles.room} />
      )}
      <Txt variant="small" tone="inkSoft">
        {profile.rides === 0
          ? 'No rides yet: three of 30 km a week are assumed.'
          : `From ${profile.rides} rides: ${formatDistance(profile.rideKm, units)} each, ${profile.ridesPerWeek.toFixed(1)} a week.`}
      </Txt>
    </View>
  );
}

const WET_FROM: Record<Horizon, string> = {
  forecast: 'the forecast has it',
  month: 'last month',
  season: 'this half year',
};

/** The classes the chart has room for: the four most in use. */
const SHOWN: readonly LubeClass[] = ['dry', 'wet', 'all-weather', 'drip wax'];

type AnswerProps = Omit<Props, 'curves' | 'facts'> & {
  curves: readonly Curve[];
  facts: ChoiceFacts;
  crossings: ReturnType<typeof answerCrossings>;
};

function Answer(props: AnswerProps) {
  const { curves, facts, wishes, wetShare, bike } = props;
  const ranked = rank(curves, wetShare, wishes, facts);
  const [first] = ranked;
  if (!first) return null;
  const { name, owned, lubeClass } = first.candidate;
  return (
    <>
      <View role="region" aria-label="Answer" aria-live="polite" style={styles.answer}>
        <Txt variant="verdict" level={2}>
          {name}.
        </Txt>
        <Txt tone="inkSoft">
          {owned ? `On your shelf; class: ${lubeClass}.` : 'Not on your shelf yet.'}
        </Txt>
        <Txt variant="lead">{answerSentence(ranked, reasons(ranked))}</Txt>
        {rulesFor(first.candidate, facts).map((rule) => (
          <Txt key={rule.kind}>{ruleSentence(rule)}</Txt>
        ))}
      </View>
      <WhereItChanges {...props} />
      <View>
        {ranked.map((r, n) => (
          <CandidateRow
            key={r.candidate.id}
            place={n + 1}
            ranked={r}
            rules={rulesFor(r.candidate, facts)}
            leadHours={leadHours(r.candidate, bike.storage)}
            switchMinutes={switchMinutes(r.candidate, facts.now)}
            lifeKm={lifeKmOf(r.candidate)}
            withDegreaser={props.withDegreaser}
            units={props.units}
          />
        ))}
      </View>
    </>
  );
}

/** At which wet shares another lube is the answer, in words and as a chart. */
function WhereItChanges({
  curves,
  facts,
  crossings,
  wishes,
  wetShare,
  profile,
  units,
}: AnswerProps) {
  const named = (lube: LubeClass) =>
    curves.find((c) => c.candidate.lubeClass === lube)?.candidate.id ?? '';
  const wetOverDry = overtakes(curves, [named('dry'), named('wet')], wishes, facts);
  const shown = SHOWN.map(named);
  const lines = crossings.map(
    (c) => `From ${formatShare(c.wetShare)} wet on, ${nameIn(c.to)} is the answer.`,
  );
  return (
    <Card title="Where the answer changes" help="crossing">
      <Txt>{lines.length ? lines.join(' ') : 'The choice is the same, dry or wet.'}</Txt>
      {wetOverDry !== null ? (
        <Txt>Wet lube overtakes dry at {formatShare(wetOverDry)} wet.</Txt>
      ) : null}
      <Suspense fallback={<View style={styles.chart} />}>
        <CrossingChart
          lines={curves
            .filter((c) => shown.includes(c.candidate.id))
            .map((c) => intervalLine(c.candidate, profile))}
          wetShare={wetShare}
          crossings={crossings.map((c) => ({ wetShare: c.wetShare, label: nameIn(c.to) }))}
          units={units}
        />
      </Suspense>
    </Card>
  );
}

const styles = StyleSheet.create({
  room: { height: 1000 },
  panel: { gap: 18 },
  answer: { gap: 8 },
  chart: { height: 286 },
});
