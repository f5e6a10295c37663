import { numberFormat } from './numbers';

/** Digits after the point of a currency (ISO 4217): 2 of most, 0 of the yen, 3 of some dinars. */
export function minorDigits(currency: string | null): number {
  if (currency === null) return 2;
  const known = digitsKnown.get(currency);
  if (known !== undefined) return known;
  const { maximumFractionDigits } = new Intl.NumberFormat('en', {
    style: 'currency',
    currency,
  }).resolvedOptions();
  digitsKnown.set(currency, maximumFractionDigits ?? 2);
  return maximumFractionDigits ?? 2;
}
const digitsKnown = new Map<string, number>();

const formatOf = (currency: string | null, digits: number): ReturnType<typeof numberFormat> =>
  numberFormat({
    ...(currency === null ? {} : ({ style: 'currency', currency } as const)),
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });

/** "€12.50" from 12.5; without a currency the bare figure, "12.50". `whole`: without its cents. */
export function formatMoney(amount: number, currency: string | null, whole = false): string {
  const digits = whole ? 0 : minorDigits(currency);
  const rounded = Math.round(amount * 10 ** digits) / 10 ** digits + 0;
  return formatOf(currency, digits).format(rounded);
}

/** Every currency of ISO 4217 this device knows, with its name in the rider's language. */
export function currencies(): { code: string; name: string }[] {
  const names = new Intl.DisplayNames(undefined, { type: 'currency' });
  return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }));
}
