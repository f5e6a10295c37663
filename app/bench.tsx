import { useLocalSearchParams, useRouter } from 'expo-router';
import { bikeOf, airOf, lastLube, stand } from '@/core/care';
import {
  record,
  selectChains,
  selectGarage,
  selectMainReport,
  selectNow,
  selectReplay,
  selectReports,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Page } from '@/ui/frame';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Txt } from '@/ui/theme';
import { proposedDraft, WorkForm } from '@/ui/work';
import { DEPTH_LABEL } from '@/ui/words';

/** Bench: recording work done. It opens with the work the verdict proposes. */
export default function Bench() {
  const params = useLocalSearchParams<{ chain?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const garage = useAppSelector(selectGarage);
  const chains = useAppSelector(selectChains);
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const now = useAppSelector(selectNow);
  const { replay } = useAppSelector(selectReplay);
  const report = reports.find((r) => r.chain.id === params.chain) ?? main;
  const chainId = params.chain ?? report?.chain.id ?? chains[0]?.id;
  if (!chainId) return <NoBikeYet onGo={() => router.navigate('/')} />;

  const bikeWith = (id: string) => garage.bikes[bikeOf(replay.book, id) ?? ''];
  const before = (id: string) => {
    const state = replay.book.chains.get(id);
    if (!state) return null;
    const bike = bikeWith(id);
    const cell = bike && replay.book.cells.get(bike.id);
    const air = airOf(bike, cell, replay.weather, state.at, now);
    const cogs = (bike && replay.book.cogs.get(bike.id)) ?? 0;
    return { state: stand(state, now, air), cogs, air };
  };
  return (
    <Page title="Record work">
      {report ? (
        <Txt tone="inkSoft">
          Proposed for {report.bike.name}:{' '}
          {DEPTH_LABEL[report.verdict.proposal.depth].toLowerCase()}, the shallowest work that will
          do.
        </Txt>
      ) : null}
      <WorkForm
        key={`${chainId} ${replay.steps.length}`}
        initial={proposedDraft(
          chainId,
          report?.verdict.proposal.spec ?? null,
          lastLube(replay.steps, chainId),
          now,
        )}
        chains={chains}
        before={before}
        bikeOf={bikeWith}
        now={now}
        onSave={(entry) => {
          dispatch(record('Work recorded', [{ type: 'workDone', minutes: null, ...entry }]));
          router.navigate('/');
        }}
      />
      <Txt variant="small" tone="inkSoft">
        Guided work at the bench, step by step with timers and checks, comes here later.
      </Txt>
    </Page>
  );
}
