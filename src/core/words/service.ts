import { dateFormat } from '../time/dateFormat';
import {
  formatDistance,
  formatElongation,
  formatNumber,
  formatShare,
  type UnitSystem,
} from '../units';
import type { Service, ServiceFigures } from '../wear';

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const monthName = dateFormat({ month: 'long' });

const times = (n: number, one: string, many: string): string =>
  `${formatNumber(n)} ${n === 1 ? one : many}`;

/** What a stretch came to, in a line: "1,240 km in 31 rides, 24 % on wet roads, 6 coats, 1 clean". */
export function figuresLine(f: ServiceFigures, units: UnitSystem): string {
  const rides = `${formatDistance(f.km, units)} in ${times(f.rides, 'ride', 'rides')}`;
  return [
    f.rides > 0 ? rides : 'No rides',
    ...(f.km > 0 ? [`${formatShare(f.wetKm / f.km)} on damp and wet roads`] : []),
    ...(f.coats > 0 ? [times(f.coats, 'coat', 'coats')] : []),
    ...(f.cleans > 0 ? [times(f.cleans, 'clean', 'cleans')] : []),
  ].join(', ');
}

/** A chain's life in a few sentences, as one would tell a buyer. */
export function serviceSentences(service: Service, units: UnitSystem): string[] {
  const { all, fittedAt, rows } = service;
  const last = rows[0]!;
  const perCoat = all.coats > 0 ? all.km / all.coats : null;
  return [
    `In the log since ${day.format(fittedAt)}: ${figuresLine(all, units)}.`,
    `It has run ${formatDistance(last.km, units)}, and we put its wear at ${formatElongation(last.wear)}.`,
    ...(perCoat ? [`It got a coat every ${formatDistance(Math.round(perCoat), units)}.`] : []),
  ];
}

/** A month of a year by its name. */
export const monthOfYear = (year: number, month: number): string =>
  monthName.format(new Date(year, month, 1));
