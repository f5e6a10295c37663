import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import type { ChainReport } from '@/core/care';
import { ridingHoursOf, wetShareAhead } from '@/core/choice';
import { say } from '@/core/words/problems';
import type { Result } from '@/core/problem';
import { questionOf } from '@/core/choice/question';
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
import { AllBikes } from '@/ui/choice/AllBikes';
import { ChoicePanel } from '@/ui/choice/ChoicePanel';
import { HorizonPick, HORIZON_WEEKS, type Horizon } from '@/ui/choice/HorizonPick';
import { useSeasons } from '@/ui/choice/useSeasons';
import { WishesCard } from '@/ui/choice/WishesCard';
import { Choice } from '@/ui/form';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Page } from '@/ui/frame';
import { SchoolsCard } from '@/ui/shelf/lazily';

const ALL = 'all bikes';

/** Which lube for the coming rides of one bike, or of every bike. */
export default function Choose() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const { choice, schools, units } = settings;
  const now = useAppSelector(selectNow);
  const { products } = useAppSelector(selectGarage);
  const [picked, setPicked] = useState<string | null>(null);
  const [horizon, setHorizon] = useState<Horizon>('month');
  const [forecasts, setForecasts] = useState<Record<string, Result<Forecast>>>({});
  const [dragged, setDragged] = useState<number | null>(null);
  const asked = useMemo(
    () =>
      picked === ALL
        ? reports
        : reports.filter((r, n) => (picked ? r.bike.id === picked : n === 0)),
    [reports, picked],
  );
  const questions = useMemo(
    () => {
      const back = horizon === 'season' ? 'season' : 'month';
      const span = { back, weeks: HORIZON_WEEKS[horizon] } as const;
      return asked.map((report) => questionOf({ replay, report, products, settings }, span, now));
    },
    // The clock ticks each minute, and the reports with it; a month of rides does not change by that.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [replay, picked, reports.length, products, settings, horizon],
  );
  const seasons = useSeasons(questions);
  const first = asked[0];
  if (!first) return <NoBikeYet onGo={() => router.navigate('/')} />;

  const askForecasts = async (of: readonly ChainReport[]) => {
    for (const { bike } of of) {
      const cell = replay.book.cells.get(bike.id);
      if (cell === undefined) continue;
      const answer = await dispatch(fetchForecast(cell));
      setForecasts((old) => ({ ...old, [bike.id]: answer }));
    }
  };
  const pickHorizon = (next: Horizon) => {
    setHorizon(next);
    setDragged(null);
    if (next === 'forecast') void askForecasts(asked);
  };
  const pickBike = (id: string) => {
    setPicked(id);
    setDragged(null);
    if (horizon === 'forecast')
      void askForecasts(id === ALL ? reports : reports.filter((r) => r.bike.id === id));
  };
  const put = (part: Partial<typeof choice>) =>
    dispatch(putSettings('Choice changed', { choice: { ...choice, ...part } }));

  const answers = asked.flatMap(({ bike }, n) => {
    const question = questions[n];
    if (question?.bikeId !== bike.id) return [];
    const told = horizon === 'forecast' ? forecasts[bike.id] : undefined;
    const usualWet = told?.ok
      ? wetShareAhead(told.value.hours, told.value.from, ridingHoursOf(replay.steps, bike.id))
      : question.profile.wetShare;
    const curves = seasons.answers?.find((a) => a.bikeId === bike.id)?.curves ?? null;
    return [{ bike, question, told, usualWet, curves }];
  });
  const trouble = answers.find((a) => a.told && !a.told.ok)?.told;
  const [one] = answers;
  return (
    <Page title="Which lube?">
      {reports.length > 1 ? (
        <Choice
          label="Bike"
          options={[
            ...reports.map(({ bike }) => ({ value: bike.id, label: bike.name })),
            { value: ALL, label: 'All bikes' },
          ]}
          value={picked ?? first.bike.id}
          onChange={pickBike}
        />
      ) : null}
      <HorizonPick
        horizon={horizon}
        onHorizon={pickHorizon}
        trouble={trouble && !trouble.ok ? say(trouble.problem) : null}
      />
      {picked === ALL ? (
        <AllBikes
          answers={answers}
          progress={seasons.progress}
          wishes={choice.wishes}
          onOpen={pickBike}
        />
      ) : one ? (
        <ChoicePanel
          bike={one.bike}
          horizon={horizon}
          profile={one.question.profile}
          usualWet={one.usualWet}
          wetShare={dragged ?? one.usualWet}
          onWetShare={setDragged}
          curves={one.curves}
          progress={seasons.progress}
          wishes={choice.wishes}
          facts={one.question.facts}
          withDegreaser={one.question.plan.costPerClean !== null}
          units={units}
        />
      ) : null}
      <WishesCard choice={choice} onChange={put} />
      <SchoolsCard
        schools={schools}
        names={['oldCoat', 'waxInWet', 'household', 'products', 'between', 'degreaser']}
        onChange={(part) =>
          dispatch(putSettings('School changed', { schools: { ...schools, ...part } }))
        }
      />
    </Page>
  );
}
