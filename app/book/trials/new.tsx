import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { lastLube, type ChainReport } from '@/core/care/verdict/report';
import { usualWanted } from '@/core/bench/offer';
import { runningOn } from '@/core/garage/trials';
import { plannedOf } from '@/core/trials/ask';
import { designsOf } from '@/core/trials/designs';
import { possibleWays } from '@/core/trials/possible';
import type { TrialQuestion } from '@/core/records/trial';
import {
  selectGarage,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { atTheBench } from '@/store/atTheBench';
import { beginTrial } from '@/store/commands/trials';
import { selectCurrency } from '@/store/money';
import { Button } from '@/ui/form/Button';
import { Page } from '@/ui/frame/Page';
import { usePickedBike } from '@/ui/garage/BikePick';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Txt } from '@/ui/theme/Txt';
import { PlanTrial } from '@/ui/trials/PlanTrial';

/** Planning a trial on one of the bikes. */
export default function NewTrial() {
  const router = useRouter();
  const params = useLocalSearchParams<{ bike?: string; a?: string; b?: string }>();
  const reports = useAppSelector(selectReports);
  const { trials } = useAppSelector(selectGarage);
  const { report, pick } = usePickedBike(reports, params.bike);
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const running = runningOn(trials, report.bike.id);
  const { a, b } = params;
  return (
    <Page title="Plan a trial">
      {pick}
      {running ? (
        <>
          <Txt>One trial at a time on a bike. On this one a trial is running.</Txt>
          <Button
            kind="strong"
            label="See how it stands"
            onPress={() => router.navigate(`/book/trials/${running.id}`)}
          />
        </>
      ) : (
        <OnBike
          key={report.bike.id}
          report={report}
          initial={a && b ? { kind: 'product', a, b } : null}
        />
      )}
    </Page>
  );
}

function OnBike({ report, initial }: { report: ChainReport; initial: TrialQuestion | null }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const garage = useAppSelector(selectGarage);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const played = useAppSelector(selectReplay);
  const { currency } = useAppSelector(selectCurrency);
  const { bike, chain } = report;
  const possible = useMemo(() => {
    const { replay } = played;
    const lube = lastLube(replay.steps, chain.id) ?? report.state.lube ?? 'all-weather';
    const at = atTheBench({ replay, garage, settings, now }, bike, chain, report);
    return possibleWays(at, usualWanted({ lube, bottleId: null }, settings.workshop));
  }, [played, garage, settings, now, bike, chain, report]);
  const bottles = Object.values(garage.products).filter((p) => !p.retired && p.lubeClass !== null);
  return (
    <PlanTrial
      possible={possible}
      bottles={bottles}
      initial={initial}
      designsOf={(question, careFor) =>
        designsOf(plannedOf({ report, replay: played.replay, settings }, question, careFor))
      }
      shown={{ units: settings.units, currency }}
      onBegin={(question, careFor, { measure, ragKm, again, coatsAnArm }) => {
        const bikeId = bike.id;
        const id = dispatch(
          beginTrial({ bikeId, question, measure, ragKm, again, careFor, coatsAnArm }),
        );
        router.navigate(`/book/trials/${id}`);
      }}
    />
  );
}
