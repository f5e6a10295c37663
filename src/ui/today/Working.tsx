import { StyleSheet, View } from 'react-native';
import { CARE } from '@/core/care/model/constants';
import type { ChainReport } from '@/core/care/verdict/report';
import type { StepInFull } from '@/core/care/replay/step';
import { bill, distanceSum } from '@/core/care/bill/bill';
import type { BillSection } from '@/core/care/bill/billTypes';
import { formatDistance, formatShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { rowsOfTape, TAPE_COLUMNS } from '@/core/words/tables/tape';
import { FiguresTable } from '../charts/TableBehind';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import {
  billLabel,
  decidingSection,
  decidingSentence,
  limitText,
  printed,
  SECTION_LABEL,
  sourceLine,
} from '@/core/words/bill';

interface Props {
  report: ChainReport;
  steps: readonly StepInFull[];
  units: Units;
}

/** The arithmetic behind the verdict, like a bill: what used up how much, and where figures come from. */
export function Working({ report, steps, units }: Props) {
  const { state, verdict, limits, learnt, bike } = report;
  const first = decidingSection(verdict);
  const sections = sortBy(bill(steps, state, limits, learnt), first);
  const sum = distanceSum(state, verdict, bike.ebike ? CARE.ebikeLoad.value : 1, learnt);
  return (
    <View style={styles.bill}>
      <Txt variant="strong">{decidingSentence(verdict, units)}</Txt>
      {sections.map((section) => (
        <Section key={section.name} section={section} units={units} />
      ))}
      <View style={styles.section}>
        <Txt variant="heading" level={3}>
          How far the lube lasts
        </Txt>
        {sum.lifeKm > 0 ? (
          <Line
            label={`(${formatShare(sum.filmLeft)} − ${formatShare(sum.reserve)} reserve) × ${formatDistance(sum.lifeKm, units)}${sum.load === 1 ? '' : ` ÷ ${sum.load} load`}, on dry roads`}
            value={formatDistance(sum.dryKm, units)}
          />
        ) : (
          <Line label="No lube on the chain" value={formatDistance(0, units)} />
        )}
        {sum.verdictKm !== null ? (
          <Line
            label="With your usual weather, roads and parking"
            value={formatDistance(sum.verdictKm, units)}
            total
          />
        ) : null}
      </View>
      <View style={styles.section}>
        <Txt variant="heading" level={3}>
          The tape in figures
        </Txt>
        <FiguresTable
          of="The tape in figures"
          columns={TAPE_COLUMNS}
          rows={rowsOfTape(steps, units)}
        />
      </View>
    </View>
  );
}

/** The section that decides comes first. */
const sortBy = (sections: BillSection[], first: BillSection['name']): BillSection[] => [
  ...sections.filter((s) => s.name === first),
  ...sections.filter((s) => s.name !== first),
];

function Section({ section, units }: { section: BillSection; units: Units }) {
  const print = printed(section);
  return (
    <View style={styles.section}>
      <Txt variant="heading" level={3}>
        {SECTION_LABEL[section.name]}
      </Txt>
      {section.lines.map((line, i) => (
        <Line
          key={line.item.kind + i}
          label={billLabel(line.item, units)}
          value={print.lines[i] ?? ''}
        />
      ))}
      <Line
        label={
          section.limit === null
            ? 'Now'
            : `Now (calls for work at ${limitText(section.limit, section.unit)})`
        }
        value={print.total}
        total
      />
      {section.sources.map((s) => (
        <Txt key={s.kind === 'constant' ? s.name : s.kind} variant="small" tone="inkSoft">
          {sourceLine(s, units)}
        </Txt>
      ))}
    </View>
  );
}

function Line({ label, value, total = false }: { label: string; value: string; total?: boolean }) {
  const colors = useColors();
  return (
    <View style={[styles.line, total && [styles.total, { borderColor: colors.lineStrong }]]}>
      <Txt variant={total ? 'label' : 'small'} style={styles.label}>
        {label}
      </Txt>
      <Txt variant="number">{value}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  bill: { gap: 22 },
  section: { gap: 6 },
  line: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end', gap: 12 },
  label: { flexShrink: 1 },
  total: { borderTopWidth: 1, paddingTop: 6, marginTop: 2 },
});
