import { useMemo, useState } from 'react';
import { lastLube } from '@/core/care';
import {
  kmPerWeek,
  profileOf,
  ridingHoursOf,
  wetShareAhead,
  type CleaningHabit,
} from '@/core/choice';
import { say } from '@/core/messages';
import { candidatesOf } from '@/core/shelf';
import type { Result } from '@/core/problem';
import {
  putSettings,
  selectGarage,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { fetchForecast, type Forecast } from '@/store/forecast';
import { ChoicePanel, type Horizon } from '@/ui/choice/ChoicePanel';
import { useSeasons } from '@/ui/choice/useSeasons';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Page } from '@/ui/frame';
import { SchoolsCard } from '@/ui/shelf/SchoolsCard';
import { useRouter } from 'expo-router';

/** Weeks each horizon spreads a change of lube over. */
const HORIZON_WEEKS: Record<Horizon, number> = { forecast: 2, month: 4.3, season: 26 };
const SEASON = { weeks: 26, futures: 20, seed: 1866 } as const;

/** Which lube for one bike's coming rides. */
export default function Choose() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const { replay } = useAppSelector(selectReplay);
  const { choice, schools, standard, units, dropsPerMl } = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { products } = useAppSelector(selectGarage);
  const [picked, setPicked] = useState<string | null>(null);
  const [horizon, setHorizon] = useState<Horizon>('month');
  const [forecasts, setForecasts] = useState<Record<string, Result<Forecast>>>({});
  const [dragged, setDragged] = useState<number | null>(null);
  const report = reports.find((r) => r.bike.id === picked) ?? reports[0] ?? null;
  const bike = report?.bike ?? null;
  const links = report?.chain.links ?? 114;
  const habit: CleaningHabit = choice.habit;
  const profile = useMemo(
    () => bike && profileOf(replay.steps, bike, horizon === 'season' ? 'season' : 'month', now),
    // The clock ticks each minute; a month of rides does not change with it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [replay, bike, horizon],
  );
  const jobs = useMemo(
    () =>
      bike && profile
        ? [
            {
              bikeId: bike.id,
              candidates: candidatesOf(products, {
                links,
                ebike: bike.ebike,
                dropsPerMl,
                schools,
              }),
              plan: {
                profile,
                storage: bike.storage,
                standard,
                habit,
                oldCoat: schools.oldCoat,
                ...SEASON,
              },
            },
          ]
        : [],
    [bike, profile, products, links, standard, habit, schools, dropsPerMl],
  );
  const seasons = useSeasons(jobs);
  if (!bike || !profile || !report) return <NoBikeYet onGo={() => router.navigate('/')} />;

  const told = forecasts[bike.id];
  const ahead =
    horizon === 'forecast' && told?.ok
      ? wetShareAhead(told.value.hours, told.value.from, ridingHoursOf(replay.steps, bike.id))
      : null;
  const pickHorizon = (next: Horizon) => {
    setHorizon(next);
    setDragged(null);
    if (next === 'forecast') void askForecast(bike.id);
  };
  const askForecast = async (bikeId: string) => {
    const cell = replay.book.cells.get(bikeId);
    if (cell === undefined) return;
    const answer = await dispatch(fetchForecast(cell));
    setForecasts((old) => ({ ...old, [bikeId]: answer }));
  };
  const pickBike = (id: string) => {
    setPicked(id);
    setDragged(null);
    if (horizon === 'forecast') void askForecast(id);
  };
  const put = (part: Partial<typeof choice>) =>
    dispatch(putSettings('Choice changed', { choice: { ...choice, ...part } }));
  return (
    <Page title="Which lube?">
      <ChoicePanel
        bikes={reports.map((r) => r.bike)}
        bike={bike}
        onBike={pickBike}
        horizon={horizon}
        onHorizon={pickHorizon}
        trouble={horizon === 'forecast' && told && !told.ok ? say(told.problem) : null}
        profile={profile}
        usualWet={ahead ?? profile.wetShare}
        wetShare={dragged ?? ahead ?? profile.wetShare}
        onWetShare={setDragged}
        curves={seasons.answers?.find((a) => a.bikeId === bike.id)?.curves ?? null}
        progress={seasons.progress}
        wishes={choice.wishes}
        onWish={(wish, weight) => put({ wishes: { ...choice.wishes, [wish]: weight } })}
        onHabit={(next) => put({ habit: next })}
        onPot={(pot) => put({ pot })}
        facts={{
          habit,
          pot: choice.pot,
          waxInWet: schools.waxInWet,
          household: schools.household,
          ebike: bike.ebike,
          storage: bike.storage,
          standsHours: 168 / profile.ridesPerWeek,
          dusty: profile.dirtDry > 1.5,
          now: lastLube(replay.steps, report.chain.id),
          horizonKm: kmPerWeek(profile) * HORIZON_WEEKS[horizon],
        }}
        units={units}
      />
      <SchoolsCard
        schools={schools}
        names={['oldCoat', 'waxInWet', 'household']}
        onChange={(part) =>
          dispatch(putSettings('School changed', { schools: { ...schools, ...part } }))
        }
      />
    </Page>
  );
}
