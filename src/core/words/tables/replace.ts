import { formatMoney } from '../../intl/money';
import type { Threshold } from '../../money/replace';
import { formatElongation } from '../../units/format';

export const REPLACE_COLUMNS = ['Replaced at', 'Cost for 1,000 km'] as const;
/** Cost of 1,000 km by the wear at which a chain is replaced. */
export const replaceRows = (curve: readonly Threshold[], currency: string | null): string[][] =>
  curve
    .filter((_, n) => n % 10 === 0)
    .map(({ at, per1000Km }) => [formatElongation(at), formatMoney(per1000Km, currency)]);
