import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { noiseNamed } from '@/core/faults/heard';
import { bikeChosen } from '@/store/sessionSlice';
import { record, recordAmending } from '@/store/commands/perform';
import {
  selectEvents,
  selectGarage,
  selectMainReport,
  selectReports,
  selectSettings,
  selectUnits,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector, useClock } from '@/store/hooks';
import { keptText } from '@/store/keptText';
import { useOpenLogbook } from '@/store/OpenContext';
import { NoisePage } from '@/ui/faults/lazily';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';

export { load as pieces } from '@/ui/faults/lazily';

/** Finding where a noise comes from. */
export default function FindTheNoise() {
  const params = useLocalSearchParams<{ heard?: string; bike?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { name } = useOpenLogbook();
  const keeper = useMemo(() => keptText(name, 'noise'), [name]);
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const clock = useClock();
  const events = useAppSelector(selectEvents);
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const { workshop } = useAppSelector(selectSettings);
  if (!main) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const first = reports.find((r) => r.bike.id === params.bike) ?? main;
  const others = reports.filter((r) => r !== first);
  return (
    <NoisePage
      {...{ keeper, clock, events, garage, units }}
      reports={[first, ...others]}
      hasStand={workshop.tools.includes('stand')}
      onBench={(chain, depth) => router.navigate({ pathname: '/bench', params: { chain, depth } })}
      onFound={({ event, amendments }) => {
        dispatch(recordAmending(`Found: ${event.cause}`, [event], amendments));
        dispatch(bikeChosen(event.bikeId));
        router.navigate('/');
      }}
      onNote={(note) =>
        dispatch(record(`${note.putRight ? 'Put right' : 'Noted'}: ${note.what}`, [note]))
      }
      heard={noiseNamed(params.heard)}
      onHandbook={() => router.navigate('/bench/noises')}
      onEnd={() => router.navigate('/bench')}
    />
  );
}
