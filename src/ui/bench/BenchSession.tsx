import { wasMeasured } from '@/core/bench/facts';
import { workDoneOf, type WorkResult } from '@/core/bench/result';
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
  onLeave: () => void;
  /** `measured`: the chain was measured, and its figure is still to be entered. */
  onFinish: (work: WorkResult, measured: boolean) => void;
}

/** The open session, full screen; or that there is none. */
export function BenchSession({ keeper, clock, products, onLeave, onFinish }: Props) {
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
      onFinish={(done) => {
        keep(null);
        onFinish(workDoneOf(done, products, clock()), wasMeasured(done));
      }}
    />
  );
}
