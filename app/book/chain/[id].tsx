import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ChainFields } from '@/core/entry/chain';
import type { Chain } from '@/core/garage';
import type { PlainEvent } from '@/core/logbook';
import {
  saveChain,
  record,
  retireChain,
  selectChainSteps,
  selectGarage,
  selectNow,
  selectUnits,
  useAppDispatch,
  useAppSelector,
  useNewId,
} from '@/store';
import { useAsOpened } from '@/ui/form';
import { Card, Page } from '@/ui/frame';
import { ChainForm } from '@/ui/forms/lazily';
import { WearEntry } from '@/ui/garage/WearEntry';
import { Txt } from '@/ui/theme';

type WearReading = Pick<Extract<PlainEvent, { type: 'wearRead' }>, 'tool' | 'percent'>;

/** A chain: its specs and its wear. `new` writes a new one. */
export default function ChainPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const newId = useNewId();
  const garage = useAppSelector(selectGarage);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const steps = useAppSelector((s) => selectChainSteps(s, id));
  const chain = garage.chains[id] ?? null;
  const opened = useAsOpened(chain);
  if (!chain && id !== 'new')
    return (
      <Page title="No such chain">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  const state = steps.at(-1)?.after ?? null;
  const save = (fields: ChainFields) => {
    const label = chain ? `${fields.name} changed` : `${fields.name} added`;
    dispatch(saveChain(label, { ...fields, id: chain?.id ?? newId(), retired: false }, opened));
    router.navigate('/book/garage');
  };
  const retire = (known: Chain) => {
    dispatch(retireChain(known));
    router.navigate('/book/garage');
  };
  const noteWear = (chainId: string, read: WearReading) => {
    const at = new Date(now).toISOString();
    dispatch(record('Wear noted', [{ type: 'wearRead', at, chainId, ...read }]));
  };
  return (
    <Page title={chain?.name ?? 'New chain'}>
      {chain && state ? (
        <Card title="Wear">
          <WearEntry
            state={state}
            units={units}
            onRead={(tool, percent) => noteWear(chain.id, { tool, percent })}
          />
        </Card>
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
