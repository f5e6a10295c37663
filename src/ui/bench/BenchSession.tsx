import { workDoneOf } from '@/core/bench/result';
import { eventsOf, measuredIn, type RunEvents } from '@/core/bench/runEvents';
import type { PlainEvent } from '@/core/records/event';
import type { Boxed } from '@/core/records/benchRun';
import type { Product } from '@/core/records/product';
import { Button } from '../form/Button';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { BenchScreen } from './BenchScreen';
import { useBenchRun, type Keeper } from './useBenchRun';

interface Props {
  keeper: Keeper;
  clock: () => number;
  products: Readonly<Record<string, Product>>;
  /** The log, for what a camera has learnt from it; and whether it may be tried on a drawn rag. */
  events: readonly PlainEvent[];
  practice: boolean;
  /** The bike a chain is on. */
  bikeOf: (chainId: string) => string | null;
  onLeave: () => void;
  /** To where a noise of a bike is traced to its cause. */
  onNoise: (bikeId: string | null) => void;
  /** `measured`: chains whose figures are still to be entered. `boxed`: the new chain that was fitted. */
  onFinish: (events: RunEvents, measured: string[], boxed: Boxed | null) => void;
}

/** The open session, full screen; or that there is none. */
export function BenchSession({
  keeper,
  clock,
  products,
  events,
  practice,
  bikeOf,
  onLeave,
  onNoise,
  onFinish,
}: Props) {
  const { run, keep } = useBenchRun(keeper);
  if (run === undefined) return null;
  if (run === null)
    return (
      <Page title="Nothing on the bench">
        <Txt>No work is under way.</Txt>
        <Button kind="strong" label="Pick a job" onPress={onLeave} />
      </Page>
    );
  return (
    <BenchScreen
      run={run}
      {...{ events, practice }}
      clock={clock}
      onRun={keep}
      onLeave={onLeave}
      onNoise={() => onNoise(run.boxed?.bikeId ?? bikeOf(run.chainId))}
      onFinish={(done) => {
        keep(null);
        const work = workDoneOf(done, products, clock());
        const bikeId = done.boxed?.bikeId ?? bikeOf(done.chainId);
        onFinish(eventsOf(done, work, bikeId), measuredIn(done), done.boxed ?? null);
      }}
    />
  );
}
