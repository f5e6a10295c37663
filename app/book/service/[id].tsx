import { useLocalSearchParams } from 'expo-router';
import { selectChainSteps, selectGarage, selectUnits, useAppSelector } from '@/store';
import { Page } from '@/ui/frame';
import { Txt } from '@/ui/theme';
import { ServiceHistory } from '@/ui/wear/lazily';

/** The whole life of a chain, to hand to a buyer. */
export default function ServicePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const chain = useAppSelector(selectGarage).chains[id];
  const steps = useAppSelector((s) => selectChainSteps(s, id));
  const units = useAppSelector(selectUnits);
  if (!chain)
    return (
      <Page title="No such chain">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  return (
    <Page title={`Service history of ${chain.name}`}>
      <ServiceHistory steps={steps} chain={chain} units={units} />
    </Page>
  );
}
