import { useLocalSearchParams } from 'expo-router';
import type { Service } from '@/core/wear';
import { selectChainSteps, selectGarage, selectUnits, useAppSelector } from '@/store';
import { Page } from '@/ui/frame';
import { Txt } from '@/ui/theme';
import { downloadText } from '@/ui/download';
import { ServiceHistory } from '@/ui/forms/lazily';

/** Hands the history over as a table; the package that writes it is loaded for that. */
async function save(service: Service, chain: string): Promise<void> {
  const { writeServiceCsv } = await import('@/work/writers');
  downloadText(`${chain}.csv`, writeServiceCsv(service, chain), 'text/csv');
}

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
      <ServiceHistory
        steps={steps}
        chain={chain}
        units={units}
        onSave={(service) => void save(service, chain.name)}
      />
    </Page>
  );
}
