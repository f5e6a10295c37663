import { useLocalSearchParams, useRouter } from 'expo-router';
import { ridingHours } from '@/core/care/model/exposure';
import { airOfRide, stripOf } from '@/core/care/replay/strip';
import { skyFromRecord } from '@/core/care/model/sky';
import type { WeatherWord } from '@/core/records/kinds';
import { sayOf } from '@/core/words/problems';
import type { RideEntry } from '@/core/rides/entries';
import { amend, strike } from '@/store/commands/perform';
import {
  selectBikes,
  selectFittings,
  selectNow,
  selectReplay,
  selectRideEntry,
  selectSession,
  selectSettings,
  selectUnits,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { useOpenLogbook } from '@/store/OpenContext';
import { Page } from '@/ui/frame/Page';
import { SlowOpening } from '@/ui/frame/SlowOpening';
import { draftOf } from '@/ui/rides/rideDraft';
import { RideFacts } from '@/ui/rides/RideFacts';
import { RideForm } from '@/ui/forms/lazily';
import { SkyCard } from '@/ui/rides/SkyCard';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/forms/lazily';

/** A ride of the log: the weather it met, and what else is to be put right or taken out. */
export default function OpenRide() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const bikes = useAppSelector(selectBikes);
  const fittings = useAppSelector(selectFittings);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const entry = useAppSelector((s) => selectRideEntry(s, id));
  if (!entry) return <NoRide />;
  const { ride } = entry;
  const sayWeather = (weather: WeatherWord) =>
    dispatch(
      amend('Weather put right', ride, {
        ...ride,
        weather,
        salted: weather !== 'unknown' && entry.sky.salted,
      }),
    );
  return (
    <Page title={ride.note || 'A ride'}>
      <RideFacts
        entry={entry}
        bike={bikes.find((b) => b.id === ride.bikeId)?.name}
        units={units}
        onNoise={(heard) => router.navigate(`/bench/noise?heard=${heard}&bike=${ride.bikeId}`)}
      />
      <RideSky entry={entry} onSay={sayWeather} />
      <RideForm
        key={ride.id}
        initial={{ ...draftOf(ride, units), salted: entry.sky.salted }}
        bikes={bikes}
        fittings={fittings}
        units={units}
        now={now}
        saveLabel="Save changes"
        weatherElsewhere
        onSave={(fields) => {
          const { weather } = ride;
          dispatch(amend('Ride changed', ride, { type: 'rideLogged', ...fields, weather }));
          router.navigate('/rides');
        }}
        onDelete={() => {
          dispatch(strike('Ride deleted', [ride.id]));
          router.navigate('/rides');
        }}
      />
    </Page>
  );
}

/** There is none of that name; or it is older than what has been read so far. */
function NoRide() {
  const isWhole = useAppSelector((s) => s.session.phase === 'open');
  const { hurry } = useOpenLogbook();
  return isWhole ? (
    <Page title="No such ride">
      <Txt>It was deleted, or it never was. Pick another from the list.</Txt>
    </Page>
  ) : (
    <SlowOpening onWaiting={hurry} />
  );
}

/** The weather a ride met, from its step and the log's record. */
function RideSky({ entry, onSay }: { entry: RideEntry; onSay: (word: WeatherWord) => void }) {
  const units = useAppSelector(selectUnits);
  const { replay } = useAppSelector(selectReplay);
  const { weatherSource } = useAppSelector(selectSettings);
  const { weather: status } = useAppSelector(selectSession);
  const { ride, step, sky } = entry;
  const hours = ridingHours(ride);
  const strip = stripOf(ride, hours, replay.weather, step.home);
  const missing =
    weatherSource === 'none'
      ? 'Book, Settings has sources of weather.'
      : strip.length === 0
        ? 'Where it was ridden is not known, so no weather can be looked up.'
        : status.kind === 'failed'
          ? sayOf('The weather source', status.problem, units)
          : status.kind === 'fetching'
            ? 'The weather is being looked up.'
            : 'The source has no weather for that place and time.';
  return (
    <SkyCard
      sky={sky}
      hours={hours}
      strip={strip}
      air={airOfRide(strip)}
      worked={skyFromRecord(ride, hours, replay.weather, step.home)}
      missing={missing}
      units={units}
      onSay={onSay}
    />
  );
}
