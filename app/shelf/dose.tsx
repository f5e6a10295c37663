import { useRouter } from 'expo-router';
import { lastLube } from '@/core/care';
import {
  putSettings,
  selectMainReport,
  selectReplay,
  selectReports,
  selectSettings,
  bikeChosen,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Choice } from '@/ui/form';
import { Page } from '@/ui/frame';
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
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const { bike, chain } = report;
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
        lube={lastLube(replay.steps, chain.id) ?? 'all-weather'}
        schools={schools}
        dropsPerMl={dropsPerMl}
        onDropsPerMl={(drops) => dispatch(putSettings('Drops remembered', { dropsPerMl: drops }))}
      />
      <SchoolsCard
        schools={schools}
        names={['amount', 'sides']}
        onChange={(part) =>
          dispatch(putSettings('School changed', { schools: { ...schools, ...part } }))
        }
      />
      <MixCalculator />
      <BathCalculator
        onBench={(count, ml) => router.navigate(`/bench?chain=${chain.id}&baths=${count}&ml=${ml}`)}
      />
      <WaxCalculator />
    </Page>
  );
}
