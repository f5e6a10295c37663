import type { StripHour } from '../../care/replay/strip';
import { clockFormat } from '../../intl/dates';
import { formatRain, formatShare } from '../../units/format';
import type { Units } from '../../units/convert';
import { wetShareOf } from '../../weather/road';

const hourOf = clockFormat({ weekday: 'short', hour: '2-digit' });

export const STRIP_COLUMNS = ['Hour', 'Rain', 'Wet road', 'Riding'] as const;
/** The hours around a ride. */
export const stripRows = (strip: readonly StripHour[], units: Units): string[][] =>
  strip.map(({ at, hour: road, riding }) => [
    hourOf(at, units.clock),
    road ? formatRain(road.rainMm, units) : 'not known',
    road ? formatShare(wetShareOf(road.road)) : 'not known',
    riding ? 'yes' : '',
  ]);
