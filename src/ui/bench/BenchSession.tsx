import { wasMeasured } from '@/core/bench/facts';
import { workDoneOf } from '@/core/bench/result';
import { eventsOf, type RunEvents } from '@/core/bench/runEvents';
import type { Product } from '@/core/shelf';
import { Button } from '../form';
import { Page } from '../frame';
import { Txt } from '../theme';
import { BenchScreen } from './BenchScreen';
import { useBenchRun, type Keeper } from './useBenchRun';

interface Props {
  keeper: Keeper;
  clock: () => number;
  products: Readonly<Record<string, Product>>;
  /** The bike a chain is on. */
  bikeOf: (chainId: string) => string | null;
  onLeave: () => void;
  /** To where a noise of a bike is traced to its cause. */
  onNoise: (bikeId: string | null) => void;
  /** `measured`: the chain that was measured, and whose figure is still to be entered. */
  onFinish: (events: RunEvents, measured: string | null) => void;
}

/** The open session, full screen; or that there is none. */
export function BenchSession({
  keeper,
  clock,
  products,
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
        <Button kind="strong" label="Choose how deep" onPress={onLeave} />
      </Page>
    );
  return (
    <BenchScreen
      run={run}
      clock={clock}
      onRun={keep}
      onLeave={onLeave}
      onNoise={() => onNoise(bikeOf(run.chainId))}
      onFinish={(done) => {
        keep(null);
        const work = workDoneOf(done, products, clock());
        onFinish(
          eventsOf(done, work, bikeOf(done.chainId)),
          wasMeasured(done) ? done.chainId : null,
        );
      }}
    />
  );
}
