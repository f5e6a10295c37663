import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { record, selectGarage, useAppDispatch, useAppSelector, useClock } from '@/store';
import { benchSession } from '@/store/benchSession';
import { useOpenLogbook } from '@/store/OpenContext';
import { BenchSession } from '@/ui/bench/lazily';

/** The bench itself: the open session, full screen. */
export default function AtTheBench() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { name } = useOpenLogbook();
  const keeper = useMemo(() => benchSession(name), [name]);
  const { products } = useAppSelector(selectGarage);
  return (
    <BenchSession
      keeper={keeper}
      clock={useClock()}
      products={products}
      onLeave={() => router.navigate('/bench')}
      onFinish={(work, measured) => {
        dispatch(record('Work recorded', [work]));
        router.navigate(measured ? `/book/wear/${work.chainId}` : '/');
      }}
    />
  );
}
