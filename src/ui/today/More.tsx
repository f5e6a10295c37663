import { StyleSheet, View } from 'react-native';
import { inFull, type ReplayStep } from '@/core/care/replay/step';
import type { Garage } from '@/core/records/garage';
import { dayWord, type DateText } from '@/core/time/dates';
import { dateOf } from '@/core/time/zones';
import { formatRain, formatTemperature } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import type { SkyOfDay } from '@/core/weather/skyAhead';
import { eventLine } from '@/core/words/event';
import type { AgendaEntry } from '@/core/words/plan';
import { Card } from '../frame/Card';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** Jobs of all bikes, by day; null: no plan yet. */
  jobs: readonly AgendaEntry[] | null;
  /** What was logged last, newest first. */
  noted: readonly ReplayStep[];
  /** The days of the forecast where the bike stands. */
  sky: readonly SkyOfDay[];
  garage: Garage;
  today: DateText;
  zone: string;
  units: Units;
  /** What care costs, in a sentence; null: not worked out yet. */
  cost: string | null;
  /** What the chain takes, in a sentence; null: not worked out yet. */
  watts: string | null;
}

/** Beside the chain: what comes next on all bikes, the weather ahead, and what was noted lately. */
export function More({ jobs, noted, sky, garage, today, zone, units, cost, watts }: Props) {
  return (
    <>
      {jobs ? (
        <Card title="Next jobs">
          {jobs.map((job) => (
            <Row
              key={job.id}
              href="/plan"
              what={`${job.bikeName}: ${job.words.order}`}
              when={dayWord(job.date, today)}
            />
          ))}
          {jobs.length === 0 ? <Txt tone="inkSoft">No job is due in the next weeks.</Txt> : null}
        </Card>
      ) : null}
      {sky.length > 0 ? (
        <Card title="Weather ahead">
          {sky.map((day) => (
            <Row key={day.date} what={skyLine(day, units)} when={dayWord(day.date, today)} />
          ))}
        </Card>
      ) : null}
      {noted.length > 0 ? (
        <Card title="Lately noted">
          {noted.map((step) => (
            <Row
              key={step.event.id}
              href={step.event.type === 'rideLogged' ? `/rides/${step.event.id}` : '/book/history'}
              what={`${whose(step, garage)}: ${eventLine(step.event, units, inFull(step).sky)}`}
              when={dayWord(dateOf(Date.parse(step.event.at), zone), today)}
            />
          ))}
        </Card>
      ) : null}
      {/* Last: it comes late, and must push nothing down. */}
      {cost && watts ? (
        <Card title="Watts and money">
          <Row href="/book/watts" what={watts} when="This chain" />
          <Row href="/book/money" what={cost} when="All bikes" />
        </Card>
      ) : null}
    </>
  );
}

/** The bike or chain a step is of. */
const whose = ({ bikeId, chainId }: ReplayStep, { bikes, chains }: Garage): string =>
  bikes[bikeId ?? '']?.name ?? chains[chainId ?? '']?.name ?? 'A chain no longer here';

/** Rain below this is none to speak of, mm. */
const DRY_MM = 0.2;

/** "3 to 8 °C, 12 mm of rain". */
function skyLine({ lowC, highC, rainMm }: SkyOfDay, units: Units): string {
  const low = formatTemperature(lowC, units).replace(/ .*/, '');
  const rain = rainMm < DRY_MM ? 'dry' : `${formatRain(rainMm, units)} of rain`;
  return `${low} to ${formatTemperature(highC, units)}, ${rain}`;
}

interface RowProps {
  href?: string;
  what: string;
  when: string;
}

function Row({ href, what, when }: RowProps) {
  const colors = useColors();
  const line = (
    <View style={[styles.row, { borderColor: colors.line }]}>
      <Txt variant="small" style={styles.what}>
        {what}
      </Txt>
      <Txt variant="label" tone="inkSoft">
        {when}
      </Txt>
    </View>
  );
  return href ? <LinkBox href={href}>{line}</LinkBox> : line;
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    flexWrap: 'wrap',
    columnGap: 12,
    minHeight: 44,
    borderTopWidth: 1,
    paddingVertical: 4,
  },
  what: { flexShrink: 1 },
});
