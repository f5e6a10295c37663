import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { airOf, lastLube } from '@/core/care';
import {
  offers,
  openingsOf,
  recommend,
  startRun,
  type Offer,
  type Wanted,
} from '@/core/bench/offer';
import { benchOf } from '@/core/bench/run';
import { DEPTHS, type Depth } from '@/core/logbook';
import { bottlesOf } from '@/core/shelf';
import {
  bikeChosen,
  putSettings,
  selectGarage,
  selectMainReport,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice } from '@/ui/form';
import { Card, Page } from '@/ui/frame';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { Txt } from '@/ui/theme';
import { StartPanel } from '@/ui/bench/StartPanel';
import { useBenchRun } from '@/ui/bench/useBenchRun';
import { WorkshopCard } from '@/ui/bench/WorkshopCard';
import { DEPTH_LABEL } from '@/ui/words';
import { benchSession } from '@/store/benchSession';
import { useOpenLogbook } from '@/store/OpenContext';

/** The bench, before starting: how deep, with what, and what it will do. */
export default function Bench() {
  const params = useLocalSearchParams<{ chain?: string; depth?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { name } = useOpenLogbook();
  const { run, keep } = useBenchRun(useMemo(() => benchSession(name), [name]));
  const reports = useAppSelector(selectReports);
  const main = useAppSelector(selectMainReport);
  const { replay } = useAppSelector(selectReplay);
  const { products } = useAppSelector(selectGarage);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const report = reports.find((r) => r.chain.id === params.chain) ?? main;
  const asked = DEPTHS.find((d) => d === params.depth) ?? null;
  const [picked, setPicked] = useState<Depth | null>(asked);
  const [part, setPart] = useState<Partial<Wanted>>({});
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;

  const { bike, chain, state, cogs, verdict } = report;
  const wanted: Wanted = {
    lube: lastLube(replay.steps, chain.id) ?? 'all-weather',
    bottleId: null,
    clean: settings.workshop.tools.includes('scrubber') ? 'scrubber' : 'brush',
    addOns: [],
    baths: { count: 3, ml: 150 },
    ...part,
  };
  const air = airOf(bike, replay.book.cells.get(bike.id), replay.weather, state.at, now);
  const openings = openingsOf(replay.steps, chain.id);
  const list = offers({ bike, chain, state, cogs, air, openings, products, settings }, wanted);
  const recommended = recommend(verdict, list);
  const depth = picked ?? recommended?.depth ?? 'wipe-down';
  const start = (offer: Offer) => {
    keep(startRun(offer, chain.id, Date.now()));
    router.navigate('/bench/do');
  };
  const open = run ? benchOf(run) : null;
  return (
    <Page title="Bench">
      {run && open ? (
        <Card title={`${DEPTH_LABEL[run.job.depth]}, ${run.job.bike.name}`}>
          <Txt>
            {`Left open: ${open.state.size} of ${open.steps.length} steps are done.`}
            {open.hot ? ' Make sure that the pot is off.' : ''}
          </Txt>
          <Button kind="strong" label="Go on" onPress={() => router.navigate('/bench/do')} />
          <Button
            kind="danger"
            label={open.hot ? 'The pot is off: give it up' : 'Give it up'}
            onPress={() => keep(null)}
          />
        </Card>
      ) : null}
      {reports.length > 1 ? (
        <Choice
          label="Bike"
          options={reports.map((r) => ({ value: r.bike.id, label: r.bike.name }))}
          value={bike.id}
          onChange={(id) => {
            dispatch(bikeChosen(id));
            router.setParams({ chain: reports.find((r) => r.bike.id === id)?.chain.id ?? '' });
            setPicked(null);
            setPart({});
          }}
        />
      ) : null}
      <StartPanel
        offers={list}
        recommended={recommended}
        depth={depth}
        onDepth={setPicked}
        wanted={wanted}
        onWanted={(next) => setPart((old) => ({ ...old, ...next }))}
        bottles={bottlesOf(products, wanted.lube)}
        now={now}
        onStart={start}
      />
      <WorkshopCard
        workshop={settings.workshop}
        onChange={(next) =>
          dispatch(putSettings('Workshop changed', { workshop: { ...settings.workshop, ...next } }))
        }
      />
      <Button
        label="I have done it already: write it down"
        onPress={() => router.navigate(`/bench/record?chain=${chain.id}`)}
      />
    </Page>
  );
}
