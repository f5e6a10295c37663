import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import {
  selectEvents,
  selectGarage,
  selectMainReport,
  selectReports,
  selectUnits,
  useAppSelector,
  useClock,
} from '@/store';
import { keptText } from '@/store/keptText';
import { useOpenLogbook } from '@/store/OpenContext';
import { NoisePage } from '@/ui/faults/lazily';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';

/** Finding where a noise comes from. */
export default function FindTheNoise() {
  const router = useRouter();
  const { name } = useOpenLogbook();
  const keeper = useMemo(() => keptText(name, 'noise'), [name]);
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const now = new Date(useClock()()).toISOString();
  const events = useAppSelector(selectEvents);
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  if (!main) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const others = reports.filter((r) => r !== main);
  return (
    <NoisePage
      {...{ keeper, now, events, garage, units }}
      reports={[main, ...others]}
      onEnd={() => router.navigate('/bench')}
    />
  );
}
