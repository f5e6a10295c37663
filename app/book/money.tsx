import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import { againQuestion } from '@/core/money/question';
import { carePrices } from '@/core/money/carePrices';
import { daysOfLog, type Spending } from '@/core/money/sums';
import { partsPerChain } from '@/core/money/replace';
import { currencies } from '@/core/intl/money';
import { wearRateOf } from '@/core/wear/rate';
import { lubeOn } from '@/core/years/question';
import type { RegimeName } from '@/core/years/regimes';
import { changeSettings } from '@/store/commands/settings';
import { selectReplay, selectReports, selectSettings } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { selectCurrency, selectLastYear, selectLedger, selectSpending } from '@/store/money';
import { Choice } from '@/ui/form/Choice';
import { SelectField } from '@/ui/form/SelectField';
import { Page } from '@/ui/frame/Page';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { AgainstCard } from '@/ui/money/AgainstCard';
import { ReplaceCard } from '@/ui/money/ReplaceCard';
import { SpendingCard } from '@/ui/money/SpendingCard';
import { UnpricedCard } from '@/ui/money/UnpricedCard';
import { useAgain } from '@/ui/money/useAgain';

const ALL = 'all';

/** Money: what care costs by bike and all together, whether it was worth it, and when to replace. */
export default function Money() {
  const router = useRouter();
  const reports = useAppSelector(selectReports);
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const { unpriced, untimed } = useAppSelector(selectLedger);
  const { currency, perUnit } = useAppSelector(selectCurrency);
  const [bikeId, setBikeId] = useState(ALL);
  const span = useAppSelector(selectLastYear);
  const sums = useAppSelector(selectSpending);
  if (reports.length === 0) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const one = reports.find((r) => r.bike.id === bikeId) ?? null;
  const spending = one ? sums.byBike.get(one.bike.id) : sums.all;
  return (
    <Page title="Money">
      <View style={styles.row}>
        <CurrencyPick />
      </View>
      <Choice
        label="Bike"
        options={[
          { value: ALL, label: 'All bikes' },
          ...reports.map(({ bike }) => ({ value: bike.id, label: bike.name })),
        ]}
        value={one ? bikeId : ALL}
        onChange={setBikeId}
      />
      {spending ? (
        <SpendingCard
          title="The last twelve months"
          spending={spending}
          days={daysOfLog(replay.steps, span, one ? one.bike.id : null)}
          currency={currency}
          perUnit={perUnit}
          units={settings.units}
        />
      ) : null}
      <UnpricedCard unpriced={unpriced} untimed={untimed} />
      {(one ? [one] : reports.slice(0, 1)).map((report) => (
        <OfOneBike
          key={report.bike.id}
          report={report}
          span={span}
          spent={sums.byBike.get(report.bike.id) ?? null}
        />
      ))}
    </Page>
  );
}

/** The currency, among all that this device knows. */
function CurrencyPick() {
  const dispatch = useAppDispatch();
  const { money } = useAppSelector(selectSettings);
  const { currency } = money;
  return (
    <SelectField
      label="Currency"
      value={currency ?? ''}
      options={[
        { value: '', label: 'Not said' },
        ...currencies().map(({ code, name }) => ({ value: code, label: `${name} (${code})` })),
      ]}
      onChange={(code) =>
        dispatch(
          changeSettings('Currency changed', {
            money: { ...money, currency: code || null },
          }),
        )
      }
    />
  );
}

interface OfOneBikeProps {
  report: ChainReport;
  span: readonly [number, number];
  /** What its care came to; null: it has no entry. */
  spent: Spending | null;
}

/** Whether the care of one bike was worth it, and when to replace its chain. */
function OfOneBike({ report, span, spent }: OfOneBikeProps) {
  const { replay } = useAppSelector(selectReplay);
  const settings = useAppSelector(selectSettings);
  const { currency, perUnit } = useAppSelector(selectCurrency);
  const names = useMemo(
    (): RegimeName[] => [...new Set<RegimeName>([settings.plan.routine.name, 'never'])],
    [settings.plan.routine.name],
  );
  const again = useMemo(
    () => againQuestion({ report, replay, settings }, span, AGAIN_SEED),
    [report, replay, settings, span],
  );
  const costs = useAgain(again, names);
  const { chain, state, limits } = report;
  const replacing = useMemo(() => {
    const prices = carePrices({ report, replay, settings }, lubeOn(report));
    return {
      chainPrice: prices.chain ?? 0,
      partsPerChain: partsPerChain(prices),
      limit: limits.wearPercent,
      perKm: wearRateOf(replay.steps, chain.id).perKm * state.wearFactor,
    };
  }, [report, chain, limits, replay, settings, state.wearFactor]);
  return (
    <>
      {again && spent ? (
        <AgainstCard
          title={`Was it worth it? ${report.bike.name}`}
          costs={costs}
          spent={spent.total / perUnit}
          currency={currency}
        />
      ) : null}
      <ReplaceCard
        chainName={chain.name}
        replacing={replacing}
        wear={state.wear}
        currency={currency}
      />
    </>
  );
}

/** The same question has the same answer. */
const AGAIN_SEED = 1812;

const styles = StyleSheet.create({ row: { flexDirection: 'row' } });
