import { fromShownDistance, toShownDistance } from '@/core/units/convert';
import type { TapeShapes, TapeView } from './tapeGeometry';

const TICK = 10;
const LABEL = 50;

/** The figures of the tape: a tick each ten of the rider's units, words each fifty. */
export function ticks(view: TapeView, x: (km: number) => number): TapeShapes['ticks'] {
  const left = toShownDistance(view.leftKm, view.units);
  const right = left + toShownDistance(view.spanKm, view.units);
  const list: TapeShapes['ticks'] = [];
  for (let at = Math.ceil(left / TICK) * TICK; at <= right; at += TICK) {
    const km = fromShownDistance(at, view.units);
    const label = at === 0 || at % LABEL !== 0 ? null : at > 0 ? `+${at}` : `−${-at}`;
    list.push({ x: x(km), label });
  }
  return list;
}
