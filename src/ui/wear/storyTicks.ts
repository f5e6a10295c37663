import { addDays } from 'date-fns/addDays';
import { addMonths } from 'date-fns/addMonths';
import { startOfDay } from 'date-fns/startOfDay';
import { startOfISOWeek } from 'date-fns/startOfISOWeek';
import { startOfYear } from 'date-fns/startOfYear';
import { dateFormat } from '@/core/intl/dates';
import type { Zoom } from '@/core/wear/lanes';
import { timeAt, xOf, type StoryScale } from './storyShapes';

/** A mark on the axis of a life, px, and what stands by it. */
export interface StoryTick {
  x: number;
  label: string;
}

const month = dateFormat({ month: 'short' });
const day = dateFormat({ day: 'numeric', month: 'short' });
const weekday = dateFormat({ weekday: 'short', day: 'numeric', month: 'short' });
const dayNumber = dateFormat({ day: 'numeric' });

interface Steps {
  first: (at: number) => Date;
  next: (at: Date) => Date;
  label: (at: Date) => string;
}

/** Quarters of years, weeks, days: each at its own first moment in the rider's time zone. */
const STEPS: Record<Zoom, Steps> = {
  years: {
    first: startOfYear,
    next: (at) => addMonths(at, 3),
    label: (at) => (at.getMonth() === 0 ? String(at.getFullYear()) : month.format(at)),
  },
  months: {
    first: startOfISOWeek,
    next: (at) => addDays(at, 7),
    label: (at) => day.format(at),
  },
  weeks: {
    first: startOfISOWeek,
    next: (at) => addDays(at, 1),
    label: (at) => (at.getDay() === 1 ? day.format(at) : dayNumber.format(at)),
  },
  days: {
    first: startOfDay,
    next: (at) => addDays(at, 1),
    label: (at) => weekday.format(at),
  },
};

/** The marks of the axis between two places, px. */
export function storyTicks(scale: StoryScale, left: number, right: number): StoryTick[] {
  const { first, next, label } = STEPS[scale.zoom];
  const ticks: StoryTick[] = [];
  for (let at = first(timeAt(scale, left)); ; at = next(at)) {
    const x = xOf(scale, at.getTime());
    if (x > right) return ticks;
    if (x >= left) ticks.push({ x, label: label(at) });
  }
}
