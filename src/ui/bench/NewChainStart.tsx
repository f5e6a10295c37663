import { useState } from 'react';
import { newChainOffer, startRun, usualWanted, type AtTheBench } from '@/core/bench/offer';
import type { BenchRound } from '@/core/bench/rounds';
import type { RoundState } from '@/core/rounds/due';
import { procedure } from '@/core/bench/procedure';
import { materialsOf } from '@/core/bench/timeline';
import type { Bike, Chain } from '@/core/records/garage';
import type { LubeClass } from '@/core/lube/classes';
import { REFUSED, takesSentence } from '@/core/words/offers';
import { Card } from '../frame/Card';
import { Page } from '../frame/Page';
import { NewChain, type NewChainSaid } from '../garage/NewChain';
import { Txt } from '../theme/Txt';
import { RoundToggles } from './RoundToggles';
import { useBenchRun, type Keeper } from './useBenchRun';

interface Props {
  keeper: Keeper;
  clock: () => number;
  bike: Bike;
  /** The chain on the bike; null: none is on. */
  old: Chain | null;
  /** The last chain this bike had. */
  like: Chain | null;
  /** The lube put on last; null: none in the log. */
  usual: LubeClass | null;
  /** Links that were worked out, as form text. */
  links: string | null;
  /** The chain out of its box, as it will stand in the garage. */
  chainOf: (said: NewChainSaid) => Chain;
  /** The bench for a chain on this bike. */
  atFor: (chain: Chain) => AtTheBench;
  /** Slower rounds that are due on this bike. */
  dueRounds: readonly RoundState[];
  onGuide: () => void;
  onGo: () => void;
}

/** What a chain is given when the work begins. */
const NOT_YET = { id: 'new', name: 'the new chain', retired: false, changedAt: '' };

/** A chain out of its box, before it is fitted at the bench: what it is, what is needed and how long it takes. */
export function NewChainStart(props: Props) {
  const { keeper, clock, bike, old, like, usual, links, chainOf, atFor, onGuide, onGo } = props;
  const { run, keep } = useBenchRun(keeper);
  const [rounds, setRounds] = useState<BenchRound[]>([]);
  const offerOf = (said: NewChainSaid, chain: Chain) => {
    const boxed = {
      bikeId: bike.id,
      chain,
      replaces: old?.id ?? null,
      keepsOld: said.keepsOld,
    };
    const at = atFor(old ?? chain);
    const usual = usualWanted({ lube: said.lube ?? 'wet', bottleId: null }, at.settings.workshop);
    return { boxed, offer: newChainOffer(at, { ...usual, rounds }, boxed) };
  };
  const begin = (said: NewChainSaid) => {
    const { boxed, offer } = offerOf(said, chainOf(said));
    if (offer.refused !== null) return false;
    keep(startRun(offer, old?.id ?? boxed.chain.id, clock(), boxed));
    onGo();
    return true;
  };
  return (
    <Page title={`A new chain for ${bike.name}`}>
      {run ? (
        <Card title="Work is open at the bench">
          <Txt>Beginning here takes its place.</Txt>
        </Card>
      ) : null}
      <NewChain
        key={links}
        {...{ bike, old, like, usual, links, onGuide }}
        note={(said) => (
          <>
            <RoundToggles bike={bike} due={props.dueRounds} chosen={rounds} onChange={setRounds} />
            {said ? <Ahead {...offerOf(said, { ...said.chain, ...NOT_YET }).offer} /> : null}
          </>
        )}
        onFit={begin}
      />
    </Page>
  );
}

/** How long it takes and what to lay out. */
function Ahead({ job, time, refused }: ReturnType<typeof newChainOffer>) {
  if (refused !== null) return <Txt tone="danger">{REFUSED[refused]}</Txt>;
  return (
    <Card title="You’ll need">
      <Txt>{materialsOf(procedure(job)).join(' · ')}</Txt>
      {time ? <Txt tone="inkSoft">{takesSentence(time)}</Txt> : null}
    </Card>
  );
}
