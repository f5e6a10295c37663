import { memo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { AgendaEntry } from '@/core/words/plan';
import { dayWord, shortDay } from '@/core/time/dates';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import type { PlanDay } from '@/core/plan/planner';
import { formatExactDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import type { MorningEntry } from '@/core/words/beforeRide';
import { JobCard, type JobActions } from './JobCard';
import { swapSentence } from '@/core/words/rotation';
import { PlanRow } from './PlanRow';
import type { SwapAhead } from '@/core/plan/agenda/swaps';
import { timeText } from '@/core/intl/dates';

interface Props {
  agenda: readonly AgendaEntry[];
  days: readonly PlanDay[];
  rides: readonly RideAhead[];
  bikeNames: Readonly<Record<string, string>>;
  units: Units;
  actions: JobActions;
  swaps: readonly SwapAhead[];
  mornings: readonly MorningEntry[];
  /** What of the slower rounds is due on each bike, to ride along with its next job. */
  along: Readonly<Record<string, string>>;
  /** Whose turn the next coat of each bike is in a trial. */
  turns: Readonly<Record<string, string>>;
  /** That a rag is to be read for one before any work. */
  rags: Readonly<Record<string, string>>;
}

/**
 * The days of the plan that have something in them: rides in small type, jobs as cards. It is long, so it is drawn for a
 * new plan only, not for each step of making one.
 */
export const AgendaList = memo(function AgendaList(props: Props) {
  const { agenda, days, rides, bikeNames, units, actions, swaps, mornings, along, turns, rags } =
    props;
  const isNext = (item: AgendaEntry) => agenda.find((a) => a.bikeId === item.bikeId) === item;
  const isNextCoat = (item: AgendaEntry) =>
    agenda.find((a) => a.bikeId === item.bikeId && a.lubeName !== null) === item;
  const today = days[0]?.date ?? '';
  return (
    <View role="list" aria-label="Agenda" style={styles.list}>
      {days.map((day) => {
        const jobs = agenda.filter((a) => a.date === day.date);
        const swapping = swaps.filter((s) => s.date === day.date);
        const coats = mornings.filter((m) => m.date === day.date);
        const lines = rides
          .filter((r) => r.date === day.date)
          .map((r) => rideLine(r, bikeNames[r.bikeId] ?? '', units));
        if (jobs.length + swapping.length + coats.length > 0)
          return (
            <WorkDay key={day.date} day={day} today={today} lines={lines}>
              {coats.map((coat) => (
                <PlanRow
                  key={coat.bikeId}
                  label={`${coat.bikeName}, thin coat, ${shortDay(coat.date)}`}
                  above={`${coat.bikeName} · ${coat.minutes} min`}
                  what={coat.what}
                  why={coat.why}
                  onDo={() => actions.onMorning(coat)}
                />
              ))}
              {jobs.map((item) => (
                <JobCard
                  key={item.id}
                  item={item}
                  today={today}
                  along={isNext(item) ? (along[item.bikeId] ?? null) : null}
                  trial={[
                    isNext(item) ? rags[item.bikeId] : undefined,
                    isNextCoat(item) ? turns[item.bikeId] : undefined,
                  ]}
                  actions={actions}
                />
              ))}
              {swapping.map((swap) => (
                <PlanRow
                  key={swap.bike.id}
                  label={`${swap.bike.name}, swap, ${shortDay(swap.date)}`}
                  above={null}
                  what={`${swap.bike.name}: swap the chains`}
                  why={swapSentence(swap)}
                  onDo={() => actions.onSwap(swap)}
                />
              ))}
            </WorkDay>
          );
        return lines.length > 0 ? <RideDay key={day.date} day={day} lines={lines} /> : null;
      })}
    </View>
  );
});

interface WorkDayProps {
  day: PlanDay;
  today: string;
  lines: readonly string[];
  children: ReactNode;
}

function WorkDay({ day, today, lines, children }: WorkDayProps) {
  const colors = useColors();
  const word = dayWord(day.date, today);
  const date = shortDay(day.date);
  return (
    <View role="listitem" style={styles.day}>
      <View style={[styles.head, { borderColor: colors.lineStrong }]}>
        <Txt variant="heading" level={2}>
          {word === date ? date : `${word}, ${date.slice(date.indexOf(' ') + 1)}`}
        </Txt>
        <Txt variant="small" tone="inkSoft">
          {`${day.taken} of ${day.minutes} min`}
        </Txt>
      </View>
      {lines.map((line) => (
        <Txt key={line} variant="small" tone="inkSoft">
          {line}
        </Txt>
      ))}
      {children}
    </View>
  );
}

/** A day of riding only: one line, so that the jobs stand out. */
function RideDay({ day, lines }: { day: PlanDay; lines: readonly string[] }) {
  return (
    <View role="listitem" style={styles.rideDay}>
      <Txt variant="label" tone="inkSoft" style={styles.date}>
        {shortDay(day.date)}
      </Txt>
      <View style={styles.lines}>
        {lines.map((line) => (
          <Txt key={line} variant="small" tone="inkSoft">
            {line}
          </Txt>
        ))}
      </View>
    </View>
  );
}

/** "07:12 Quay commuter, 19 km, as usual". */
function rideLine(ride: RideAhead, bike: string, units: Units): string {
  const weight = ride.weight === 'ordinary' ? '' : `, ${ride.weight}`;
  const title = ride.assumed ? ', as usual' : ride.title ? `: ${ride.title}` : '';
  return `${timeText(ride.time, units.clock)} ${bike}, ${formatExactDistance(ride.km, units)}${weight}${title}`;
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  day: { gap: 6, marginTop: 6 },
  head: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    flexWrap: 'wrap',
    columnGap: 12,
    borderBottomWidth: 1,
    paddingBottom: 3,
  },
  rideDay: { flexDirection: 'row', gap: 10 },
  date: { width: 84 },
  lines: { flex: 1, minWidth: 0 },
});
