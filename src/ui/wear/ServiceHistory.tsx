import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ReplayStep } from '@/core/care';
import type { Chain } from '@/core/garage';
import { dateFormat } from '@/core/time/dateFormat';
import { formatDistance, type UnitSystem } from '@/core/units';
import { serviceOf, type Service, type ServiceRow, type ServiceYear } from '@/core/wear';
import { eventLine } from '@/core/words/event';
import { figuresLine, monthOfYear, serviceSentences } from '@/core/words/service';
import { Button } from '../form';
import { Card } from '../frame';
import { Txt, useColors } from '../theme';

interface Props {
  steps: readonly ReplayStep[];
  chain: Chain;
  units: UnitSystem;
  onSave: (service: Service) => void;
}

const day = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

/** So many entries are drawn at once; the rest when asked for. */
const SHOWN = 200;

/** The whole life of a chain, to read, to print and to take along as a table. */
export function ServiceHistory({ steps, chain, units, onSave }: Props) {
  const service = useMemo(() => serviceOf(steps, chain.id), [steps, chain.id]);
  const [all, setAll] = useState(false);
  if (!service) return <Txt>This chain has never been on a bike.</Txt>;
  const rows = all ? service.rows : service.rows.slice(0, SHOWN);
  return (
    <View style={styles.page}>
      {serviceSentences(service, units).map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <View style={styles.buttons} {...({ dataSet: { frame: '' } } as object)}>
        <Button label="Print it" onPress={() => window.print()} />
        <Button label="Save it as a table" onPress={() => onSave(service)} />
      </View>
      {service.years.map((year) => (
        <Year key={year.year} year={year} units={units} />
      ))}
      <Txt variant="heading" level={2}>
        Everything, newest first
      </Txt>
      {rows.map((row) => (
        <Row key={row.event.id} row={row} units={units} />
      ))}
      {rows.length < service.rows.length ? (
        <Button label={`Show all ${service.rows.length}`} onPress={() => setAll(true)} />
      ) : null}
    </View>
  );
}

/** A year and its months, as far as something was done in them. */
function Year({ year, units }: { year: ServiceYear; units: UnitSystem }) {
  const months = year.months
    .map((figures, month) => ({ figures, month }))
    .filter(({ figures }) => figures.rides + figures.coats + figures.cleans > 0);
  return (
    <Card title={String(year.year)}>
      <Txt>{figuresLine(year, units)}</Txt>
      {months.map(({ figures, month }) => (
        <Txt key={month} variant="small" tone="inkSoft">
          {monthOfYear(year.year, month)}: {figuresLine(figures, units)}
        </Txt>
      ))}
    </Card>
  );
}

function Row({ row: { event, sky, km }, units }: { row: ServiceRow; units: UnitSystem }) {
  const colors = useColors();
  const note = event.type === 'workDone' && event.note ? `, ${event.note}` : '';
  return (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <Txt variant="strong">{eventLine(event, units, sky)}</Txt>
      <Txt variant="small" tone="inkSoft">
        {day.format(Date.parse(event.at))}, at {formatDistance(km, units)}
        {note}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { gap: 12 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  row: { borderBottomWidth: 1, paddingVertical: 6 },
});
