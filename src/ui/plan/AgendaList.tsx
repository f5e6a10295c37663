import { StyleSheet, View } from 'react-native';
import type { AgendaItem } from '@/core/plan/agenda';
import type { RideAhead } from '@/core/plan/occurrences';
import type { PlanDay } from '@/core/plan/planner';
import { dayWord, shortDay } from '@/core/plan/sentences';
import { timeOf } from '@/core/plan/days';
import { formatDistance, type UnitSystem } from '@/core/units';
import { Txt, useColors } from '../theme';
import { JobCard, type JobActions } from './JobCard';

interface Props {
  agenda: readonly AgendaItem[];
  days: readonly PlanDay[];
  rides: readonly RideAhead[];
  bikeNames: Readonly<Record<string, string>>;
  units: UnitSystem;
  zone: string;
  actions: JobActions;
}

/** The days of the plan that have something in them: rides in small type, jobs as cards. */
export function AgendaList({ agenda, days, rides, bikeNames, units, zone, actions }: Props) {
  const colors = useColors();
  const today = days[0]?.date ?? '';
  const shown = days.filter(
    (d) => agenda.some((a) => a.date === d.date) || rides.some((r) => r.date === d.date),
  );
  return (
    <View role="list" aria-label="Agenda" style={styles.list}>
      {shown.map((day) => {
        const jobs = agenda.filter((a) => a.date === day.date);
        const own = rides.filter((r) => r.date === day.date);
        const word = dayWord(day.date, today);
        const date = shortDay(day.date);
        return (
          <View key={day.date} role="listitem" style={styles.day}>
            <View style={[styles.head, { borderColor: colors.line }]}>
              <Txt
                variant={jobs.length > 0 ? 'heading' : 'label'}
                level={3}
                tone={jobs.length > 0 ? 'ink' : 'inkSoft'}
              >
                {word === date ? date : `${word}, ${date}`}
              </Txt>
              {jobs.length > 0 ? (
                <Txt variant="small" tone="inkSoft">
                  {`${day.taken} of ${day.minutes} min`}
                </Txt>
              ) : null}
            </View>
            {own.map((ride) => (
              <Txt key={`${ride.plannedId} ${ride.at}`} variant="small" tone="inkSoft">
                {rideLine(ride, bikeNames[ride.bikeId] ?? '', units, zone)}
              </Txt>
            ))}
            {jobs.map((item) => (
              <JobCard
                key={item.id}
                item={item}
                today={today}
                units={units}
                zone={zone}
                actions={actions}
              />
            ))}
          </View>
        );
      })}
    </View>
  );
}

/** "07:12 Quay commuter, 19 km: To the ferry quay". */
function rideLine(ride: RideAhead, bike: string, units: UnitSystem, zone: string): string {
  const weight = ride.weight === 'ordinary' ? '' : ` · ${ride.weight}`;
  const title = ride.title ? `: ${ride.title}` : '';
  const usual = ride.assumed ? ' (as usual)' : '';
  return `${timeOf(ride.at, zone)}  ${bike}, ${formatDistance(ride.km, units)}${title}${usual}${weight}`;
}

const styles = StyleSheet.create({
  list: { gap: 14 },
  day: { gap: 6 },
  head: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    flexWrap: 'wrap',
    columnGap: 12,
    borderBottomWidth: 1,
    paddingBottom: 3,
  },
});
