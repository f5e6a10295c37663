import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { understood } from '@/core/arrivals/understood';
import { selectGarage, selectReplay, selectUnits } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { Page } from '@/ui/frame/Page';
import { UnderstoodPage } from '@/ui/rides/UnderstoodPage';

/** What came of an import: what the log holds of each bike now, and what is believed of its chain. */
export default function Arrived() {
  const router = useRouter();
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const played = useAppSelector(selectReplay);
  const bikes = useMemo(() => understood(played.replay, garage), [played, garage]);
  return (
    <Page title="What we understood">
      <UnderstoodPage
        bikes={bikes}
        units={units}
        onRides={() => router.navigate('/rides')}
        onToday={() => router.navigate('/')}
        onChange={(what, { chain }) =>
          router.navigate(what === 'history' ? '/book/history' : `/book/${what}/${chain.id}`)
        }
      />
    </Page>
  );
}
