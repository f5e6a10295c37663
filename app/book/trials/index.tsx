import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { selectBikes, selectGarage, selectReplay } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { useTrials } from '@/store/trials';
import { coatsSince } from '@/core/trials/coats';
import { standingOn, type Standing } from '@/core/trials/standing';
import { trialReport } from '@/core/trials/report';
import { answerSentence, armLabels, dueSentence, trialTitle } from '@/core/words/trials';
import { lubeName } from '@/core/words/years';
import { TrialsPage, type StandingLine, type TrialLine } from '@/ui/trials/TrialsPage';

/** Trials: what runs, what was settled, and what the log shows of two lubes anyway. */
export default function Trials() {
  const router = useRouter();
  const lines = useTrialLines();
  const standing = useStanding();
  return (
    <TrialsPage
      trials={lines}
      standing={standing}
      onNew={() => router.navigate('/book/trials/new')}
      onTry={({ standing: { bikeId }, offers }) =>
        offers &&
        router.navigate({
          pathname: '/book/trials/new',
          params: { bike: bikeId, a: offers.a, b: offers.b },
        })
      }
    />
  );
}

function useTrialLines(): TrialLine[] {
  const trials = useTrials();
  const { bikes, products } = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  return useMemo(
    () =>
      trials.map((trial): TrialLine => {
        const report = trialReport(trial, played.replay);
        const labels = armLabels(trial.question, products);
        const running = trial.endedAt === null;
        return {
          id: trial.id,
          title: trialTitle(trial.question, products),
          bikeName: bikes[trial.bikeId]?.name ?? 'A bike no longer here',
          running,
          says: answerSentence(report, labels),
          due: running && report.answer.settled === null ? dueSentence(report, labels) : null,
        };
      }),
    [trials, bikes, products, played],
  );
}

function useStanding(): StandingLine[] {
  const bikes = useAppSelector(selectBikes);
  const { products } = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  return useMemo(() => {
    const named = ({ bottle, lube }: Standing['a']) =>
      (bottle === null ? null : products[bottle]?.name) ?? lubeName(lube);
    const onShelf = ({ bottle }: Standing['a']) => (bottle && products[bottle] ? bottle : null);
    const runs = coatsSince(played.replay, '');
    return bikes.flatMap((bike) =>
      standingOn(runs, bike.id).map((standing): StandingLine => {
        const [a, b] = [onShelf(standing.a), onShelf(standing.b)];
        return {
          standing,
          bikeName: bike.name,
          labels: { a: named(standing.a), b: named(standing.b) },
          offers: a && b ? { kind: 'product', a, b } : null,
        };
      }),
    );
  }, [bikes, products, played]);
}
