import { useLocalSearchParams, useRouter } from 'expo-router';
import { selectFittings, selectGarage, selectReplay } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { saveBike } from '@/store/commands/garage';
import { NewChainCards } from '@/ui/bench/lazily';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/bench/lazily';

/** Which chain a bike takes, how long and which way round, and the figures of the one it has. */
export default function NewChainPage() {
  const { id, from } = useLocalSearchParams<{ id: string; from?: string }>();
  const back = from === 'bench' ? `/bench/new/${id}` : `/book/bike/${id}`;
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { bikes, chains } = useAppSelector(selectGarage);
  const fittings = useAppSelector(selectFittings);
  const { book } = useAppSelector(selectReplay).replay;
  const bike = bikes[id];
  if (!bike)
    return (
      <Page title="No such bike">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  const last = fittings.findLast((f) => f.bikeId === bike.id)?.chainId ?? '';
  const chain = chains[book.fitted.get(bike.id) ?? last];
  return (
    <Page title={`A chain for ${bike.name}`}>
      <NewChainCards
        bike={bike}
        chain={chain ?? null}
        onFit={(links) => router.navigate(`${back}?links=${links}`)}
        onKeepStay={(chainstayMm) =>
          dispatch(saveBike(`${bike.name} changed`, { ...bike, chainstayMm }, bike))
        }
      />
    </Page>
  );
}
