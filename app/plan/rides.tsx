import { formatISO } from 'date-fns/formatISO';
import { useRouter } from 'expo-router';
import { changeBy, ridesOfCalendar } from '@/core/plan/rides/calendarRides';
import { daysAfter } from '@/core/time/dates';
import { selectBikes, selectGarage, selectNow, selectUnits } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { useOpenLogbook } from '@/store/OpenContext';
import { dropPlanned, savePlanned, takeCalendar } from '@/store/plan/plannedRides';
import { usePlan } from '@/store/plan/usePlan';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { PlannedRides } from '@/ui/plan/lazily';

export { load as pieces } from '@/ui/plan/lazily';

/** How far ahead a calendar is read, days. */
const CALENDAR_DAYS = 56;

/** Rides to come: planned by hand, by habit, from a calendar. */
export default function PlannedRidesRoute() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { beside } = usePlan({ waits: true });
  const { zone } = useOpenLogbook().edge;
  const today = formatISO(useAppSelector(selectNow), { representation: 'date' });
  const bikes = useAppSelector(selectBikes);
  const { planned } = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  if (bikes.length === 0) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const rides = Object.values(planned)
    .filter((r) => !r.retired && (r.repeat ? (r.repeat.until ?? today) >= today : r.date >= today))
    .sort(
      (a, b) =>
        Number(b.repeat !== null) - Number(a.repeat !== null) || a.date.localeCompare(b.date),
    );
  return (
    <PlannedRides
      rides={rides}
      habits={beside.habits}
      overlaps={beside.overlaps}
      bikes={bikes}
      units={units}
      today={today}
      calendar={{
        read: async (file) => {
          const { readCalendarFile } = await import('@/work/clients');
          return readCalendarFile(await file.text(), zone, today, daysAfter(today, CALENDAR_DAYS));
        },
        change: ({ entries }, rules) => changeBy(ridesOfCalendar(entries, rules), planned, today),
        onTake: (change) => dispatch(takeCalendar(change)),
      }}
      onSave={(ride, opened) =>
        dispatch(savePlanned(ride.id ? 'Planned ride changed' : 'Ride planned', [ride], opened))
      }
      onDrop={(ride) => dispatch(dropPlanned('Planned ride taken out', [ride]))}
      onKeep={(habits) =>
        dispatch(
          savePlanned(
            'Your habit is planned',
            habits.map((h) => ({ ...h, id: undefined })),
          ),
        )
      }
      onPlan={() => router.navigate('/plan')}
    />
  );
}
