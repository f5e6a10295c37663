import { useLocalSearchParams, useRouter } from 'expo-router';
import type { BikeFields } from '@/core/entry/bike';
import type { Bike } from '@/core/garage';
import {
  saveBike,
  record,
  retireBike,
  selectChains,
  selectFittings,
  selectGarage,
  selectNow,
  selectReplay,
  selectUnits,
  useAppDispatch,
  useAppSelector,
  useNewId,
} from '@/store';
import { useAsOpened } from '@/ui/form';
import { Card, Page } from '@/ui/frame';
import { BikeForm } from '@/ui/forms/lazily';
import { FitForm } from '@/ui/garage/FitForm';
import { FittedChain } from '@/ui/garage/FittedChain';
import { Txt } from '@/ui/theme';

/** A bike: its specs, and the chain on it. `new` writes a new one. */
export default function BikePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const newId = useNewId();
  const garage = useAppSelector(selectGarage);
  const bike = garage.bikes[id] ?? null;
  const opened = useAsOpened(bike);
  if (!bike && id !== 'new')
    return (
      <Page title="No such bike">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  const save = (fields: BikeFields) => {
    const bikeId = bike?.id ?? newId();
    const label = bike ? `${fields.name} changed` : `${fields.name} added`;
    dispatch(saveBike(label, { ...fields, id: bikeId, retired: false }, opened));
    router.navigate(bike ? '/book/garage' : `/book/bike/${bikeId}`);
  };
  const retire = (known: Bike) => {
    dispatch(retireBike(known));
    router.navigate('/book/garage');
  };
  return (
    <Page title={bike?.name ?? 'New bike'}>
      {bike ? <ChainOnBike bike={bike} /> : null}
      <BikeForm
        key={id}
        bike={bike}
        garage={garage}
        onSave={save}
        {...(bike ? { onRetire: () => retire(bike) } : {})}
      />
    </Page>
  );
}

/** The chain on a bike, or fitting one. */
function ChainOnBike({ bike }: { bike: Bike }) {
  const dispatch = useAppDispatch();
  const garage = useAppSelector(selectGarage);
  const chains = useAppSelector(selectChains);
  const fittings = useAppSelector(selectFittings);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const { book } = useAppSelector(selectReplay).replay;
  const fitted = garage.chains[book.fitted.get(bike.id) ?? ''];
  return (
    <Card title="Chain">
      {fitted ? (
        <FittedChain
          key={fitted.id}
          chain={fitted}
          since={fittings.findLast((f) => f.chainId === fitted.id)?.from ?? null}
          now={now}
          onRemove={(at) =>
            dispatch(
              record(`${fitted.name} taken off`, [
                { type: 'chainRemoved', at, chainId: fitted.id },
              ]),
            )
          }
        />
      ) : chains.length ? (
        <FitForm
          bikeId={bike.id}
          chains={chains}
          known={new Set(book.chains.keys())}
          garage={garage}
          fittings={fittings}
          units={units}
          now={now}
          onFit={(fit) =>
            dispatch(record('Chain fitted', [{ type: 'chainFitted', bikeId: bike.id, ...fit }]))
          }
        />
      ) : (
        <Txt tone="inkSoft">Add a chain in the garage, then fit it here.</Txt>
      )}
    </Card>
  );
}
