import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import { againQuestion } from '@/core/money/question';
import { carePrices } from '@/core/money/carePrices';
import { daysOfLog, spendingOf } from '@/core/money/sums';
import { MS_PER_DAY } from '@/core/units/convert';
import { lubeName, ridingSentence, soFarTitle, unpricedSentence } from '@/core/words/years';
import { lubeOn, yearsQuestion, type YearsOf } from '@/core/years/question';
import { REGIME_NAMES, type RegimeName } from '@/core/years/regimes';
import { waysOf } from '@/core/years/compare';
import { selectNow, selectReplay, selectReports, selectSettings } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { selectCurrency, selectLedger } from '@/store/money';
import { Button } from '@/ui/form/Button';
import { Choice } from '@/ui/form/Choice';
import { SelectField } from '@/ui/form/SelectField';
import { Page } from '@/ui/frame/Page';
import { usePickedBike } from '@/ui/garage/BikePick';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { AgainstCard } from '@/ui/money/AgainstCard';
import { useAgain } from '@/ui/money/useAgain';
import { Txt } from '@/ui/theme/Txt';
import { PairCard } from '@/ui/years/PairCard';
import { Playing } from '@/ui/years/Playing';
import { useYears } from '@/ui/years/useYears';
import { WaysCard } from '@/ui/years/WaysCard';

/** Years: ways of keeping a chain, ridden for years on the rider's own roads. */
export default function Years() {
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const { report, pick } = usePickedBike(reports);
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  return (
    <Page title="Years">
      {pick}
      <OfOneBike key={report.bike.id} report={report} />
    </Page>
  );
}

const SPANS = [1, 2, 3, 4, 5].map((years) => ({
  value: String(years),
  label: years === 1 ? '1 year' : `${years} years`,
}));
/** Futures of an answer: more do not narrow what is said. Own choice. */
const FUTURES = 100;
/** The same question has the same answer. */
const SEED = 1911;

/** A day is as fine as years ahead are told. */
const useToday = () => Math.floor(useAppSelector(selectNow) / MS_PER_DAY) * MS_PER_DAY;

/** The years of a bike under some ways, and how they are shown. */
function usePlayed(report: ChainReport, of: Pick<YearsOf, 'years' | 'regimes' | 'lubes'>) {
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const { currency } = useAppSelector(selectCurrency);
  const today = useToday();
  const [round, setRound] = useState(0);
  const { years, regimes, lubes } = of;
  const { asked, riding } = useMemo(() => {
    const about = { report, replay, settings, now: today };
    return yearsQuestion(about, { years, regimes, lubes, futures: FUTURES, seed: SEED });
  }, [report, replay, settings, today, years, regimes, lubes]);
  const known = useYears(asked, round);
  const pricesOf = useMemo(() => {
    const all = new Map(lubes.map((l) => [l, carePrices({ report, replay, settings }, l)]));
    return (lube: LubeClass) => all.get(lube) ?? carePrices({ report, replay, settings }, lube);
  }, [report, replay, settings, lubes]);
  return {
    riding,
    known,
    pricesOf,
    onAgain: () => setRound(round + 1),
    parts: {
      ways: waysOf(known.figures, pricesOf),
      power: settings.money.watts,
      shown: { currency, units: settings.units },
    },
  };
}

function OfOneBike({ report }: { report: ChainReport }) {
  const { units } = useAppSelector(selectSettings);
  const [years, setYears] = useState('5');
  const [lube, setLube] = useState<LubeClass>(lubeOn(report));
  const [byLube, setByLube] = useState(false);
  const lubes = useMemo(() => [lube], [lube]);
  const { riding, known, parts, pricesOf, onAgain } = usePlayed(report, {
    years: Number(years),
    regimes: REGIME_NAMES,
    lubes,
  });
  const unpriced = unpricedSentence(pricesOf(lube));
  return (
    <>
      <Txt>{ridingSentence(riding, units)}</Txt>
      {unpriced ? (
        <Txt variant="small" tone="inkSoft">
          {unpriced}
        </Txt>
      ) : null}
      <Choice label="How far ahead" options={SPANS} value={years} onChange={setYears} />
      <View style={styles.row}>
        <SelectField
          label="Lube"
          value={lube}
          options={LUBE_CLASS_NAMES.map((value) => ({ value, label: lubeName(value) }))}
          onChange={(value) => setLube(LUBE_CLASS_NAMES.find((name) => name === value) ?? lube)}
        />
      </View>
      <Playing known={known} onAgain={onAgain} />
      <WaysCard title="Side by side" by="regime" {...parts} />
      <PairCard title="One against the other" by="regime" {...parts} />
      {byLube ? (
        <ByLube report={report} years={Number(years)} />
      ) : known.state === 'playing' ? null : (
        <Button label="Compare the lubes" onPress={() => setByLube(true)} />
      )}
      {/* What is asked first is answered first. */}
      {known.state === 'playing' ? null : <SoFar report={report} />}
    </>
  );
}

const AS_THE_PLAN: readonly RegimeName[] = ['plan'];

/** Every lube the rider can put on, each kept as the plan says. */
function ByLube({ report, years }: { report: ChainReport; years: number }) {
  const { choice } = useAppSelector(selectSettings);
  const lubes = useMemo(
    // Hot wax needs a pot.
    () => LUBE_CLASS_NAMES.filter((lube) => lube !== 'hot wax' || choice.pot),
    [choice.pot],
  );
  const { known, parts, onAgain } = usePlayed(report, { years, regimes: AS_THE_PLAN, lubes });
  return (
    <>
      <Playing known={known} onAgain={onAgain} />
      <WaysCard title="The lubes, kept as the plan says" by="lube" {...parts} />
      <PairCard title="One lube against another" by="lube" {...parts} />
    </>
  );
}

/** What the log's own years are held against. */
const OTHER_WAYS: readonly RegimeName[] = ['weekly', 'monthly', 'squeak', 'never'];
const FIVE_YEARS_MS = 5 * 365 * MS_PER_DAY;

/** The rides of the log as they were, against what other ways would have cost. */
function SoFar({ report }: { report: ChainReport }) {
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const { currency, perUnit } = useAppSelector(selectCurrency);
  const { entries } = useAppSelector(selectLedger);
  const today = useToday();
  const span = useMemo(() => [today - FIVE_YEARS_MS, today + MS_PER_DAY] as const, [today]);
  const again = useMemo(
    () => againQuestion({ report, replay, settings }, span, SEED),
    [report, replay, settings, span],
  );
  const spent = useMemo(
    () => spendingOf(entries, replay.steps, span).byBike.get(report.bike.id)?.total ?? 0,
    [entries, replay, span, report.bike.id],
  );
  const costs = useAgain(again, OTHER_WAYS);
  return again ? (
    <AgainstCard
      title={soFarTitle(daysOfLog(replay.steps, span, report.bike.id))}
      costs={costs}
      spent={spent / perUnit}
      currency={currency}
    />
  ) : null;
}

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
