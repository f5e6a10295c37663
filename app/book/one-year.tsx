import { useMemo } from 'react';
import { onePage } from '@/core/rides/onePage';
import { MS_PER_DAY } from '@/core/units/convert';
import { selectGarage, selectNow, selectReplay, selectSettings } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { selectCurrency, selectLedger } from '@/store/money';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';
import { YearView } from '@/ui/year/YearView';

/** The last twelve months on one page, to print or to keep as a picture. */
export default function OneYear() {
  const { replay } = useAppSelector(selectReplay);
  const garage = useAppSelector(selectGarage);
  const { money, units } = useAppSelector(selectSettings);
  const { entries } = useAppSelector(selectLedger);
  const { currency, perUnit } = useAppSelector(selectCurrency);
  const now = useAppSelector(selectNow);
  const today = Math.floor(now / MS_PER_DAY) * MS_PER_DAY + MS_PER_DAY - 1;
  const page = useMemo(
    () =>
      onePage({
        steps: replay.steps,
        entries,
        learnt: replay.book.learnt,
        garage,
        power: money.watts,
        now: today,
      }),
    [replay, entries, garage, money.watts, today],
  );
  return (
    <Page title="Your year" textOnly={page.rides === 0}>
      {page.rides === 0 ? (
        <Txt>Log rides, and a year of them stands here on one page, to print or to keep.</Txt>
      ) : (
        <YearView page={page} shown={{ currency, units }} perUnit={perUnit} />
      )}
    </Page>
  );
}
