import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { bikeOf } from '@/core/care/replay/bookState';
import { chainAt } from '@/core/care/replay/chainAt';
import { lastLube } from '@/core/care/verdict/report';
import { MOST_BATHS, type WorkSpec } from '@/core/care/model/work';
import { usualWork } from '@/core/care/verdict/proposal';
import type { Chain } from '@/core/records/garage';
import { coatDose, USUAL_LINKS } from '@/core/lube/dose';
import type { LubeClass } from '@/core/lube/classes';
import type { Schools } from '@/core/lube/schools';
import { record } from '@/store/commands/perform';
import {
  selectChains,
  selectGarage,
  selectMainReport,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { useTrialAtBench } from '@/store/trials';
import { Page } from '@/ui/frame/Page';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Txt } from '@/ui/theme/Txt';
import { WorkForm } from '@/ui/forms/lazily';
import { proposedDraft } from '@/ui/work/proposedDraft';
import type { WorkEntry } from '@/ui/work/workDraft';
import { DEPTH_LABEL } from '@/core/words/labels';

export { load as pieces } from '@/ui/forms/lazily';

/** Recording work done away from the bench. It opens with the work the verdict proposes. */
export default function RecordWork() {
  const params = useLocalSearchParams<Asked>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const garage = useAppSelector(selectGarage);
  const chains = useAppSelector(selectChains);
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const now = useAppSelector(selectNow);
  const { schools } = useAppSelector(selectSettings);
  const { replay } = useAppSelector(selectReplay);
  const facts = useChainFacts();
  // The chain the page was opened for: a ride that comes in must not take what is typed away.
  const [openedFor] = useState(main?.chain.id);
  const wanted = params.chain ?? openedFor;
  const report = reports.find((r) => r.chain.id === wanted) ?? main;
  const chainId = wanted ?? report?.chain.id ?? chains[0]?.id;
  const bikeId = chainId ? bikeOf(replay.book, chainId) : null;
  const trial = useTrialAtBench(bikeId ?? undefined).turn;
  if (!chainId) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const lube = lastLube(replay.steps, chainId);
  const asked =
    bathsAsked(params, lube) ?? depthAsked(params, lube, garage.chains[chainId], schools);
  const save = (entry: WorkEntry) => {
    const unknown = { minutes: null, depth: null, swatches: [] };
    dispatch(record('Work recorded', [{ type: 'workDone', ...unknown, ...entry }]));
    router.navigate('/');
  };
  return (
    <Page title="Record work">
      {report && !asked ? (
        <Txt tone="inkSoft">
          Proposed for {report.bike.name}:{' '}
          {DEPTH_LABEL[report.verdict.proposal.depth].toLowerCase()}, the quickest job that does it.
        </Txt>
      ) : null}
      <WorkForm
        key={[chainId, params.depth, params.baths, params.ml].join(' ')}
        initial={proposedDraft(chainId, asked ?? report?.verdict.proposal.spec ?? null, lube, now)}
        chains={chains}
        usualLube={lube ?? 'all-weather'}
        products={garage.products}
        schools={schools}
        trial={trial?.asks ? { ...trial, bikeId: bikeId ?? '' } : null}
        now={now}
        onSave={save}
        {...facts}
      />
    </Page>
  );
}

/** What the form asks of a chain: how it stands, its bike, what a coat takes. */
function useChainFacts() {
  const garage = useAppSelector(selectGarage);
  const now = useAppSelector(selectNow);
  const { schools, dropsPerMl } = useAppSelector(selectSettings);
  const { replay } = useAppSelector(selectReplay);
  const bikeWith = (id: string) => garage.bikes[bikeOf(replay.book, id) ?? ''];
  const before = (id: string, at: string | null) =>
    chainAt(replay, id, at === null ? now : Math.min(now, Date.parse(at)));
  const coatMl = (id: string, of: LubeClass) => {
    const links = garage.chains[id]?.links ?? USUAL_LINKS;
    const ebike = bikeWith(id)?.ebike ?? false;
    return coatDose({ links, ebike, dropsPerMl, schools }, of).ml;
  };
  return { before, coatMl, bikeOf: bikeWith };
}

type Asked = {
  chain?: string;
  depth?: string;
  baths?: string;
  ml?: string;
};

/** The usual work of a depth asked for by name; null when none was. */
function depthAsked(
  { depth }: Asked,
  lube: LubeClass | null,
  chain: Chain | undefined,
  schools: Schools,
): WorkSpec | null {
  const usual = usualWork(lube ?? 'all-weather', chain, schools.between);
  return usual.find((w) => w.depth === depth)?.spec ?? null;
}

/** Baths as a calculator handed them over; null when none did, or nonsense. */
function bathsAsked({ baths, ml }: Asked, lube: LubeClass | null): WorkSpec | null {
  const count = Number(baths);
  const size = Number(ml);
  if (!(count >= 1 && count <= MOST_BATHS && size >= 30 && size <= 2000)) return null;
  return {
    method: 'baths',
    cogsCleaned: true,
    baths: { count: Math.round(count), ml: Math.round(size) },
    drying: 'towel and air',
    lube: { lubeClass: lube ?? 'all-weather', coat: 1, wiped: true },
  };
}
