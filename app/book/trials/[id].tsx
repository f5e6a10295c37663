import { useLocalSearchParams, useRouter } from 'expo-router';
import { selectGarage, selectReplay, selectUnits } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { endTrial, removeTrial } from '@/store/commands/trials';
import { useTrialReport } from '@/store/trials';
import { armLabels, trialTitle } from '@/core/words/trials';
import { downloadText } from '@/ui/download';
import { Button } from '@/ui/form/Button';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';
import { TrialPage } from '@/ui/trials/TrialPage';

/** One trial: what it says, and every coat of it. */
export default function OneTrial() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const report = useTrialReport(id);
  const units = useAppSelector(selectUnits);
  const { bikes, products } = useAppSelector(selectGarage);
  const { book } = useAppSelector(selectReplay).replay;
  const toList = () => router.navigate('/book/trials');
  if (!report)
    return (
      <Page title="No such trial">
        <Txt>It was removed, or belongs to another logbook.</Txt>
        <Button kind="strong" label="To the trials" onPress={toList} />
      </Page>
    );
  const { trial } = report;
  const labels = armLabels(trial.question, products);
  const chainId = book.fitted.get(trial.bikeId);
  const saveCsv = async () => {
    const { writeTrialCsv } = await import('@/work/writers');
    downloadText('trial.csv', writeTrialCsv(report, labels), 'text/csv');
  };
  return (
    <TrialPage
      report={report}
      title={trialTitle(trial.question, products)}
      labels={labels}
      bikeName={bikes[trial.bikeId]?.name ?? 'A bike no longer here'}
      units={units}
      onBench={() => router.navigate(chainId ? `/bench?chain=${chainId}` : '/bench')}
      onEnd={(adopted) => dispatch(endTrial(trial, adopted))}
      onCsv={() => void saveCsv()}
      onRemove={() => {
        dispatch(removeTrial(trial));
        toList();
      }}
    />
  );
}
