import { useLocalSearchParams, useRouter } from 'expo-router';
import { bikeOf } from '@/core/care/replay/bookState';
import type { ChainFields } from '@/core/entry/chain';
import type { Chain } from '@/core/records/garage';
import { strike } from '@/store/commands/perform';
import {
  selectChainSteps,
  selectGarage,
  selectNow,
  selectReplay,
  selectUnits,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector, useNewId } from '@/store/hooks';
import { saveChain, retireChain } from '@/store/commands/garage';
import { selectComing } from '@/store/likelyDays';
import { useOpenLogbook } from '@/store/OpenContext';
import { useAsOpened } from '@/ui/form/useAsOpened';
import { Page } from '@/ui/frame/Page';
import { ChainForm, WearCard } from '@/ui/forms/lazily';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/forms/lazily';

/** A chain: its specs and its wear. `new` writes a new one. */
export default function ChainPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const newId = useNewId();
  const garage = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const { zone } = useOpenLogbook().edge;
  const rides = useAppSelector((s) => selectComing(s, zone));
  const steps = useAppSelector((s) => selectChainSteps(s, id));
  const chain = garage.chains[id] ?? null;
  const opened = useAsOpened(chain);
  if (!chain && id !== 'new')
    return (
      <Page title="No such chain">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  const ridden = steps.length > 0;
  const save = (fields: ChainFields) => {
    const label = chain ? `${fields.name} changed` : `${fields.name} added`;
    dispatch(saveChain(label, { ...fields, id: chain?.id ?? newId(), retired: false }, opened));
    router.navigate('/book/garage');
  };
  const retire = (known: Chain) => {
    dispatch(retireChain(known));
    router.navigate('/book/garage');
  };
  return (
    <Page title={chain?.name ?? 'New chain'}>
      {chain && ridden ? (
        <WearCard
          played={played}
          chain={chain}
          bike={garage.bikes[bikeOf(played.replay.book, chain.id) ?? ''] ?? null}
          units={units}
          now={now}
          rides={rides}
          onMeasure={() => router.navigate(`/book/wear/${chain.id}`)}
          onChange={(reading) => router.navigate(`/book/wear/${chain.id}?reading=${reading}`)}
          onDelete={(reading) => dispatch(strike('Reading deleted', [reading]))}
          onService={() => router.navigate(`/book/service/${chain.id}`)}
        />
      ) : null}
      <ChainForm
        key={id}
        chain={chain}
        garage={garage}
        onSave={save}
        {...(chain ? { onRetire: () => retire(chain) } : {})}
      />
    </Page>
  );
}
