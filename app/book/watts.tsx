import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainReport } from '@/core/care';
import type { RideLogged } from '@/core/logbook';
import { formatDistance, MS_PER_DAY } from '@/core/units';
import { worksWith } from '@/core/years';
import {
  allWatts,
  gearMap,
  gearTime,
  minutesLost,
  usualCrossing,
  wattLedger,
  wattMonths,
  winBacks,
} from '@/core/watts';
import {
  changeSettings,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { selectCurrency } from '@/store/money';
import { useCarePrices } from '@/store/useCarePrices';
import { Choice } from '@/ui/form';
import { Page } from '@/ui/frame';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { GearMapCard } from '@/ui/watts/GearMapCard';
import { LedgerCard } from '@/ui/watts/LedgerCard';
import { PowerField } from '@/ui/watts/PowerField';
import { WattMonthsCard } from '@/ui/watts/WattMonthsCard';
import { WinBackCard } from '@/ui/watts/WinBackCard';

/** Watts: what the chain of a bike takes, what wins it back, and gear by gear. */
export default function Watts() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const reports = useAppSelector(selectReports);
  const { money } = useAppSelector(selectSettings);
  const [bikeId, setBikeId] = useState<string | null>(null);
  const report = reports.find((r) => r.bike.id === bikeId) ?? reports[0];
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  return (
    <Page title="Watts">
      {reports.length > 1 ? (
        <Choice
          label="Bike"
          options={reports.map(({ bike }) => ({ value: bike.id, label: bike.name }))}
          value={report.bike.id}
          onChange={setBikeId}
        />
      ) : null}
      <View style={styles.row}>
        <PowerField
          watts={money.watts}
          onChange={(watts) =>
            dispatch(changeSettings('Power changed', { money: { ...money, watts } }))
          }
        />
      </View>
      <OfOneBike key={report.bike.id} report={report} />
    </Page>
  );
}

/** A year back. */
const LOOK_BACK_MS = 365 * MS_PER_DAY;

function OfOneBike({ report }: { report: ChainReport }) {
  const { bike, state, faults, typical } = report;
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { currency } = useAppSelector(selectCurrency);
  const prices = useCarePrices(report);
  const power = settings.money.watts;
  const map = useMemo(() => gearMap(bike), [bike]);
  const time = useMemo(() => {
    const rides = replay.steps.flatMap(({ event }): RideLogged[] =>
      event.type === 'rideLogged' && event.bikeId === bike.id ? [event] : [],
    );
    return map && gearTime(map, rides);
  }, [map, replay, bike.id]);
  const crossing = map ? (time?.watts ?? usualCrossing(map)) : null;
  const day = Math.floor(now / MS_PER_DAY) * MS_PER_DAY;
  const months = useMemo(
    () => wattMonths(replay.steps, bike.id, { crossing, power, from: day - LOOK_BACK_MS }),
    [replay, bike.id, crossing, power, day],
  );
  const ledger = wattLedger(state, { crossing, faults, power });
  const works = worksWith(state.lube ?? 'all-weather', settings.schools.between);
  const ways = winBacks({ state, cogs: report.cogs, works, prices, power, crossing });
  const { rideKm, perKm } = typical;
  return (
    <>
      <LedgerCard ledger={ledger} power={power} />
      <WinBackCard
        ways={ways}
        currency={currency}
        lost={minutesLost(rideKm * perKm.hours, allWatts(ledger), power)}
        ride={`your usual ride of ${formatDistance(rideKm, settings.units)}`}
      />
      {map ? <GearMapCard map={map} time={time} /> : null}
      <WattMonthsCard months={months} />
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
