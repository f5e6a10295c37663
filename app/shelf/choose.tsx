import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import type { ChainReport } from '@/core/care/verdict/report';
import { ridingHoursOf, wetShareAhead } from '@/core/choice/ahead';
import { say } from '@/core/words/problems';
import type { Result } from '@/core/problem';
import { questionOf } from '@/core/choice/question';
import { changeSettings } from '@/store/commands/settings';
import {
  selectGarage,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { fetchForecast, type Forecast } from '@/store/forecast';
import { AllBikes } from '@/ui/choice/AllBikes';
import { ChoicePanel } from '@/ui/choice/ChoicePanel';
import { HorizonPick, HORIZON_WEEKS, type Horizon } from '@/ui/choice/HorizonPick';
import { useSeasons } from '@/ui/choice/useSeasons';
import { WishesCard } from '@/ui/choice/WishesCard';
import { Choice } from '@/ui/form/Choice';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Page } from '@/ui/frame/Page';
import { SchoolsCard } from '@/ui/shelf/SchoolsCard';

const ALL = 'all bikes';

/** Which lube for the coming rides of one bike, or of every bike. */
export default function Choose() {
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const { choice, units } = useAppSelector(selectSettings);
  const [picked, setPicked] = useState<string | null>(null);
  const [horizon, setHorizon] = useState<Horizon>('month');
  const [dragged, setDragged] = useState<number | null>(null);
  const asked = useMemo(
    () =>
      picked === ALL
        ? reports
        : reports.filter((r, n) => (picked ? r.bike.id === picked : n === 0)),
    [reports, picked],
  );
  const { forecasts, askForecasts } = useForecasts();
  const { answers, progress } = useAnswers(asked, picked, horizon, forecasts);
  const first = asked[0];
  if (!first) return <NoBikeYet onGo={() => router.navigate('/')} />;
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
  const trouble = answers.find((a) => a.told && !a.told.ok)?.told;
  return (
    <Page title="Which lube?">
      <BikePick bikeId={picked ?? first.bike.id} onPick={pickBike} />
      <HorizonPick
        horizon={horizon}
        onHorizon={pickHorizon}
        trouble={trouble && !trouble.ok ? say(trouble.problem, units) : null}
      />
      {picked === ALL ? (
        <AllBikes answers={answers} progress={progress} wishes={choice.wishes} onOpen={pickBike} />
      ) : answers[0] ? (
        <ChoicePanel
          {...answers[0]}
          horizon={horizon}
          wetShare={dragged ?? answers[0].usualWet}
          onWetShare={setDragged}
          progress={progress}
          wishes={choice.wishes}
          units={units}
        />
      ) : null}
      <Weighing />
    </Page>
  );
}

/** What the rider wishes of a lube, and their schools. */
function Weighing() {
  const dispatch = useAppDispatch();
  const { choice, schools } = useAppSelector(selectSettings);
  return (
    <>
      <WishesCard
        choice={choice}
        onChange={(part) =>
          dispatch(changeSettings('Choice changed', { choice: { ...choice, ...part } }))
        }
      />
      <SchoolsCard
        schools={schools}
        names={['oldCoat', 'waxInWet', 'household', 'products', 'between', 'degreaser']}
        onChange={(part) =>
          dispatch(changeSettings('Your way changed', { schools: { ...schools, ...part } }))
        }
      />
    </>
  );
}

function BikePick({ bikeId, onPick }: { bikeId: string; onPick: (id: string) => void }) {
  const reports = useAppSelector(selectReports);
  if (reports.length < 2) return null;
  const bikes = reports.map(({ bike }) => ({ value: bike.id, label: bike.name }));
  return (
    <Choice
      label="Bike"
      options={[...bikes, { value: ALL, label: 'All bikes' }]}
      value={bikeId}
      onChange={onPick}
    />
  );
}

type Forecasts = Readonly<Record<string, Result<Forecast>>>;

/** Forecasts by bike, asked for when the rider looks that far. */
function useForecasts() {
  const dispatch = useAppDispatch();
  const { replay } = useAppSelector(selectReplay);
  const [forecasts, setForecasts] = useState<Forecasts>({});
  const askForecasts = async (of: readonly ChainReport[]) => {
    for (const { bike } of of) {
      const cell = replay.book.cells.get(bike.id);
      if (cell === undefined) continue;
      const answer = await dispatch(fetchForecast(cell));
      setForecasts((old) => ({ ...old, [bike.id]: answer }));
    }
  };
  return { forecasts, askForecasts };
}

/** The question of each bike, and what its seasons come to as far as they are worked out. */
function useAnswers(
  asked: readonly ChainReport[],
  picked: string | null,
  horizon: Horizon,
  forecasts: Forecasts,
) {
  const count = useAppSelector(selectReports).length;
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { products } = useAppSelector(selectGarage);
  const questions = useMemo(
    () => {
      const back = horizon === 'season' ? 'season' : 'month';
      const span = { back, weeks: HORIZON_WEEKS[horizon] } as const;
      return asked.map((report) => questionOf({ replay, report, products, settings }, span, now));
    },
    // The clock ticks each minute, and the reports with it; a month of rides does not change by that.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [replay, picked, count, products, settings, horizon],
  );
  const { answers: seasons, progress } = useSeasons(questions);
  const answers = asked.flatMap(({ bike }, n) => {
    const question = questions[n];
    if (question?.bikeId !== bike.id) return [];
    const told = horizon === 'forecast' ? forecasts[bike.id] : undefined;
    const usualWet = told?.ok
      ? wetShareAhead(told.value.hours, told.value.from, ridingHoursOf(replay.steps, bike.id))
      : question.profile.wetShare;
    const curves = seasons?.find((a) => a.bikeId === bike.id)?.curves ?? null;
    const { profile, facts, plan } = question;
    const withDegreaser = plan.costPerClean !== null;
    return [{ bike, question, told, usualWet, curves, profile, facts, withDegreaser }];
  });
  return { answers, progress };
}
