import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { bikeOf } from '@/core/care/replay/bookState';
import { record } from '@/store/commands/perform';
import { selectEvents, selectGarage, selectReplay } from '@/store/selectors';
import { useAppDispatch, useAppSelector, useClock } from '@/store/hooks';
import { fitBoxed } from '@/store/commands/garage';
import { keptText } from '@/store/keptText';
import { useOpenLogbook } from '@/store/OpenContext';
import { BenchSession } from '@/ui/bench/lazily';

export { load as pieces } from '@/ui/bench/lazily';

/** The bench itself: the open session, full screen. */
export default function AtTheBench() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { name } = useOpenLogbook();
  const keeper = useMemo(() => keptText(name, 'bench'), [name]);
  const { products } = useAppSelector(selectGarage);
  const { book } = useAppSelector(selectReplay).replay;
  return (
    <BenchSession
      keeper={keeper}
      clock={useClock()}
      products={products}
      events={useAppSelector(selectEvents)}
      practice={name === 'demo'}
      onLeave={() => router.navigate('/bench')}
      onNoise={(bike) =>
        router.navigate({ pathname: '/bench/noise', params: bike === null ? {} : { bike } })
      }
      bikeOf={(chainId) => bikeOf(book, chainId)}
      onFinish={(events, [first, then], boxed) => {
        dispatch(boxed ? fitBoxed(boxed, events) : record('Work recorded', events));
        if (first)
          router.navigate({ pathname: `/book/wear/${first}`, params: then ? { then } : {} });
        else router.navigate('/');
      }}
    />
  );
}
