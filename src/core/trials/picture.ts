import { ARMS, type Arm, type Measure } from '../records/trialKinds';
import { distanceUnit, toShownDistance, type Units } from '../units/convert';
import { formatNumber } from '../units/format';
import type { CoatPoint } from './report';

/** What a picture of coats is of. */
export interface PictureOf {
  measure: Measure;
  units: Units;
}

/** A coat as it is drawn. */
export interface CoatMark {
  key: string;
  x: number;
  rawX: number;
  y: number;
  atLeast: boolean;
}

/** Room for an arrow to the right of the last point, and about so many ticks. */
const MARGIN = 22;
const TICKS = 5;
/** Where points lie in their lane, below its name. */
const TOP = 30;

/** A step of 1, 2 or 5 times a power of ten that makes about so many ticks. */
function stepFor(most: number): number {
  const rough = most / TICKS;
  const power = 10 ** Math.floor(Math.log10(rough));
  return [1, 2, 5, 10].map((n) => n * power).find((step) => step >= rough) ?? 10 * power;
}

/** Coats drawn in two lanes, A above B, newer ones lower. */
export function coatMarks(
  points: readonly CoatPoint[],
  { measure, units }: PictureOf,
  { width, lane }: { width: number; lane: number },
) {
  const shown = (value: number) =>
    measure === 'squeak' ? toShownDistance(value, units) : 100 * value;
  const most = Math.max(1, ...points.map((p) => shown(Math.max(p.raw, p.evened))));
  const toX = (value: number) => MARGIN / 2 + (value / most) * (width - 2 * MARGIN);
  const of = (arm: Arm) => points.filter((p) => p.arm === arm);
  const marks = ARMS.flatMap((arm, n) =>
    of(arm).map((p, k): CoatMark => ({
      key: `${arm} ${p.at}`,
      x: toX(shown(p.evened)),
      rawX: toX(shown(p.raw)),
      y: n * lane + TOP + ((k + 0.5) / of(arm).length) * (lane - TOP - 4),
      atLeast: p.atLeast,
    })),
  );
  const step = stepFor(most);
  const ticks = Array.from({ length: Math.floor(most / step) + 1 }, (_, n) => ({
    x: toX(n * step),
    label: formatNumber(n * step),
    anchor: n === 0 ? ('start' as const) : ('middle' as const),
  }));
  return { marks, ticks, unit: measure === 'squeak' ? distanceUnit(units) : '% dirt outside' };
}
