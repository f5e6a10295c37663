import { useRouter } from 'expo-router';
import { lastLube } from '@/core/care/verdict/report';
import type { LubeClass } from '@/core/lube/classes';
import type { ProductKind } from '@/core/records/kinds';
import type { ShelfRow } from '@/core/shelf/rows';
import { changeSettings } from '@/store/commands/settings';
import {
  selectMainReport,
  selectReplay,
  selectReports,
  selectSettings,
  selectShelf,
} from '@/store/selectors';
import { bikeChosen } from '@/store/sessionSlice';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { takeOff } from '@/store/commands/garage';
import { Choice } from '@/ui/form/Choice';
import { Page } from '@/ui/frame/Page';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { DoseCalculator } from '@/ui/shelf/DoseCalculator';
import { BathCalculator, MixCalculator, WaxCalculator } from '@/ui/shelf/MixingCalculators';
import { SchoolsCard } from '@/ui/shelf/SchoolsCard';

/** Doses and mixing: the arithmetic people do in their heads, for this chain. */
export default function Doses() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const report = useAppSelector(selectMainReport);
  const { replay } = useAppSelector(selectReplay);
  const { schools, dropsPerMl } = useAppSelector(selectSettings);
  const stock = useStock();
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const { bike, chain } = report;
  const lube = lastLube(replay.steps, chain.id) ?? 'all-weather';
  return (
    <Page title="Doses and mixing">
      {reports.length > 1 ? (
        <Choice
          label="Bike"
          options={reports.map((r) => ({ value: r.bike.id, label: r.bike.name }))}
          value={bike.id}
          onChange={(id) => dispatch(bikeChosen(id))}
        />
      ) : null}
      <DoseCalculator
        key={chain.id}
        bike={bike}
        chain={chain}
        lube={lube}
        schools={schools}
        dropsPerMl={dropsPerMl}
        onDropsPerMl={(drops) =>
          dispatch(changeSettings('Drops remembered', { dropsPerMl: drops }))
        }
        onBench={() => router.navigate(`/bench/record?chain=${chain.id}&depth=top-up`)}
        {...stock}
      />
      <SchoolsCard
        schools={schools}
        names={['amount', 'sides']}
        onChange={(part) =>
          dispatch(changeSettings('Your way changed', { schools: { ...schools, ...part } }))
        }
      />
      <MixCalculator
        {...stock}
        onBench={() => router.navigate(`/bench?chain=${chain.id}&depth=on-bike clean`)}
      />
      <BathCalculator
        {...stock}
        onBench={(count, ml) =>
          router.navigate(`/bench/record?chain=${chain.id}&baths=${count}&ml=${ml}`)
        }
      />
      <WaxCalculator
        {...stock}
        onBench={() => router.navigate(`/bench?chain=${chain.id}&depth=wax reset`)}
      />
    </Page>
  );
}

/** What the shelf has of a kind, and taking from it. */
function useStock() {
  const dispatch = useAppDispatch();
  const shelf = useAppSelector(selectShelf);
  return {
    rowsOf: (kind: ProductKind, lubeClass: LubeClass | null = null) =>
      shelf.filter((r) => r.product.kind === kind && r.product.lubeClass === lubeClass),
    onTake: (row: ShelfRow, amount: number) => dispatch(takeOff(row, amount)),
  };
}
