import { useRouter } from 'expo-router';
import type { Round, RoundEnd } from '@/core/records/rounds';
import { ROUND_LABEL } from '@/core/words/roundLabels';
import { changeSettings } from '@/store/commands/settings';
import { record } from '@/store/commands/perform';
import { selectNow, selectReports, selectSettings } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { useRounds } from '@/store/rounds';
import { Button } from '@/ui/form/Button';
import { Page } from '@/ui/frame/Page';
import { usePickedBike } from '@/ui/garage/BikePick';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { RoundCards } from '@/ui/bench/lazily';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/bench/lazily';

/** The slower rounds: what is looked after beside the chain, the most due first. */
export default function Rounds() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const reports = useAppSelector(selectReports);
  const { rounds, units } = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { report, pick } = usePickedBike(reports);
  const states = useRounds(report);
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const { bike } = report;
  const ended = (round: Round, end: RoundEnd) => {
    const at = new Date(now).toISOString();
    dispatch(
      record(`${ROUND_LABEL[round]} noted`, [
        { type: 'roundDone', at, bikeId: bike.id, round, end },
      ]),
    );
  };
  const offer = (label: string, off: Round[]) =>
    dispatch(changeSettings(label, { rounds: { off } }));
  return (
    <Page title="Slower rounds">
      <Txt tone="inkSoft">
        What costs little beside a chain job and is easily forgotten. How long each keeps is an own
        estimate.
      </Txt>
      {pick}
      <RoundCards
        states={states}
        bike={bike}
        units={units}
        onEnd={ended}
        onOff={(round) => offer(`${ROUND_LABEL[round]} no longer offered`, [...rounds.off, round])}
      />
      {rounds.off.length > 0 ? (
        <Button label="Offer all rounds again" onPress={() => offer('All rounds offered', [])} />
      ) : null}
    </Page>
  );
}
