import { dateFormat } from '../intl/dates';
import { numberFormat } from '../intl/numbers';
import { formatDistance, formatElongation, formatNumber, formatShare } from '../units/format';
import type { Units } from '../units/convert';
import type { Service, ServiceFigures } from '../wear/service';

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const monthName = dateFormat({ month: 'long' });

const times = (n: number, one: string, many: string): string =>
  `${formatNumber(n)} ${n === 1 ? one : many}`;

const money = numberFormat({
  minimumFractionDigits: 2,
  maximumFractionDigits: 2,
});

/** A sum of money, without a currency: the rider's own. */
export const moneySaid = (sum: number): string => money.format(sum);

/** Lube and cleaners of a stretch: "4.20 for lube and cleaners", and that prices are missing where they are. */
function costSaid({ cost, unpriced }: ServiceFigures): string[] {
  if (cost === 0) return [];
  return [`${unpriced > 0 ? 'at least ' : ''}${moneySaid(cost)} for lube and cleaners`];
}

/** What a stretch came to, in a line: "1,240 km in 31 rides, 24 % on damp and wet roads, 6 coats, 1 clean, 4.20 for lube and cleaners". */
export function figuresLine(f: ServiceFigures, units: Units): string {
  const rides = `${formatDistance(f.km, units)} in ${times(f.rides, 'ride', 'rides')}`;
  return [
    f.rides > 0 ? rides : 'No rides',
    ...(f.km > 0 ? [`${formatShare(f.wetKm / f.km)} on damp and wet roads`] : []),
    ...(f.coats > 0 ? [times(f.coats, 'coat', 'coats')] : []),
    ...(f.cleans > 0 ? [times(f.cleans, 'clean', 'cleans')] : []),
    ...costSaid(f),
  ].join(', ');
}

/** A chain's or a bike's life in a few sentences, as one would tell a buyer. */
export function serviceSentences(service: Service, of: 'chain' | 'bike', units: Units): string[] {
  const { all, fittedAt, rows } = service;
  const last = rows[0]!;
  const perCoat = all.coats > 0 ? all.km / all.coats : null;
  const worn =
    last.wear === null
      ? ''
      : of === 'chain'
        ? `, and we put its wear at ${formatElongation(last.wear)}`
        : `. The chain that is on it is worn ${formatElongation(last.wear)}`;
  return [
    `In the log since ${day.format(fittedAt)}: ${figuresLine(all, units)}.`,
    `${of === 'chain' ? 'It has run' : 'In the log it has gone'} ${formatDistance(last.km, units)}${worn}.`,
    ...(perCoat
      ? [
          `${of === 'chain' ? 'It' : 'Its chains'} got a coat every ${formatDistance(Math.round(perCoat), units)}.`,
        ]
      : []),
  ];
}

/** A month of a year by its name. */
export const monthOfYear = (year: number, month: number): string =>
  monthName.format(new Date(year, month, 1));
