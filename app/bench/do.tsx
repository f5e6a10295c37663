import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { workOf } from '@/core/bench/result';
import type { Run } from '@/core/bench/run';
import { record, selectGarage, useAppDispatch, useAppSelector } from '@/store';
import { benchSession } from '@/store/benchSession';
import { useOpenLogbook } from '@/store/OpenContext';
import { BenchScreen } from '@/ui/bench/BenchScreen';
import { useBenchRun } from '@/ui/bench/useBenchRun';
import { Button } from '@/ui/form';
import { Page } from '@/ui/frame';
import { Txt } from '@/ui/theme';

/** The bench itself: the open session, full screen. */
export default function AtTheBench() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { name } = useOpenLogbook();
  const { products } = useAppSelector(selectGarage);
  const { run, keep } = useBenchRun(useMemo(() => benchSession(name), [name]));
  if (run === undefined) return null;
  if (run === null)
    return (
      <Page title="Nothing on the bench">
        <Txt>No work is under way.</Txt>
        <Button kind="strong" label="Choose how deep" onPress={() => router.navigate('/bench')} />
      </Page>
    );
  const finish = (done: Run) => {
    dispatch(record('Work recorded', [workOf(done, products, Date.now())]));
    keep(null);
    router.navigate('/');
  };
  return (
    <BenchScreen
      run={run}
      onRun={keep}
      onLeave={() => router.navigate('/bench')}
      onFinish={finish}
    />
  );
}
