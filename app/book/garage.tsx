import { useRouter } from 'expo-router';
import {
  selectBikes,
  selectChains,
  selectGarage,
  selectReplay,
  selectUnits,
} from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { Button } from '@/ui/form/Button';
import { Page } from '@/ui/frame/Page';
import { SpareBox } from '@/ui/forms/lazily';
import { GarageList } from '@/ui/garage/GarageList';

/** Garage: bikes with the chain on each, and chains in the drawer. */
export default function GaragePage() {
  const router = useRouter();
  const bikes = useAppSelector(selectBikes);
  const chains = useAppSelector(selectChains);
  const units = useAppSelector(selectUnits);
  const played = useAppSelector(selectReplay);
  const { replay } = played;
  const { parts } = useAppSelector(selectGarage);
  return (
    <Page
      title="Garage"
      aside={
        <>
          <Button label="Add bike" onPress={() => router.navigate('/book/bike/new')} />
          <Button label="Add chain" onPress={() => router.navigate('/book/chain/new')} />
        </>
      }
    >
      <GarageList
        bikes={bikes}
        chains={chains}
        fitted={replay.book.fitted}
        states={replay.book.chains}
        units={units}
      />
      <SpareBox played={played} parts={parts} units={units} />
    </Page>
  );
}
