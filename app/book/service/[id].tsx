import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import type { Garage } from '@/core/records/garage';
import type { Life, Service } from '@/core/wear/service';
import { selectGarage, selectNow, selectReplay, selectUnits } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';
import { downloadText } from '@/ui/download';
import { ServiceHistory } from '@/ui/forms/lazily';

export { load as pieces } from '@/ui/forms/lazily';

/** Hands the history over as a table; the package that writes it is loaded for that. */
async function save(service: Service, name: string, garage: Garage): Promise<void> {
  const { writeServiceCsv } = await import('@/work/writers');
  downloadText(`${name}.csv`, writeServiceCsv(service, garage), 'text/csv');
}

/** The whole life of a chain or a bike, to hand to a buyer. */
export default function ServicePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const played = useAppSelector(selectReplay);
  const bike = garage.bikes[id];
  const named = garage.chains[id] ?? bike;
  const life = useMemo((): Life => (bike ? { bikeId: id } : { chainId: id }), [bike, id]);
  // A replay goes on in place: its steps are new when it has been played again.
  const steps = useMemo(() => [...played.replay.steps], [played]);
  if (!named)
    return (
      <Page title="No such bike or chain">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  return (
    <Page title={`Service history of ${named.name}`}>
      <ServiceHistory
        steps={steps}
        life={life}
        garage={garage}
        units={units}
        now={now}
        onSave={(service) => void save(service, named.name, garage)}
      />
    </Page>
  );
}
