import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ReplayStep } from '@/core/care/replay/step';
import type { Garage } from '@/core/records/garage';
import { costOfWork } from '@/core/shelf/spent';
import type { Units } from '@/core/units/convert';
import { serviceOf, type Life, type Service, type ServiceYear } from '@/core/wear/service';
import { figuresLine, monthOfYear, serviceSentences } from '@/core/words/service';
import { Button } from '../form/Button';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { ServiceLine } from './ServiceLine';
import { StoryTape } from './StoryTape';

interface Props {
  steps: readonly ReplayStep[];
  life: Life;
  garage: Garage;
  units: Units;
  now: number;
  onSave: (service: Service) => void;
}

/** So many entries are drawn at once; the rest when asked for. */
const SHOWN = 200;

/** The whole life of a chain or a bike: on one tape, in figures, to read, to print and to take along as a table. */
export function ServiceHistory({ steps, life, garage, units, now, onSave }: Props) {
  const { products } = garage;
  const service = useMemo(
    () => serviceOf(steps, life, (work) => costOfWork(products, work)),
    [steps, life, products],
  );
  const [all, setAll] = useState(false);
  if (!service) return <Txt>The log knows nothing of it yet.</Txt>;
  const rows = all ? service.rows : service.rows.slice(0, SHOWN);
  const of = typeof life === 'object' && 'bikeId' in life ? 'bike' : 'chain';
  return (
    <View style={styles.page}>
      {serviceSentences(service, of, units).map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <View style={styles.buttons} {...({ dataSet: { frame: '' } } as object)}>
        <Button label="Print it" onPress={() => window.print()} />
        <Button label="Save it as a table" onPress={() => onSave(service)} />
      </View>
      <View {...({ dataSet: { frame: '' } } as object)}>
        <StoryTape rows={service.rows} garage={garage} units={units} now={now} />
      </View>
      {service.years.map((year) => (
        <Year key={year.year} year={year} units={units} />
      ))}
      <Txt variant="heading" level={2}>
        Everything, newest first
      </Txt>
      {rows.map((row) => (
        <ServiceLine key={row.event.id} row={row} garage={garage} units={units} />
      ))}
      {rows.length < service.rows.length ? (
        <Button label={`Show all ${service.rows.length}`} onPress={() => setAll(true)} />
      ) : null}
    </View>
  );
}

/** A year and its months, as far as something was done in them. */
function Year({ year, units }: { year: ServiceYear; units: Units }) {
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

const styles = StyleSheet.create({
  page: { gap: 12 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
