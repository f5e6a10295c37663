import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Candidate } from '@/core/choice/candidate';
import type { LubeRule } from '@/core/choice/rules';
import type { Ranked } from '@/core/choice/rank';
import type { Wish } from '@/core/records/wishes';
import {
  formatDistance,
  formatDistanceRange,
  formatHours,
  formatNumber,
  formatShare,
} from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { refusalSentence, ruleSentence, WISH_LABEL } from '@/core/words/choice';

interface Props {
  place: number;
  ranked: Ranked;
  /** What to mind with it. */
  rules: readonly LubeRule[];
  /** Hours from lubing to riding where the bike stands. */
  leadHours: number;
  /** Minutes a change to it takes once. */
  switchMinutes: number;
  /** Life it was reckoned with, km. */
  lifeKm: number;
  /** The figure of money has degreaser in it. */
  withDegreaser: boolean;
  units: Units;
}

/** One lube in the ranking; opened, every figure with what it was made of. */
export function CandidateRow(props: Props) {
  const { place, ranked, rules, units } = props;
  const { candidate, figures, refused } = ranked;
  const colors = useColors();
  const [open, setOpen] = useState(false);
  const minutes = `${formatNumber(figures.minutesPer1000Km)} min per ${formatDistance(1000, units)}`;
  return (
    <View style={[styles.row, { borderColor: colors.line, backgroundColor: colors.cloth }]}>
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={styles.head}
      >
        <View style={styles.grow}>
          <Txt variant="strong" tone={refused ? 'inkSoft' : 'ink'}>
            {refused ? '' : `${place}. `}
            {candidate.name}
            {candidate.owned ? ` (${candidate.lubeClass})` : ''}
          </Txt>
          <Txt variant="small" tone={refused ? 'danger' : 'inkSoft'}>
            {refused
              ? refusalSentence(refused)
              : `${formatDistanceRange(figures.intervalKm, units)} from coat to coat, ${minutes}`}
          </Txt>
        </View>
        <Txt variant="label" style={styles.underline}>
          {open ? 'Hide' : 'Working'}
        </Txt>
      </Pressable>
      {open ? (
        <View style={styles.working}>
          {rules.map((rule) => (
            <Txt key={rule.kind}>{ruleSentence(rule)}</Txt>
          ))}
          {facts(props).map(([what, value]) => (
            <View key={what} style={styles.fact}>
              <Txt variant="small" style={styles.grow}>
                {what}
              </Txt>
              <Txt variant="numberSmall">{value}</Txt>
            </View>
          ))}
          <Txt variant="small" tone="inkSoft">
            Averages over 20 half years of your riding at this wet share, the same weather for every
            lube. Life {formatDistance(props.lifeKm, units)} in the dry, {lifeSource(candidate)},
            give or take {formatShare(candidate.own.lifeSigma)} from coat to coat. Behind the best
            in your wishes by {shortfallText(ranked.parts)}.
          </Txt>
        </View>
      ) : null}
    </View>
  );
}

function facts({
  ranked,
  leadHours,
  switchMinutes,
  withDegreaser,
  units,
}: Props): [string, string][] {
  const f = ranked.figures;
  const per = `per ${formatDistance(1000, units)}`;
  return [
    ['Half of the coats last', formatDistanceRange(f.intervalKm, units)],
    ['Coats a month', formatNumber(f.coatsPerMonth)],
    ['Cleans a month', formatNumber(f.cleansPerMonth)],
    [`Hands-on minutes ${per}`, formatNumber(f.minutesPer1000Km)],
    [
      `Money for lube ${withDegreaser ? 'and degreaser ' : ''}${per}`,
      f.moneyPer1000Km === null ? 'unknown' : f.moneyPer1000Km.toFixed(2),
    ],
    [`Wear ${per}`, `${f.wearPer1000Km.toFixed(3)} %`],
    ['Watts lost (riding at 250 W)', `${formatNumber(f.watts)} W`],
    ['Grit outside, on average', formatShare(f.grit)],
    ['Rides on which it runs dry', formatShare(f.dryRides)],
    ['Ready to ride after', formatHours(leadHours)],
    ['To change to it, once', switchMinutes > 0 ? `${switchMinutes} min` : 'nothing'],
  ];
}

function lifeSource({ own, lifeKm }: Candidate): string {
  const from = lifeKm === null ? 'common practice' : 'its label';
  return own.notes > 0 ? `${from}, adjusted by what you noted` : from;
}

function shortfallText(parts: Record<Wish, number>): string {
  const shares = (Object.entries(parts) as [Wish, number][])
    .filter(([, value]) => value >= 0.05)
    .map(([wish, value]) => `${value.toFixed(1)} for ${WISH_LABEL[wish].toLowerCase()}`);
  return shares.length ? shares.join(', ') : 'nothing';
}

const styles = StyleSheet.create({
  row: { borderWidth: 1, borderRadius: 12, marginBottom: 8 },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    minHeight: 56,
    paddingHorizontal: 14,
    paddingVertical: 8,
  },
  grow: { flexGrow: 1, flexShrink: 1 },
  underline: { textDecorationLine: 'underline' },
  working: { paddingHorizontal: 14, paddingBottom: 12, gap: 6 },
  fact: { flexDirection: 'row', justifyContent: 'space-between', gap: 12 },
});
