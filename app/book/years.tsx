import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainReport } from '@/core/care';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube';
import { againQuestion, daysOfLog, spendingOf } from '@/core/money';
import { MS_PER_DAY } from '@/core/units';
import { ridingSentence, soFarTitle, unpricedSentence } from '@/core/words/years';
import { yearsQuestion, type RegimeName } from '@/core/years';
import {
  selectGarage,
  selectNow,
  selectReplay,
  selectReports,
  selectSettings,
  useAppSelector,
} from '@/store';
import { selectCurrency, selectLedger } from '@/store/money';
import { useCarePrices } from '@/store/useCarePrices';
import { Choice, SelectField } from '@/ui/form';
import { Page } from '@/ui/frame';
import { BikePick } from '@/ui/garage/BikePick';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { AgainstCard } from '@/ui/money/AgainstCard';
import { useAgain } from '@/ui/money/useAgain';
import { Txt } from '@/ui/theme';
import { PairCard } from '@/ui/years/PairCard';
import { Playing } from '@/ui/years/Playing';
import { RegimesCard } from '@/ui/years/RegimesCard';
import { useYears } from '@/ui/years/useYears';

/** Years: ways of keeping a chain, ridden for years on the rider's own roads. */
export default function Years() {
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const [bikeId, setBikeId] = useState<string | null>(null);
  const report = reports.find((r) => r.bike.id === bikeId) ?? reports[0];
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  return (
    <Page title="Years">
      <BikePick bikes={reports.map((r) => r.bike)} bikeId={report.bike.id} onPick={setBikeId} />
      <OfOneBike key={report.bike.id} report={report} />
    </Page>
  );
}

const SPANS = [1, 2, 3, 5].map((years) => ({
  value: String(years),
  label: years === 1 ? '1 year' : `${years} years`,
}));
const LUBES = LUBE_CLASS_NAMES.map((value) => ({
  value,
  label: value.charAt(0).toUpperCase() + value.slice(1),
}));
/** Futures of an answer: more do not narrow what is said. Own choice. */
const FUTURES = 100;
/** The same question has the same answer. */
const SEED = 1911;

function OfOneBike({ report }: { report: ChainReport }) {
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { currency } = useAppSelector(selectCurrency);
  const prices = useCarePrices(report);
  const [years, setYears] = useState('5');
  const [lube, setLube] = useState<LubeClass | null>(null);
  const [round, setRound] = useState(0);
  const day = Math.floor(now / MS_PER_DAY) * MS_PER_DAY;
  const { asked, riding } = useMemo(
    () =>
      yearsQuestion(
        { report, replay, settings, now: day },
        { years: Number(years), futures: FUTURES, seed: SEED, lube },
      ),
    [report, replay, settings, day, years, lube],
  );
  const known = useYears(asked, round);
  const shown = { currency, units: settings.units };
  const unpriced = unpricedSentence(prices);
  const parts = { figures: known.figures, prices, power: settings.money.watts, shown };
  return (
    <>
      <Txt>{ridingSentence(riding, settings.units)}</Txt>
      {unpriced ? (
        <Txt variant="small" tone="inkSoft">
          {unpriced}
        </Txt>
      ) : null}
      <Choice label="How far ahead" options={SPANS} value={years} onChange={setYears} />
      <View style={styles.row}>
        <SelectField
          label="Lube"
          value={asked.lube}
          options={LUBES}
          onChange={(value) => setLube(LUBE_CLASS_NAMES.find((name) => name === value) ?? null)}
        />
      </View>
      <Playing known={known} onAgain={() => setRound(round + 1)} />
      {Object.keys(known.figures).length > 0 ? (
        <>
          <RegimesCard {...parts} />
          <PairCard {...parts} />
        </>
      ) : null}
      {/* What is asked first is answered first. */}
      {known.state === 'playing' ? null : <SoFar report={report} />}
    </>
  );
}

/** What the log's own years are held against. */
const OTHER_WAYS: readonly RegimeName[] = ['weekly', 'monthly', 'squeak', 'never'];
const FIVE_YEARS_MS = 5 * 365 * MS_PER_DAY;

/** The rides of the log as they were, against what other ways would have cost. */
function SoFar({ report }: { report: ChainReport }) {
  const { replay } = useAppSelector(selectReplay);
  const garage = useAppSelector(selectGarage);
  const settings = useAppSelector(selectSettings);
  const now = useAppSelector(selectNow);
  const { currency, perUnit } = useAppSelector(selectCurrency);
  const { entries } = useAppSelector(selectLedger);
  const day = Math.floor(now / MS_PER_DAY) * MS_PER_DAY;
  const { again, spent } = useMemo(() => {
    const span = [day - FIVE_YEARS_MS, day + MS_PER_DAY] as const;
    const { byBike } = spendingOf(entries, replay.steps, span);
    const own = byBike.get(report.bike.id);
    const about = { report, replay, garage, settings, span, perUnit };
    return {
      again: own ? againQuestion({ ...about, spent: own }, SEED) : null,
      spent: own ? own.total / perUnit : 0,
    };
  }, [day, entries, replay, report, garage, settings, perUnit]);
  const costs = useAgain(again, OTHER_WAYS);
  return again ? (
    <AgainstCard
      title={soFarTitle(daysOfLog(replay.steps, [day - FIVE_YEARS_MS, day]))}
      costs={costs}
      spent={spent}
      currency={currency}
    />
  ) : null;
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
