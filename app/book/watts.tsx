import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { ridingHours } from '@/core/care/model/exposure';
import type { ChainReport } from '@/core/care/verdict/report';
import { carePrices } from '@/core/money/carePrices';
import { dateFormat } from '@/core/intl/dates';
import { formatDistance, formatExactDistance } from '@/core/units/format';
import { MS_PER_DAY } from '@/core/units/convert';
import { lubeOn } from '@/core/years/question';
import { worksWith } from '@/core/years/works';
import { allWatts, wattLedger } from '@/core/watts/ledger';
import { crossingOf, type GearTime } from '@/core/watts/gears';
import { minutesLost } from '@/core/watts/minutes';
import { wattMonths } from '@/core/watts/months';
import { winBacks } from '@/core/watts/winBack';
import { changeSettings } from '@/store/commands/settings';
import { selectNow, selectReplay, selectReports, selectSettings } from '@/store/selectors';
import { useAppDispatch, useAppSelector, useRideEntries } from '@/store/hooks';
import { selectCurrency } from '@/store/money';
import { SelectField } from '@/ui/form/SelectField';
import { Page } from '@/ui/frame/Page';
import { usePickedBike } from '@/ui/garage/BikePick';
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
  const { report, pick } = usePickedBike(reports);
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  return (
    <Page title="Watts">
      {pick}
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
  const power = settings.money.watts;
  const {
    map,
    time,
    watts: crossing,
  } = useMemo(() => crossingOf(bike, replay.steps), [bike, replay]);
  const day = Math.floor(now / MS_PER_DAY) * MS_PER_DAY;
  const months = useMemo(
    () => wattMonths(replay.steps, bike.id, { crossing, power, from: day - LOOK_BACK_MS }),
    [replay, bike.id, crossing, power, day],
  );
  const ledger = wattLedger(state, { crossing, faults, power });
  const ways = useWinBacks(report, time);
  const rides = useLastRides(bike.id);
  const [rideId, setRideId] = useState(USUAL);
  const chosen = rides.find((r) => r.id === rideId);
  const usual = formatDistance(typical.rideKm, settings.units);
  return (
    <>
      <LedgerCard ledger={ledger} power={power} />
      <View style={styles.row}>
        <SelectField
          label="Minutes over"
          value={chosen ? rideId : USUAL}
          options={[{ value: USUAL, label: `Your usual ride, ${usual}` }, ...rides.map(optionOf)]}
          onChange={setRideId}
        />
      </View>
      <WinBackCard
        ways={ways}
        currency={currency}
        lost={minutesLost(
          chosen?.hours ?? typical.rideKm * typical.perKm.hours,
          allWatts(ledger),
          power,
        )}
        ride={chosen ? 'this ride' : `your usual ride of ${usual}`}
      />
      {map ? <GearMapCard map={map} time={time} /> : null}
      <WattMonthsCard months={months} />
    </>
  );
}

/** What wins the watts of a bike back. */
function useWinBacks(report: ChainReport, time: GearTime | null) {
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  return useMemo(() => {
    const lube = lubeOn(report);
    return winBacks({
      state: report.state,
      cogs: report.cogs,
      works: worksWith(lube, settings.schools.between),
      prices: carePrices({ report, replay, settings }, lube),
      power: settings.money.watts,
      avoidable: time?.avoidable ?? 0,
    });
  }, [report, replay, settings, time]);
}

const USUAL = 'usual';
/** So many of the last rides are offered. */
const LAST = 12;

/** A ride to choose: what it is called, and how long it took. */
interface LastRide {
  id: string;
  label: string;
  hours: number;
}

const optionOf = ({ id, label }: LastRide) => ({ value: id, label });

/** The last rides of a bike, newest first. */
function useLastRides(bikeId: string): LastRide[] {
  const entries = useRideEntries();
  const { units } = useAppSelector(selectSettings);
  return useMemo(
    () =>
      entries
        .filter(({ ride }) => ride.bikeId === bikeId)
        .slice(0, LAST)
        .map(({ ride }) => ({
          id: ride.id,
          label: `${rideDay.format(Date.parse(ride.at))}, ${formatExactDistance(ride.distanceKm, units)}`,
          hours: ridingHours(ride),
        })),
    [entries, bikeId, units],
  );
}
const rideDay = dateFormat({ day: 'numeric', month: 'long' });

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
