import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { lastLube } from '@/core/care/verdict/report';
import { NEW_CHAIN, startState } from '@/core/care/model/state';
import {
  selectFittings,
  selectGarage,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
} from '@/store/selectors';
import { useAppSelector, useClock } from '@/store/hooks';
import { atTheBench } from '@/store/atTheBench';
import { boxedChain } from '@/store/commands/garage';
import { keptText } from '@/store/keptText';
import { useDueRounds } from '@/store/rounds';
import { useOpenLogbook } from '@/store/OpenContext';
import { NewChainStart } from '@/ui/bench/lazily';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/bench/lazily';

/** A chain out of its box onto a bike: what it is, before the bench guides the fitting. */
export default function NewChainAtTheBench() {
  const { id, links } = useLocalSearchParams<{ id: string; links?: string }>();
  const router = useRouter();
  const { name, edge } = useOpenLogbook();
  const keeper = useMemo(() => keptText(name, 'bench'), [name]);
  const garage = useAppSelector(selectGarage);
  const reports = useAppSelector(selectReports);
  const fittings = useAppSelector(selectFittings);
  const settings = useAppSelector(selectSettings);
  const { replay } = useAppSelector(selectReplay);
  const now = useAppSelector(selectNow);
  const clock = useClock();
  const bike = garage.bikes[id];
  const report = reports.find((r) => r.bike.id === id) ?? null;
  const due = useDueRounds(report);
  if (!bike)
    return (
      <Page title="No such bike">
        <Txt>Pick one in the garage.</Txt>
      </Page>
    );
  const last = garage.chains[fittings.findLast((f) => f.bikeId === bike.id)?.chainId ?? ''];
  const found = report ?? { state: startState(NEW_CHAIN, now), cogs: 0 };
  return (
    <NewChainStart
      keeper={keeper}
      clock={clock}
      bike={bike}
      old={report?.chain ?? null}
      like={last ?? null}
      usual={report && lastLube(replay.steps, report.chain.id)}
      links={links ?? null}
      chainOf={({ chain }) => boxedChain(bike, chain, replay, edge)}
      atFor={(chain) => atTheBench({ replay, garage, settings, now }, bike, chain, found)}
      dueRounds={due}
      onGuide={() => router.navigate(`/book/new-chain/${bike.id}?from=bench`)}
      onGo={() => router.navigate('/bench/do')}
    />
  );
}
