import { useLocalSearchParams, usePathname } from 'expo-router';
import { useRef, useState } from 'react';
import { record } from '@/store/commands/perform';
import {
  selectBikeRiddenLast,
  selectBikes,
  selectFittings,
  selectLastRide,
  selectNow,
  selectUnits,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { Page } from '@/ui/frame/Page';
import { useGo } from '@/ui/frame/useGo';
import { rideDraft } from '@/ui/rides/rideDraft';
import { RideForm } from '@/ui/forms/lazily';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';

export { load as pieces } from '@/ui/forms/lazily';

/** Logging a ride by hand. */
export default function LogRide() {
  const params = useLocalSearchParams<{ bike?: string }>();
  const dispatch = useAppDispatch();
  const { go } = useGo();
  const path = usePathname();
  const bikes = useAppSelector(selectBikes);
  const fittings = useAppSelector(selectFittings);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const riddenLast = useAppSelector(selectBikeRiddenLast)?.id;
  // The bike the page was opened for: a ride logged or synced meanwhile must not take what is typed away.
  const [openedFor] = useState(riddenLast);
  const saved = useRef(false);
  const bikeId = params.bike ?? openedFor ?? riddenLast;
  const last = useAppSelector((s) => (bikeId ? selectLastRide(s, bikeId) : null));
  if (!bikeId) return <NoBikeYet onGo={() => go('/')} />;
  return (
    <Page title="Log a ride">
      <RideForm
        key={bikeId}
        initial={rideDraft(bikeId, last, now)}
        bikes={bikes}
        fittings={fittings}
        units={units}
        now={now}
        saveLabel="Save ride"
        autoFocus={path === '/rides/log'}
        onSave={(ride) => {
          // The second of two quick taps falls in the frame before the page is left.
          if (saved.current) return;
          saved.current = true;
          dispatch(record('Ride logged', [{ type: 'rideLogged', ...ride }]));
          // Unless the rider goes elsewhere first.
          go('/');
        }}
      />
    </Page>
  );
}
