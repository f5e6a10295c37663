import { useLocalSearchParams, useRouter } from 'expo-router';
import {
  amend,
  selectBikes,
  selectFittings,
  selectNow,
  selectRides,
  selectUnits,
  strike,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Page } from '@/ui/frame';
import { draftOf, RideForm } from '@/ui/rides';
import { Txt } from '@/ui/theme';

/** A ride of the log, to be put right or taken out. */
export default function EditRide() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const bikes = useAppSelector(selectBikes);
  const fittings = useAppSelector(selectFittings);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const ride = useAppSelector(selectRides).find((s) => s.event.id === id)?.event;
  if (ride?.type !== 'rideLogged')
    return (
      <Page title="No such ride">
        <Txt>It was deleted, or it never was. Pick another from the list.</Txt>
      </Page>
    );
  return (
    <Page title="Change a ride">
      <RideForm
        key={ride.id}
        initial={draftOf(ride, units)}
        bikes={bikes}
        fittings={fittings}
        units={units}
        now={now}
        saveLabel="Save changes"
        onSave={(fields) => {
          dispatch(amend('Ride changed', ride, { type: 'rideLogged', ...fields }));
          router.navigate('/rides');
        }}
        onDelete={() => {
          dispatch(strike('Ride deleted', [ride.id]));
          router.navigate('/rides');
        }}
      />
    </Page>
  );
}
