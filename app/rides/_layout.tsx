import { Slot, usePathname, useRouter } from 'expo-router';
import { selectGarage, selectRides, selectUnits, useAppSelector } from '@/store';
import { SideBySide } from '@/ui/frame';
import { RidesList } from '@/ui/rides';

/** Rides: the list, and beside it (over it on a phone) the ride being written. */
export default function RidesLayout() {
  const router = useRouter();
  const path = usePathname();
  const rides = useAppSelector(selectRides);
  const { bikes } = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  return (
    <SideBySide
      showList={path === '/rides'}
      listName="All rides"
      onBack={() => router.navigate('/rides')}
      list={
        <RidesList
          rides={rides}
          bikes={bikes}
          units={units}
          selectedId={path.split('/')[2] ?? null}
          onLog={() => router.navigate('/rides/log')}
          onImport={() => router.navigate('/rides/import')}
          onOpen={(id) => router.navigate(`/rides/${id}`)}
        />
      }
    >
      <Slot />
    </SideBySide>
  );
}
