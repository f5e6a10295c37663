import { useState } from 'react';
import type { ChainReport } from '@/core/care/verdict/report';
import type { Chain } from '@/core/records/garage';
import {
  offers,
  startRun,
  usualWanted,
  type AtTheBench,
  type Offer,
  type Wanted,
} from '@/core/bench/offer';
import { recommend, type NextPlanned } from '@/core/bench/recommend';
import { bestPurchase, jobsAYear } from '@/core/bench/purchase';
import type { RoundState } from '@/core/rounds/due';
import { benchOf, type Run } from '@/core/bench/run';
import type { Workshop } from '@/core/records/workshop';
import { DEPTHS, type Depth } from '@/core/records/kinds';
import type { LubeClass } from '@/core/lube/classes';
import { bottlesOf } from '@/core/shelf/use';
import type { Product } from '@/core/records/product';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import type { DateText } from '@/core/time/dates';
import { DEPTH_LABEL } from '@/core/words/labels';
import { nothingDueSentence } from '@/core/words/offers';
import { turnSentence } from '@/core/words/bench/trial';
import { StartPanel } from './StartPanel';
import { useBenchRun, type Keeper } from './useBenchRun';
import { ClosureCard } from './ClosureCard';
import { WorkshopCard } from './WorkshopCard';

interface Props {
  keeper: Keeper;
  clock: () => number;
  reports: readonly ChainReport[];
  report: ChainReport;
  at: AtTheBench;
  /** That a rag is to be read for a trial first; null: none is. */
  ragDue: string | null;
  /** The lube put on last; null: none in the log. */
  lastLube: LubeClass | null;
  /** A depth asked for by name. */
  asked: string | undefined;
  /** A bottle asked for; null: what was used last. */
  bottle: Product | null;
  /** Its next job by the plan; null: there is no plan, or none in it. */
  planned: NextPlanned;
  /** The depths of the jobs planned for this chain. */
  plannedDepths: readonly Depth[];
  /** See `StartPanel`. */
  early: number | null;
  now: number;
  today: DateText;
  onBike: (report: ChainReport) => void;
  onGo: () => void;
  onRecord: () => void;
  onNoise: () => void;
  /** To where a chain is listened to. */
  onListen: () => void;
  onNewChain: () => void;
  onRoad: () => void;
  /** What of the slower rounds is due, and going there. */
  rounds: string;
  dueRounds: readonly RoundState[];
  onRounds: () => void;
  onWorkshop: (workshop: Workshop) => void;
  onClosure: (closure: Chain['closure']) => void;
}

/** The bench, before starting: how deep, with what, and what it will do. */
export function BenchStart(props: Props) {
  const { keeper, reports, report, at, now } = props;
  const { run, keep } = useBenchRun(keeper);
  const [picked, setPicked] = useState<Depth | null>(DEPTHS.find((d) => d === props.asked) ?? null);
  const [part, setPart] = useState<Partial<Wanted>>({});
  const { workshop } = at.settings;
  const wanted: Wanted = { ...usuallyWanted(props), ...part };
  const list = offers(at, wanted);
  const recommended = recommend(report.verdict, list, props.planned, at.next?.due);
  const nothingDue = nothingDueSentence(report.verdict, recommended, props.today);
  // What was asked for by name may not be the way here: then what is recommended is chosen.
  const canDo = (depth: Depth | null): depth is Depth =>
    list.some((o) => o.depth === depth && o.refused === null);
  const start = (offer: Offer) => {
    keep(startRun(offer, at.chain.id, props.clock()));
    props.onGo();
  };
  return (
    <Page title="Bench">
      {run ? <LeftOpen run={run} onGo={props.onGo} onGiveUp={() => keep(null)} /> : null}
      {reports.length > 1 ? (
        <Choice
          label="Bike"
          options={reports.map((r) => ({ value: r.bike.id, label: r.bike.name }))}
          value={at.bike.id}
          onChange={(id) => {
            const next = reports.find((r) => r.bike.id === id);
            if (next) props.onBike(next);
          }}
        />
      ) : null}
      {at.trial ? <Txt variant="strong">{turnSentence(at.trial.labels[at.trial.arm])}</Txt> : null}
      {props.ragDue ? <Txt>{props.ragDue}</Txt> : null}
      {nothingDue ? <Txt variant="lead">{nothingDue}</Txt> : null}
      <StartPanel
        offers={list}
        recommended={recommended}
        depth={canDo(picked) ? picked : (recommended?.depth ?? 'wipe-down')}
        onDepth={setPicked}
        wanted={wanted}
        onWanted={(next) => setPart((old) => ({ ...old, ...next }))}
        bottles={bottlesOf(at.products, wanted.lube)}
        now={now}
        today={props.today}
        early={props.early}
        bike={at.bike}
        dueRounds={props.dueRounds}
        onStart={start}
      />
      {at.chain.closure === 'not known' ? <ClosureCard onClosure={props.onClosure} /> : null}
      <WorkshopCard
        workshop={workshop}
        purchase={() =>
          bestPurchase(at, wanted, jobsAYear(props.plannedDepths, at.settings.plan.days))
        }
        onChange={(next) => props.onWorkshop({ ...workshop, ...next })}
      />
      <OtherWays {...props} />
    </Page>
  );
}

/** What else the bench is for. */
const OtherWays = (on: Props) => (
  <>
    <Button label="I have done it already: write it down" onPress={on.onRecord} />
    <Button label="It makes a noise: find where it comes from" onPress={on.onNoise} />
    <Button label="Listen to the chain at the stand" onPress={on.onListen} />
    <Button label="A new chain: from the box to the first ride" onPress={on.onNewChain} />
    <Button label="On the road: what to carry, a broken link" onPress={on.onRoad} />
    <Button label={on.rounds} onPress={on.onRounds} />
  </>
);

/** What is asked for unless the rider says otherwise. */
function usuallyWanted({ bottle, lastLube, at }: Props): Wanted {
  const own = at.products[at.trial?.bottleId ?? ''] ?? bottle ?? usualBottle(at);
  return usualWanted(
    { lube: own?.lubeClass ?? lastLube ?? 'all-weather', bottleId: own?.id ?? null },
    at.settings.workshop,
  );
}

/** The bottle a bike is usually lubed from, while it stands on the shelf. */
function usualBottle({ bike, products }: AtTheBench): Product | null {
  const bottle = products[bike.usualBottle ?? ''];
  return bottle && !bottle.retired ? bottle : null;
}

interface LeftOpenProps {
  run: Run;
  onGo: () => void;
  onGiveUp: () => void;
}

/** Work that was begun and not ended. */
function LeftOpen({ run, onGo, onGiveUp }: LeftOpenProps) {
  const { state, steps, hot } = benchOf(run);
  return (
    <Card title={`${DEPTH_LABEL[run.job.depth]}, ${run.job.bike.name}`}>
      <Txt>
        {`Left open: ${state.size} of ${steps.length} steps are done.`}
        {hot ? ' Make sure that the pot is off.' : ''}
      </Txt>
      <Button kind="strong" label="Go on" onPress={onGo} />
      <Button
        kind="danger"
        label={hot ? 'The pot is off: stop this job' : 'Stop this job'}
        onPress={onGiveUp}
      />
    </Card>
  );
}
