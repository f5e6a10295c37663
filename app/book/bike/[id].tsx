import { useLocalSearchParams, useRouter } from 'expo-router';
import type { BikeFields } from '@/core/entry/bike';
import type { Bike, Chain } from '@/core/records/garage';
import type { Fitting } from '@/core/logbook/fittings';
import { record } from '@/store/commands/perform';
import {
  selectChains,
  selectFittings,
  selectGarage,
  selectNow,
  selectReplay,
  selectUnits,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector, useNewId } from '@/store/hooks';
import { fitNewChain, retireBike, saveBike, type NewChainFit } from '@/store/commands/garage';
import { fitPart } from '@/store/commands/parts';
import { selectComing } from '@/store/likelyDays';
import { useOpenLogbook } from '@/store/OpenContext';
import { Button } from '@/ui/form/Button';
import { useAsOpened } from '@/ui/form/useAsOpened';
import { Card } from '@/ui/frame/Card';
import { Page } from '@/ui/frame/Page';
import { BikeForm, BikeWear, PartsCard, SwapChains, TogetherNote } from '@/ui/forms/lazily';
import { NewChain } from '@/ui/bench/lazily';
import type { NewChainProps } from '@/ui/garage/NewChain';
import { FitForm } from '@/ui/garage/FitForm';
import { FittedChain } from '@/ui/garage/FittedChain';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/forms/lazily';

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
    <Page
      title={bike?.name ?? 'New bike'}
      aside={
        bike ? (
          <Button
            label="Service history"
            onPress={() => router.navigate(`/book/service/${bike.id}`)}
          />
        ) : null
      }
    >
      {bike ? <ChainOnBike bike={bike} /> : null}
      {bike ? <WearOfBike bike={bike} /> : null}
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

/** Chains off the bike. The one just taken off comes last: who takes a chain off to fit another does not want it back. */
function sparesFor(
  bikeId: string,
  chains: readonly Chain[],
  spells: readonly Fitting[],
  fitted: ReadonlyMap<string, string>,
): Chain[] {
  const onBikes = new Set(fitted.values());
  const lastOff = spells.findLast((f) => f.bikeId === bikeId && f.to !== null)?.chainId;
  return chains
    .filter((chain) => !onBikes.has(chain.id))
    .sort((a, b) => Number(a.id === lastOff) - Number(b.id === lastOff));
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
  const spares = sparesFor(bike.id, chains, fittings, book.fitted);
  const { links } = useLocalSearchParams<{ links?: string }>();
  const ofNew = <OfNew bike={bike} old={fitted ?? null} />;
  return (
    <Card title="Chain">
      {fitted ? (
        <FittedChain
          key={fitted.id}
          chain={fitted}
          since={fittings.findLast((f) => f.chainId === fitted.id)?.from ?? null}
          now={now}
          ofNew={ofNew}
          isNewOpen={links !== undefined}
          onRemove={(at) => dispatch(takeChainOff(fitted, at))}
        />
      ) : (
        <>
          {ofNew}
          {spares.length > 0 ? (
            <Txt variant="heading" level={3}>
              Or one from the garage
            </Txt>
          ) : null}
        </>
      )}
      {fitted ? <Turns bike={bike} /> : null}
      {!fitted && spares.length > 0 ? (
        <FitForm
          bikeId={bike.id}
          chains={spares}
          known={new Set(book.chains.keys())}
          garage={garage}
          fittings={fittings}
          units={units}
          now={now}
          noteOn={(chainId) => (
            <Beside bike={bike} chainWear={book.chains.get(chainId)?.wear ?? 0} />
          )}
          onFit={(fit) =>
            dispatch(record('Chain fitted', [{ type: 'chainFitted', bikeId: bike.id, ...fit }]))
          }
        />
      ) : null}
    </Card>
  );
}

const takeChainOff = ({ id: chainId, name }: Chain, at: string) =>
  record(`${name} taken off`, [{ type: 'chainRemoved', at, chainId }]);

/** The form of a new chain, with the links that were worked out for it. */
function OfNew({ bike, old }: Pick<NewChainProps, 'bike' | 'old'>) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { chains } = useAppSelector(selectGarage);
  const fittings = useAppSelector(selectFittings);
  const last = fittings.findLast((f) => f.bikeId === bike.id)?.chainId;
  const { links } = useLocalSearchParams<{ links?: string }>();
  const fit = (said: NewChainFit) => {
    router.setParams({ links: undefined });
    dispatch(fitNewChain(bike, said));
    return true;
  };
  return (
    <NewChain
      key={links}
      bike={bike}
      old={old}
      like={old ?? chains[last ?? ''] ?? null}
      links={links ?? null}
      note={() => <Beside bike={bike} chainWear={0} />}
      onBench={() => router.navigate(`/bench/new/${bike.id}`)}
      onGuide={() => router.navigate(`/book/new-chain/${bike.id}`)}
      onFit={fit}
    />
  );
}

/** The wear of a bike: of its chains, and of what runs with them. */
function WearOfBike({ bike }: { bike: Bike }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const garage = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const { zone } = useOpenLogbook().edge;
  const rides = useAppSelector((s) => selectComing(s, zone));
  return (
    <>
      <BikeWear
        bike={bike}
        played={played}
        chains={garage.chains}
        units={units}
        now={now}
        rides={rides}
      />
      <PartsCard
        bike={bike}
        played={played}
        garage={garage}
        units={units}
        onNew={() => router.navigate(`/book/part/new?bike=${bike.id}`)}
        onFit={(part) => dispatch(fitPart(part, bike))}
      />
    </>
  );
}

/** What new and worn parts would do to each other, were a chain so worn (%) on the bike. */
function Beside({ bike, chainWear }: { bike: Bike; chainWear: number }) {
  const { parts } = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  return <TogetherNote played={played} parts={parts} bike={bike} chainWear={chainWear} />;
}

/** Which of a bike's chains to ride, and swapping them. */
function Turns({ bike }: { bike: Bike }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { chains } = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const played = useAppSelector(selectReplay);
  const swap = ({ id: chainId, name }: Chain) => {
    const at = new Date(now).toISOString();
    const fit = { type: 'chainFitted', at, bikeId: bike.id, chainId, start: null } as const;
    dispatch(record(`${name} fitted`, [fit]));
  };
  return (
    <SwapChains
      bike={bike}
      played={played}
      chains={chains}
      units={units}
      onBench={(off) => router.navigate(`/bench?chain=${off.id}&depth=swap`)}
      onSwap={swap}
    />
  );
}
