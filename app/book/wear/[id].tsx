import { useLocalSearchParams, useRouter } from 'expo-router';
import { bikeOf } from '@/core/care';
import { wearLimitPercent } from '@/core/chain';
import {
  record,
  selectChainSteps,
  selectGarage,
  selectNow,
  selectReplay,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Page } from '@/ui/frame';
import { MeasureForm } from '@/ui/forms/lazily';
import { Txt } from '@/ui/theme';

/** Measuring the wear of a chain, guided, with a dated reading at the end. */
export default function MeasureWear() {
  const { id } = useLocalSearchParams<{ id: string }>();
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
  return (
    <Page title={`Measure ${chain.name}`}>
      <MeasureForm
        now={now}
        limit={wearLimitPercent(chain.speeds, bike?.gear ?? 'derailleur')}
        steps={steps}
        chain={chain}
        onSave={(reading, at) => {
          dispatch(record('Wear noted', [{ type: 'wearRead', chainId: id, at, ...reading }]));
          router.navigate(`/book/chain/${id}`);
        }}
      />
    </Page>
  );
}
