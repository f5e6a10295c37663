import { formatMoney } from '../intl/money';

/** Rounded to what one says of money: whole below 100, fives below 500, then tens. */
export function roundMoney(amount: number): number {
  const size = Math.abs(amount);
  const step = size < 100 ? 1 : size < 500 ? 5 : 10;
  return Math.round(amount / step) * step;
}

export const aboutMoney = (amount: number, currency: string | null): string =>
  formatMoney(roundMoney(amount), currency, true);

/** "215 to 360 €"; one figure where both ends round to the same. */
export function moneyRange(low: number, high: number, currency: string | null): string {
  const [a, b] = [aboutMoney(low, currency), aboutMoney(high, currency)];
  return a === b ? a : `${a} to ${b}`;
}
