import { useLocalSearchParams, usePathname, useRouter } from 'expo-router';
import { startTransition } from 'react';
import {
  record,
  selectBikes,
  selectFittings,
  selectMainReport,
  selectNow,
  selectRides,
  selectUnits,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Page } from '@/ui/frame';
import { rideDraft } from '@/ui/rides/rideDraft';
import { RideForm } from '@/ui/rides/lazily';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';

/** Logging a ride by hand. */
export default function LogRide() {
  const params = useLocalSearchParams<{ bike?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const path = usePathname();
  const bikes = useAppSelector(selectBikes);
  const rides = useAppSelector(selectRides);
  const fittings = useAppSelector(selectFittings);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const main = useAppSelector(selectMainReport);
  const bikeId = params.bike ?? main?.bike.id ?? bikes[0]?.id;
  if (!bikeId) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const last = rides.find((s) => s.bikeId === bikeId)?.event;
  return (
    <Page title="Log a ride">
      <RideForm
        key={`${bikeId} ${rides.length}`}
        initial={rideDraft(bikeId, last?.type === 'rideLogged' ? last : null, now)}
        bikes={bikes}
        fittings={fittings}
        units={units}
        now={now}
        saveLabel="Save ride"
        autoFocus={path === '/rides/log'}
        onSave={(ride) => {
          dispatch(record('Ride logged', [{ type: 'rideLogged', ...ride }]));
          // That it is logged is said at once; the way to Today may take a frame longer.
          startTransition(() => router.navigate('/'));
        }}
      />
    </Page>
  );
}
