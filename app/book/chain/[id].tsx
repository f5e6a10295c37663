import { useLocalSearchParams, useRouter } from 'expo-router';
import {
  putChain,
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
  return (
    <Page title={chain?.name ?? 'New chain'}>
      {chain && state ? (
        <Card title="Wear">
          <WearEntry
            state={state}
            units={units}
            onRead={(tool, percent) =>
              dispatch(
                record('Wear noted', [
                  {
                    type: 'wearRead',
                    at: new Date(now).toISOString(),
                    chainId: chain.id,
                    tool,
                    percent,
                  },
                ]),
              )
            }
          />
        </Card>
      ) : null}
      <ChainForm
        key={id}
        chain={chain}
        garage={garage}
        onSave={(fields) => {
          const label = chain ? `${fields.name} changed` : `${fields.name} added`;
          dispatch(
            putChain(label, { ...fields, id: chain?.id ?? newId(), retired: false }, opened),
          );
          router.navigate('/book/garage');
        }}
        {...(chain
          ? {
              onRetire: () => {
                dispatch(retireChain(chain));
                router.navigate('/book/garage');
              },
            }
          : {})}
      />
    </Page>
  );
}
