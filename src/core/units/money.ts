/** Digits after the point of a currency (ISO 4217): 2 of most, 0 of the yen, 3 of some dinars. */
export const minorDigits = (currency: string | null): number =>
  currency === null
    ? 2
    : (new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions()
        .maximumFractionDigits ?? 2);

/** "€12.50" from 12.5; without a currency the bare figure, "12.50". `whole`: without its cents. */
export function formatMoney(amount: number, currency: string | null, whole = false): string {
  const digits = whole ? 0 : minorDigits(currency);
  const style = currency === null ? {} : ({ style: 'currency', currency } as const);
  return new Intl.NumberFormat(undefined, {
    ...style,
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  }).format(Math.round(amount * 10 ** digits) / 10 ** digits + 0);
}

/** Every currency of ISO 4217 this device knows, with its name in the rider's language. */
export function currencies(): { code: string; name: string }[] {
  const names = new Intl.DisplayNames(undefined, { type: 'currency' });
  return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }));
}
