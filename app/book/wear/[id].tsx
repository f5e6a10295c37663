import { useLocalSearchParams, useRouter } from 'expo-router';
import { bikeOf } from '@/core/care/replay/bookState';
import { wearLimitPercent } from '@/core/chain/geometry';
import { amend, record } from '@/store/commands/perform';
import { selectChainSteps, selectGarage, selectNow, selectReplay } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { Page } from '@/ui/frame/Page';
import { MeasureForm } from '@/ui/forms/lazily';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/forms/lazily';

/** Measuring the wear of a chain, guided, with a dated reading at the end. */
export default function MeasureWear() {
  const {
    id,
    reading: readingId,
    then,
  } = useLocalSearchParams<{ id: string; reading?: string; then?: string }>();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { chains, bikes } = useAppSelector(selectGarage);
  const { book } = useAppSelector(selectReplay).replay;
  const steps = useAppSelector((s) => selectChainSteps(s, id));
  const now = useAppSelector(selectNow);
  const chain = chains[id];
  if (!chain || steps.length === 0)
    return (
      <Page title="No such chain">
        <Txt>Pick one in the garage that has been on a bike.</Txt>
      </Page>
    );
  const bike = bikes[bikeOf(book, id) ?? ''];
  const found = steps.find((s) => s.event.id === readingId)?.event;
  const known = found?.type === 'wearRead' ? found : null;
  return (
    <Page title={known ? `A reading of ${chain.name}` : `Measure ${chain.name}`}>
      <MeasureForm
        key={readingId ?? id}
        known={known}
        now={now}
        limit={wearLimitPercent(chain.speeds, bike?.gear ?? 'derailleur')}
        steps={steps}
        chain={chain}
        onSave={(reading, at) => {
          const read = { type: 'wearRead', chainId: id, at, ...reading } as const;
          dispatch(known ? amend('Reading changed', known, read) : record('Wear noted', [read]));
          router.navigate(then ? `/book/wear/${then}` : `/book/chain/${id}`);
        }}
      />
    </Page>
  );
}
