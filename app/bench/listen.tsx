import { useLocalSearchParams, useRouter } from 'expo-router';
import { record } from '@/store/commands/perform';
import { selectEvents, selectMainReport, selectReports } from '@/store/selectors';
import { useAppDispatch, useAppSelector, useClock } from '@/store/hooks';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { ListenPage } from '@/ui/senses/lazily';

export { load as pieces } from '@/ui/senses/lazily';

/** Listening to a chain at the stand. */
export default function ListenToTheChain() {
  const params = useLocalSearchParams<{ bike?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const events = useAppSelector(selectEvents);
  const clock = useClock();
  if (!main) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const first = reports.find((r) => r.bike.id === params.bike) ?? main;
  return (
    <ListenPage
      reports={[first, ...reports.filter((r) => r !== first)]}
      {...{ events, clock }}
      onNote={(label, event) => {
        dispatch(record(label, [event]));
        router.navigate('/');
      }}
      onFind={(bike) => router.navigate({ pathname: '/bench/noise', params: { bike } })}
    />
  );
}
